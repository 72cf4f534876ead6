/**
 * A weighted sum that must stay at or under a limit: what a schedule costs, less its cost, is 0.
 *
 * @source standard bounds propagation; reasons are relaxed by the slack as in L. Perron,
 *   F. Didier, S. Gay, The CP-SAT-LP solver, CP 2023.
 */
import type { Bound, Explainer, Integers } from './integers';

export interface WeightedTerm {
  bound: Bound;
  /** Positive. */
  weight: number;
}

export class LinearLimit implements Explainer {
  visits = 0;
  private readonly weightOf: ReadonlyMap<Bound, number>;

  /** Σ weight·bound ≤ limit */
  constructor(
    private readonly ints: Integers,
    private readonly terms: readonly WeightedTerm[],
    private readonly limit: number,
  ) {
    this.weightOf = new Map(terms.map((t) => [t.bound, t.weight]));
  }

  *watched(): Iterable<Bound> {
    for (const term of this.terms) yield term.bound;
  }

  /** The least the sum can be, as far as the current bounds tell. */
  private least(): number {
    let sum = 0;
    for (const term of this.terms) sum += term.weight * this.ints.at(term.bound);
    return sum;
  }

  propagate(): boolean {
    this.visits += this.terms.length;
    const slack = this.limit - this.least();
    const now = this.ints.trailLength;
    if (slack < 0) {
      this.ints.conflict = [];
      this.because(null, now, -slack - 1, this.ints.conflict);
      return false;
    }
    for (const term of this.terms) {
      const least = this.ints.at(term.bound);
      const most = least + Math.floor(slack / term.weight);
      if (this.ints.upper(term.bound) <= most) continue;
      if (!this.ints.raise(term.bound ^ 1, 0 - most, this, now)) return false;
    }
    return true;
  }

  /** Reasons are worked out only for what a conflict asks about: few of them ever are. */
  explain(position: number, bound: Bound, threshold: number, out: number[]): void {
    const own = bound ^ 1;
    // The limit would also be broken one over the new value: that much of the others is not needed.
    let over = (this.weightOf.get(own) ?? 0) * (1 - threshold) - this.limit;
    for (const term of this.terms)
      if (term.bound !== own) over += term.weight * this.ints.valueAt(term.bound, position);
    this.because(own, position, over - 1, out);
  }

  /** Values of all terms but one as they were, weakened as far as `spare` allows. */
  private because(except: Bound | null, position: number, spare: number, out: number[]): void {
    for (const term of this.terms) {
      if (term.bound === except) continue;
      let threshold = this.ints.valueAt(term.bound, position);
      const give = Math.floor(spare / term.weight);
      if (give > 0) {
        threshold -= give;
        spare -= give * term.weight;
      }
      out.push(term.bound, threshold);
    }
  }
}

/** The same bound named twice counts once, with both weights. */
export function mergeTerms(terms: readonly WeightedTerm[]): WeightedTerm[] {
  const weights = new Map<Bound, number>();
  for (const t of terms) weights.set(t.bound, (weights.get(t.bound) ?? 0) + t.weight);
  return [...weights].map(([bound, weight]) => ({ bound, weight }));
}
