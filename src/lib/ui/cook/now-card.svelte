<script lang="ts">
  /** The one thing to do now, huge; what is asked before it counts as done; or how long one is free. */
  import { isBatchDay } from '$core/menu';
  import type { Finding } from '$core/reason';
  import { AGAIN_MIN, type LiveState, type LiveStep, type Station } from '$core/run';
  import { sayFinding, type Conventions } from '$core/words';
  import type { EveningState } from './evening-state.svelte';
  import MinutesChips from './minutes-chips.svelte';

  interface Props {
    live: EveningState;
    fold: LiveState;
    current: LiveStep | null;
    /** What the other cooks are at, where everybody looks at this screen. */
    others: readonly { cook: string; step: LiveStep }[];
    /** The pot whose tap comes next, where nothing is to be done. */
    awaited: Station | null;
    /** What comes next for the hands. */
    coming: LiveStep | null;
    /** Nothing is left for anybody's hands. */
    isDone: boolean;
    place: string;
    /** As it is keyed in; '' where nothing is. */
    setting: string;
    /** When the next thing comes; null where nothing does. */
    freeUntil: string | null;
    /** What was tapped here a moment ago, and can be taken back at once. */
    undo: (() => void) | null;
    /** What the plan had to stop for in this dish, and was cooked all the same. */
    overridden: readonly Finding[];
    by: Conventions;
    clock: (at: number) => string;
    ondone: (step: LiveStep) => void;
    onstart: (step: LiveStep) => void;
    onmore: (step: LiveStep, minutes: number) => void;
    onagain: (step: LiveStep, minutes: number) => void;
    onserved: () => void;
  }
  let {
    live,
    fold,
    current,
    others,
    awaited,
    coming,
    isDone,
    place,
    setting,
    freeUntil,
    undo,
    overridden,
    by,
    clock,
    ondone,
    onstart,
    onmore,
    onagain,
    onserved,
  }: Props = $props();

  /** Where safety needs a thermometer, its answer is what is asked. */
  const asksHeat = $derived(current?.operation.caution?.code === 'centre-temperature');
  const isBatch = $derived(isBatchDay(live.evening.compiled));
  /** What the recipe's own check gives comes first. */
  const checked = $derived((current?.operation.checks ?? []).map((c) => c.minutes));
  const longer = $derived(checked.length > 0 ? checked : [3, 10]);
  const againFor = $derived([...new Set([...checked, 3, 5, 10, 20])].sort((a, b) => a - b));
  const isOpened = $derived(current?.operation.phase === 'open');
  /** Its amounts, and what goes in for what is not there. */
  const amounts = $derived(
    (current?.operation.amounts ?? []).map((amount) => {
      const missing = fold.without.find(
        (w) => w.entry === current?.operation.entryId && w.what === amount,
      );
      if (!missing) return amount;
      return missing.instead ? `${missing.instead} (for ${amount})` : `no ${amount}`;
    }),
  );
</script>

<section
  aria-labelledby="now"
  class="rounded-2xl border-2 p-4 md:p-5 {current
    ? 'border-ember bg-ember-soft'
    : 'border-line bg-salt'}"
