<script lang="ts">
  import { usualPot, type Cooker, type Kitchen } from '$core/kitchen';
  import type { LiquidSchool } from '$core/cooker';
  import { formatCapacity } from '$core/units';
  import { sayLength } from '$core/words';
  import Field from '$lib/ui/fields/field.svelte';
  import MeasureField from '$lib/ui/fields/measure-field.svelte';
  import Fold from './fold.svelte';
  import CookerMore from './cooker-more.svelte';
  import Told, { type ToldFigure } from './told.svelte';
  import PotSection from './pot-section.svelte';

  interface Props {
    cooker: Cooker;
    system: 'us' | 'metric';
    school: LiquidSchool;
    circuits: Kitchen['circuits'];
    altitudeM: number;
    /** What evenings have told of it. */
    told: readonly ToldFigure[];
    errors: (field: string) => string | undefined;
    isWrong: boolean;
    /** Just added: open. */
    isNew: boolean;
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
    isWrong,
    isNew,
    onremove,
  }: Props = $props();

  const LEVELS = [
    { id: 'low', name: 'Low' },
    { id: 'high', name: 'High' },
    { id: 'max', name: 'Highest' },
  ] as const;
  const MODES = [
    { id: 'saute', name: 'Sauté: it browns and simmers' },
    { id: 'crisp', name: 'Crisp lid: it browns from above' },
  ] as const;
  const said = $derived(
    [
      `${formatCapacity(cooker.litres, system)}, ${cooker.watts} W`,
      `inner pot ${sayLength(cooker.diameterMm, { system })} × ${sayLength(cooker.heightMm, { system })}`,
      `pressure ${cooker.levels.length > 0 ? cooker.levels.map((l) => LEVEL_WORD[l]).join(', ') : 'none'}`,
      ...(cooker.modes.length > 0 ? [cooker.modes.map((m) => MODE_WORD[m]).join(', ')] : []),
      cooker.heat ? 'calibrated' : 'not calibrated',
    ].join(' · '),
  );
  const LEVEL_WORD = { low: 'low', high: 'high', max: 'highest' } as const;
  const MODE_WORD = { saute: 'sauté', crisp: 'crisp lid' } as const;

  function toggleMode(mode: Cooker['modes'][number], on: boolean): void {
    cooker.modes = on ? [...cooker.modes, mode] : cooker.modes.filter((m) => m !== mode);
  }
  /** The inner pot goes with the size, as long as nobody has measured it. */
  function setLitres(litres: number): void {
    const usual = usualPot(cooker.litres);
    const isUsual = cooker.diameterMm === usual.diameterMm && cooker.heightMm === usual.heightMm;
    cooker.litres = litres;
    if (isUsual) Object.assign(cooker, usualPot(litres));
  }
  function toggleLevel(level: Cooker['levels'][number], on: boolean): void {
    cooker.levels = on ? [...cooker.levels, level] : cooker.levels.filter((l) => l !== level);
  }
</script>

<li>
  <Fold
    id="cooker-{cooker.id}"
    title={cooker.name || 'A cooker without a name'}
    {said}
    {isWrong}
    {isNew}
    level={3}
    class="h-full"
  >
    {#snippet picture()}<PotSection {cooker} {school} {system} />{/snippet}
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
    <div class="grid grid-cols-2 gap-3">
      <MeasureField
        name="size-{cooker.id}"
        label="Size"
        measure="capacity"
        {system}
        value={cooker.litres}
        error={errors('litres')}
        onvalue={setLitres}
      />
      <Field
        name="watts-{cooker.id}"
        label="Heater"
        unit="W"
        type="number"
        bind:value={cooker.watts}
        error={errors('watts')}
      />
      <MeasureField
        name="across-{cooker.id}"
        label="Inner pot, across"
        measure="length"
        {system}
        bind:value={cooker.diameterMm}
        error={errors('diameterMm')}
      />
      <MeasureField
        name="high-{cooker.id}"
        label="Inner pot, high"
        measure="length"
        {system}
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
      {#if errors('levels')}<p class="text-sm font-semibold text-pimento">
          {errors('levels')}
        </p>{/if}
    </fieldset>
    <Told figures={told} />
    <CookerMore bind:cooker {circuits} {altitudeM} {errors} />
  </Fold>
</li>
