<script lang="ts">
  import type { Kitchen } from '$core/kitchen';
  import { formatMinutes, formatTime } from '$core/units';
  import type { PlanAnswer } from '$lib/workers/planning';

  interface Props {
    plan: Extract<PlanAnswer, { kind: 'plan' }>;
    kitchen: Kitchen;
    serveAt: number;
  }
  let { plan, kitchen, serveAt }: Props = $props();

  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  /** The moment by which all of the meal is ready in a share of the evenings played. */
  const readyBy = (share: 'p50' | 'p90'): number =>
    Math.max(
      plan.totals.ready,
      ...plan.chance.dishes.map((dish) => {
        const planned = plan.compiled.problem.dishes?.find((d) => d.id === dish.id);
        return (
          plan.totals.ready + dish[share] - ((planned?.dueAt ?? 0) + (plan.schedule.delay ?? 0))
        );
      }),
    );
  const decider = $derived.by(() => {
    const first = plan.chance.decides[0];
    return plan.compiled.meanings.find((m) => m.id === first?.step) ?? null;
  });
  const gap = $derived(plan.totals.longestGap);
</script>

<p class="mt-5 max-w-[75ch] text-lg" data-testid="summary">
  Start at <b>{clock(plan.totals.firstStart)}</b>. <b>{formatMinutes(plan.totals.handsOn)}</b> of {kitchen.hands ===
  1
    ? 'your hands'
    : 'work between you'}{#if gap && gap.to - gap.from >= 5}, the longest free stretch {clock(
      gap.from,
    )}–{clock(gap.to)}{/if}. Half the evenings all is ready by <b>{clock(readyBy('p50'))}</b>, nine
  in ten by
  <b>{clock(readyBy('p90'))}</b>{#if decider}; what most often decides is “{decider.text}” ({decider.dishName}){/if}.
</p>