>
  <h2 id="now" tabindex="-1" class="font-sans text-lg font-normal text-muted">
    {#if current}
      <span
        ><b class="text-ember-ink">Now</b> · {place} · {current.operation.dishName} ·
        {current.status === 'over'
          ? `its time was up at ${clock(current.end)}`
          : clock(current.start)}</span
      >
    {:else}<span><b>Now</b> · {isDone ? 'all done' : 'nothing to do'}</span>{/if}
  </h2>
  {#if current}
    <p class="mt-1 font-head text-4xl leading-tight font-extrabold text-balance md:text-5xl">
      {current.operation.text}
    </p>
    {#if amounts.length > 0}<p class="mt-2 text-2xl">{amounts.join(', ')}</p>{/if}
    {#if setting}<p class="mt-2 text-2xl font-bold text-leaf-ink">Valve to seal; {setting}</p>{/if}
    {#if current.operation.caution}<p class="mt-2 text-lg text-ember-ink">
        <span class="first-letter:uppercase">{current.operation.caution.text}</span>
        <span class="text-muted">({current.operation.caution.source})</span>
      </p>{/if}
    {#each current.operation.checks ?? [] as check, i (i)}
      <p class="mt-2 text-xl"><b>Check:</b> {check.text}</p>
    {/each}
    {#each overridden as note, i (i)}
      <p class="mt-2 text-lg text-pimento">
        <b>Cooked in spite of a stop:</b>
        {sayFinding(note, by).text}
      </p>
    {/each}
    {#if isOpened}
      <p class="mt-3 text-lg">Not done? Pressure cook again for</p>
      <MinutesChips
        label="Pressure cook again ({AGAIN_MIN} min more for coming to pressure and releasing)"
        chips={againFor}
        onpick={(minutes) => onagain(current, minutes)}
      />
    {:else if current.status !== 'due' && current.status !== 'ahead'}
      <p class="mt-3 text-lg">Not done yet? So many minutes more</p>
      <MinutesChips
        label="More minutes"
        chips={current.status === 'over'
          ? [...new Set([...longer, 5, 10, 20])].sort((a, b) => a - b)
          : longer}
        onpick={(minutes) => onmore(current, minutes)}
      />
    {/if}
  {:else if isDone}
    <p class="font-head text-4xl font-extrabold md:text-5xl">Everything is done.</p>
    <p class="mt-2 text-xl">
      {isBatch
        ? 'Everything labelled, cold and in its place?'
        : 'Serve; let it rest; keep warm what is ready.'}
    </p>
  {:else}
    <p class="font-head text-4xl font-extrabold md:text-5xl" data-testid="free">
      {freeUntil ? `free until ${freeUntil}` : 'free'}
    </p>
  {/if}
  {#each others as { cook, step } (step.operation.id)}
    <p
      class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line-strong pt-2 text-xl"
    >
      <b class="text-ember-ink">{cook}</b>
      <span class="min-w-40 flex-1"
        >{step.operation.text} <span class="text-muted">{step.operation.dishName}</span></span
      >
      <button type="button" class="btn min-h-14" onclick={() => ondone(step)}
        >{step.tap}<span class="sr-only">: {step.operation.text}</span></button
      >
    </p>
  {/each}

  <!-- On a phone, where the thumb is. -->
  <div
    class="flex gap-3 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:border-t max-lg:border-line-strong max-lg:bg-paper max-lg:p-3 max-lg:pb-[max(0.75rem,env(safe-area-inset-bottom))] lg:mt-4 lg:flex-wrap print:hidden"
    data-testid="bar"
  >
    {#if current}
      <button
        type="button"
        class="btn min-h-16 flex-1 btn-strong px-4 text-2xl whitespace-normal lg:min-h-20 lg:min-w-56 lg:text-3xl"
        onclick={() => ondone(current)}
        >{asksHeat && isOpened ? 'Open: check with the thermometer' : current.tap}</button
      >
      {#if current.status === 'due'}
        <button
          type="button"
          class="btn min-h-16 px-4 text-xl lg:min-h-20"
          onclick={() => onstart(current)}>Begun</button
        >
      {/if}
    {:else if isDone && !fold.isServed}
      <button
        type="button"
        class="btn min-h-16 flex-1 btn-strong px-4 text-2xl lg:min-h-20 lg:text-3xl"
        onclick={onserved}>{isBatch ? 'It is all packed' : 'It is on the table'}</button
      >
    {:else if isDone}
      <a class="btn min-h-16 flex-1 btn-strong px-4 text-2xl" href="/log/{live.evening.id}"
        >How it went</a
      >
    {:else if awaited?.step}
      {@const step = awaited.step}
      <button
        type="button"
        class="btn min-h-16 flex-1 px-4 text-xl whitespace-normal lg:hidden"
        onclick={() => ondone(step)}>{awaited.name}: {step.tap}</button
      >
    {/if}
    {#if !current && !isDone && !awaited && coming}
      <button
        type="button"
        class="btn min-h-16 flex-1 px-4 text-xl leading-tight whitespace-normal"
        onclick={() => onstart(coming)}>Begin already: {coming.operation.text}</button
      >
    {/if}
    {#if undo}
      <button type="button" class="btn min-h-16 px-4 text-lg" onclick={undo}>Undo</button>
    {/if}
  </div>
</section>
