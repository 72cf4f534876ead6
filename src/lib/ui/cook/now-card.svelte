<script lang="ts">
  /** The one thing to do now, huge; what is asked before it counts as done; or how long one is free. */
  import { isBatchDay } from '$core/menu';
  import { AGAIN_MIN, type LiveState, type LiveStep } from '$core/run';
  import type { EveningState } from './evening-state.svelte';

  interface Props {
    live: EveningState;
    fold: LiveState;
    current: LiveStep | null;
    /** Nothing is left for anybody's hands. */
    isDone: boolean;
    place: string;
    /** As it is keyed in; '' where nothing is. */
    setting: string;
    /** When the next thing comes; null where nothing does. */
    freeUntil: string | null;
    clock: (at: number) => string;
    ondone: (step: LiveStep) => void;
    onstart: (step: LiveStep) => void;
  }
  let { live, fold, current, isDone, place, setting, freeUntil, clock, ondone, onstart }: Props =
    $props();

  /** Where safety needs a thermometer, its answer is what is asked. */
  const asksHeat = $derived(current?.operation.caution?.code === 'centre-temperature');
  const isBatch = $derived(isBatchDay(live.evening.compiled));
  /** What the recipe's own check gives comes first. */
  const checked = $derived((current?.operation.checks ?? []).map((c) => c.minutes));
  const longer = $derived(checked[0] ?? 3);
  const againFor = $derived([...new Set([...checked, 3, 5, 10, 20])].sort((a, b) => a - b));
  const isOpened = $derived(current?.operation.phase === 'open');
</script>

<section
  aria-labelledby="now"
  aria-live="polite"
  class="rounded-2xl border-2 p-5 {current ? 'border-ember bg-ember-soft' : 'border-line bg-salt'}"
>
  {#if current}
    <p id="now" class="flex flex-wrap justify-between gap-x-4 text-lg text-muted">
      <span><b class="text-ember-ink">Now</b> · {place} · {current.operation.dishName}</span><span
        >{clock(current.start)}</span
      >
    </p>
    <p class="mt-1 font-head text-4xl leading-tight font-extrabold text-balance md:text-5xl">
      {current.operation.text}
    </p>
    {#if current.operation.amounts.length > 0}
      <p class="mt-2 text-2xl">{current.operation.amounts.join(', ')}</p>
    {/if}
    {#if setting}<p class="mt-2 text-2xl font-bold text-leaf-ink">
        Valve to seal; {setting}
      </p>{/if}
    {#if current.operation.caution}<p class="mt-2 text-lg text-ember-ink">
        <span class="first-letter:uppercase">{current.operation.caution.text}</span>
        <span class="text-muted">({current.operation.caution.source})</span>
      </p>{/if}
    {#each current.operation.checks ?? [] as check, i (i)}
      <p class="mt-2 text-lg"><b>Check:</b> {check.text}</p>
    {/each}
    <div class="mt-4 flex flex-wrap gap-3">
      <button
        type="button"
        class="btn min-h-20 min-w-56 flex-1 btn-strong px-8 text-3xl"
        onclick={() => ondone(current)}
        >{asksHeat && isOpened ? 'Open: check with the thermometer' : current.tap}</button
      >
      {#if current.status === 'due'}
        <button type="button" class="btn min-h-20 px-6 text-xl" onclick={() => onstart(current)}
          >Begun</button
        >
      {:else if !isOpened}
        <button
          type="button"
          class="btn min-h-20 px-6 text-xl"
          onclick={() => live.tap({ kind: 'more', step: current.operation.id, minutes: longer })}
          >{longer} min more</button
        >
      {/if}
    </div>
    {#if isOpened}
      <div class="mt-3 flex flex-wrap items-center gap-2">
        <span class="text-lg">Not done? Pressure cook again for</span>
        {#each againFor as minutes (minutes)}
          <button
            type="button"
            class="btn min-h-14 text-lg"
            onclick={() => live.tap({ kind: 'again', step: current.operation.id, minutes })}
            >{minutes} min<span class="sr-only">
              more at pressure, {minutes + AGAIN_MIN} with coming to pressure and releasing</span
            ></button
          >
        {/each}
      </div>
    {/if}
  {:else if isDone}
    <p id="now" class="font-head text-5xl font-extrabold">Everything is done.</p>
    <p class="mt-2 text-xl">
      {isBatch
        ? 'Everything labelled, cold and in its place?'
        : 'Serve; let it rest; keep warm what is ready.'}
    </p>
    {#if !fold.isServed}
      <button
        type="button"
        class="mt-4 btn min-h-20 btn-strong px-8 text-3xl"
        onclick={() => live.tap({ kind: 'served' })}
        >{isBatch ? 'It is all packed' : 'It is on the table'}</button
      >
    {:else}
      <a class="mt-4 btn min-h-16 btn-strong px-8 text-2xl" href="/log/{live.evening.id}"
        >How it went</a
      >
    {/if}
  {:else}
    <p id="now" class="text-lg text-muted">Nothing to do right now</p>
    <p class="font-head text-5xl font-extrabold" data-testid="free">
      {freeUntil ? `free until ${freeUntil}` : 'free'}
    </p>
  {/if}
</section>
