import { describe, expect, it } from 'vitest';
import { Pieces } from '../../src/core/cooker/piece';
import { findFood } from '$core/food';
import { conductivity, solidDensity, specificHeat } from '$core/food';

/**
 * Full series solution of a sphere (Carslaw and Jaeger; Incropera and DeWitt), from its definition:
 * roots of 1 − ζ cot ζ = Bi found by bisection.
 */
function sphereCentre(fourier: number, biot: number): number {
  let sum = 0;
  for (let n = 1; n <= 40; n++) {
    let low = (n - 1) * Math.PI + 1e-9;
    let high = n * Math.PI - 1e-9;
    for (let i = 0; i < 200; i++) {
      const mid = (low + high) / 2;
      if (1 - mid / Math.tan(mid) < biot) low = mid;
      else high = mid;
    }
    const z = (low + high) / 2;
    const c = (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
    sum += c * Math.exp(-z * z * fourier);
  }
  return sum;
}

describe('pieces against the series solution', () => {
  /** Printed full-series values, sphere at Bi = 10. */
  it('the series itself gives the tabulated values', () => {
    expect(sphereCentre(0.2, 10)).toBeCloseTo(0.382664, 4);
    expect(sphereCentre(0.5, 1)).toBeCloseTo(0.370777, 4);
  });

  it.each([20, 40, 60])(
    'a potato sphere of %i mm stays within two hundredths of the drive',
    (sizeMm) => {
      const potato = findFood('potato');
      if (!potato) throw new Error('no potato');
      const k = conductivity(potato.composition, 60);
      const rho = solidDensity(potato.composition, 20);
      const alpha = k / (rho * specificHeat(potato.composition, 60) * 1000);
      const radius = sizeMm / 2000;
      const biot = (400 * radius) / k;
      const pieces = new Pieces(potato, 500, sizeMm, 20);
      const step = 2;
      for (let t = step; t <= 1800; t += step) {
        pieces.heat(100, step);
        const fourier = (alpha * t) / radius ** 2;
        if (fourier < 0.1 || fourier > 1) continue;
        const expected = 100 - 80 * sphereCentre(fourier, biot);
        expect(Math.abs(pieces.centre - expected)).toBeLessThan(0.02 * 80);
      }
    },
  );

  it('thawing takes the latent heat and nothing is lost', () => {
    const peas = findFood('peas');
    if (!peas) throw new Error('no peas');
    const pieces = new Pieces(peas, 500, 8, -18);
    let taken = 0;
    for (let t = 0; t < 3000; t += 2) taken += pieces.heat(20, 2);
    const cp = specificHeat(peas.composition, 60);
    // Frozen part from −18 to −5 at about half the heat, then water's 333.6 J/g, then up to 20 °C.
    const least = 500 * (0.789 * 333.6 + 20 * cp);
    expect(taken).toBeGreaterThan(least);
    expect(taken).toBeLessThan(least * 1.2);
  });
});
