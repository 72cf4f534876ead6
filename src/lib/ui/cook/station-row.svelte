<script lang="ts">
  /** One station: what it does, how long still, and the one tap that is expected of it. */
  import type { Phase } from '$core/plan';
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
  }
  let { station, reading, now, clockOf, ontap, onmore, onagain, ontrouble }: Props = $props();
  const step = $derived(station.step);
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
    if (left < 0) return 'now';
    const seconds = Math.ceil(left / 1000);
    return step.operation.phase === 'hold' || seconds < 600
      ? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
      : `about ${Math.round(seconds / 60)} min`;
  });
  const isOpening = $derived(step?.operation.phase === 'open' && !step.isAgain);
  const canFail = $derived(step?.operation.phase === 'come-up' || step?.operation.phase === 'hold');
</script>

<li class="card p-4">
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
    <div class="min-w-32 flex-1">
      <p class="font-head text-xl font-extrabold">{station.name}</p>
      <p class="text-muted">
        {step
          ? `${step.operation.dishName}: ${step.isAgain ? 'back at pressure' : (WORD[step.operation.phase] ?? 'at work')}`
          : 'free'}
      </p>
      {#if shown}<p class="text-sm font-semibold text-brine" data-testid="reading">{shown}</p>{/if}
    </div>
    {#if step}
      <p
        class="font-head text-4xl font-extrabold tabular-nums"
        class:text-pimento={step.status !== 'ahead' && left < 0}
      >
        {remaining}
      </p>
      <button
        type="button"
        class="btn min-h-16 min-w-44 px-5 text-xl {step.status === 'ahead' ? '' : 'btn-strong'}"
        onclick={() => ontap(step)}>{step.tap}</button
      >
    {/if}
  </div>
  {#if step && (step.status !== 'ahead' || isOpening)}
    <details class="mt-1">
      <summary class="min-h-10 cursor-pointer content-center text-muted"
        >{isJudged ? 'Not done yet?' : 'Something’s wrong'}<span class="sr-only">
          for the {station.name}</span
        ></summary
      >
      <div class="flex flex-wrap gap-2 pt-1">
        {#each isJudged ? [5, 10, 20] : [2, 5, 10] as minutes (minutes)}
          <button
            type="button"
            class="btn min-h-14"
            onclick={() => (isOpening ? onagain(step, minutes) : onmore(step, minutes))}
            >{minutes} min {isOpening ? 'back at pressure' : 'more'}</button
          >
        {/each}
        {#if canFail}
          {#each Object.entries(TROUBLES) as [what, trouble] (what)}
            <button
              type="button"
              class="btn min-h-14"
              onclick={() => ontrouble(step, what as Trouble)}>{trouble.name}</button
            >
          {/each}
        {/if}
      </div>
    </details>
  {/if}
</li>
