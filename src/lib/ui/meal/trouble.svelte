<script lang="ts">
  import type { PlanAnswer } from '../../../core/planner';
  import type { TimelineMark } from '$lib/ui/timeline';
  import MarkList from './mark-list.svelte';

  interface Props {
    answer: PlanAnswer | null;
    isEmpty: boolean;
    isThinking: boolean;
    /** The contradictions as the timeline shows them. */
    marks: readonly TimelineMark[];
  }
  let { answer, isEmpty, isThinking, marks }: Props = $props();
</script>

<section class="mt-6 card p-6" aria-live="polite">
  {#if isEmpty}
    <h2 class="text-2xl font-bold">What are you cooking?</h2>
    <p class="mt-1 text-muted">
      Add a dish, and the timeline appears here: what starts when, in which pot.
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
    <h2 class="text-2xl font-bold">These can’t all be true at once</h2>
    <p class="mt-1 text-muted">A later time doesn’t help: change at least one of them.</p>
    {#if answer.contradictions === null}
      <p class="mt-3">Working out which…</p>
    {:else}
      <div class="mt-3"><MarkList {marks} /></div>
    {/if}
  {:else if answer?.kind === 'unknown'}
    <h2 class="text-2xl font-bold">No plan found yet</h2>
    <p class="mt-1 text-muted">
      No plan was found in time, and it is not certain that there is none. Leave a dish out, or
      choose a cooker for one.
    </p>
  {:else}
    <h2 class="text-2xl font-bold">{isThinking ? 'Planning…' : 'Not planned'}</h2>
    <p class="mt-1 text-muted">
      {isThinking ? 'Working out cookers, cooks and minutes.' : 'This meal has no plan.'}
    </p>
  {/if}
</section>
