/**
 * Transient conduction in a slab, a long cylinder or a sphere whose surroundings change at once and
 * then stay: the full series, at the centre.
 *
 * θ = (T − T∞)/(T₀ − T∞), Bi = hL/k, Fo = αt/L², L the half thickness or the radius.
 *
 * @source H. Carslaw, J. Jaeger, Conduction of Heat in Solids (1959); notation of F. Incropera,
 *   D. DeWitt, Fundamentals of Heat and Mass Transfer, ch. 5
 * @accuracy 1e-4 of the drive for Fo ≥ 0.001
 */
import { j0, j1 } from './bessel';

export type Shape = 'slab' | 'cylinder' | 'sphere';

/** With Fo below this the centre has not begun to feel anything. */
const NOTHING_YET = 1e-3;
/** Terms smaller than e to the minus this are left out. */
const SMALL = 30;
const SCAN = 0.05;
const HALVINGS = 60;

/** Zero at each eigenvalue z; no poles, so that a sign change is always a root. */
const CHARACTERISTIC: Record<Shape, (z: number, biot: number) => number> = {
  slab: (z, biot) => z * Math.sin(z) - biot * Math.cos(z),
  cylinder: (z, biot) => z * j1(z) - biot * j0(z),
  sphere: (z, biot) => (1 - biot) * Math.sin(z) - z * Math.cos(z),
};
const FIXED_SURFACE: Record<Shape, (z: number) => number> = {
  slab: (z) => -Math.cos(z),
  cylinder: (z) => -j0(z),
  sphere: (z) => -Math.sin(z),
};
const COEFFICIENT: Record<Shape, (z: number) => number> = {
  slab: (z) => (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z)),
  cylinder: (z) => (2 * j1(z)) / (z * (j0(z) ** 2 + j1(z) ** 2)),
  sphere: (z) => (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z)),
};

/** Eigenvalues up to `most`. */
function eigenvalues(shape: Shape, biot: number, most: number): number[] {
  const f =
    biot === Infinity
      ? FIXED_SURFACE[shape]
      : (z: number): number => CHARACTERISTIC[shape](z, biot);
  const found: number[] = [];
  // Just above 0, which solves the sphere's equation for every Biot number without being one.
  let low = 1e-3;
  for (let high = low + SCAN; low < most; high += SCAN) {
    if (f(low) * f(high) <= 0) found.push(bisect(f, low, high));
    low = high;
  }
  return found;
}

function bisect(f: (z: number) => number, low: number, high: number): number {
  const sign = Math.sign(f(low)) || 1;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (f(middle) * sign > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * θ at the centre.
 *
 * @param fourier Fo ≥ 0
 * @param biot Bi > 0; Infinity where the surface is held at the temperature of the surroundings
 */
export function centreTheta(shape: Shape, biot: number, fourier: number): number {
  if (fourier < NOTHING_YET) return 1;
  const most = Math.sqrt(SMALL / fourier) + Math.PI;
  const sum = eigenvalues(shape, biot, most).reduce(
    (total, z) => total + COEFFICIENT[shape](z) * Math.exp(-z * z * fourier),
    0,
  );
  return Math.min(1, Math.max(0, sum));
}

/** The first eigenvalue and its coefficient: the one-term solution, good for Fo ≥ 0.2. */
export function oneTerm(shape: Shape, biot: number): { zeta: number; coefficient: number } {
  const [zeta = Number.NaN] = eigenvalues(shape, biot, 2 * Math.PI);
  return { zeta, coefficient: COEFFICIENT[shape](zeta) };
}
