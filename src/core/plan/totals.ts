/** A plan in numbers a cook asks for first. */
import type { Problem, Schedule } from '../solve';

export interface Totals {
  /** Minutes on the plan's axis. */
  firstStart: number;
  ready: number;
  /** Minutes in which somebody is busy, added over all cooks. */
  handsOn: number;
  /** The longest stretch before serving in which nobody is needed; null where there is none. */
  longestGap: { from: number; to: number } | null;
}

/** What is begun so long before all else belongs to the same day, min. */
const SAME_DAY = 240;

/** Steps that count for the evening: those aside (a soak, washing up) don't. */
export function totalsOf(problem: Problem, schedule: Schedule): Totals {
  const handsOf = new Map(problem.steps.map((s) => [s.id, s.hands ?? 0]));
  const aside = new Set(problem.steps.filter((s) => s.aside).map((s) => s.id));
  const counted = schedule.steps.filter((s) => !aside.has(s.id));
  const served = problem.serveAt + (schedule.delay ?? 0);
  const begun = Math.min(served, ...counted.map((s) => s.start));
  // A soak of the same day has to be begun by somebody, too.
  const firstStart = Math.min(
    begun,
    ...schedule.steps.filter((s) => s.start >= begun - SAME_DAY).map((s) => s.start),
  );
  const busy = schedule.steps
    .filter((s) => (handsOf.get(s.id) ?? 0) > 0 && s.end > s.start && s.start < served)
    .sort((a, b) => a.start - b.start);
  const handsOn = counted.reduce((sum, s) => sum + (s.end - s.start) * (handsOf.get(s.id) ?? 0), 0);
  let longestGap: Totals['longestGap'] = null;
  let freeFrom = firstStart;
  for (const step of [...busy, { start: served, end: served }]) {
    const length = step.start - freeFrom;
    if (length > 0 && length > (longestGap ? longestGap.to - longestGap.from : 0))
      longestGap = { from: freeFrom, to: step.start };
    freeFrom = Math.max(freeFrom, step.end);
  }
  return { firstStart, ready: served, handsOn, longestGap };
}
