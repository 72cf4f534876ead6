<script lang="ts">
  import type { PlanAnswer } from '$lib/workers/planning';
  import type { RunwayMark } from '$lib/ui/runway';
  import MarkList from './mark-list.svelte';

  interface Props {
    answer: PlanAnswer | null;
    isEmpty: boolean;
    isThinking: boolean;
    /** The contradictions as the runway shows them. */
    marks: readonly RunwayMark[];
  }
  let { answer, isEmpty, isThinking, marks }: Props = $props();
</script>

<section class="mt-6 card p-6" aria-live="polite">
  {#if isEmpty}
    <h2 class="text-2xl font-bold">What will be on the table?</h2>
    <p class="mt-1 text-muted">
      Add a dish below, and the runway appears here: what starts when, in which pot.
    </p>
  {:else if answer?.kind === 'faults'}
    <h2 class="text-2xl font-bold">This can’t be planned yet</h2>
    <ul class="mt-3 grid gap-3">
      {#each answer.faults as fault, index (index)}
        <li class="border-l-4 border-pimento pl-3">
          <b>{fault.message}.</b>
          <span class="inline-block first-letter:uppercase">{fault.remedy}.</span>
        </li>
      {/each}
    </ul>
  {:else if answer?.kind === 'impossible'}
    <h2 class="text-2xl font-bold">These things contradict each other</h2>
    <p class="mt-1 text-muted">No later hour helps; at least one of them has to give way.</p>
    {#if answer.contradictions === null}
      <p class="mt-3">Working out which…</p>
    {:else}
      <div class="mt-3"><MarkList {marks} /></div>
    {/if}
  {:else if answer?.kind === 'unknown'}
    <h2 class="text-2xl font-bold">No plan found yet</h2>
    <p class="mt-1 text-muted">
      The search ended before it found one or could prove that there is none. Leave a dish out, or
      give one a cooker.
    </p>
  {:else}
    <h2 class="text-2xl font-bold">{isThinking ? 'Planning…' : 'Not planned'}</h2>
    <p class="mt-1 text-muted">
      {isThinking ? 'Working out pots, hands and minutes.' : 'This meal has no plan.'}
    </p>
  {/if}
</section>
