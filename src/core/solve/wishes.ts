/** What a search may be asked beside the contract. */

/** What the cook has been told so far. */
export interface Told {
  /** Planned start by step, for those that have not started. */
  starts: ReadonlyMap<string, number>;
  /** Unit by block. */
  units: ReadonlyMap<string, string>;
}

/** A plan to begin with: it costs nothing to leave it. */
export interface Known extends Told {
  /** What all due times move by in it, min. */
  delay: number;
}

export interface SearchWishes {
  /** Where the search begins; steps and blocks that it does not know are left open. */
  known?: Known;
  /** Stop at the first schedule. */
  firstOnly?: boolean;
  /** Only schedules at most so late count, min from 0; without one, the problem is impossible. */
  mostDelay?: number;
  /** Moving a start from this costs what `moveCosts` says. */
  told?: Told;
  moveCosts?: MoveCosts;
}

/** What it costs to move what the cook has been told. */
export interface MoveCosts {
  /** For each minute. */
  minute: number;
  /** Once for each step of the hands that moves at all: nothing moves for a minute or two. */
  once: number;
  /** Both are so many times as dear for what is told to start before this moment. */
  soon: { before: number; times: number };
}

/** @returns the price of a minute, and that of moving at all, of one step */
export function moveCostOf(
  { minute, once, soon }: MoveCosts,
  start: number,
  hands: number,
): { minute: number; once: number } {
  const times = start < soon.before ? soon.times : 1;
  return { minute: minute * times, once: hands > 0 ? once * times : 0 };
}

/** @returns what all moves of a plan cost together */
export function movingCost(
  { told, moveCosts }: SearchWishes,
  starts: readonly { id: string; start: number }[],
  handsOf: ReadonlyMap<string, number>,
): number {
  if (!told || !moveCosts) return 0;
  return starts.reduce((sum, { id, start }) => {
    const from = told.starts.get(id) ?? start;
    if (from === start) return sum;
    const price = moveCostOf(moveCosts, from, handsOf.get(id) ?? 0);
    return sum + price.once + price.minute * Math.abs(start - from);
  }, 0);
}
