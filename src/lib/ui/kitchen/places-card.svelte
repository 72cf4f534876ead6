<script lang="ts">
  /** Freezers and fridges with the room that they have for bags and boxes. */
  import type { Kitchen } from '$core/kitchen';
  import { formatCapacity } from '$core/units';
  import Field from '$lib/ui/fields/field.svelte';
  import MeasureField from '$lib/ui/fields/measure-field.svelte';
  import Fold from './fold.svelte';

  interface Props {
    places: Kitchen['places'];
    riceDays: Kitchen['riceDays'];
    system: Kitchen['system'];
    isWrong: boolean;
    errors: (field: string) => string | undefined;
    freshId: (name: string, taken: readonly { id: string }[]) => string;
  }
  let {
    places = $bindable(),
    riceDays = $bindable(),
    system,
    isWrong,
    errors,
    freshId,
  }: Props = $props();

  const said = $derived(
    places.map((p) => `${p.name}, ${formatCapacity(p.litres, system)}`).join(' · ') ||
      'None: nothing can be packed.',
  );
</script>

<Fold id="places" title="Freezers and fridges" {said} {isWrong}>
  {#each places as place, i (place.id)}
    <div
      class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-end gap-2 sm:grid-cols-[minmax(0,1fr)_7rem_5rem_auto]"
    >
      <Field name="place-{i}" label="Name" bind:value={place.name} error={errors(`${i}.name`)} />
      <label class="text-sm text-muted"
        >Kind<select class="mt-1 field text-ink" bind:value={place.kind}
          ><option value="freezer">freezer</option><option value="fridge">fridge</option></select
        ></label
      >
      <MeasureField
        name="litres-{i}"
        label="Room"
        measure="capacity"
        {system}
        bind:value={place.litres}
        error={errors(`${i}.litres`)}
      />
      <button
        type="button"
        class="btn btn-quiet px-2"
        onclick={() => (places = places.filter((p) => p.id !== place.id))}
        >Remove<span class="sr-only"> {place.name}</span></button
      >
    </div>
  {:else}<p class="text-muted">None: nothing can be packed.</p>{/each}
  <button
    type="button"
    class="btn"
    onclick={() =>
      places.push({ id: freshId('place', places), name: '', kind: 'freezer', litres: 60 })}
    >Add one</button
  >
  <label class="text-sm text-muted"
    >Cooked rice in the fridge<select class="mt-1 field text-ink" bind:value={riceDays}
      ><option value={1}>a day (UK FSA)</option><option value={0}
        >not at all: eaten or frozen the same day</option
      ></select
    ></label
  >
  <p class="text-sm text-muted">Only the part you pack into; Olive Clock counts how full it is.</p>
</Fold>
