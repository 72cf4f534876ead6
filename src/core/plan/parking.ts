/** Food that waits between two steps: for how long, and where it waits best in this plan. */
import type { Problem, Schedule } from '../solve';
import { BURNER_UNIT, OVEN_UNIT, type Phase } from './types';

/** A wait that is worth a word, and the place for it. */
export interface Parked {
  minutes: number;
  /**
   * In the pot it is in, heat off; there on keep warm, where nobody needs the pot; in a low oven, where it is free;
   * in a pan over the lowest heat, where it is wet and a burner is free; else covered on the counter.
   */
  where: 'in-pot' | 'keep-warm' | 'low-oven' | 'burner' | 'covered';
  /** It has cooled by then, comes to the table hot, and nothing that follows heats it. */
  isToReheat?: boolean;
}

/** What heats the food that it is done to. */
const HEATS: ReadonlySet<Phase> = new Set<Phase>([
  'seal',
  'come-up',
  'simmer',
  'burner',
  'brown',
  'loosen',
  'thicken',
  'slow',
  'oven',
  'crisp',
  'preheat',
  'put-in',
]);

/** Out of these food is dry: a pan would burn it. */
const DRY: ReadonlySet<Phase> = new Set<Phase>(['oven', 'crisp', 'turn']);

/** Less than this is no wait that anybody has to be told of, min. */
const WORTH_SAYING = 10;
/** Covered, food stays hot for about so long (common practice), min. */
const STAYS_HOT = 30;

/**
 * @param cookers ids of the units with a keep-warm of their own
 * @param phaseOf what the step of an id does
 * @param isServedHot whether the dish that a step is of comes to the table hot
 * @param isInPan whether it lies in a tin, basin or mould of its own: that stands on no burner
 * @returns by the id of the step after which it waits; the longest wait where several follow
 */
export function parkedIn(
  problem: Problem,
  schedule: Pick<Schedule, 'steps' | 'blocks'>,
  cookers: ReadonlySet<string>,
  phaseOf: (step: string) => Phase | undefined = () => undefined,
  isServedHot: (step: string) => boolean = () => false,
  isInPan: (step: string) => boolean = () => false,
): ReadonlyMap<string, Parked> {
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  const stayOf = new Map(schedule.blocks.map((b) => [b.id, b]));
  const blockOf = new Map(problem.steps.map((s) => [s.id, s.block ?? null]));
  const hasOven = (problem.units ?? []).some((u) => u.id === OVEN_UNIT);
  /** Spans in which something else has it. */
  const takenAt = (unit: string, from: number, to: number): number =>
    (problem.units ?? [])
      .find((u) => u.id === unit)
      ?.busy?.filter((b) => b.from < to && b.to > from).length ?? 0;
  const isFree = (unit: string, from: number, to: number, except: string | null): boolean =>
    takenAt(unit, from, to) === 0 &&
    !schedule.blocks.some(
      (b) => b.unit === unit && b.id !== except && b.start < to && b.end > from,
    );
  const burners = (problem.units ?? []).find((u) => u.id === BURNER_UNIT)?.capacity ?? 0;
  /** What is kept on a burner takes one. */
  const onBurners: { start: number; end: number }[] = schedule.blocks.filter(
    (b) => b.unit === BURNER_UNIT,
  );
  const isBurnerFree = (from: number, to: number): boolean =>
    onBurners.filter((b) => b.start < to && b.end > from).length + takenAt(BURNER_UNIT, from, to) <
    burners;
  const found = new Map<string, Parked>();
  for (const link of problem.links ?? []) {
    const [from, to] = [timeOf.get(link.from), timeOf.get(link.to)];
    if (link.soft == null || !from || !to) continue;
    const minutes = to.start - from.end;
    if (minutes <= WORTH_SAYING || minutes <= (found.get(link.from)?.minutes ?? 0)) continue;
    // What goes on at once in its pot is not kept waiting for what else it is needed for.
    const goesOn = (problem.links ?? []).some(
      (l) =>
        l.from === link.from &&
        l.to !== link.to &&
        // Emptying the pot is no going on: the food is lifted out.
        phaseOf(l.to) !== 'rinse' &&
        blockOf.get(l.to) != null &&
        blockOf.get(l.to) === blockOf.get(link.from) &&
        (timeOf.get(l.to)?.start ?? Infinity) - from.end <= WORTH_SAYING,
    );
    if (goesOn) continue;
    const stay = stayOf.get(blockOf.get(link.from) ?? '');
    const isSame = stay !== undefined && blockOf.get(link.to) === stay.id;
    const isPot = stay !== undefined && cookers.has(stay.unit);
    const where = ((): Parked['where'] => {
      if (isSame && isPot) return minutes > STAYS_HOT ? 'keep-warm' : 'in-pot';
      if (minutes <= STAYS_HOT) return 'covered';
      if (isPot && isFree(stay.unit, from.end, to.start, stay.id)) return 'keep-warm';
      if (hasOven && isFree(OVEN_UNIT, from.end, to.start, blockOf.get(link.to) ?? null))
        return 'low-oven';
      const isWet =
        !DRY.has(phaseOf(link.from) ?? 'oven') && isServedHot(link.from) && !isInPan(link.from);
      return isWet && isBurnerFree(from.end, to.start) ? 'burner' : 'covered';
    })();
    if (where === 'burner') onBurners.push({ start: from.end, end: to.start });
    const isCold = where === 'covered' && minutes > STAYS_HOT;
    const isToReheat =
      isCold && isServedHot(link.from) && !isHeated(link.to, problem.links ?? [], phaseOf);
    found.set(link.from, { minutes, where, ...(isToReheat ? { isToReheat } : {}) });
  }
  return found;
}

/** Whether a step heats its food, or one that follows it does. */
function isHeated(
  step: string,
  links: NonNullable<Problem['links']>,
  phaseOf: (step: string) => Phase | undefined,
): boolean {
  const seen = new Set([step]);
  for (const at of seen) {
    const phase = phaseOf(at);
    if (phase !== undefined && HEATS.has(phase)) return true;
    for (const link of links) if (link.from === at) seen.add(link.to);
  }
  return false;
}
