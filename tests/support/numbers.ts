/** Reproducible chance for simulated households. */
export type Random = () => number;

/** Numbers from 0 up to 1, the same for the same seed (mulberry32, public domain). */
export function numbers(seed: number): Random {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Standard normal (G. E. P. Box, M. E. Muller, 1958). */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** Exponential with this mean. */
export function exponential(random: Random, mean: number): number {
  return -mean * Math.log(1 - random());
}
