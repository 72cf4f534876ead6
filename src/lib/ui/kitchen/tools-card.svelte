<script lang="ts">
  /** Racks, baskets and pans, counted and measured. */
  import type { Kitchen, Tool } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    tools: Kitchen['tools'];
    errors: (field: string) => string | undefined;
    freshId: (name: string, taken: readonly { id: string }[]) => string;
  }
  let { tools = $bindable(), errors, freshId }: Props = $props();

  const KINDS: readonly { kind: Tool['kind']; name: string }[] = [
    { kind: 'rack', name: 'Rack' },
    { kind: 'basket', name: 'Basket' },
    { kind: 'pan', name: 'Pan' },
    { kind: 'other', name: 'Other' },
  ];
  function add(): void {
    tools.push({ id: freshId('tool', tools), name: '', count: 1, kind: 'pan' });
  }
</script>

<section aria-labelledby="tools" class="grid h-fit gap-3 card p-5">
  <h2 id="tools" class="text-xl font-bold">Racks, baskets, pans</h2>
  {#each tools as tool, i (tool.id)}
    <div class="grid gap-2 border-b border-line pb-3 last-of-type:border-0">
      <div class="grid grid-cols-[1fr_6.5rem] gap-2">
        <Field name="tool-{i}" label="Name" bind:value={tool.name} error={errors(`${i}.name`)} />
        <label class="text-sm text-muted"
          >Kind<select class="mt-1 field text-ink" bind:value={tool.kind}
            >{#each KINDS as { kind, name } (kind)}<option value={kind}>{name}</option
              >{/each}</select
          ></label
        >
      </div>
      <div class="grid grid-cols-[4rem_1fr_1fr_auto] items-end gap-2">
        <Field
          name="count-{i}"
          label="Count"
          type="number"
          min="0"
          bind:value={tool.count}
          error={errors(`${i}.count`)}
        />
        <Field
          name="across-tool-{i}"
          label="Across, mm"
          type="number"
          bind:value={() => tool.diameterMm ?? null, (mm) => (tool.diameterMm = mm ?? undefined)}
          error={errors(`${i}.diameterMm`)}
        />
        <Field
          name="high-tool-{i}"
          label="High, mm"
          type="number"
          bind:value={() => tool.heightMm ?? null, (mm) => (tool.heightMm = mm ?? undefined)}
          error={errors(`${i}.heightMm`)}
        />
        <button
          type="button"
          class="btn btn-quiet px-2"
          onclick={() => (tools = tools.filter((t) => t.id !== tool.id))}
          >Remove<span class="sr-only"> {tool.name}</span></button
        >
      </div>
    </div>
  {:else}<p class="text-muted">Nothing yet.</p>{/each}
  <button type="button" class="btn" onclick={add}>Add one</button>
</section>
