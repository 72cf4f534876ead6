/**
 * Difference constraints `to ≥ from + lag`, some of them conditional on yes/no literals: links,
 * lengths that depend on the chosen unit, and both orders of two stays that exclude each other.
 *
 * @source R. Dechter, I. Meiri, J. Pearl, Temporal constraint networks, Artificial Intelligence 49
 *   (1991); conditional (reified) form as in disjunctive temporal problems.
 */
import type { Bound, Explainer, Integers } from './integers';

interface Difference {
  from: Bound;
  to: Bound;
  lag: number;
  /** Yes/no bounds that must all be at least 1 for the rule to count. */
  when: readonly Bound[];
  /** The same rule read backwards: −from ≥ −to + lag. */
  mirror: number;
}

export class Differences implements Explainer {
  private readonly rules: Difference[] = [];
  /** Rules by the bound whose rise can trigger them. */
  private readonly byFrom: number[][] = [];
  private readonly byCondition: number[][] = [];
  /** Rules looked at so far: the unit in which work is counted. */
  visits = 0;

  constructor(private readonly ints: Integers) {}

  /** Adds `to ≥ from + lag`, valid where every bound in `when` is at least 1. */
  add(from: Bound, to: Bound, lag: number, when: readonly Bound[] = []): void {
    const id = this.rules.length;
    this.rules.push({ from, to, lag, when, mirror: id + 1 });
    this.rules.push({ from: to ^ 1, to: from ^ 1, lag, when, mirror: id });
    (this.byFrom[from] ??= []).push(id);
    (this.byFrom[to ^ 1] ??= []).push(id + 1);
    for (const condition of when) (this.byCondition[condition] ??= []).push(id);
  }

  /** Every unconditional rule, for checks on the whole network. */
  *unconditional(): Iterable<{ from: Bound; to: Bound; lag: number }> {
    for (const rule of this.rules) if (rule.when.length === 0) yield rule;
  }

  /** Reacts to a rise of `bound`; false on conflict. */
  propagate(bound: Bound): boolean {
    const rising = this.byFrom[bound];
    if (rising) for (const id of rising) if (!this.run(id)) return false;
    const decided = this.byCondition[bound];
    if (decided)
      for (const id of decided) {
        if (!this.run(id)) return false;
        if (!this.run((this.rules[id] as Difference).mirror)) return false;
      }
    return true;
  }

  /** Runs every rule once, for the start of a search. */
  propagateAll(): boolean {
    for (let id = 0; id < this.rules.length; id++) if (!this.run(id)) return false;
    return true;
  }

  private run(id: number): boolean {
    this.visits++;
    const rule = this.rules[id] as Difference;
    const { ints } = this;
    let open = -1;
    for (const condition of rule.when) {
      if (ints.at(condition) >= 1) continue;
      if (ints.upper(condition) < 1 || open >= 0) return true;
      open = condition;
    }
    const reached = ints.at(rule.from) + rule.lag;
    if (open < 0) return ints.raise(rule.to, reached, this, id);
    const room = ints.upper(rule.to);
    if (reached <= room) return true;
    // One condition is open and the rule would be broken: the condition is false.
    const because = [rule.from, room + 1 - rule.lag, rule.to ^ 1, -room];
    for (const condition of rule.when) if (condition !== open) because.push(condition, 1);
    return ints.raiseBecause(open ^ 1, 0, because);
  }

  explain(id: number, _bound: Bound, threshold: number, out: number[]): void {
    const rule = this.rules[id] as Difference;
    out.push(rule.from, threshold - rule.lag);
    for (const condition of rule.when) out.push(condition, 1);
  }
}
