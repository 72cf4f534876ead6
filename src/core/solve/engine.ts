/**
 * Propagation to a fixed point, learning from conflicts, and returning to where what was learned
 * bites. It knows variables and rules, not kitchens, and makes no decisions of its own.
 */
import { Analysis } from './analysis';
import { Clauses } from './clauses';
import { Differences } from './differences';
import { Integers, type Bound } from './integers';

/** A rule that reacts to each rise of a bound at once. */
export interface Reactor {
  readonly visits: number;
  watched(): Iterable<Bound>;
  /** Reacts to one rise; false on conflict. */
  react(bound: Bound): boolean;
  /** Looks at everything once, for the start. */
  reactAll(): boolean;
}

/** A rule that is run as a whole after the cheap ones are done. */
export interface Propagator {
  readonly visits: number;
  watched(): Iterable<Bound>;
  /** Narrows what it can; false on conflict, which then stands in `Integers.conflict`. */
  propagate(): boolean;
}

export class Engine {
  readonly ints = new Integers();
  readonly differences = new Differences(this.ints);
  readonly clauses = new Clauses(this.ints);
  /** Conflicts met so far. */
  conflicts = 0;
  /** True once a contradiction was found that rests on no decision. */
  refuted = false;

  private readonly reactors: Reactor[] = [];
  private readonly reacting: Reactor[][] = [];
  private readonly propagators: Propagator[] = [];
  private readonly watching: number[][] = [];
  private readonly pending: boolean[] = [];
  private readonly analysis: Analysis;
  private head = 0;

  constructor(onMet: (bound: Bound) => void) {
    this.analysis = new Analysis(this.ints, onMet);
  }

  addPropagator(propagator: Propagator): void {
    const id = this.propagators.length;
    this.propagators.push(propagator);
    this.pending.push(true);
    for (const bound of new Set(propagator.watched())) (this.watching[bound] ??= []).push(id);
  }

  addReactor(reactor: Reactor): void {
    this.reactors.push(reactor);
    for (const bound of reactor.watched()) (this.reacting[bound] ??= []).push(reactor);
  }

  /** Adds a clause before the search; a single literal becomes a fact. */
  addClause(literals: number[]): void {
    if (literals.length === 0) this.refuted = true;
    else if (literals.length === 2) this.addFact(literals[0] as number, literals[1] as number);
    else this.clauses.add(literals);
  }

  /** Makes a literal true for good; call at level 0. */
  addFact(bound: Bound, threshold: number): void {
    if (!this.ints.raise(bound, threshold, null, 0)) this.refuted = true;
  }

  /** Work done: rules looked at. The same on every machine for the same problem. */
  get work(): number {
    let sum = this.differences.visits + this.clauses.visits;
    for (const reactor of this.reactors) sum += reactor.visits;
    for (const propagator of this.propagators) sum += propagator.visits;
    return Math.ceil(sum);
  }

  /** Runs every rule once and then all to a fixed point, for the start; false on conflict. */
  propagateAll(): boolean {
    return (
      this.differences.propagateAll() &&
      this.reactors.every((reactor) => reactor.reactAll()) &&
      this.propagate()
    );
  }

  /** Runs all rules to a fixed point; false on conflict. */
  propagate(): boolean {
    const { ints } = this;
    for (;;) {
      while (this.head < ints.trailLength) {
        const bound = ints.entryBound[this.head++] as number;
        for (const id of this.watching[bound] ?? []) this.pending[id] = true;
        if (!this.clauses.propagate(bound) || !this.differences.propagate(bound)) return false;
        const reacting = this.reacting[bound];
        if (reacting) for (const reactor of reacting) if (!reactor.react(bound)) return false;
      }
      const next = this.pending.indexOf(true);
      if (next < 0) return true;
      this.pending[next] = false;
      if (!(this.propagators[next] as Propagator).propagate()) {
        this.pending[next] = true;
        return false;
      }
    }
  }

  decide(bound: Bound, threshold: number): void {
    this.ints.pushLevel();
    this.ints.raise(bound, threshold, null, 0);
  }

  /** Decides a yes/no. */
  choose(bound: Bound, value: number): void {
    if (value >= 1) this.decide(bound, 1);
    else this.decide(bound ^ 1, 0);
  }

  backtrack(level: number): void {
    this.ints.backtrack(level);
    this.head = Math.min(this.head, this.ints.trailLength);
  }

  /**
   * Learns from the conflict just found and returns to where the lesson applies.
   *
   * @param floor a level that is kept where the lesson allows it, though it may apply lower still:
   *   what is assumed below would only be assumed again
   * @returns false where nothing is left to try: the rules contradict each other
   */
  learn(floor = 0): boolean {
    this.conflicts++;
    const { level } = this.ints;
    const learned = this.analysis.explain();
    const keepsFloor = learned.literals.length > 2 && level > floor;
    this.backtrack(keepsFloor ? Math.max(learned.level, floor) : learned.level);
    const [bound, threshold] = learned.literals;
    if (bound === undefined || threshold === undefined) {
      this.refuted = true;
      return false;
    }
    if (learned.literals.length === 2) {
      this.addFact(bound, threshold);
      return !this.refuted;
    }
    const id = this.clauses.add(learned.literals, true, learned.levels);
    // The others are false at the level returned to, so this one follows.
    return this.ints.raise(bound, threshold, this.clauses, id) || this.learn(floor);
  }
}
