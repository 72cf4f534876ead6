<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { Kitchen } from '$core/kitchen';
  import type { Operation, Plan } from '$core/plan';
  import { placeName } from '$core/run';
  import { formatMinutes, formatTime } from '$core/units';

  interface Props {
    operation: Operation;
    plan: Plan;
    kitchen: Kitchen;
    serveAt: number;
    /** What can be moved, and when it starts; null where nothing can. */
    pin: { start: number } | null;
    isPinned: boolean;
    onmove: (minutes: number) => void;
    onunpin: () => void;
    onclose: () => void;
  }
  let { operation, plan, kitchen, serveAt, pin, isPinned, onmove, onunpin, onclose }: Props =
    $props();

  /** The whole cycle, or the step alone: every part with its minutes and its reason. */
  const parts = $derived(
    plan.operations
      .filter(
        (o) =>
          o.entryId === operation.entryId && o.stageId === operation.stageId && o.phase !== 'rinse',
      )
      .sort((a, b) => a.start - b.start),
  );
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
</script>

<section class="card p-4" aria-labelledby="why" data-testid="why">
  <div class="flex items-start justify-between gap-3">
    <h2 id="why" class="text-xl font-bold">Why these minutes?</h2>
    <button class="btn min-h-9 btn-quiet px-2" onclick={onclose}
      ><X size={18} aria-hidden="true" /><span class="sr-only">Close</span></button
    >
  </div>
  <p class="text-muted">
    {operation.dishName}{operation.unit ? ` · ${placeName(operation.unit, kitchen)}` : ''}
  </p>
  <ol class="mt-3 grid gap-3">
    {#each parts as part (part.id)}
      <li>
        <p class="flex justify-between gap-3 font-semibold">
          <span>{part.text}</span><span class="whitespace-nowrap"
            >{clock(part.start)} · {formatMinutes(part.end - part.start)}</span
          >
        </p>
        {#each part.because as line, index (index)}<p class="text-[15px] text-muted">
            {line}
          </p>{/each}
        {#if part.caution}<p class="text-[15px] text-ember-ink">
            {part.caution.text} <span class="text-muted">({part.caution.source})</span>
          </p>{/if}
      </li>
    {/each}
  </ol>
  {#if pin}
    <div class="mt-4 flex flex-wrap items-center gap-2 border-t border-line pt-3">
      <span class="text-[15px] text-muted">Starts {clock(pin.start)}:</span>
      <button type="button" class="btn" onclick={() => onmove(-5)}>5 min earlier</button>
      <button type="button" class="btn" onclick={() => onmove(5)}>5 min later</button>
      {#if isPinned}<button type="button" class="btn btn-quiet" onclick={onunpin}
          >Let the plan move it</button
        >{/if}
    </div>
  {/if}
</section>
