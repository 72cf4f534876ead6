/**
 * Clauses over bound literals with two watched literals: what the problem says about choices, and
 * what the search has learned from its conflicts (nogoods).
 *
 * @source M. Moskewicz et al., Chaff: engineering an efficient SAT solver, DAC 2001 (watching);
 *   G. Audemard, L. Simon, Predicting learnt clauses quality in modern SAT solvers, IJCAI 2009
 *   (keeping those that join few decision levels).
 */
import type { Bound, Explainer, Integers } from './integers';

/** At least one of the literals (pairs bound, threshold) holds; the first two are watched. */
interface Clause {
  literals: number[];
  learned: boolean;
  /** Decision levels its literals came from; few is good. */
  levels: number;
  dropped: boolean;
}

const ENTRY = 4;
/** Watch entries read for one unit of work. */
const ENTRIES_PER_VISIT = 8;

export class Clauses implements Explainer {
  private readonly all: Clause[] = [];
  /**
   * By the bound whose rise can make a watched literal false, `ENTRY` numbers for each: the clause, from
   * which value on the literal is false, and another literal of it (bound, threshold) that may hold.
   */
  private readonly watchers: number[][] = [];
  private learned = 0;
  private learnedLimit = 4000;
  visits = 0;

  constructor(private readonly ints: Integers) {}

  /**
   * Adds a clause of two literals or more; the first two must be the ones to watch
   * (for a learned clause: the asserting one, and one from the level to return to).
   *
   * @returns the clause's number, the argument under which it explains
   */
  add(literals: number[], learned = false, levels = 0): number {
    const id = this.all.length;
    this.all.push({ literals, learned, levels, dropped: false });
    this.watch(id, 0);
    this.watch(id, 2);
    if (learned) this.learned++;
    return id;
  }

  /** Reacts to a rise of `bound`; false on conflict. */
  propagate(bound: Bound): boolean {
    const list = this.watchers[bound];
    if (!list) return true;
    const { lower } = this.ints;
    const reached = lower[bound] as number;
    this.visits += list.length / (ENTRY * ENTRIES_PER_VISIT);
    let kept = 0;
    for (let i = 0; i < list.length; i += ENTRY) {
      const blocker = list[i + 2] as number;
      // Not false yet, or the clause holds anyway: nothing of the clause itself need be read.
      const isIdle =
        reached < (list[i + 1] as number) || (lower[blocker] as number) >= (list[i + 3] as number);
      const verdict = isIdle ? 'kept' : this.visit(list[i] as number, bound);
      if (verdict !== 'moved') {
        if (kept !== i) move(list, i, kept);
        kept += ENTRY;
      }
      if (verdict === 'conflict') {
        for (let rest = i + ENTRY; rest < list.length; rest += ENTRY, kept += ENTRY)
          move(list, rest, kept);
        list.length = kept;
        return false;
      }
    }
    list.length = kept;
    return true;
  }

  private visit(id: number, bound: Bound): 'kept' | 'moved' | 'conflict' {
    const clause = this.all[id] as Clause;
    if (clause.dropped) return 'moved';
    this.visits++;
    const lits = clause.literals;
    const { ints } = this;
    // Bring the literal that may have become false to the second place.
    if (lits[0] === (bound ^ 1) && isFalse(ints, lits, 0)) swap(lits, 0, 2);
    if (lits[2] !== (bound ^ 1) || !isFalse(ints, lits, 2)) return 'kept';
    if (ints.at(lits[0] as number) >= (lits[1] as number)) return 'kept';
    for (let at = 4; at < lits.length; at += 2) {
      if (isFalse(ints, lits, at)) continue;
      swap(lits, 2, at);
      this.watch(id, 2);
      return 'moved';
    }
    return ints.raise(lits[0] as number, lits[1] as number, this, id) ? 'kept' : 'conflict';
  }

  explain(id: number, bound: Bound, _threshold: number, out: number[]): void {
    const lits = (this.all[id] as Clause).literals;
    for (let at = 0; at < lits.length; at += 2)
      if (lits[at] !== bound) out.push((lits[at] as number) ^ 1, 1 - (lits[at + 1] as number));
  }

  /** Forgets the weaker half of what was learned once there is too much; call at level 0 only. */
  tidy(): void {
    if (this.learned < this.learnedLimit) return;
    const candidates = this.all.filter((c) => c.learned && !c.dropped && c.levels > 2);
    candidates.sort((a, b) => b.levels - a.levels || b.literals.length - a.literals.length);
    for (const clause of candidates.slice(0, candidates.length >> 1)) {
      clause.dropped = true;
      clause.literals = [];
      this.learned--;
    }
    this.learnedLimit += 500;
  }

  private watch(id: number, at: number): void {
    const lits = (this.all[id] as Clause).literals;
    const other = 2 - at;
    (this.watchers[(lits[at] as number) ^ 1] ??= []).push(
      id,
      1 - (lits[at + 1] as number),
      lits[other] as number,
      lits[other + 1] as number,
    );
  }
}

function isFalse(ints: Integers, lits: readonly number[], at: number): boolean {
  return ints.upper(lits[at] as number) < (lits[at + 1] as number);
}

function swap(lits: number[], a: number, b: number): void {
  for (const offset of [0, 1]) {
    const kept = lits[a + offset] as number;
    lits[a + offset] = lits[b + offset] as number;
    lits[b + offset] = kept;
  }
}

/** Moves one watch entry; `copyWithin` on a plain array is many times slower. */
function move(list: number[], from: number, to: number): void {
  for (let offset = 0; offset < ENTRY; offset++) list[to + offset] = list[from + offset] as number;
}
