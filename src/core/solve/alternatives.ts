/** Several versions of a problem solved side by side on one budget: the ways out of a meal. */
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';

export interface Edit {
  /** The caller's name for it. */
  id: string;
  problem: Problem;
}

export interface Alternative {
  id: string;
  schedule: Schedule;
}

/** Work in one turn. */
const TURN = 50_000;

/**
 * @param edits each a whole problem; none is changed
 * @param work for all of them together
 * @returns all of them, best first: less delay, then less cost; those without a schedule last
 */
export function alternatives(edits: readonly Edit[], work = 10_000_000): Alternative[] {
  const searches = edits.map(({ id, problem }) => ({ id, search: new Search(problem) }));
  let left = work;
  let open = searches.filter((s) => !s.search.isDone);
  while (open.length > 0 && left > 0) {
    for (const { search } of open) {
      const before = search.work;
      search.advance(before + TURN);
      left -= Math.max(1, search.work - before);
      if (left <= 0) break;
    }
    open = open.filter((s) => !s.search.isDone);
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
