<script lang="ts">
  /** Racks, baskets and pans, counted and measured. */
  import type { Kitchen, Tool } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';
  import MeasureField from '$lib/ui/fields/measure-field.svelte';
  import Fold from './fold.svelte';

  interface Props {
    tools: Kitchen['tools'];
    system: Kitchen['system'];
    isWrong: boolean;
    errors: (field: string) => string | undefined;
    freshId: (name: string, taken: readonly { id: string }[]) => string;
  }
  let { tools = $bindable(), system, isWrong, errors, freshId }: Props = $props();

  const KINDS: readonly { kind: Tool['kind']; name: string }[] = [
    { kind: 'rack', name: 'Rack' },
    { kind: 'basket', name: 'Basket' },
    { kind: 'pan', name: 'Pan' },
    { kind: 'other', name: 'Other' },
  ];
  const said = $derived(
    tools.map((t) => `${t.count} × ${t.name || 'without a name'}`).join(', ') || 'Nothing yet.',
  );
  function add(): void {
    tools.push({ id: freshId('tool', tools), name: '', count: 1, kind: 'pan' });
  }
</script>

<Fold id="tools" title="Racks, baskets, pans" {said} {isWrong}>
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
        <MeasureField
          name="across-tool-{i}"
          label="Across"
          measure="length"
          {system}
          bind:value={() => tool.diameterMm ?? null, (mm) => (tool.diameterMm = mm || undefined)}
          error={errors(`${i}.diameterMm`)}
        />
        <MeasureField
          name="high-tool-{i}"
          label="High"
          measure="length"
          {system}
          bind:value={() => tool.heightMm ?? null, (mm) => (tool.heightMm = mm || undefined)}
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
</Fold>
