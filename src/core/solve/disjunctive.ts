/**
 * Things that exclude each other in pairs: stays in one pot, work of one pair of hands, two oven
 * temperatures. Each pair has a yes/no for its order; whatever cannot come first comes second, and
 * what comes second starts after the end of the first. That could be two conditional differences for
 * each pair; here it is one sweep over flat arrays, since a day of one cook has thousands of pairs.
 *
 * @source P. Baptiste, C. Le Pape, W. Nuijten, Constraint-based scheduling (2001), ch. 2: disjunctive
 *   constraint propagation, the precedences found are those P. Vilím calls detectable (2004).
 */
import type { Task } from './cumulative';
import type { Bound, Explainer, Integers } from './integers';

/** Pairs swept for one unit of work; a rule looked up by itself costs about as much as these. */
const PAIRS_PER_VISIT = 8;
/** Where two tasks have no order, for they do not exclude each other. */
export const NO_ORDER = -1;

type Role = 'end' | 'start' | 'present';

/** The threshold that makes a yes/no literal true: 1 for yes, 0 (as −x ≥ 0) for no. */
const threshold = (literal: Bound): number => 1 - (literal & 1);

export class Disjunctive implements Explainer {
  visits = 0;

  private readonly startBound: Bound[];
  private readonly startOffset: number[];
  private readonly endBound: Bound[];
  private readonly endOffset: number[];
  private readonly size: number;
  /** By bound: what its rise means, and for which task. */
  private readonly roles: ([Role, number][] | undefined)[] = [];
  /** By literal of an order: the pairs that it puts in order, as `first * size + second`. */
  private readonly pairs: (number[] | undefined)[] = [];

  /**
   * @param orders by `i * tasks.length + j`: the literal that says i comes before j, even for the yes
   *   and odd for the no of a yes/no variable; `NO_ORDER` where they do not exclude each other
   */
  constructor(
    private readonly ints: Integers,
    private readonly tasks: readonly Task[],
    private readonly orders: Int32Array,
  ) {
    this.size = tasks.length;
    this.startBound = tasks.map((t) => t.start.bound);
    this.startOffset = tasks.map((t) => t.start.offset);
    this.endBound = tasks.map((t) => t.end.bound);
    this.endOffset = tasks.map((t) => t.end.offset);
    tasks.forEach((task, i) => {
      this.addRole(task.end.bound, 'end', i);
      this.addRole(task.start.bound ^ 1, 'start', i);
      for (const condition of task.present) this.addRole(condition, 'present', i);
    });
    orders.forEach((literal, pair) => {
      if (literal === NO_ORDER) return;
      (this.pairs[literal] ??= []).push(pair);
    });
  }

  private addRole(bound: Bound, role: Role, task: number): void {
    (this.roles[bound] ??= []).push([role, task]);
  }

  /** Bounds whose rise matters here. */
  watched(): Bound[] {
    const length = Math.max(this.roles.length, this.pairs.length);
    return Array.from({ length }, (_, bound) => bound).filter(
      (bound) => this.roles[bound] !== undefined || this.pairs[bound] !== undefined,
    );
  }

  /** Reacts to a rise of `bound`; false on conflict. */
  react(bound: Bound): boolean {
    const pairs = this.pairs[bound];
    if (pairs)
      for (const pair of pairs)
        if (!this.look(Math.floor(pair / this.size), pair % this.size)) return false;
    const roles = this.roles[bound];
    if (roles) for (const [role, task] of roles) if (!this.sweep(role, task)) return false;
    return true;
  }

  /** Looks at every pair, for the start of a search. */
  reactAll(): boolean {
    return this.tasks.every((_, i) => this.sweepEnd(i) && this.sweepPresent(i));
  }

  private sweep(role: Role, task: number): boolean {
    if (role === 'end') return this.sweepEnd(task);
    return role === 'start' ? this.sweepStart(task) : this.sweepPresent(task);
  }

  /** The earliest end of `i` rose: whom can it no longer precede, whom does it push later? */
  private sweepEnd(i: number): boolean {
    const { size, orders, startBound, startOffset } = this;
    const { lower } = this.ints;
    this.visits += size / PAIRS_PER_VISIT;
    const end = this.earliestEnd(i);
    for (let j = 0, pair = i * size; j < size; j++, pair++) {
      const literal = orders[pair] as Bound;
      if (literal === NO_ORDER) continue;
      const start = startBound[j] as Bound;
      const offset = startOffset[j] as number;
      // Most pairs are in order as things stand: one look and on.
      if (end <= (lower[start] as number) + offset) continue;
      if ((lower[literal ^ 1] as number) >= (literal & 1)) continue;
      if (end > offset - (lower[start ^ 1] as number)) {
        if (!this.forbid(i, j)) return false;
      } else if ((lower[literal] as number) >= threshold(literal) && !this.push(i, j)) return false;
    }
    return true;
  }

