<script lang="ts">
  import type { Kitchen } from '$core/kitchen';
  import { formatMinutes, formatTime, sayChance } from '$core/units';
  import type { PlanAnswer } from '../../../core/planner';

  interface Props {
    plan: Extract<PlanAnswer, { kind: 'plan' }>;
    kitchen: Kitchen;
    serveAt: number;
    isBatch: boolean;
  }
  let { plan, kitchen, serveAt, isBatch }: Props = $props();
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

<p class="mt-5 max-w-[75ch] text-lg" data-testid="summary">
  Start at <b>{clock(plan.totals.firstStart)}</b>.
  <b>{formatMinutes(plan.totals.handsOn)}</b>
  {hands}{#if gap && gap.to - gap.from >= 5}, the longest free stretch {clock(gap.from)}–{clock(
      gap.to,
    )}{/if}. Ready at {clock(plan.totals.ready)}; chance of being on time:
  <b>{sayChance(plan.chance.onTime)}</b>{#if !plan.isSureEnough}, and starting earlier would not
    help{/if}{#if plan.sureAfter > 0}; to be as sure as you asked, plan for {clock(
      plan.totals.ready + plan.sureAfter,
    )}{/if}{#if decider}; what most often makes it late is “{decider.text}” ({decider.dishName}){/if}.
</p>
{#if isBatch && shortest !== null}
  <p class="max-w-[75ch] text-muted" data-testid="bound">
    {plan.schedule.status === 'optimal'
      ? 'No other order is shorter (proved).'
      : `A long search found nothing shorter; that no day of this work is shorter than ${formatMinutes(shortest)} is proved.`}
  </p>
{/if}
