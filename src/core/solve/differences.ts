/**
 * Difference constraints `to ≥ from + lag`, some of them conditional on yes/no literals: links,
 * lengths that depend on the chosen unit, and both orders of two stays that exclude each other.
 *
 * @source R. Dechter, I. Meiri, J. Pearl, Temporal constraint networks, Artificial Intelligence 49
 *   (1991); conditional (reified) form as in disjunctive temporal problems.
 */
import type { Bound, Explainer, Integers } from './integers';

/** Marks the end of a rule's conditions. */
const NONE = -1;

export class Differences implements Explainer {
  // One entry for each rule; rule 2i + 1 is rule 2i read backwards: −from ≥ −to + lag.
  private readonly from: Bound[] = [];
  private readonly to: Bound[] = [];
  private readonly lag: number[] = [];
  /** Where a rule's conditions start in `conditions`; each list ends with NONE. */
  private readonly when: number[] = [];
  /** Yes/no bounds that must all be at least 1 for a rule to count. */
  private readonly conditions: Bound[] = [NONE];

  /** Rules by the bound whose rise can trigger them. */
  private readonly byFrom: number[][] = [];
  private readonly byCondition: number[][] = [];
  /** Rules looked at so far: the unit in which work is counted. */
  visits = 0;

  constructor(private readonly ints: Integers) {}

  /** Adds `to ≥ from + lag`, valid where every bound in `when` is at least 1. */
  add(from: Bound, to: Bound, lag: number, when: readonly Bound[] = []): void {
    const id = this.from.length;
    const start = when.length === 0 ? 0 : this.conditions.length;
    if (when.length > 0) this.conditions.push(...when, NONE);
    this.from.push(from, to ^ 1);
    this.to.push(to, from ^ 1);
    this.lag.push(lag, lag);
    this.when.push(start, start);
    (this.byFrom[from] ??= []).push(id);
    (this.byFrom[to ^ 1] ??= []).push(id + 1);
    for (const condition of when) (this.byCondition[condition] ??= []).push(id);
  }

  /** Every unconditional rule, for checks on the whole network. */
  *unconditional(): Iterable<{ from: Bound; to: Bound; lag: number }> {
    for (let id = 0; id < this.from.length; id++)
      if (this.when[id] === 0)
        yield {
          from: this.from[id] as Bound,
          to: this.to[id] as Bound,
          lag: this.lag[id] as number,
        };
  }

  /** Reacts to a rise of `bound`; false on conflict. */
  propagate(bound: Bound): boolean {
    const rising = this.byFrom[bound];
    if (rising)
      for (let i = 0; i < rising.length; i++) if (!this.run(rising[i] as number)) return false;
    const decided = this.byCondition[bound];
    if (decided)
      for (let i = 0; i < decided.length; i++) {
        const id = decided[i] as number;
        if (!this.run(id) || !this.run(id + 1)) return false;
      }
    return true;
  }

  /** Runs every rule once, for the start of a search. */
  propagateAll(): boolean {
    for (let id = 0; id < this.from.length; id++) if (!this.run(id)) return false;
    return true;
  }

  private run(id: number): boolean {
    this.visits++;
    const { lower } = this.ints;
    const to = this.to[id] as Bound;
    const reached = (lower[this.from[id] as Bound] as number) + (this.lag[id] as number);
    // Satisfied as things stand, whatever its conditions: by far the most usual case.
    if (reached <= (lower[to] as number)) return true;
    let open = NONE;
    for (let at = this.when[id] as number; ; at++) {
      const condition = this.conditions[at] as Bound;
      if (condition === NONE) break;
      if ((lower[condition] as number) >= 1) continue;
      if ((lower[condition ^ 1] as number) > -1 || open !== NONE) return true;
      open = condition;
    }
    if (open === NONE) return this.ints.raise(to, reached, this, id);
    const room = 0 - (lower[to ^ 1] as number);
    return reached <= room || this.refute(id, open, room);
  }

  /** One condition is open and the rule would be broken: the condition is false. */
  private refute(id: number, open: Bound, room: number): boolean {
    const to = this.to[id] as Bound;
    const because = [this.from[id] as Bound, room + 1 - (this.lag[id] as number), to ^ 1, 0 - room];
    for (let at = this.when[id] as number; this.conditions[at] !== NONE; at++)
      if (this.conditions[at] !== open) because.push(this.conditions[at] as Bound, 1);
    return this.ints.raiseBecause(open ^ 1, 0, because);
  }

  explain(id: number, _bound: Bound, threshold: number, out: number[]): void {
    out.push(this.from[id] as Bound, threshold - (this.lag[id] as number));
    for (let at = this.when[id] as number; this.conditions[at] !== NONE; at++)
      out.push(this.conditions[at] as Bound, 1);
  }
}
