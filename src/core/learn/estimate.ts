/**
 * A figure and the terms beside it, from evenings: a linear model of logarithms with a normal prior, a draw for each
 * evening, a Student distribution for each cycle, older evenings slowly forgotten, and the noise as this figure has it.
 *
 * @source robust weights: K. L. Lange, R. J. A. Little, J. M. G. Taylor, Robust statistical modeling using the t
 *   distribution, Journal of the American Statistical Association 84 (1989); recursive least squares with forgetting:
 *   L. Ljung, System Identification, 2nd ed. (1999), chapter 11 (from memory)
 */
import { addGroup, independent, solved } from './linear';

export interface Row {
  /** Which evening, and when it was; ms since the epoch. */
  evening: string;
  at: number;
  /** Logarithm, off the prior. */
  y: number;
  /** What each term counts for. */
  h: readonly number[];
  /** Of the tap alone, min of min: short things are measured badly. */
  tapVariance: number;
}

export interface Terms {
  /** The first is the figure itself. */
  prior: readonly { mean: number; sd: number }[];
  /** Spreads of one cycle, and common to an evening. */
  own: number;
  evening: number;
}

export interface Belief {
  mean: readonly number[];
  covariance: readonly (readonly number[])[];
  /** Spreads as this figure has them. */
  own: number;
  evening: number;
  /** By row: 1 as good as any, down to 0. */
  weights: readonly number[];
  /** Logarithm of how well this model foretold the rows, but for a constant (Laplace's approximation). */
  evidence: number;
}

/** Degrees of freedom: how readily a far-off evening is passed over. */
const FREEDOM = 7;
/** An evening counts so much less for each that came after it. */
const FORGETTING = 0.985;
/** One before as many evenings as that counts for less than 1 in 400: it is left out. */
export const MOST_EVENINGS = 400;
/** The usual noise is believed as firmly as so many cycles. */
const NOISE_FIRMNESS = 8;
const ROUNDS = 20;
/** Of logarithms: nobody sees a ten-thousandth. */
const SETTLED = 1e-4;

/**
 * @param rows in order of time
 * @param from means to begin with, near the answer
 */
export function estimate(
  rows: readonly Row[],
  terms: Terms,
  from: readonly number[] = startFrom(rows, terms.prior),
): Belief {
  const { prior } = terms;
  const age = agesOf(rows);
  const groups = new Map<string, number[]>();
  rows.forEach((r, i) => groups.set(r.evening, [...(groups.get(r.evening) ?? []), i]));
  const kept = age.map((n) => FORGETTING ** n);
  let weights = rows.map(() => 1);
  let scale = 1;
  let mean = from;
  let covariance: readonly (readonly number[])[] = [];
  let logDeterminant = 0;
  const usual = rows.map((r) => terms.own ** 2 + terms.evening ** 2 + r.tapVariance);
  const residual = (r: Row): number => r.y - r.h.reduce((sum, h, i) => sum + h * (mean[i] ?? 0), 0);
  for (let round = 0; round < ROUNDS; round++) {
    const squares = rows.map((r, i) => residual(r) ** 2 / (usual[i] as number));
    weights = squares.map((q) => (FREEDOM + 1) / (FREEDOM + q / scale));
    scale = noiseFrom(squares, weights, kept);
    const belief = independent(prior);
    for (const [, indices] of groups)
      addGroup(belief, {
        common: (scale * terms.evening ** 2) / (kept[indices[0] as number] as number),
        rows: indices.map((i) => {
          const r = rows[i] as Row;
          const own = scale * terms.own ** 2 + r.tapVariance;
          return {
            y: r.y,
            h: r.h,
            variance: own / ((weights[i] as number) * (kept[i] as number)),
          };
        }),
      });
    const next = solved(belief);
    const moved = Math.max(...next.mean.map((m, i) => Math.abs(m - (mean[i] ?? 0))));
    ({ mean, covariance, logDeterminant } = next);
    if (moved < SETTLED) break;
  }
  const top = (FREEDOM + 1) / FREEDOM;
  // Several cycles of an evening are less than as many evenings.
  const alike = terms.evening ** 2 / (terms.own ** 2 + terms.evening ** 2);
  const misfit =
    rows.reduce((sum, r, i) => {
      const variance = scale * (terms.own ** 2 + terms.evening ** 2) + r.tapVariance;
      const together = 1 + ((groups.get(r.evening)?.length ?? 1) - 1) * alike;
      const off =
        (FREEDOM + 1) * Math.log1p(residual(r) ** 2 / (FREEDOM * variance)) + Math.log(variance);
      return sum + ((kept[i] as number) * off) / together;
    }, 0) +
    prior.reduce((sum, { mean: m, sd }, i) => sum + (((mean[i] ?? 0) - m) / sd) ** 2, 0) +
    (NOISE_FIRMNESS + 2) * Math.log(scale) +
    NOISE_FIRMNESS / scale;
  return {
    mean,
    covariance,
    own: Math.sqrt(scale) * terms.own,
    evening: Math.sqrt(scale) * terms.evening,
    weights: weights.map((w) => w / top),
    evidence: -(misfit + logDeterminant) / 2 - prior.reduce((sum, p) => sum + Math.log(p.sd), 0),
  };
}

/** Evenings that came after each row's. */
function agesOf(rows: readonly Row[]): number[] {
  const ages: number[] = [];
  let age = 0;
  for (let i = rows.length - 1; i >= 0; i--) {
    if (i < rows.length - 1 && rows[i]?.evening !== rows[i + 1]?.evening) age++;
    ages[i] = age;
  }
  return ages;
}

/** The figure begins at the middle of what was seen, so that a far-off evening does not draw it to itself. */
function startFrom(rows: readonly Row[], prior: Terms['prior']): number[] {
  const means = prior.map((p) => p.mean);
  const off = rows
    .map((r) => r.y - r.h.reduce((sum, h, i) => sum + (i === 0 ? 0 : h * (means[i] ?? 0)), 0))
    .sort((a, b) => a - b);
  const half = off.length >> 1;
  const [low = 0, high = 0] = [off[half - (off.length % 2 === 0 ? 1 : 0)], off[half]];
  return [(low + high) / 2, ...means.slice(1)];
}

/** How much noisier this figure is than usual, as a factor on variances: a scaled inverse chi-square's mode. */
function noiseFrom(
  squares: readonly number[],
  weights: readonly number[],
  kept: readonly number[],
): number {
  let seen = 0;
  let count = 0;
  squares.forEach((q, i) => {
    seen += (kept[i] as number) * (weights[i] as number) * q;
    count += kept[i] as number;
  });
  return (NOISE_FIRMNESS + seen) / (NOISE_FIRMNESS + count);
}
