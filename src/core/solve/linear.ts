/**
 * A weighted sum that must stay at or under a limit: what a schedule costs, less its cost, is 0.
 *
 * @source standard bounds propagation; reasons are relaxed by the slack as in L. Perron,
 *   F. Didier, S. Gay, The CP-SAT-LP solver, CP 2023.
 */
import type { Bound, Integers } from './integers';

export interface WeightedTerm {
  bound: Bound;
  /** Positive. */
  weight: number;
}

export class LinearLimit {
  visits = 0;

  /** Σ weight·bound ≤ limit */
  constructor(
    private readonly ints: Integers,
    private readonly terms: readonly WeightedTerm[],
    private readonly limit: number,
  ) {}

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
    if (slack < 0) {
      this.ints.conflict = this.because(-1, -slack - 1);
      return false;
    }
    for (const [i, term] of this.terms.entries()) {
      const least = this.ints.at(term.bound);
      const most = least + Math.floor(slack / term.weight);
      if (this.ints.upper(term.bound) <= most) continue;
      // The bound would also be broken at most + 1: that much of the other terms is not needed.
      const spare = (most + 1 - least) * term.weight - slack - 1;
      if (!this.ints.raiseBecause(term.bound ^ 1, 0 - most, this.because(i, spare))) return false;
    }
    return true;
  }

  /** Lower bounds of all terms but one, weakened as far as `spare` allows. */
  private because(except: number, spare: number): number[] {
    const out: number[] = [];
    for (const [i, term] of this.terms.entries()) {
      if (i === except) continue;
      let threshold = this.ints.at(term.bound);
      const give = Math.floor(spare / term.weight);
      if (give > 0) {
        threshold -= give;
        spare -= give * term.weight;
      }
      out.push(term.bound, threshold);
    }
    return out;
  }
}

/** The same bound named twice counts once, with both weights. */
export function mergeTerms(terms: readonly WeightedTerm[]): WeightedTerm[] {
  const weights = new Map<Bound, number>();
  for (const t of terms) weights.set(t.bound, (weights.get(t.bound) ?? 0) + t.weight);
  return [...weights].map(([bound, weight]) => ({ bound, weight }));
}
