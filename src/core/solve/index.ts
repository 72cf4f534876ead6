/** The scheduling engine's one door. What it answers stands in the contract of the plan problem. */
import { findConflict, keepOnly } from './conflict';
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Search, type SearchResult } from './search';
import type { Known } from './wishes';

export { parseProblem, valueFor, linkId } from './problem';
export type { PerUnit, Problem, ProblemBlock, ProblemLink, ProblemStep } from './problem';
export { scheduleSchema, toTimetable } from './schedule';
export type { Schedule } from './schedule';
export { alternatives, alternativesInTurns } from './alternatives';
export type { Variant } from './alternatives';
export { nearestPlan } from './nearest';
export type { Overrun } from './nearest';
export { planFor, sureAfter } from './plan-for';
export type { ChancePlan, PlanForOptions } from './plan-for';
export { inTurn } from './in-turn';
export { replan, stillHolds } from './replan';
export type { Happening } from './replan';
export type { Known } from './wishes';
export { simulate } from './simulate';
export type { Simulation } from './simulate';

interface SolveOptions {
  /** Steps of work (rules looked at) before the search stops with what it has. */
  work: number;
  /** Steps of work between two looks at `shouldStop`. */
  slice: number;
  /** Asked between slices: a clock or a cancel button. */
  shouldStop: () => boolean;
  /** Told of every better schedule as it is found. */
  onImproved: (schedule: Schedule) => void;
  /** Milliseconds since any moment; for the answer's own report only. */
  clock: () => number;
}

/** Work is in rules looked at; so much takes a few seconds on a common machine. */
export const DEFAULT_WORK = 15_000_000;

const defaultOptions: Readonly<SolveOptions> = {
  work: DEFAULT_WORK,
  slice: 200_000,
  shouldStop: () => false,
  onImproved: () => undefined,
  clock: () => 0,
};

/** Share of the work that may go into finding which parts contradict each other, per question. */
const CONFLICT_SHARE = 0.05;

/**
 * Solves a plan problem: least delay, then least cost.
 *
 * @param problem one that `parseProblem` has accepted
 * @returns the schedule with its status; the same for the same work on every machine
 */
export function solve(problem: Problem, options: Partial<SolveOptions> = {}): Schedule {
  const { work, slice, shouldStop, onImproved, clock } = { ...defaultOptions, ...options };
  const startedAt = clock();
  const search = new Search(problem);
  const timed = (answer: SearchResult): Schedule => ({
    ...answer,
    milliseconds: Math.round(clock() - startedAt),
  });
  while (!search.isDone && search.work < work) {
    if (search.advance(Math.min(work, search.work + slice))) onImproved(timed(search.answer()));
    if (shouldStop()) break;
  }
  return timed(finishAnswer(search.answer(), problem, { work: work * CONFLICT_SHARE }));
}

/** A search that is advanced bit by bit, for callers that want the thread in between. */
export function createSearch(problem: Problem, known?: Known): Search {
  return new Search(problem, known ? { known } : {});
}

/** A schedule as a plan that another search of nearly the same problem begins with. */
export const knownFrom = ({ steps, blocks, delay }: SearchResult): Known => ({
  starts: new Map(steps.map((s) => [s.id, s.start])),
  units: new Map(blocks.map((b) => [b.id, b.unit])),
  delay: delay ?? 0,
});

interface ConflictOptions {
  /** For each question asked on the way. */
  work: number;
  /** Parts of one group are left out together or not at all. */
  groupOf: (id: string) => string;
}

const conflictDefaults: Readonly<ConflictOptions> = {
  work: defaultOptions.work * CONFLICT_SHARE,
  groupOf: (id) => id,
};

/** Completes an answer: one that is impossible is told which parts contradict each other. */
export function finishAnswer(
  answer: SearchResult,
  problem: Problem,
  options: Partial<ConflictOptions> = {},
): Schedule {
  const { work, groupOf } = { ...conflictDefaults, ...options };
  const conflict =
    answer.status === 'impossible'
      ? findConflict(problem, (part) => provesImpossible(part, work), groupOf)
      : answer.conflict;
  return { ...answer, conflict, milliseconds: 0 };
}

/** Whether the parts of a conflict contradict each other also where there are hands enough. */
export function isImpossibleWithAllHands(problem: Problem, conflict: readonly string[]): boolean {
  const { hands: _, ...rest } = keepOnly(problem, new Set(conflict));
  return provesImpossible(rest, conflictDefaults.work);
}

function provesImpossible(problem: Problem, work: number): boolean {
  const search = new Search(problem, { firstOnly: true });
  while (!search.isDone && search.work < work) search.advance(work);
  return search.isImpossible;
}
