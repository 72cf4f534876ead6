import { describe, expect, it } from 'vitest';
import { FOODS, conductivity, estimateFood, findFood, solidDensity, specificHeat } from './index';

describe('the food table', () => {
  it.each(FOODS.map((f) => [f.id, f] as const))(
    '%s sums to 100 g and has a density',
    (_id, food) => {
      const { water, protein, fat, carbohydrate, fibre, ash } = food.composition;
      const sum = water + protein + fat + carbohydrate + fibre + ash;
      // Alcohol and acids are left out of wine, beer and vinegar; pepper and bay are rounded in print.
      const tolerance = ['wine', 'cider', 'vinegar', 'stout', 'black-pepper'].includes(food.id)
        ? 11
        : 2.5;
      expect(Math.abs(100 - sum)).toBeLessThan(tolerance);
      expect(food.density).toBeGreaterThan(0.03);
    },
  );

  it('has at least 600 foods, each with a source and a place in the shop', () => {
    expect(FOODS.length).toBeGreaterThanOrEqual(600);
    for (const food of FOODS) {
      expect(food.source, food.id).toMatch(/^(SR|CP|IF)$/);
      expect(food.aisle, food.id).not.toBe('');
    }
  });

  it.each([
    ['ranch steak', 'beef round', 71.8],
    ['moon dust', 'moist food, three quarters water', 75],
  ])('%s heats like %s', (name, as, water) => {
    expect(findFood(name)).toBeNull();
    const estimate = estimateFood(name);
    expect(estimate.as).toBe(as);
    expect(estimate.composition.water).toBe(water);
    expect(Object.values(estimate.composition).reduce((a, b) => a + b)).toBeCloseTo(100, 0);
  });

  it('names nothing twice', () => {
    const names = FOODS.flatMap((f) => f.names);
    expect(new Set(names).size).toBe(names.length);
  });

  it('finds the longest name in a description', () => {
    expect(findFood('large red onion, sliced')?.id).toBe('onion');
    expect(findFood('Dried apricots')?.id).toBe('dried-apricots');
    expect(findFood('low-salt vegetable stock')?.id).toBe('broth');
    expect(findFood('moon dust')).toBeNull();
  });
});

/** Measured values: ASHRAE Handbook Refrigeration, Thermal Properties of Foods (from memory). */
describe('thermal properties from composition', () => {
  it.each([
    ['potato', 3.67],
    ['carrot', 3.92],
    ['onion', 3.95],
    ['tomato', 4.08],
    ['milk', 3.89],
    ['egg', 3.63],
  ])('specific heat of %s is near %f J/(g K)', (id, printed) => {
    const food = findFood(id);
    expect(food && specificHeat(food.composition, 20) / printed).toBeCloseTo(1, 1.2);
  });

  it('gives water the conductivity and density of IAPWS within 1 %', () => {
    const water = findFood('water');
    if (!water) throw new Error('no water');
    expect(conductivity(water.composition, 60) / 0.651).toBeCloseTo(1, 2);
    expect(solidDensity(water.composition, 60) / 983.2).toBeCloseTo(1, 2);
  });
});
