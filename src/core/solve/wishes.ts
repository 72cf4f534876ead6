/** What a search may be asked beside the contract. */

/** What the cook has been told so far. */
export interface Told {
  /** Planned start by step, for those that have not started. */
  starts: ReadonlyMap<string, number>;
  /** Unit by block. */
  units: ReadonlyMap<string, string>;
}

export interface SearchWishes {
  /** Stop at the first schedule. */
  firstOnly?: boolean;
  /** Only schedules at most so late count, min from 0; without one, the problem is impossible. */
  mostDelay?: number;
  /** Each minute by which a start moves from this costs `moveCost`. */
  told?: Told;
  moveCost?: number;
}
