<script lang="ts">
  import type { Kitchen } from '$core/kitchen';
  import { formatMinutes, formatTime, sayChance } from '$core/units';
  import type { PlanAnswer } from '../../../core/planner';

  interface Props {
    plan: Extract<PlanAnswer, { kind: 'plan' }>;
    kitchen: Kitchen;
    serveAt: number;
    isBatch: boolean;
    /** What the last change moved; '' for nothing. */
    moved: string;
  }
  let { plan, kitchen, serveAt, isBatch, moved }: Props = $props();
  /** Bags wait without harm, so that what a day costs is its length alone. */
  const shortest = $derived(plan.final ? plan.schedule.bound : null);

  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  const decider = $derived.by(() => {
    const first = plan.chance.decides[0];
    return plan.compiled.meanings.find((m) => m.id === first?.step) ?? null;
  });
  const gap = $derived(plan.totals.longestGap);
  const hands = $derived(kitchen.hands === 1 ? 'hands-on' : 'hands-on between you');
</script>

<div class="mt-4" data-testid="summary">
  <p class="text-lg">
    Start at <b>{clock(plan.totals.firstStart)}</b>, {isBatch ? 'packed' : 'ready'} at
    <b>{clock(plan.totals.ready)}</b>; chance of that: <b>{sayChance(plan.chance.onTime)}</b>.
    <b>{formatMinutes(plan.totals.handsOn)}</b>
    {hands}{#if plan.sureAfter > 0}; to be as sure as you asked, plan for <b
        >{clock(plan.totals.ready + plan.sureAfter)}</b
      >{/if}{#if !plan.isSureEnough}; starting earlier would not make it surer{/if}.
  </p>
  <p class="max-w-[95ch] text-[15px] text-muted max-sm:hidden">
    {#if gap && gap.to - gap.from >= 5}Free from {clock(gap.from)} to {clock(gap.to)}.{/if}
    {#if decider}What most often makes it late: “{decider.text}” ({decider.dishName}).{/if}
  </p>
  {#if moved}<p class="mt-1 text-[15px] font-semibold text-leaf-ink" data-testid="moved">
      Moved: {moved.charAt(0).toLowerCase() + moved.slice(1)}.
    </p>{/if}
</div>
{#if isBatch && shortest !== null}
  <p class="max-w-[75ch] text-muted" data-testid="bound">
    {plan.schedule.status === 'optimal'
      ? 'No other order makes the day shorter.'
      : `The day can’t be shorter than ${formatMinutes(shortest)}; of all the orders tried, this is the best.`}
  </p>
{/if}
