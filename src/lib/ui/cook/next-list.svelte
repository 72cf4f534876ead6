<script lang="ts">
  /** What comes after what is to be done now. */
  import Check from '@lucide/svelte/icons/check';
  import type { LiveStep } from '$core/run';

  interface Props {
    steps: readonly LiveStep[];
    when: (at: number) => string;
    place: (step: LiveStep) => string;
    ondone: (step: LiveStep) => void;
  }
  let { steps, when, place, ondone }: Props = $props();
</script>

{#if steps.length > 0}
  <section aria-labelledby="next" class="card px-4 py-2">
    <h2 id="next" class="text-lg font-bold">Next</h2>
    <ol>
      {#each steps as step (step.operation.id)}
        <li class="flex items-center gap-x-3 border-t border-line py-2 text-xl first:border-0">
          <b class="min-w-14 flex-none tabular-nums">{when(step.start)}</b>
          <span class="min-w-0 flex-1"
            >{step.operation.text}
            <span class="block text-base text-muted">{place(step)} · {step.operation.dishName}</span
            ></span
          >
          <button
            type="button"
            class="btn min-h-14 min-w-14 flex-none px-3"
            aria-label="Done already: {step.operation.text}"
            title="Done already"
            onclick={() => ondone(step)}><Check size={24} aria-hidden="true" /></button
          >
        </li>
      {/each}
    </ol>
  </section>
{/if}
