/**
 * The rest of the evening, solved again after something has happened. What has started is a fact;
 * nothing else starts before now. A plan that changes all the time is not followed: one that still
 * holds within a few minutes is kept, and in a new one moving what the cook has been told has a cost
 * of its own, most of all for what is to be done next.
 */
import { driftOf } from './drift';
import { valueFor, type Problem, type ProblemStep } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';
import type { MoveCosts, SearchWishes } from './wishes';

/** What is known of a step: when it started, and when it ended if it has. Minutes on the axis. */
export interface Happening {
  step: string;
  start: number;
  end?: number;
}

export interface Move {
  step: string;
  /** Planned start before and after. */
  from: number;
  to: number;
}

export interface Replanned {
  schedule: Schedule;
  /** What moved, in order of time; steps that have started are not listed. */
  moves: Move[];
  /** The problem as it stands now, facts and all. */
  problem: Problem;
}

export interface ReplanOptions {
  work: number;
  /** What moving costs against a minute that a dish waits; `soon` counts from now. */
  moveCosts: Omit<MoveCosts, 'soon'> & { soon: { within: number; times: number } };
}

/** Nobody follows a plan that moves by a minute or two, or moves what they are about to do (common practice). */
export const replanDefaults: Readonly<ReplanOptions> = {
  work: 400_000,
  moveCosts: { minute: 2, once: 10, soon: { within: 10, times: 10 } },
};

/**
 * @param schedule what the cook was told
 * @param happenings one for each step that has started; whole minutes
 * @param now the current minute on the axis
 */
export function replan(
  problem: Problem,
  schedule: Schedule,
  happenings: readonly Happening[],
  now: number,
  options: Partial<ReplanOptions> = {},
): Replanned {
  const { work, moveCosts } = { ...replanDefaults, ...options };
  const facts = withFacts(problem, schedule, happenings, now);
  const started = new Set(happenings.map((h) => h.step));
  const told = new Map(
    schedule.steps.filter((s) => !started.has(s.id)).map((s) => [s.id, s.start]),
  );
  const units = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const { within, times } = moveCosts.soon;
  const wishes = {
    told: { starts: told, units },
    moveCosts: { ...moveCosts, soon: { before: now + within, times } },
  };
  const late = schedule.delay ?? 0;
  const sooner =
    late > WORTH_SOONER
      ? answerOf(facts, { ...wishes, mostDelay: late - WORTH_SOONER }, work)
      : null;
  const near =
    sooner !== null && sooner.cost !== null
      ? sooner
      : notBefore(late, (later) => answerOf(later, wishes, work), facts);
  // So much has changed that what was told is no guide any more.
  const answer = near.status === 'unknown' ? answerOf(facts, {}, 2 * work) : near;
  const moves = answer.steps
    .flatMap((s): Move[] => {
      const from = told.get(s.id);
      return from === undefined || from === s.start ? [] : [{ step: s.id, from, to: s.start }];
    })
    .sort((a, b) => a.to - b.to);
  return { schedule: answer, moves, problem: facts };
}

/** A table that could be so much sooner is said again, min; a plan that was told late is else kept late. */
const WORTH_SOONER = 5;

function answerOf(problem: Problem, wishes: SearchWishes, work: number): Schedule {
  const search = new Search(problem, wishes);
  while (!search.isDone && search.work < work) search.advance(work);
  return { ...search.answer(), milliseconds: 0 };
}

/** An answer that is at least so many minutes late: food is ready for the table that was told. */
function notBefore(
  late: number,
  answer: (problem: Problem) => Schedule,
  problem: Problem,
): Schedule {
  const found = answer({
    ...problem,
    serveAt: problem.serveAt + late,
    dishes: (problem.dishes ?? []).map((d) =>
      d.dueAt == null ? d : { ...d, dueAt: d.dueAt + late },
    ),
  });
  return {
    ...found,
    delay: found.delay === null ? null : found.delay + late,
    delayBound: found.delayBound + late,
  };
}

/** Less is no reason for a new plan: a step that begins so much later, a dish that is ready so much later, min. */
const KEEPS = { step: 8, table: 4, wait: 3 };

/**
 * Whether what the cook was told still holds: everything that has not begun can begin when it was told,
 * or a few minutes later; no dish is late by more than a guest would notice, and nothing waits longer than it may.
 *
 * @param schedule what the cook was told
 * @param happenings one for each step that has started; whole minutes
 * @param now the current minute on the axis
 */
export function stillHolds(
  problem: Problem,
  schedule: Schedule,
  happenings: readonly Happening[],
  now: number,
): boolean {
  const facts = withFacts(problem, schedule, happenings, now);
  const told = new Set(schedule.steps.map((s) => s.id));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const isThere = facts.steps.every((s) => told.has(s.id));
  const isInPlace = (facts.blocks ?? []).every((b) => b.units.includes(unitOf.get(b.id) ?? ''));
  if (!isThere || !isInPlace) return false;
  const begun = new Set(happenings.map((h) => h.step));
  const { later, late, overWait } = driftOf(facts, schedule, begun);
  // A table that was told late may be sooner after all.
  if ((schedule.delay ?? 0) > WORTH_SOONER) {
    const { late: least } = driftOf(facts, schedule, begun, true);
    if (least <= -WORTH_SOONER) return false;
  }
  return (
    overWait < KEEPS.wait && late < KEEPS.table && [...later.values()].every((m) => m < KEEPS.step)
  );
}

/** The problem with what has happened: moments fixed, units taken, and nothing new before now. */
function withFacts(
  problem: Problem,
  schedule: Schedule,
  happenings: readonly Happening[],
  now: number,
): Problem {
  const known = new Map(happenings.map((h) => [h.step, h]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const begun = new Set(problem.steps.filter((s) => known.has(s.id)).map((s) => s.block));
  return {
    ...problem,
    earliest: Math.min(problem.earliest, ...happenings.map((h) => h.start)),
    steps: problem.steps.map((step) => {
      const unit = step.block == null ? undefined : unitOf.get(step.block);
      return factOf(step, known.get(step.id), unit, now);
    }),
    blocks: (problem.blocks ?? []).map((b) =>
      begun.has(b.id) ? { ...b, units: [unitOf.get(b.id) ?? ''] } : b,
    ),
    links: (problem.links ?? []).map((link) => {
      const [from, to] = [known.get(link.from), known.get(link.to)];
      if (!from) return link;
      const end = from.end ?? Math.max(now, from.start);
      const happened = (to?.start ?? now) - end;
      // Between two facts, or after one that ran over, what was asked may be broken already.
      const min = to ? Math.min(link.min ?? 0, happened) : (link.min ?? 0);
      if (link.max == null) return { ...link, min };
      return to || happened > link.max
        ? { ...link, min: Math.min(min, happened), max: Math.max(link.max, happened) }
        : link;
    }),
  };
}

/** A started step lasts as long as it did, or as long as expected but at least until now. */
function factOf(
  step: ProblemStep,
  happening: Happening | undefined,
  unit: string | undefined,
  now: number,
): ProblemStep {
  if (!happening) return { ...step, from: Math.max(step.from ?? -Infinity, now) };
  const expected = valueFor(step.minutes, unit) ?? 0;
  const minutes =
    happening.end === undefined
      ? Math.max(expected, now - happening.start)
      : happening.end - happening.start;
  return { ...step, minutes, p90: minutes, from: happening.start, by: happening.start + minutes };
}
