/**
 * Conflict analysis: from literals that cannot all hold to one clause that would have prevented the
 * conflict (first unique implication point), and the level at which it first bites.
 *
 * @source J. Marques-Silva, K. Sakallah, GRASP, IEEE Trans. Computers 48 (1999); on bound literals
 *   as in T. Feydy, P. Stuckey, Lazy clause generation reengineered, CP 2009.
 */
import type { Bound, Integers } from './integers';

export interface Learned {
  /** Pairs (bound, threshold); the first is the one to assert. Empty: nothing can help. */
  literals: number[];
  /** The level to return to. */
  level: number;
  /** How many decision levels the literals come from. */
  levels: number;
}

export class Analysis {
  /** By bound: the highest threshold the conflict still needs; NaN-free, undefined means none. */
  private readonly need: (number | undefined)[] = [];
  private readonly needEntry: number[] = [];
  private readonly touched: Bound[] = [];

  constructor(
    private readonly ints: Integers,
    /** Told of every variable met on the way, for the search's sense of what is hard. */
    private readonly onMet: (bound: Bound) => void,
  ) {}

  /** Explains `ints.conflict`. The state must still be the one the conflict was found in. */
  explain(): Learned {
    const { ints } = this;
    const conflict = ints.conflict;
    let level = 0;
    for (let i = 0; i < conflict.length; i += 2) {
      const entry = ints.entryOf(conflict[i] as number, conflict[i + 1] as number);
      if (entry >= 0) level = Math.max(level, ints.entryLevel[entry] as number);
    }
    if (level === 0) return { literals: [], level: 0, levels: 0 };

    let open = 0;
    const add = (bound: Bound, threshold: number): void => {
      const entry = ints.entryOf(bound, threshold);
      if (entry < 0 || ints.entryLevel[entry] === 0) return;
      const before = this.need[bound];
      if (before !== undefined) {
        if (before >= threshold) return;
        if (ints.entryLevel[this.needEntry[bound] as number] === level) open--;
      } else {
        this.touched.push(bound);
        this.onMet(bound);
      }
      this.need[bound] = threshold;
      this.needEntry[bound] = entry;
      if (ints.entryLevel[entry] === level) open++;
    };
    for (let i = 0; i < conflict.length; i += 2)
      add(conflict[i] as number, conflict[i + 1] as number);

    // Walk back along the trail until one literal of the conflict's level is left.
    const reason: number[] = [];
    let entry = ints.trailLength - 1;
    let assertBound: Bound;
    for (; ; entry--) {
      const bound = ints.entryBound[entry] as number;
      const threshold = this.need[bound];
      if (threshold === undefined || this.needEntry[bound] !== entry) continue;
      if (ints.entryLevel[entry] !== level) continue;
      if (open === 1) {
        assertBound = bound;
        break;
      }
      this.need[bound] = undefined;
      open--;
      reason.length = 0;
      ints.entryWhy[entry]?.explain(ints.entryArgument[entry] as number, bound, threshold, reason);
      for (let i = 0; i < reason.length; i += 2) add(reason[i] as number, reason[i + 1] as number);
    }
    const learned = this.collect(assertBound);
    for (const bound of this.touched) this.need[bound] = undefined;
    this.touched.length = 0;
    return learned;
  }

  private collect(assertBound: Bound): Learned {
    const { ints } = this;
    const literals = [assertBound ^ 1, 1 - (this.need[assertBound] as number)];
    const levels = new Set<number>();
    let returnLevel = 0;
    for (const bound of new Set(this.touched)) {
      const threshold = this.need[bound];
      if (threshold === undefined || bound === assertBound) continue;
      if (this.isImplied(bound)) continue;
      const level = ints.entryLevel[this.needEntry[bound] as number] as number;
      literals.push(bound ^ 1, 1 - threshold);
      levels.add(level);
      if (level > returnLevel) {
        returnLevel = level;
        // Keep a literal of the return level in the second place: it is watched.
        const last = literals.length - 2;
        for (const offset of [0, 1]) {
          const kept = literals[2 + offset] as number;
          literals[2 + offset] = literals[last + offset] as number;
          literals[last + offset] = kept;
        }
      }
    }
    return { literals, level: returnLevel, levels: levels.size + 1 };
  }

  /** Whether the other needed literals already imply this one (local minimisation). */
  private isImplied(bound: Bound): boolean {
    const { ints } = this;
    const entry = this.needEntry[bound] as number;
    const why = ints.entryWhy[entry];
    if (!why) return false;
    const reason: number[] = [];
    why.explain(ints.entryArgument[entry] as number, bound, this.need[bound] as number, reason);
    for (let i = 0; i < reason.length; i += 2) {
      const needed = this.need[reason[i] as number];
      // Only an earlier literal may stand in, or two could be dropped for each other's sake.
      if (
        needed !== undefined &&
        needed >= (reason[i + 1] as number) &&
        (this.needEntry[reason[i] as number] as number) < entry
      )
        continue;
      const source = ints.entryOf(reason[i] as number, reason[i + 1] as number);
      if (source >= 0 && ints.entryLevel[source] !== 0) return false;
    }
    return true;
  }
}
