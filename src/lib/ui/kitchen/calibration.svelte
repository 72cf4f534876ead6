<script lang="ts">
  /** Ten minutes with a litre of water: the cooker's own power and loss. */
  import { onDestroy } from 'svelte';
  import { calibrate, defaultParameters } from '$core/cooker';
  import type { Cooker } from '$core/kitchen';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    cooker: Cooker;
    altitudeM: number;
  }
  let { cooker = $bindable(), altitudeM }: Props = $props();

  type Timed = 'none' | 'rising' | 'up' | 'falling';
  let timed = $state<Timed>('none');
  let startedAt = 0;
  let now = $state(0);
  let ml = $state<number | null>(1000);
  let celsius = $state<number | null>(15);
  let pinMinutes = $state<number | null>(null);
  let dropMinutes = $state<number | null>(null);

  let ticking: ReturnType<typeof setInterval> | undefined;
  onDestroy(() => clearInterval(ticking));

  const tenths = (ms: number): number => Math.round(ms / 6000) / 10;
  const clock = $derived(
    `${Math.floor(now / 60_000)}:${String(Math.floor(now / 1000) % 60).padStart(2, '0')}`,
  );

  function start(next: Timed): void {
    timed = next;
    startedAt = Date.now();
    now = 0;
    clearInterval(ticking);
    ticking = setInterval(() => (now = Date.now() - startedAt), 250);
  }
  function stop(next: Timed): number {
    clearInterval(ticking);
    timed = next;
    return tenths(Date.now() - startedAt);
  }

  const outcome = $derived(
    ml && celsius !== null && pinMinutes && dropMinutes
      ? calibrate({ cooker, altitudeM, ml, celsius, pinMinutes, dropMinutes })
      : null,
  );
  const problem = $derived(outcome && !outcome.ok ? outcome.problems[0] : undefined);
  const usual = $derived(defaultParameters(cooker));
  const percent = (share: number): string => `${Math.round(share * 100)} %`;

  function use(): void {
    if (!outcome?.ok) return;
    const { efficiency, lossWPerK, spread, fallSpread } = outcome.value;
    const on = new Date().toISOString();
    cooker.heat = { efficiency, lossWPerK, spread, fallSpread, on };
  }
</script>

<div class="grid gap-3 rounded-lg bg-salt p-4">
  <p class="text-sm">
    One litre of tap water, lid on, high pressure, 0 min. Tap when the pin rises; switch the cooker
    off, keep-warm too, once it beeps, and tap when the pin drops. Leave the valve closed.
  </p>
  <div class="grid grid-cols-2 gap-3">
    <Field name="ml-{cooker.id}" label="Water" unit="ml" type="number" bind:value={ml} />
    <Field name="tap-{cooker.id}" label="As warm as" unit="°C" type="number" bind:value={celsius} />
    <Field
      name="pin-{cooker.id}"
      label="Until the pin rises"
      unit="min"
      type="number"
      step="0.1"
      bind:value={pinMinutes}
      error={problem?.field === 'pinMinutes' ? `${problem.message}; ${problem.remedy}` : undefined}
    />
    <Field
      name="drop-{cooker.id}"
      label="Off until it drops"
      unit="min"
      type="number"
      step="0.1"
      bind:value={dropMinutes}
      error={problem?.field === 'dropMinutes' ? `${problem.message}; ${problem.remedy}` : undefined}
    />
  </div>
  <div class="flex flex-wrap items-center gap-3">
    {#if timed === 'none'}
      <button type="button" class="btn" onclick={() => start('rising')}>Lid on: start timing</button
      >
    {:else if timed === 'rising'}
      <button type="button" class="btn btn-strong" onclick={() => (pinMinutes = stop('up'))}
        >The pin is up</button
      >
    {:else if timed === 'up'}
      <button type="button" class="btn btn-strong" onclick={() => start('falling')}
        >It beeped: switched off</button
      >
    {:else}
      <button type="button" class="btn btn-strong" onclick={() => (dropMinutes = stop('none'))}
        >The pin has dropped</button
      >
    {/if}
    {#if timed === 'rising' || timed === 'falling'}
      <span class="text-2xl font-bold tabular-nums" role="timer">{clock}</span>
    {/if}
  </div>
  {#if outcome?.ok}
    <p aria-live="polite">
      <b>{percent(outcome.value.efficiency)}</b> of its {cooker.watts} W reach the pot (usually
      {percent(usual.efficiency)}), and it loses
      <b>{outcome.value.lossWPerK.toFixed(2)} W/K</b> (usually {usual.lossWPerK.toFixed(2)}).
    </p>
    <button type="button" class="btn justify-self-start" onclick={use}>Use these for plans</button>
  {/if}
</div>
