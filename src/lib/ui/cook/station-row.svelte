<script lang="ts">
  /** One station: what it does, how long still, and the one tap that is expected of it. */
  import type { Phase } from '$core/plan';
  import type { Finding } from '$core/reason';
  import { sayFinding, type Conventions } from '$core/words';
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import MinutesChips from './minutes-chips.svelte';
  import { TROUBLES, type LiveStep, type Reading, type Station, type Trouble } from '$core/run';

  interface Props {
    station: Station;
    /** What a linked or virtual pot shows of itself; null where it says nothing. */
    reading: Reading | null;
    now: number;
    clockOf: (at: number) => string;
    ontap: (step: LiveStep) => void;
    onmore: (step: LiveStep, minutes: number) => void;
    onagain: (step: LiveStep, minutes: number) => void;
    ontrouble: (step: LiveStep, what: Trouble) => void;
    /** Pots that its food could go into instead. */
    pots: readonly { id: string; name: string }[];
    onmove: (step: LiveStep, unit: string) => void;
    /** It is shown as what is to be done now: its tap stands there. */
    isNow: boolean;
    /** It has failed this evening. */
    hasFailed: boolean;
    overridden: readonly Finding[];
    by: Conventions;
  }
  let {
    station,
    reading,
    now,
    clockOf,
    ontap,
    onmore,
    onagain,
    ontrouble,
    pots,
    onmove,
    isNow,
    hasFailed,
    overridden,
    by,
  }: Props = $props();
  let isOpen = $state(false);
  const id = $props.id();
  const MINUTE = 60_000;
  const step = $derived(station.step);
  const canOpen = $derived(step !== null && (step.status !== 'ahead' || pots.length > 0));
  /** Judged by eye or thermometer: it may need a good deal more. */
  const isJudged = $derived(station.kind !== 'pot' && station.kind !== 'appliance');

  const WORD: Partial<Record<Phase, string>> = {
    'come-up': 'coming to pressure',
    hold: 'at pressure',
    release: 'natural release',
    vent: 'releasing',
    seal: 'lid on',
    open: 'pin has dropped: open',
    brown: 'browning',
    simmer: 'simmering',
    slow: 'cooking by itself',
    oven: 'in the oven',
    crisp: 'crisping',
    burner: 'on the stove',
    preheat: 'heating up',
    'put-in': 'goes in',
    turn: 'to be turned',
    rest: 'resting',
  };
  const SHOWS: Readonly<Record<Reading['phase'], string>> = {
    idle: 'no pressure',
    heating: 'heating',
    stopped: 'has stopped: overheating',
    steaming: 'steam comes out and the pin stays down',
    counting: 'counting down',
    releasing: 'natural release',
    venting: 'venting',
    open: 'open',
  };
  const shown = $derived(
    reading && step && step.status !== 'ahead' && reading.phase !== 'open'
      ? `${Math.round(reading.celsius)} °C, pin ${reading.pin}, ${SHOWS[reading.phase]}`
      : '',
  );
  const left = $derived(step ? step.end - now : 0);
  const remaining = $derived.by(() => {
    if (!step) return '';
    if (step.status === 'ahead') return `from ${clockOf(step.start)}`;
    if (step.status === 'over' || left < -MINUTE) return `+${Math.floor(-left / MINUTE)} min`;
    if (left < 0) return 'now';
    const seconds = Math.ceil(left / 1000);
    return step.operation.phase === 'hold' || seconds < 600
      ? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
      : `about ${Math.round(seconds / 60)} min`;
  });
  const isOpening = $derived(step?.operation.phase === 'open' && !step.isAgain);
  /** What it still rests on that nobody tapped. */
  const assumed = $derived(
    step && step.status !== 'ahead' && !step.isStartKnown && !step.operation.isHands
      ? `since ${clockOf(step.start)}, as planned`
      : '',
  );
  const canFail = $derived(step?.operation.phase === 'come-up' || step?.operation.phase === 'hold');
</script>

