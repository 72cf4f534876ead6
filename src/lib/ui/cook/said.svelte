<script lang="ts">
  /** What is said: a new plan, or once at the start how to be heard. Over the page, so that nothing jumps. */
  import type { LiveState } from '$core/run';
  import { sound, unlockSound } from './alarms';
  import type { EveningState } from './evening-state.svelte';
  import type { Listening } from './listening.svelte';

  interface Props {
    live: EveningState;
    fold: LiveState;
    listening: Listening;
    /** What has become due, for who does not see it. */
    announced: string;
  }
  let { live, fold, listening, announced }: Props = $props();

  const SHOWN_MS = 60_000;
  let kept = $state('');
  const told = $derived(
    fold.lastReplan?.text && live.now - fold.lastReplan.at < SHOWN_MS && fold.lastReplan.id !== kept
      ? fold.lastReplan
      : null,
  );
  /** Heard once; what is shown may go. */
  const spoken = $derived([announced, told ? `Planned again: ${told.text}.` : ''].join(' ').trim());

  function answer(isOn: boolean): void {
    listening.set('sound', isOn);
    unlockSound();
    if (isOn) setTimeout(() => sound(0), 100);
  }
</script>

<div aria-live="polite" class="sr-only" data-testid="status">{spoken}</div>
<div
  class="pointer-events-none fixed inset-x-0 bottom-24 z-20 grid justify-items-center gap-2 px-3 lg:right-6 lg:bottom-6 lg:left-auto lg:px-0 print:hidden"
>
  {#if told}
    <div
      data-testid="replanned"
      class="pointer-events-auto flex max-w-3xl flex-wrap items-center justify-between gap-3 rounded-2xl border border-brine bg-brine-soft px-4 py-2 text-lg shadow-lg"
    >
      <p class="min-w-48 flex-1"><b>Planned again:</b> {told.text}.</p>
      <span class="flex gap-2">
        <button type="button" class="btn min-h-14" onclick={() => (kept = told.id)}>Keep</button>
        <button
          type="button"
          class="btn min-h-14"
          onclick={() => live.tap({ kind: 'undone', of: told.id })}>As before</button
        >
      </span>
    </div>
  {:else if listening.isToBeAsked && live.canTap}
    <div
      class="pointer-events-auto flex flex-wrap items-center gap-3 rounded-2xl border border-line-strong bg-salt px-4 py-2 text-lg shadow-lg"
      role="group"
      aria-label="Sound on this screen"
    >
      <p>Sound when something is due?</p>
      <span class="flex gap-2">
        <button type="button" class="btn min-h-14 btn-strong" onclick={() => answer(true)}
          >Sound</button
        >
        <button type="button" class="btn min-h-14" onclick={() => answer(false)}>Silent</button>
      </span>
    </div>
  {/if}
</div>
