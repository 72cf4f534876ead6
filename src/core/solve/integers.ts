/**
 * Bounded integers on a trail: the state that propagation narrows and backtracking restores.
 *
 * A variable x is two *bounds*: bound 2i is x itself, bound 2i+1 is −x, each with its lower value.
 * So the upper value of x is −lower[2i+1], and every rule is written once, for lower values.
 * A *literal* is a pair (bound, threshold) and means: bound ≥ threshold. Its opposite is
 * (bound^1, 1 − threshold). A yes/no variable is one with values 0 and 1.
 *
 * @source O. Ohrimenko, P. Stuckey, M. Codish, Propagation via lazy clause generation,
 *   Constraints 14 (2009); the two-bounds form after L. Perron and V. Furnon's description of CP-SAT.
 */

/** Index of one side of a variable: even for x, odd for −x. */
export type Bound = number;

/** Says, after the fact, which earlier literals made `bound ≥ threshold` true. */
export interface Explainer {
  /**
   * @param out receives pairs (bound, threshold), all true before the explained entry
   */
  explain(argument: number, bound: Bound, threshold: number, out: number[]): void;
}

export class Integers {
  /** Current lower value of each bound. */
  readonly lower: number[] = [];
  /** Trail position that set each bound's current value; −1 for the initial one. */
  readonly latest: number[] = [];
  /** Literals (pairs) that cannot all hold; filled where `raise` returns false. */
  conflict: number[] = [];

  readonly entryBound: number[] = [];
  readonly entryValue: number[] = [];
  readonly entryBefore: number[] = [];
  readonly entryPrevious: number[] = [];
  readonly entryLevel: number[] = [];
  readonly entryWhy: (Explainer | null)[] = [];
  readonly entryArgument: number[] = [];

  private readonly levelStart: number[] = [];
  private readonly arena: number[] = [];
  private readonly arenaStart: number[] = [];

  // Written 0 − x throughout, for −0 would turn every array of whole numbers into one of doubles.

  /** Adds a variable with values from `low` to `high`; returns its positive bound. */
  add(low: number, high: number): Bound {
    const bound = this.lower.length;
    this.lower.push(low, 0 - high);
    this.latest.push(-1, -1);
    return bound;
  }

  /** Current greatest value of a bound. */
  upper(bound: Bound): number {
    return 0 - this.at(bound ^ 1);
  }

  /** Current least value of a bound. */
  at(bound: Bound): number {
    return this.lower[bound] as number;
  }

  isFixed(bound: Bound): boolean {
    return this.at(bound) === -this.at(bound ^ 1);
  }

  get level(): number {
    return this.levelStart.length;
  }

  get trailLength(): number {
    return this.entryBound.length;
  }

  /** Opens a decision level. */
  pushLevel(): void {
    this.levelStart.push(this.entryBound.length);
    this.arenaStart.push(this.arena.length);
  }

  /**
   * Makes `bound ≥ value` true.
   *
   * @param why who can explain it; null for a decision or a fact at level 0
   * @returns false where the value is over the upper one; `conflict` then says why
   */
  raise(bound: Bound, value: number, why: Explainer | null, argument: number): boolean {
    const before = this.at(bound);
    if (value <= before) return true;
    const upper = 0 - this.at(bound ^ 1);
    if (value > upper) {
      this.conflict = [bound ^ 1, 0 - upper];
      // The least violating threshold gives the most general reason.
      why?.explain(argument, bound, upper + 1, this.conflict);
      return false;
    }
    this.entryBound.push(bound);
    this.entryValue.push(value);
    this.entryBefore.push(before);
    this.entryPrevious.push(this.latest[bound] as number);
    this.entryLevel.push(this.levelStart.length);
    this.entryWhy.push(why);
    this.entryArgument.push(argument);
    this.latest[bound] = this.entryBound.length - 1;
    this.lower[bound] = value;
    return true;
  }

  /** `raise` with its reason written down now: pairs (bound, threshold), all true at this moment. */
  raiseBecause(bound: Bound, value: number, because: readonly number[]): boolean {
    if (value <= this.at(bound)) return true;
    const offset = this.arena.length;
    this.arena.push(because.length);
    for (const number of because) this.arena.push(number);
    return this.raise(bound, value, this.written, offset);
  }

  /** Explains entries made by `raiseBecause`. */
  private readonly written: Explainer = {
    explain: (offset, _bound, _threshold, out) => {
      const length = this.arena[offset] as number;
      for (let i = 1; i <= length; i++) out.push(this.arena[offset + i] as number);
    },
  };

  /**
   * The trail entry that first made `bound ≥ threshold` true.
   *
   * @returns its position, or −1 where the initial value already did
   */
  entryOf(bound: Bound, threshold: number): number {
    let entry = this.latest[bound] as number;
    while (entry >= 0 && (this.entryBefore[entry] as number) >= threshold)
      entry = this.entryPrevious[entry] as number;
    return entry;
  }

  /** The lower value that `bound` had before trail position `position`. */
  valueAt(bound: Bound, position: number): number {
    let entry = this.latest[bound] as number;
    let value = this.at(bound);
    while (entry >= position) {
      value = this.entryBefore[entry] as number;
      entry = this.entryPrevious[entry] as number;
    }
    return value;
  }

  /** Undoes everything above `level`. */
  backtrack(level: number): void {
    if (level >= this.levelStart.length) return;
    const keep = this.levelStart[level] as number;
    for (let entry = this.entryBound.length - 1; entry >= keep; entry--) {
      const bound = this.entryBound[entry] as number;
      this.lower[bound] = this.entryBefore[entry] as number;
      this.latest[bound] = this.entryPrevious[entry] as number;
    }
    for (const list of [
      this.entryBound,
      this.entryValue,
      this.entryBefore,
      this.entryPrevious,
      this.entryLevel,
      this.entryWhy,
      this.entryArgument,
    ])
      list.length = keep;
    this.arena.length = this.arenaStart[level] as number;
    this.levelStart.length = level;
    this.arenaStart.length = level;
  }
}