<li class="border-t border-line px-4 py-2 first:border-0">
  <div class="flex flex-wrap items-center justify-between gap-x-3">
    <button
      type="button"
      class="flex min-h-14 min-w-0 flex-1 basis-40 items-center gap-2 text-left"
      aria-expanded={canOpen ? isOpen : undefined}
      aria-controls={canOpen && isOpen ? id : undefined}
      disabled={!canOpen}
      onclick={() => (isOpen = !isOpen)}
    >
      <span class="min-w-0">
        <span class="block text-lg leading-tight">
          <b class="font-head">{station.name}</b>
          {#if step}<span class="text-muted">· {step.operation.dishName}</span>{/if}
        </span>
        <span class="block leading-tight text-muted">
          {#if step}
            {step.isAgain ? 'back at pressure' : (WORD[step.operation.phase] ?? 'at work')}{assumed
              ? `, ${assumed}`
              : ''}
          {:else}{hasFailed ? 'failed' : 'free'}{/if}
        </span>
        {#if shown}
          <span class="block text-sm font-semibold text-brine" data-testid="reading">{shown}</span>
        {/if}
        {#if canOpen}<span class="sr-only">Something’s wrong</span>{/if}
      </span>
      {#if canOpen}
        <ChevronDown
          size={20}
          class="flex-none text-muted {isOpen ? 'rotate-180' : ''}"
          aria-hidden="true"
        />
      {/if}
    </button>
    {#if step}
      <p
        class="flex-none text-right font-head font-extrabold tabular-nums {step.status === 'ahead'
          ? 'text-xl text-muted'
          : 'text-2xl sm:text-3xl'}"
        class:text-pimento={step.status === 'over' || (step.status !== 'ahead' && left < 0)}
      >
        {remaining}
      </p>
      {#if !isNow}
        <button
          type="button"
          class="btn min-h-14 max-w-36 px-3 text-lg leading-tight whitespace-normal sm:max-w-none {step.status ===
          'ahead'
            ? 'max-sm:hidden'
            : ''}"
          onclick={() => ontap(step)}>{step.tap}</button
        >
      {/if}
    {/if}
  </div>
  {#if step && step.status !== 'ahead'}
    {#each step.operation.checks ?? [] as check, i (i)}
      <p class="text-lg"><b>Check:</b> {check.text}</p>
    {/each}
  {/if}
  {#each overridden as note, i (i)}
    <p class="text-pimento"><b>Cooked in spite of a stop:</b> {sayFinding(note, by).text}</p>
  {/each}
  {#if step && isOpen}
    <div {id} class="grid gap-2 pt-2 pb-1">
      {#if step.status !== 'ahead'}
        <p class="text-lg">{isOpening ? 'Not done: back at pressure for' : 'It needs more'}</p>
        <MinutesChips
          label="{station.name}: {isOpening ? 'back at pressure' : 'more minutes'}"
          unit={isOpening ? 'min back at pressure' : 'min more'}
          chips={isJudged ? [5, 10, 20] : [2, 5, 10]}
          onpick={(minutes) => {
            isOpen = false;
            if (isOpening) onagain(step, minutes);
            else onmore(step, minutes);
          }}
        />
      {/if}
      {#if canFail && step.status !== 'ahead'}
        <div class="flex flex-wrap gap-2">
          {#each Object.entries(TROUBLES) as [what, trouble] (what)}
            <button
              type="button"
              class="btn min-h-14"
              onclick={() => ontrouble(step, what as Trouble)}>{trouble.name}</button
            >
          {/each}
        </div>
      {/if}
      {#if pots.length > 0}
        <div class="flex flex-wrap items-center gap-2">
          <span class="text-lg">Into another pot</span>
          {#each pots as pot (pot.id)}
            <button
              type="button"
              class="btn min-h-14"
              onclick={() => {
                isOpen = false;
                onmove(step, pot.id);
              }}>{pot.name}</button
            >
          {/each}
        </div>
      {/if}
    </div>
  {/if}
</li>
