<script lang="ts">
  /** What does not happen on most evenings: taking back, guests, going away, leaving a dish out. */
  import type { LiveState, RunEvent } from '$core/run';
  import { formatMinutes } from '$core/units';
  import type { EveningState } from './evening-state.svelte';

  interface Props {
    live: EveningState;
    fold: LiveState;
    /** What was tapped last on this screen, and can be taken back. */
    lastTap: RunEvent | undefined;
    clock: (at: number) => string;
  }
  let { live, fold, lastTap, clock }: Props = $props();

  const MINUTE = 60_000;
  const dishes = $derived([
    ...new Map(fold.steps.map((s) => [s.operation.entryId, s.operation.dishName])),
  ]);
  /** “It beeped four minutes ago.” */
  function earlier(tap: RunEvent, minutes: number): void {
    live.tap({ kind: 'corrected', of: tap.id, to: Math.round(tap.at - minutes * MINUTE) });
  }
</script>

<section aria-labelledby="else" class="card p-4">
  <h2 id="else" class="mb-2 font-bold">Something else</h2>
  <div class="flex flex-wrap gap-2">
    {#if lastTap}
      <button
        type="button"
        class="btn min-h-14"
        onclick={() => live.tap({ kind: 'undone', of: lastTap.id })}>Take back the last tap</button
      >
      {#if lastTap.kind === 'done' || lastTap.kind === 'started'}
        {#each [2, 4, 8] as minutes (minutes)}
          <button type="button" class="btn min-h-14" onclick={() => earlier(lastTap, minutes)}
            >It was {minutes} min ago</button
          >
        {/each}
      {/if}
    {/if}
    <button
      type="button"
      class="btn min-h-14"
      onclick={() => live.tap({ kind: fold.isPaused ? 'resumed' : 'paused' })}
      >{fold.isPaused ? 'Go on' : 'Pause'}</button
    >
  </div>
  <details class="mt-2">
    <summary class="min-h-10 cursor-pointer content-center text-muted"
      >I am away for a while; the guests</summary
    >
    <div class="flex flex-wrap gap-2">
      {#each [5, 10, 20] as minutes (minutes)}
        <button
          type="button"
          class="btn min-h-14"
          onclick={() => live.tap({ kind: 'away', minutes })}>Away for {minutes} min</button
        >
      {/each}
      {#each [-15, 15, 30] as minutes (minutes)}
        <button
          type="button"
          class="btn min-h-14"
          onclick={() => live.tap({ kind: 'guests', minutes })}
          >Guests {Math.abs(minutes)} min {minutes < 0 ? 'sooner' : 'later'}</button
        >
      {/each}
    </div>
  </details>
  <details class="mt-1">
    <summary class="min-h-10 cursor-pointer content-center text-muted">Leave a dish out</summary>
    <div class="flex flex-wrap gap-2">
      {#each dishes as [id, name] (id)}
        <button
          type="button"
          class="btn min-h-14"
          onclick={() => live.tap({ kind: 'dropped', entry: id })}>{name}</button
        >
      {/each}
    </div>
  </details>
  <p class="mt-2 text-sm text-muted">
    Keys: <kbd>d</kbd> done, <kbd>b</kbd> begun, <kbd>m</kbd> 3 min more, <kbd>u</kbd> take back,
    <kbd>p</kbd> pause. Start was planned for {clock(
      Math.min(...fold.steps.filter((s) => s.operation.phase !== 'soak').map((s) => s.start)),
    )};
    {formatMinutes(Math.max(0, (fold.readyAt - live.now) / MINUTE))} to the table.
  </p>
</section>
