/** The scheduling engine's one door. What it answers stands in the contract of the plan problem. */
import { findConflict } from './conflict';
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';

export { parseProblem, valueFor, linkId } from './problem';
export type { Problem, ProblemBlock, ProblemDish, ProblemLink, ProblemStep, PerUnit } from './problem';
export { scheduleSchema, toTimetable } from './schedule';
export type { Schedule } from './schedule';
export { simulate } from './simulate';
export type { Simulation } from './simulate';

export interface SolveOptions {
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

/** Work is in rules looked at; 60 million take a few seconds on a common machine. */
export const defaultOptions: Readonly<SolveOptions> = {
  work: 60_000_000,
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
  const finish = (answer: Omit<Schedule, 'milliseconds'>): Schedule => ({
    ...answer,
    milliseconds: Math.round(clock() - startedAt),
  });
  const search = new Search(problem);
  while (!search.isDone && search.work < work) {
    if (search.advance(Math.min(work, search.work + slice))) onImproved(finish(search.answer()));
    if (shouldStop()) break;
  }
  const answer = search.answer();
  if (answer.status !== 'impossible') return finish(answer);
  const conflict = findConflict(problem, (part) => provesImpossible(part, work * CONFLICT_SHARE));
  return finish({ ...answer, conflict });
}

function provesImpossible(problem: Problem, work: number): boolean {
  const search = new Search(problem, true);
  while (!search.isDone && search.work < work) search.advance(work);
  return search.isImpossible;
}
