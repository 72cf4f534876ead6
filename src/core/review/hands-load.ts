/** How long hands are busy in one piece: a plan can be on time and still be too hard on one pair of them. */
import type { Problem, Schedule } from '../solve';

/** A pause from here on is a rest: to sit, to drink, to look after a child, min (chosen). */
export const REST_MIN = 5;
/** So long without a rest is too hard, min (chosen). */
export const HARD_MIN = 90;

export interface Stretch {
  /** Minutes on the plan's axis. */
  from: number;
  to: number;
}

/**
 * The longest stretch before serving in which every pair of hands is busy, with pauses that are no rest.
 *
 * @returns null where nobody is needed, or hands are not limited
 */
export function longestWork(problem: Problem, schedule: Schedule): Stretch | null {
  if (problem.hands === undefined) return null;
  const handsOf = new Map(problem.steps.map((s) => [s.id, s.hands ?? 0]));
  const served = problem.serveAt + (schedule.delay ?? 0);
  const changes = schedule.steps
    .filter((s) => s.end > s.start && s.start < served)
    .flatMap(({ id, start, end }) => {
      const hands = handsOf.get(id) ?? 0;
      return hands === 0
        ? []
        : [
            { at: start, by: hands },
            { at: end, by: -hands },
          ];
    })
    .sort((a, b) => a.at - b.at || a.by - b.by);
  let busy = 0;
  let longest: Stretch | null = null;
  let current: Stretch | null = null;
  for (const [i, { at, by }] of changes.entries()) {
    busy += by;
    const to = changes[i + 1]?.at ?? at;
    if (busy < problem.hands || to === at) continue;
    current = current && at - current.to < REST_MIN ? { from: current.from, to } : { from: at, to };
    if (!longest || current.to - current.from > longest.to - longest.from) longest = current;
  }
  return longest;
}

/** Whether the longest stretch of work is too long. */
export function isTooHard(stretch: Stretch | null): stretch is Stretch {
  return stretch !== null && stretch.to - stretch.from >= HARD_MIN;
}
