import type { Problem } from './problem';

/**
 * A moment by which some schedule ends if any exists: after the last absolute moment, whatever is
 * idle can be closed up to the lags, so lengths, turnarounds, lags and due times laid end to end
 * are always enough.
 */
export function horizonOf(problem: Problem): number {
  const moments = [
    problem.earliest,
    problem.serveAt,
    ...(problem.away ?? []).map((a) => a.to),
    ...(problem.units ?? []).flatMap((u) => (u.busy ?? []).map((b) => b.to)),
    ...problem.steps.flatMap((s) => [s.from, s.by].filter((m): m is number => m != null)),
  ];
  const dues = [problem.serveAt, ...(problem.dishes ?? []).map((d) => d.dueAt ?? problem.serveAt)];
  let total = Math.max(...dues) - Math.min(...dues);
  for (const step of problem.steps)
    total +=
      typeof step.minutes === 'number' ? step.minutes : Math.max(0, ...Object.values(step.minutes));
  for (const block of problem.blocks ?? []) total += block.turnaround ?? 0;
  for (const link of problem.links ?? [])
    total += Math.abs(link.min ?? 0) + Math.max(0, -(link.max ?? 0));
  return Math.max(...moments, ...dues) + total;
}
