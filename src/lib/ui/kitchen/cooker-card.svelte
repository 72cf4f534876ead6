<script lang="ts">
  import { usualLiner, type Cooker, type Kitchen } from '$core/kitchen';
  import type { LiquidSchool } from '$core/cooker';
  import Field from '$lib/ui/fields/field.svelte';
  import CookerMore from './cooker-more.svelte';
  import Told, { type ToldFigure } from './told.svelte';
  import LinerSection from './liner-section.svelte';

  interface Props {
    cooker: Cooker;
    system: 'us' | 'metric';
    school: LiquidSchool;
    circuits: Kitchen['circuits'];
    altitudeM: number;
    /** What evenings have told of it. */
    told: readonly ToldFigure[];
    errors: (field: string) => string | undefined;
    onremove: () => void;
  }
  let {
    cooker = $bindable(),
    system,
    school,
    circuits,
    altitudeM,
    told,
    errors,
    onremove,
  }: Props = $props();

  const LITRES_PER_QUART = 0.946353;
  const LEVELS = [
    { id: 'low', name: 'Low' },
    { id: 'high', name: 'High' },
    { id: 'max', name: 'Highest' },
  ] as const;
  const MODES = [
    { id: 'saute', name: 'Sauté: it browns and simmers' },
    { id: 'crisp', name: 'Crisp lid: it browns from above' },
  ] as const;
  const isUs = $derived(system === 'us');
  const size = $derived(
    isUs ? Math.round((cooker.litres / LITRES_PER_QUART) * 10) / 10 : cooker.litres,
  );

  function toggleMode(mode: Cooker['modes'][number], on: boolean): void {
    cooker.modes = on ? [...cooker.modes, mode] : cooker.modes.filter((m) => m !== mode);
  }
  /** The inner pot goes with the size, as long as nobody has measured it. */
  function setLitres(litres: number): void {
    const usual = usualLiner(cooker.litres);
    const isUsual = cooker.diameterMm === usual.diameterMm && cooker.heightMm === usual.heightMm;
    cooker.litres = litres;
    if (isUsual) Object.assign(cooker, usualLiner(litres));
  }
  function toggleLevel(level: Cooker['levels'][number], on: boolean): void {
    cooker.levels = on ? [...cooker.levels, level] : cooker.levels.filter((l) => l !== level);
  }
</script>

<li class="grid content-start gap-3 card p-5">
  <div class="flex items-end gap-3">
    <Field
      name="name-{cooker.id}"
      label="Name"
      class="flex-1"
      bind:value={cooker.name}
      error={errors('name')}
    />
    <button type="button" class="btn btn-quiet" onclick={onremove}
      >Remove<span class="sr-only"> {cooker.name}</span></button
    >
  </div>
  <LinerSection {cooker} {school} {system} />
  <div class="grid grid-cols-2 gap-3">
    <Field
      name="size-{cooker.id}"
      label="Size"
      unit={isUs ? 'qt' : 'l'}
      type="number"
      step="0.1"
      value={size}
      error={errors('litres')}
      oninput={(e) =>
        setLitres(
          isUs ? e.currentTarget.valueAsNumber * LITRES_PER_QUART : e.currentTarget.valueAsNumber,
        )}
    />
    <Field
      name="watts-{cooker.id}"
      label="Heater"
      unit="W"
      type="number"
      bind:value={cooker.watts}
      error={errors('watts')}
    />
    <Field
      name="across-{cooker.id}"
      label="Inner pot, across"
      unit="mm"
      type="number"
      bind:value={cooker.diameterMm}
      error={errors('diameterMm')}
    />
    <Field
      name="high-{cooker.id}"
      label="Inner pot, high"
      unit="mm"
      type="number"
      bind:value={cooker.heightMm}
      error={errors('heightMm')}
    />
  </div>
  <fieldset class="grid">
    <legend class="label">What it does beside pressure</legend>
    {#each MODES as mode (mode.id)}
      <label class="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          class="tick"
          checked={cooker.modes.includes(mode.id)}
          onchange={(e) => toggleMode(mode.id, e.currentTarget.checked)}
        />
        {mode.name}
      </label>
    {/each}
    <label class="flex min-h-11 items-center gap-2">
      <input type="checkbox" class="tick" bind:checked={cooker.staysWarm} />
      Keep-warm comes on by itself afterwards
    </label>
  </fieldset>
  <fieldset>
    <legend class="label">Pressure levels</legend>
    <div class="flex flex-wrap gap-x-5">
      {#each LEVELS as level (level.id)}
        <label class="flex min-h-11 items-center gap-2"
          ><input
            type="checkbox"
            class="tick"
            checked={cooker.levels.includes(level.id)}
            onchange={(e) => toggleLevel(level.id, e.currentTarget.checked)}
          />{level.name}</label
        >
      {/each}
    </div>
    {#if errors('levels')}<p class="text-sm font-semibold text-pimento">{errors('levels')}</p>{/if}
  </fieldset>
  <Told figures={told} />
  <CookerMore bind:cooker {circuits} {altitudeM} {errors} />
</li>
