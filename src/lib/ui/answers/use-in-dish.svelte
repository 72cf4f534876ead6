<script lang="ts">
  /** Puts an answer into a dish, with the way back. */
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import type { Dish } from '$core/dish';
  import type { Start } from './from-dish';
  import type { UseGroup } from './into-dish';

  interface Props {
    groups: readonly UseGroup[];
    /** The dish and stage that the question came from. */
    from: Start | null;
  }
  let { groups, from }: Props = $props();

  /** The place the question came from, else the first of its dish, else the first. */
  const usual = $derived.by(() => {
    const all = groups.flatMap((g) => g.targets);
    return (
      all.find((t) => t.dishId === from?.dishId && t.partId === from.stageId) ??
      all.find((t) => t.dishId === from?.dishId) ??
      all[0]
    )?.id;
  });
  let chosen = $derived(usual);

  async function post(action: string, fields: Record<string, unknown>): Promise<unknown> {
    const body = new FormData();
    for (const [key, value] of Object.entries(fields)) body.set(key, JSON.stringify(value));
    const response = await fetch(action, { method: 'POST', body });
    const result = deserialize(await response.text());
    if (result.type === 'success') {
      await invalidateAll();
      return result.data;
    }
    const problem = result.type === 'failure' ? String(result.data?.problem) : null;
    toast.error(problem ?? 'Not saved: the server can’t be reached. Try again.');
    return null;
  }
  async function send(): Promise<void> {
    for (const group of groups) {
      const target = group.targets.find((t) => t.id === chosen);
      if (!target) continue;
      const { dishId, partId } = target;
      const result = (await post('?/use', { use: { dishId, partId, use: group.use } })) as {
        before: Dish;
      } | null;
      if (!result) return;
      toast.success(`Written into ${result.before.name}.`, {
        action: {
          label: 'Undo',
          onClick: () => void post(`/dishes/${dishId}?/replace`, { dish: result.before }),
        },
      });
    }
  }
</script>

{#if chosen}
  <form
    class="mt-4 flex flex-wrap items-end gap-3 rounded-lg bg-paper p-3"
    onsubmit={(e) => {
      e.preventDefault();
      void send();
    }}
  >
    <label class="min-w-0 flex-1 text-sm text-muted"
      >Use it in a dish
      <select class="mt-1 field text-ink" bind:value={chosen}>
        {#each groups as group, index (index)}
          {#if group.targets.length > 0}
            <optgroup label={group.label}>
              {#each group.targets as target (target.id)}
                <option value={target.id}>{target.text}</option>
              {/each}
            </optgroup>
          {/if}
        {/each}
      </select>
    </label>
    <button class="btn">Use it</button>
  </form>
{/if}
