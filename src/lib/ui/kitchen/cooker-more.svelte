<script lang="ts">
  /** What a cooker has beside its size: inner pots, rings, its socket, its keys, its own heat. */
  import type { Cooker, Kitchen } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';
  import Calibration from './calibration.svelte';

  interface Props {
    cooker: Cooker;
    circuits: Kitchen['circuits'];
    altitudeM: number;
    errors: (field: string) => string | undefined;
  }
  let { cooker = $bindable(), circuits, altitudeM, errors }: Props = $props();

  const KEYS = [
    { key: 'pressure', usual: 'Pressure' },
    { key: 'low', usual: 'Low' },
    { key: 'high', usual: 'High' },
    { key: 'max', usual: 'Max' },
    { key: 'saute', usual: 'Sauté' },
    { key: 'keepWarm', usual: 'Keep warm' },
  ] as const;
  let isCalibrating = $state(false);
  const calibratedOn = $derived(cooker.heat ? new Date(cooker.heat.on).toLocaleDateString() : null);
</script>

<details class="rounded-lg border border-line px-3 py-1">
  <summary class="min-h-11 cursor-pointer py-2.5 font-semibold">
    Inner pots, socket, keys, calibration
  </summary>
  <div class="grid gap-4 pt-1 pb-3">
    <div class="grid grid-cols-2 gap-3">
      <Field
        name="spare-{cooker.id}"
        label="Spare inner pots"
        type="number"
        min="0"
        bind:value={cooker.spareLiners}
        error={errors('spareLiners')}
      />
      <Field
        name="rings-{cooker.id}"
        label="Sealing rings"
        type="number"
        min="1"
        bind:value={cooker.rings}
        error={errors('rings')}
      />
      <label class="text-sm text-muted"
        >Hangs on
        <select class="mt-1 field text-ink" bind:value={cooker.circuit}>
          <option value={null}>any socket</option>
          {#each circuits as circuit (circuit.id)}
            <option value={circuit.id}>{circuit.name || 'unnamed circuit'}</option>
          {/each}
        </select>
      </label>
      <Field
        name="least-{cooker.id}"
        label="Least liquid by its manual"
        unit="ml"
        type="number"
        placeholder="by the rule"
        bind:value={cooker.leastMl}
        error={errors('leastMl')}
      />
    </div>
    <fieldset>
      <legend class="label">Words on its keys, where they differ</legend>
      <div class="mt-1 grid grid-cols-2 gap-2 sm:grid-cols-3">
        {#each KEYS as { key, usual } (key)}
          <label class="text-sm text-muted"
            >{usual}
            <input
              class="mt-0.5 field text-ink"
              maxlength="30"
              placeholder={usual}
              bind:value={
                () => cooker.words[key] ?? '', (word) => (cooker.words[key] = word.trim())
              }
            />
          </label>
        {/each}
      </div>
    </fieldset>
    <div class="flex flex-wrap items-center justify-between gap-2">
      <p class="text-sm">
        {#if cooker.heat}
          Calibrated on {calibratedOn}: {Math.round(cooker.heat.efficiency * 100)} % of the power, {cooker.heat.lossWPerK.toFixed(
            2,
          )} W/K lost.
        {:else}
          <span class="text-muted">Assumed to heat like a usual cooker of its size.</span>
        {/if}
      </p>
      <div class="flex gap-2">
        {#if cooker.heat}<button
            type="button"
            class="btn btn-quiet"
            onclick={() => (cooker.heat = null)}>Reset</button
          >{/if}
        <button
          type="button"
          class="btn"
          aria-expanded={isCalibrating}
          onclick={() => (isCalibrating = !isCalibrating)}>Calibrate</button
        >
      </div>
    </div>
    {#if isCalibrating}<Calibration bind:cooker {altitudeM} />{/if}
  </div>
</details>
