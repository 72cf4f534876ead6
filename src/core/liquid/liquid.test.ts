import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { thicken, waterFor, type Vessel } from './index';

const ml = (food: string, grams: number, vessel: Vessel, treated: 'dry' | 'rinsed' | 'soaked') => {
  const need = waterFor(food, grams, vessel, treated);
  if (!need.ok) throw new Error(need.problems[0]?.message);
  return need.value.ml;
};
const CUP = 236.588;
/** A cup of long-grain rice weighs 185 to 198 g (USDA; a miller's chart). */
const RICE_CUP = 190;

describe('water for grain and pulses (common practice)', () => {
  it('washed rice in a sealed pot takes about its volume', () => {
    expect(ml('rice', RICE_CUP, 'sealed', 'rinsed') / CUP).toBeCloseTo(1, 1);
  });

  it('a small batch needs relatively more, since the loss is the same', () => {
    const per = (cups: number): number => ml('rice', cups * RICE_CUP, 'sealed', 'rinsed') / cups;
    expect(per(1)).toBeGreaterThan(per(4));
    expect(per(1) * 4 - ml('rice', 4 * RICE_CUP, 'sealed', 'rinsed')).toBeCloseTo(90, 0);
  });

  it('an open pot takes about twice the volume, and every vessel less than it', () => {
    const open = ml('rice', RICE_CUP, 'open', 'dry');
    expect(open / CUP).toBeGreaterThan(1.7);
    for (const vessel of ['sealed', 'stacked', 'slow', 'rice-cooker'] as const)
      expect(ml('rice', RICE_CUP, vessel, 'dry')).toBeLessThan(open);
  });

  it('rinsing and soaking carry water in', () => {
    for (const food of ['rice', 'barley', 'chickpea', 'lentil'])
      expect(ml(food, 300, 'sealed', 'soaked')).toBeLessThan(ml(food, 300, 'sealed', 'dry'));
    expect(ml('chickpea', 300, 'sealed', 'soaked')).toBeLessThan(
      0.75 * ml('chickpea', 300, 'sealed', 'dry'),
    );
  });

  it('refuses what takes no water up, naming the field', () => {
    expect(waterFor('carrot', 100, 'sealed', 'dry')).toMatchObject({
      ok: false,
      problems: [{ field: 'food' }],
    });
  });

  it('is finite and grows with the amount', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('rice', 'quinoa', 'black-bean', 'oats'),
        fc.integer({ min: 1, max: 5000 }),
        fc.constantFrom<Vessel>('sealed', 'stacked', 'open', 'slow', 'rice-cooker'),
        (food, grams, vessel) => {
          expect(ml(food, grams + 100, vessel, 'rinsed')).toBeGreaterThan(
            ml(food, grams, vessel, 'rinsed'),
          );
        },
      ),
      { seed: 3, numRuns: 60 },
    );
  });
});

describe('thickening (common practice)', () => {
  it('a medium sauce takes 2 tbsp of flour in a cup, or 1 of starch', () => {
    const flour = thicken(CUP, 'flour', 'medium') as { grams: number };
    const starch = thicken(CUP, 'cornstarch', 'medium') as { grams: number; slurryMl: number };
    expect(flour.grams / 7.8).toBeCloseTo(2, 1);
    expect(starch.grams / 8).toBeCloseTo(1, 1);
    // 2 tbsp of starch go into a quarter of a cup.
    expect(starch.slurryMl).toBeCloseTo(CUP / 8, 0);
  });

  it('a stronger heater boils it down sooner, thicker takes longer', () => {
    const minutes = (to: 'light' | 'thick', watts: number): number =>
      (thicken(600, 'reduce', to, watts) as { minutes: number }).minutes;
    expect(minutes('thick', 1000)).toBeGreaterThan(minutes('light', 1000));
    expect(minutes('light', 1500)).toBeCloseTo(minutes('light', 1000) / 1.5, 6);
    // IAPWS-IF97: 2256.5 kJ/kg, so a delivered kilowatt boils off no more than 26.6 g a minute.
    expect((600 * 0.25) / minutes('light', 1000)).toBeLessThan(26.6);
  });
});
