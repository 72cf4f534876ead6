/** Several versions of a problem solved side by side on one budget: the fixes of a meal. */
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';

export interface Variant {
  /** The caller's name for it. */
  id: string;
  problem: Problem;
  /** Only schedules at most so late are of use, min: what cannot be is given up early as impossible. */
  mostDelay?: number;
}

export interface Alternative {
  id: string;
  schedule: Schedule;
}

/** Work in one turn. */
const TURN = 20_000;

export interface AlternativesOptions {
  /** Work for all of them together. */
  work: number;
  /** Work for any one of them. */
  workEach: number;
  /** One that has no schedule at all after so much is given up; one with a limit on its delay is not. */
  workFirst: number;
}

export const alternativesDefaults: Readonly<AlternativesOptions> = {
  work: 10_000_000,
  workEach: Infinity,
  workFirst: Infinity,
};

/**
 * @param edits each a whole problem; none is changed
 * @returns all of them, best first: less delay, then less cost; those without a schedule last
 */
export function alternatives(
  edits: readonly Variant[],
  options: Partial<AlternativesOptions> = {},
): Alternative[] {
  const turns = alternativesInTurns(edits, options);
  for (;;) {
    const { done, value } = turns.next();
    if (done) return value;
  }
}

/** As `alternatives`, giving way after every turn. */
export function* alternativesInTurns(
  edits: readonly Variant[],
  options: Partial<AlternativesOptions> = {},
): Generator<undefined, Alternative[]> {
  const { work, workEach, workFirst } = { ...alternativesDefaults, ...options };
  const searches = edits.map(({ id, problem, mostDelay }) => ({
    id,
    first: mostDelay === undefined ? workFirst : Infinity,
    search: new Search(problem, mostDelay === undefined ? {} : { mostDelay }),
  }));
  let left = work;
  let open = searches.filter((s) => !s.search.isDone);
  while (open.length > 0 && left > 0) {
    for (const { search } of open) {
      const before = search.work;
      search.advance(Math.min(before + TURN, workEach));
      left -= Math.max(1, search.work - before);
      if (left <= 0) break;
      yield;
    }
    open = open.filter(
      ({ search, first }) =>
        !search.isDone && search.work < workEach && (search.hasSchedule || search.work < first),
    );
  }
  return searches
    .map(({ id, search }) => ({ id, schedule: { ...search.answer(), milliseconds: 0 } }))
    .sort((a, b) => compare(a.schedule, b.schedule));
}

/** Less delay first, then less cost; what has no schedule comes last. */
function compare(a: Schedule, b: Schedule): number {
  const rank = ({ cost, delay }: Schedule): [number, number] =>
    cost === null ? [Infinity, Infinity] : [delay ?? 0, cost];
  const [x, y] = [rank(a), rank(b)];
  if (x[0] !== y[0]) return x[0] < y[0] ? -1 : 1;
  return x[1] === y[1] ? 0 : x[1] < y[1] ? -1 : 1;
}
