<script lang="ts">
  /** Puts a hold into a stage of a dish, with the way back. */
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { invalidateAll } from '$app/navigation';

  interface Props {
    minutes: number;
    holds: readonly { id: string; dish: string; text: string; minutes: number }[];
    /** The stage the question came from, if it came from one. */
    stage: string;
  }
  let { minutes, holds, stage }: Props = $props();
  let chosen = $derived(holds.some((h) => h.id === stage) ? stage : (holds[0]?.id ?? ''));

  async function send(id: string, hold: number): Promise<void> {
    const body = new FormData();
    body.set('stage', id);
    body.set('minutes', String(hold));
    const response = await fetch('?/useHold', { method: 'POST', body });
    const result = deserialize(await response.text());
    if (result.type !== 'success') {
      const problem = result.type === 'failure' ? String(result.data?.problem) : null;
      toast.error(problem ?? 'Not saved: the server can’t be reached. Try again.');
      return;
    }
    await invalidateAll();
    const used = result.data?.used as { dish: string; before: number; minutes: number };
    if (used.before === used.minutes) return;
    toast.success(`${used.dish}: held for ${used.minutes} min from now on, not ${used.before}.`, {
      action: { label: 'Undo', onClick: () => void send(id, used.before) },
    });
  }
</script>

{#if holds.length > 0}
  <form
    class="mt-4 flex flex-wrap items-end gap-3 rounded-lg bg-paper p-3"
    onsubmit={(e) => {
      e.preventDefault();
      void send(chosen, minutes);
    }}
  >
    <label class="min-w-0 flex-1 text-sm text-muted"
      >Use {minutes} min in a dish
      <select class="mt-1 field text-ink" bind:value={chosen}>
        {#each holds as hold (hold.id)}
          <option value={hold.id}>{hold.dish}: {hold.text} (now {hold.minutes} min)</option>
        {/each}
      </select>
    </label>
    <button class="btn">Use it</button>
  </form>
{/if}
