<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import { onMount, untrack } from 'svelte';
  import { enhance } from '$app/forms';
  import { usualPot, type Kitchen, type USUAL_SIZES } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    kitchen: Kitchen;
    sizes: typeof USUAL_SIZES;
    errors: Record<string, string>;
  }
  let { kitchen, sizes, errors }: Props = $props();

  let counts = $state<Record<number, number>>({});
  let system = $state(untrack(() => kitchen.system));
  let hours = $state(untrack(() => kitchen.hours));
  let zone = $state(untrack(() => kitchen.zone));
  const isUs = $derived(system === 'us');

  // What this device is set to is proposed, in view; it is asked because it is not known.
  onMount(() => {
    const { locale, hourCycle, timeZone } = new Intl.DateTimeFormat(undefined, {
      hour: 'numeric',
    }).resolvedOptions();
    if (locale.endsWith('-US')) system = 'us';
    hours = hourCycle === 'h12' || hourCycle === 'h11' ? 12 : 24;
    zone = timeZone;
  });

  const sizeOf = (size: (typeof sizes)[number]): string =>
    isUs ? `${size.quarts} qt` : `${size.litres} l (${size.quarts} qt)`;
  function change(quarts: number, by: number): void {
    counts[quarts] = Math.min(4, Math.max(0, (counts[quarts] ?? 0) + by));
  }
  const total = $derived(Object.values(counts).reduce((a, b) => a + b, 0));
</script>

<form
  method="POST"
  action="/?/kitchen"
  novalidate
  use:enhance={() =>
    ({ update }) =>
      update({ reset: false })}
  class="grid gap-5"
>
  <input type="hidden" name="zone" value={zone} />
  <fieldset>
    <legend class="label">Tap the size of each electric pressure cooker you have</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
      {#each sizes as size (size.quarts)}
        {@const count = counts[size.quarts] ?? 0}
        {@const pot = usualPot(size.litres)}
        <div
          class="grid rounded-xl border-[1.5px] {count > 0
            ? 'border-olive bg-leaf-soft'
            : 'border-line-strong bg-salt'}"
        >
          <input type="hidden" name="size-{size.quarts}" value={count} />
          <button
            type="button"
            class="grid min-h-28 place-items-center gap-1 rounded-xl px-2 pt-3 pb-2 hover:bg-leaf-soft"
            onclick={() => change(size.quarts, 1)}
          >
            <svg
              viewBox="-20 0 320 210"
              class="h-12 w-20 text-ink"
              fill="none"
              stroke="currentColor"
              stroke-width="7"
              aria-hidden="true"
            >
              <path
                d="M{140 - pot.diameterMm / 2} {205 - pot.heightMm} v{pot.heightMm -
                  12} q0 12 12 12 h{pot.diameterMm - 24} q12 0 12 -12 v-{pot.heightMm - 12}"
              />
              <path d="M{128 - pot.diameterMm / 2} {205 - pot.heightMm} h{pot.diameterMm + 24}" />
            </svg>
            <span class="font-semibold">{size.name}</span>
            <span class="text-sm text-muted">{sizeOf(size)}</span>
          </button>
          {#if count > 0}
            <span class="flex items-center justify-between border-t border-line px-1">
              <button
                type="button"
                class="btn min-h-11 btn-quiet px-2.5"
                onclick={() => change(size.quarts, -1)}
                ><Minus size={18} aria-hidden="true" /><span class="sr-only"
                  >One {size.name} cooker fewer</span
                ></button
              >
              <b>{count}</b>
              <button
                type="button"
                class="btn min-h-11 btn-quiet px-2.5"
                onclick={() => change(size.quarts, 1)}
                ><Plus size={18} aria-hidden="true" /><span class="sr-only"
                  >One {size.name} cooker more</span
                ></button
              >
            </span>
          {/if}
        </div>
      {/each}
    </div>
    {#if errors.cookers && total === 0}<p
        class="mt-1 text-sm font-semibold text-pimento"
        role="alert"
      >
        {errors.cookers}
      </p>{/if}
    <p class="mt-2 text-sm text-muted">
      Heater and inner pot are taken as usual for the size. The label underneath says the watts;
      both can be corrected in Kitchen.
    </p>
  </fieldset>
  <div class="grid grid-cols-2 gap-3 md:grid-cols-4">
    <label class="label"
      >Measures<select name="system" class="mt-1 field text-ink" bind:value={system}
        ><option value="metric">grams, °C</option><option value="us">cups, °F</option></select
      ></label
    >
    <label class="label"
      >Clock<select name="hours" class="mt-1 field text-ink" bind:value={hours}
        ><option value={24}>18:30</option><option value={12}>6:30 pm</option></select
      ></label
    >
    <Field
      name="altitude"
      label="Height above the sea"
      unit={isUs ? 'ft' : 'm'}
      type="number"
      value={0}
      error={errors.altitudeM}
    />
    <Field
      name="burners"
      label="Burners on the stove"
      type="number"
      min="0"
      max="8"
      value={kitchen.burners}
      error={errors.burners}
    />
  </div>
  <label class="flex min-h-11 items-center gap-3"
    ><input type="checkbox" name="oven" class="tick" checked /> There is an oven</label
  >
  <button class="btn justify-self-start btn-strong">This is my kitchen</button>
</form>