  /** The latest start of `j` fell: who can no longer precede it, whom does it push earlier? */
  private sweepStart(j: number): boolean {
    const { size, orders, endBound, endOffset } = this;
    const { lower } = this.ints;
    this.visits += size / PAIRS_PER_VISIT;
    const start = this.latestStart(j);
    for (let i = 0, pair = j; i < size; i++, pair += size) {
      const literal = orders[pair] as Bound;
      if (literal === NO_ORDER) continue;
      const end = endBound[i] as Bound;
      const offset = endOffset[i] as number;
      if (offset - (lower[end ^ 1] as number) <= start) continue;
      if ((lower[literal ^ 1] as number) >= (literal & 1)) continue;
      if ((lower[end] as number) + offset > start) {
        if (!this.forbid(i, j)) return false;
      } else if ((lower[literal] as number) >= threshold(literal) && !this.push(i, j)) return false;
    }
    return true;
  }

  private sweepPresent(i: number): boolean {
    this.visits += this.size / PAIRS_PER_VISIT;
    for (let j = 0; j < this.size; j++) if (!this.look(i, j) || !this.look(j, i)) return false;
    return true;
  }

  /** Everything about one pair in one order. */
  private look(i: number, j: number): boolean {
    const literal = this.orders[i * this.size + j] as Bound;
    if (literal === NO_ORDER) return true;
    if (this.earliestEnd(i) > this.latestStart(j)) return this.forbid(i, j);
    return !this.isTrue(literal) || this.push(i, j);
  }

  private isTrue(literal: Bound): boolean {
    return this.ints.at(literal) >= threshold(literal);
  }
  private earliestEnd(i: number): number {
    return this.ints.at(this.endBound[i] as Bound) + (this.endOffset[i] as number);
  }
  private latestStart(j: number): number {
    return this.ints.upper(this.startBound[j] as Bound) + (this.startOffset[j] as number);
  }

  /** `i` is known to precede `j`: the one ends before the other starts, if both are present. */
  private push(i: number, j: number): boolean {
    if (!this.isPresent(i) || !this.isPresent(j)) return true;
    const argument = 2 * (i * this.size + j);
    const end = this.endBound[i] as Bound;
    const start = this.startBound[j] as Bound;
    const earliest = this.earliestEnd(i) - (this.startOffset[j] as number);
    if (!this.ints.raise(start, earliest, this, argument)) return false;
    const latest = this.latestStart(j) - (this.endOffset[i] as number);
    return this.ints.raise(end ^ 1, 0 - latest, this, argument + 1);
  }

  private isPresent(i: number): boolean {
    const { present } = this.tasks[i] as Task;
    for (const condition of present) if (this.ints.at(condition) < 1) return false;
    return true;
  }

  /**
   * `i` ends too late to precede `j`: then `j` precedes `i`. Where that is ruled out as well, one of
   * the two is not there.
   */
  private forbid(i: number, j: number): boolean {
    const forward = this.orders[i * this.size + j] as Bound;
    const backward = forward ^ 1;
    if (this.isTrue(backward)) return true;
    const conditions = this.conditionsOf(i, j);
    const open = conditions.filter((c) => this.ints.at(c) < 1);
    if (open.length > 1 || open.some((c) => this.ints.upper(c) < 1)) return true;
    const because: number[] = [];
    for (const condition of conditions) if (condition !== open[0]) because.push(condition, 1);
    this.tooLate(i, j, because);
    if (open.length === 0) return this.ints.raiseBecause(backward, threshold(backward), because);
    if (this.isTrue(forward)) because.push(forward, threshold(forward));
    else if (this.earliestEnd(j) > this.latestStart(i)) this.tooLate(j, i, because);
    else return true;
    return this.ints.raiseBecause((open[0] as Bound) ^ 1, 0, because);
  }

  private conditionsOf(i: number, j: number): readonly Bound[] {
    const first = (this.tasks[i] as Task).present;
    const second = (this.tasks[j] as Task).present;
    if (first.length === 0) return second;
    return second.length === 0 ? first : [...first, ...second];
  }

  /** Literals that say `i` ends after the latest start of `j`. */
  private tooLate(i: number, j: number, out: number[]): void {
    const latest = this.latestStart(j);
    out.push(this.endBound[i] as Bound, latest + 1 - (this.endOffset[i] as number));
    out.push((this.startBound[j] as Bound) ^ 1, (this.startOffset[j] as number) - latest);
  }

  explain(argument: number, _bound: Bound, value: number, out: number[]): void {
    const pair = argument >> 1;
    const i = Math.floor(pair / this.size);
    const j = pair % this.size;
    const shift = (this.startOffset[j] as number) - (this.endOffset[i] as number);
    if ((argument & 1) === 0) out.push(this.endBound[i] as Bound, value + shift);
    else out.push((this.startBound[j] as Bound) ^ 1, value + shift);
    const literal = this.orders[pair] as Bound;
    out.push(literal, threshold(literal));
    for (const condition of (this.tasks[i] as Task).present) out.push(condition, 1);
    for (const condition of (this.tasks[j] as Task).present) out.push(condition, 1);
  }
}
