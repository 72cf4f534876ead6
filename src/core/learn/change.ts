/**
 * Whether a figure is another one since some evening: a new ring, another element, another kitchen.
 *
 * @source generalised likelihood ratio over the moment of change: M. Basseville, I. V. Nikiforov, Detection of Abrupt
 *   Changes (1993), chapter 2 (from memory)
 */
import { estimate, type Belief, type Row, type Terms } from './estimate';

/** How far a figure jumps where it does, and how rarely, in evenings (estimates). */
const JUMP = 0.25;
const RARELY = 50;
/** So many evenings before it, or there is nothing that it differs from. */
const LEAST_BEFORE = 2;
/** A change farther back has been outlived by what came after it. */
const LATEST = 30;
/** So sure, and the cook is asked. */
const CLEARLY = 0.8;

export interface Change {
  /** The first evening after it. */
  evening: string;
  at: number;
  /** By what the figure's logarithm moved. */
  by: number;
  /** How likely it is, from 0 to 1, that there was one at all. */
  chance: number;
}

/**
 * The belief about a figure now, and whether it changed: what each moment of change would make of the evenings,
 * weighed by how well it foretells them.
 *
 * @param rows in order of time
 * @param steadyUntil somebody said that nothing had changed until then, ms since the epoch
 */
export function estimateNow(
  rows: readonly Row[],
  terms: Terms,
  steadyUntil = -Infinity,
): { belief: Belief; change: Change | null } {
  const plain = estimate(rows, terms);
  const evenings = [...new Map(rows.map((r) => [r.evening, r.at])).entries()];
  const jumps = evenings
    .slice(LEAST_BEFORE)
    .filter(([, at]) => at > steadyUntil)
    .slice(-LATEST)
    .map(([evening, at]) => {
      const belief = estimate(
        rows.map((r) => ({ ...r, h: [...r.h, r.at < at ? 1 : 0] })),
        { ...terms, prior: [...terms.prior, { mean: 0, sd: JUMP }] },
        [...plain.mean, 0],
      );
      return { evening, at, belief, odds: Math.exp(belief.evidence - plain.evidence) / RARELY };
    });
  const all = 1 + jumps.reduce((sum, j) => sum + j.odds, 0);
  const [likeliest] = [...jumps].sort((a, b) => b.odds - a.odds);
  if (!likeliest) return { belief: plain, change: null };
  const chance = 1 - 1 / all;
  const { evening, at, belief } = likeliest;
  const by = -(belief.mean.at(-1) ?? 0);
  return {
    belief: mixed([
      { belief: plain, share: 1 / all },
      ...jumps.map((j) => ({ belief: j.belief, share: j.odds / all })),
    ]),
    change: chance >= CLEARLY ? { evening, at, by, chance } : null,
  };
}

/** Several beliefs as one, with what they differ by as spread. */
function mixed(parts: readonly { belief: Belief; share: number }[]): Belief {
  const [first] = parts as [{ belief: Belief; share: number }];
  const terms = first.belief.mean.map((_, i) => i);
  const average = (of: (b: Belief) => number): number =>
    parts.reduce((sum, { belief, share }) => sum + share * of(belief), 0);
  const mean = terms.map((i) => average((b) => b.mean[i] ?? 0));
  return {
    mean,
    covariance: terms.map((i) =>
      terms.map((j) =>
        average(
          (b) =>
            (b.covariance[i]?.[j] ?? 0) +
            ((b.mean[i] ?? 0) - (mean[i] ?? 0)) * ((b.mean[j] ?? 0) - (mean[j] ?? 0)),
        ),
      ),
    ),
    own: average((b) => b.own),
    evening: average((b) => b.evening),
    weights: first.belief.weights.map((_, row) => average((b) => b.weights[row] ?? 0)),
    evidence: first.belief.evidence,
  };
}
