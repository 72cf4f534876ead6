/**
 * Chance as an argument: reproducible numbers from a seed and a place, so that the same step in the
 * same run meets the same luck in every variant that is compared (common random numbers).
 *
 * @source mixing function of SplitMix32/MurmurHash3 finalisers; normal quantile after P. J. Acklam's
 *   rational approximation (relative error under 1.2e-9).
 */

/** A 32-bit mix of two whole numbers. */
export function mix(a: number, b: number): number {
  let h = (a ^ Math.imul(b, 0x9e3779b1)) >>> 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
}

/** A 32-bit number from a text, for keying chance by a step's id (FNV-1a). */
export function hashText(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}

/** Uniform in (0, 1), never an end. */
export function uniform(seed: number, run: number, key: number): number {
  return (mix(mix(mix(seed, 0x51ed270b), run), key) + 0.5) / 4294967296;
}

const A = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
  2.506628277459239,
] as const;
const B = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
] as const;
const C = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
  4.374664141464968, 2.938163982698783,
] as const;
const D = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416] as const;

function horner(c: readonly number[], x: number): number {
  let sum = 0;
  for (let i = 0; i < c.length; i++) sum = sum * x + (c[i] as number);
  return sum;
}

/**
 * The standard normal quantile.
 *
 * @param p in (0, 1)
 * @example normalQuantile(0.9) // 1.2815515…
 */
export function normalQuantile(p: number): number {
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(p));
    return horner(C, q) / (horner(D, q) * q + 1);
  }
  if (p > 1 - 0.02425) return -normalQuantile(1 - p);
  const q = p - 0.5;
  const r = q * q;
  return (horner(A, r) * q) / (horner(B, r) * r + 1);
}

/** Standard normal value at the 90th percentile. */
export const Z90 = normalQuantile(0.9);

/** The log-normal's sigma from its median and 90th percentile; 0 where there is no chance in it. */
export function logSigma(median: number, p90: number): number {
  return median <= 0 || p90 <= median ? 0 : Math.log(p90 / median) / Z90;
}
