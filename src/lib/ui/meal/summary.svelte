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
  const evenings = $derived(Math.round(plan.chance.onTime * 20));
  const decider = $derived.by(() => {
    const first = plan.chance.decides[0];
    const meaning = plan.compiled.meanings.find((m) => m.id === first?.step);
    return meaning && plan.chance.onTime < 0.95 ? meaning : null;
  });
  const gap = $derived(plan.totals.longestGap);
</script>

<p class="mt-5 max-w-[75ch] text-lg" data-testid="summary">
  Start at <b>{clock(plan.totals.firstStart)}</b>. <b>{formatMinutes(plan.totals.handsOn)}</b> of {kitchen.hands ===
  1
    ? 'your hands'
    : 'work between you'}{#if gap && gap.to - gap.from >= 5}, the longest free stretch {clock(
      gap.from,
    )}–{clock(gap.to)}{/if}. On time in <b>{evenings} evenings of 20</b>{#if decider}: most often {decider.dishName.toLowerCase()}
    decides, “{decider.text.toLowerCase()}”{/if}.
</p>
