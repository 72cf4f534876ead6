/**
 * The rest of the evening, solved again after something has happened. What has started is a fact;
 * nothing else starts before now; and moving what the cook has been told has a cost of its own, so
 * that a small slip makes a small change.
 */
import { valueFor, type Problem, type ProblemStep } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';

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
  /** Cost of each minute by which a step moves from what the cook was told. */
  moveCost: number;
}

export const replanDefaults: Readonly<ReplanOptions> = { work: 400_000, moveCost: 1 };

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
  const { work, moveCost } = { ...replanDefaults, ...options };
  const facts = withFacts(problem, schedule, happenings, now);
  const started = new Set(happenings.map((h) => h.step));
  const told = new Map(
    schedule.steps.filter((s) => !started.has(s.id)).map((s) => [s.id, s.start]),
  );
  const units = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const search = new Search(facts, { told: { starts: told, units }, moveCost });
  while (!search.isDone && search.work < work) search.advance(work);
  const answer = { ...search.answer(), milliseconds: 0 };
  const moves = answer.steps
    .flatMap((s): Move[] => {
      const from = told.get(s.id);
      return from === undefined || from === s.start ? [] : [{ step: s.id, from, to: s.start }];
    })
    .sort((a, b) => a.to - b.to);
  return { schedule: answer, moves, problem: facts };
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
      // Between two facts, or after one that ran over, a latest lag may be broken already.
      if (!from || link.max == null) return link;
      const end = from.end ?? Math.max(now, from.start);
      const happened = (to?.start ?? now) - end;
      return to || happened > link.max
        ? { ...link, min: Math.min(link.min ?? 0, happened), max: Math.max(link.max, happened) }
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
