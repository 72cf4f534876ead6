/** Food that waits between two steps: for how long, and where it waits best in this plan. */
import type { Problem, Schedule } from '../solve';
import { OVEN_UNIT } from './types';

/** A wait that is worth a word, and the place for it. */
export interface Parked {
  minutes: number;
  /**
   * In the pot it is in, heat off; there on keep warm, where nobody needs the pot; in a low oven, where it is free;
   * else covered on the counter.
   */
  where: 'in-pot' | 'keep-warm' | 'low-oven' | 'covered';
}

/** Less than this is no wait that anybody has to be told of, min. */
const WORTH_SAYING = 10;
/** Covered, food stays hot for about so long (common practice), min. */
const STAYS_HOT = 30;

/**
 * @param cookers ids of the units with a keep-warm of their own
 * @returns by the id of the step after which it waits; the longest wait where several follow
 */
export function parkedIn(
  problem: Problem,
  schedule: Pick<Schedule, 'steps' | 'blocks'>,
  cookers: ReadonlySet<string>,
): ReadonlyMap<string, Parked> {
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  const stayOf = new Map(schedule.blocks.map((b) => [b.id, b]));
  const blockOf = new Map(problem.steps.map((s) => [s.id, s.block ?? null]));
  const hasOven = (problem.units ?? []).some((u) => u.id === OVEN_UNIT);
  const isFree = (unit: string, from: number, to: number, except: string | null): boolean =>
    !schedule.blocks.some(
      (b) => b.unit === unit && b.id !== except && b.start < to && b.end > from,
    );
  const found = new Map<string, Parked>();
  for (const link of problem.links ?? []) {
    const [from, to] = [timeOf.get(link.from), timeOf.get(link.to)];
    if (link.soft == null || !from || !to) continue;
    const minutes = to.start - from.end;
    if (minutes <= WORTH_SAYING || minutes <= (found.get(link.from)?.minutes ?? 0)) continue;
    const stay = stayOf.get(blockOf.get(link.from) ?? '');
    const isSame = stay !== undefined && blockOf.get(link.to) === stay.id;
    const isPot = stay !== undefined && cookers.has(stay.unit);
    const where = ((): Parked['where'] => {
      if (isSame && isPot) return minutes > STAYS_HOT ? 'keep-warm' : 'in-pot';
      if (minutes <= STAYS_HOT) return 'covered';
      if (isPot && isFree(stay.unit, from.end, to.start, stay.id)) return 'keep-warm';
      return hasOven && isFree(OVEN_UNIT, from.end, to.start, blockOf.get(link.to) ?? null)
        ? 'low-oven'
        : 'covered';
    })();
    found.set(link.from, { minutes, where });
  }
  return found;
}
