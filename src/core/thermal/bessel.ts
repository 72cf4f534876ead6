/**
 * Bessel functions of the first kind of order 0 and 1.
 *
 * @source M. Abramowitz, I. Stegun, Handbook of Mathematical Functions (1964), 9.4.1 to 9.4.6
 * @accuracy 1e-7, absolute
 */
const polynomial = (c: readonly number[], x: number): number =>
  c.reduceRight((sum, k) => sum * x + k, 0);

const J0_NEAR = [1, -2.2499997, 1.2656208, -0.3163866, 0.0444479, -0.0039444, 0.00021];
const J0_SIZE = [
  0.79788456, -0.00000077, -0.0055274, -0.00009512, 0.00137237, -0.00072805, 0.00014476,
];
const J0_PHASE = [
  -0.78539816, -0.04166397, -0.00003954, 0.00262573, -0.00054125, -0.00029333, 0.00013558,
];
const J1_NEAR = [0.5, -0.56249985, 0.21093573, -0.03954289, 0.00443319, -0.00031761, 0.00001109];
const J1_SIZE = [
  0.79788456, 0.00000156, 0.01659667, 0.00017105, -0.00249511, 0.00113653, -0.00020033,
];
const J1_PHASE = [
  -2.35619449, 0.12499612, 0.0000565, -0.00637879, 0.00074348, 0.00079824, -0.00029166,
];

/** J₀(x), x ≥ 0. */
export function j0(x: number): number {
  if (x <= 3) return polynomial(J0_NEAR, (x / 3) ** 2);
  return (polynomial(J0_SIZE, 3 / x) * Math.cos(x + polynomial(J0_PHASE, 3 / x))) / Math.sqrt(x);
}

/** J₁(x), x ≥ 0. */
export function j1(x: number): number {
  if (x <= 3) return x * polynomial(J1_NEAR, (x / 3) ** 2);
  return (polynomial(J1_SIZE, 3 / x) * Math.cos(x + polynomial(J1_PHASE, 3 / x))) / Math.sqrt(x);
}
