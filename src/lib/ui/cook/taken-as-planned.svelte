<script lang="ts">
  /** Steps that nobody tapped, so that they count as done when they were planned. */
  import type { LiveStep } from '$core/run';

  interface Props {
    steps: readonly LiveStep[];
    /** A minute of the evening as a time of day. */
    clock: (minute: number) => string;
    onnotyet: (step: LiveStep) => void;
  }
  let { steps, clock, onnotyet }: Props = $props();
</script>

<section aria-labelledby="assumed" class="card p-4">
  <h2 id="assumed" class="font-bold">Taken as planned</h2>
  <p class="text-sm text-muted">Nobody tapped these. If they happened at another time, say when.</p>
  <ul>
    {#each steps as step (step.operation.id)}
      <li class="flex flex-wrap items-center justify-between gap-2 border-t border-line py-1.5">
        <span
          >{step.tap}, {clock(step.end)}
          <span class="text-muted">{step.operation.dishName}</span></span
        >
        <button type="button" class="btn min-h-12" onclick={() => onnotyet(step)}>Not yet</button>
      </li>
    {/each}
  </ul>
</section>
