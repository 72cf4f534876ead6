import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { Pieces } from '$core/cooker';
import { centreTheta, oneTerm, type Shape } from '$core/thermal';
import { conductivity, findFood, solidDensity, specificHeat } from '$core/food';

/**
 * Transient conduction. The table holds the centre of the full series, computed elsewhere at 30 digits
 * and checked by an independent finite-volume scheme (Carslaw and Jaeger; notation of Incropera and
 * DeWitt, Fundamentals of Heat and Mass Transfer).
 */
const SHAPES: readonly Shape[] = ['slab', 'cylinder', 'sphere'];
const SERIES = readFileSync('tests/reference/conduction-series.csv', 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => {
    const [shape, biot, fourier, centre] = line.split(',');
    return {
      shape: shape as Shape,
      biot: biot === 'inf' ? Infinity : Number(biot),
      fourier: Number(fourier),
      centre: Number(centre),
    };
  });

describe('the series', () => {
  it.each(SERIES)(
    '$shape, Bi $biot, Fo $fourier: $centre at the centre',
    ({ shape, biot, fourier, centre }) => {
      expect(Math.abs(centreTheta(shape, biot, fourier) - centre)).toBeLessThan(1e-4);
    },
  );

  /** Incropera and DeWitt, Table 5.1, printed to four places. */
  it.each([
    ['slab', 0.1, 0.3111, 1.0161],
    ['slab', 1, 0.8603, 1.1191],
    ['slab', 10, 1.4289, 1.262],
    ['slab', 100, 1.5552, 1.2731],
    ['cylinder', 0.1, 0.4417, 1.0246],
    ['cylinder', 1, 1.2558, 1.2071],
    ['cylinder', 10, 2.1795, 1.5677],
    ['cylinder', 100, 2.3809, 1.6015],
    ['sphere', 0.1, 0.5423, 1.0298],
    ['sphere', 1, 1.5708, 1.2732],
    ['sphere', 10, 2.8363, 1.9249],
    ['sphere', 100, 3.1102, 1.999],
  ] as const)('one term: %s at Bi %f has ζ %f and C %f', (shape, biot, zeta, coefficient) => {
    const term = oneTerm(shape, biot);
    expect(term.zeta).toBeCloseTo(zeta, 3);
    expect(term.coefficient).toBeCloseTo(coefficient, 3);
    // Valid from Fo 0.2 on, within 1 % of the drive of the full series.
    for (const fourier of [0.25, 0.5, 1, 2]) {
      const single = term.coefficient * Math.exp(-(term.zeta ** 2) * fourier);
      expect(Math.abs(single - centreTheta(shape, biot, fourier))).toBeLessThan(0.01);
    }
  });

  /** Cengel, Heat Transfer, Example 4-3: an egg of 5 cm from 5 °C in water of 95 °C, 70 °C after 14.4 min. */
  it('the boiled egg of the textbook', () => {
    const fourier = (1.51e-7 * 14.4 * 60) / 0.025 ** 2;
    const centre = 95 + (5 - 95) * centreTheta('sphere', 47.8, fourier);
    expect(Math.abs(centre - 70)).toBeLessThan(0.5);
  });

  it('never leaves 0 to 1 and only falls', () => {
    for (const shape of SHAPES)
      for (const biot of [1e-3, 0.1, 1, 10, 1000, Infinity]) {
        let last = 1;
        for (let fourier = 0; fourier < 3; fourier += 0.02) {
          const theta = centreTheta(shape, biot, fourier);
          expect(theta).toBeLessThanOrEqual(last + 1e-6);
          expect(theta).toBeGreaterThanOrEqual(0);
          last = theta;
        }
      }
  });
});

describe('pieces in layers against the series', () => {
  const potato = findFood('potato');
  if (!potato) throw new Error('no potato');
  const k = conductivity(potato.composition, 60);
  const alpha =
    k / (solidDensity(potato.composition, 20) * specificHeat(potato.composition, 60) * 1000);

  it.each(SHAPES.flatMap((shape) => [0.1, 1, 10, 100].map((biot) => [shape, biot] as const)))(
    '%s at Bi %f: the centre within 1 %% of the drive for Fo 0.05 to 2',
    (shape, biot) => {
      const half = 0.02;
      const pieces = new Pieces(potato, 500, 2000 * half, 20, {
        shape,
        layers: 40,
        surfaceWPerM2K: (biot * k) / half,
      });
      const step = 1;
      const end = (2 * half ** 2) / alpha;
      for (let t = step; t <= end; t += step) {
        pieces.heat(100, step);
        const fourier = (alpha * t) / half ** 2;
        if (fourier < 0.05 || t % 60 !== 0) continue;
        const expected = 100 - 80 * centreTheta(shape, biot, fourier);
        expect(Math.abs(pieces.centre - expected)).toBeLessThan(0.01 * 80);
      }
    },
  );

  it('the eight layers of the pot’s balance stay within 2 %', () => {
    const surfaceWPerM2K = 400;
    const pieces = new Pieces(potato, 500, 40, 20, { surfaceWPerM2K });
    for (let t = 2; t <= 1800; t += 2) {
      pieces.heat(100, 2);
      const fourier = (alpha * t) / 0.02 ** 2;
      if (fourier < 0.1 || fourier > 1) continue;
      const expected = 100 - 80 * centreTheta('sphere', (surfaceWPerM2K * 0.02) / k, fourier);
      expect(Math.abs(pieces.centre - expected)).toBeLessThan(0.02 * 80);
    }
  });

  it('thawing takes the latent heat and nothing is lost', () => {
    const peas = findFood('peas');
    if (!peas) throw new Error('no peas');
    const pieces = new Pieces(peas, 500, 8, -18);
    let taken = 0;
    for (let t = 0; t < 3000; t += 3) taken += pieces.heat(20, 3);
    const { composition } = peas;
    const melting = 500 * (composition.water / 100) * 333.6;
    const sensible = 500 * (13 * 2 + 25 * specificHeat(composition, 10));
    expect(taken / (melting + sensible)).toBeCloseTo(1, 1);
  });
});
