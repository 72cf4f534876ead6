import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { allergensOf, dishSchema, scaleDish, stageSchema, type Dish } from './index';

const { dishes } = demoHousehold(Date.UTC(2026, 10, 25, 9));
const find = (id: string): Dish => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};
const amountOf = (dish: Dish, servings: number, id: string): number =>
  scaleDish(dish, servings).ingredients.find((i) => i.ingredient.id === id)?.quantity?.amount ??
  Number.NaN;

describe('scaling', () => {
  it('laws: proportion is exact, doubling twice is quadrupling, water under a rack stays', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...dishes),
        fc.integer({ min: 1, max: 100 }),
        (dish, servings) => {
          for (const { ingredient, quantity } of scaleDish(dish, servings).ingredients) {
            if (!quantity || ingredient.amount === null) continue;
            if (ingredient.scaling === 'proportional')
              expect(quantity.amount / ingredient.amount).toBeCloseTo(servings / dish.servings, 9);
            if (ingredient.scaling === 'with-pot') expect(quantity.amount).toBe(ingredient.amount);
            if (ingredient.scaling === 'whole')
              expect(Number.isInteger(quantity.amount)).toBe(true);
            if (ingredient.scaling === 'to-taste' && servings > dish.servings)
              expect(quantity.amount).toBeLessThan((ingredient.amount * servings) / dish.servings);
          }
        },
      ),
      { seed: 2 },
    );
  });

  it('salt for twice the lamb is less than twice, with the reason', () => {
    const lamb = find('lamb-apricots');
    expect(amountOf(lamb, 8, 'lamb')).toBe(1900);
    expect(amountOf(lamb, 8, 'salt')).toBeCloseTo(3.48, 2);
    const salt = scaleDish(lamb, 8).ingredients.find((i) => i.ingredient.id === 'salt');
    expect(salt?.because).toMatch(/to taste/);
  });

  it('as written, nothing needs a reason', () => {
    for (const dish of dishes)
      for (const i of scaleDish(dish, dish.servings).ingredients) expect(i.because).toBeNull();
  });
});

describe('allergens', () => {
  it('come from the foods, each with where it is, and what is unknown is said', () => {
    const hake = find('hake-fennel');
    const [first, ...more] = hake.ingredients;
    if (!first) throw new Error('no ingredient');
    const odd = {
      ...hake,
      ingredients: [first, ...more, { ...first, id: 'odd', food: 'moon dust' }],
    };
    const { contains, unknown } = allergensOf(scaleDish(odd, 2));
    expect(contains.find((c) => c.allergen === 'fish')?.from.join()).toMatch(/hake/);
    expect(unknown).toEqual(['moon dust']);
    expect(
      allergensOf(scaleDish(find('lamb-apricots'), 2)).contains.map((c) => c.allergen),
    ).toEqual(expect.arrayContaining(['nuts', 'celery']));
  });
});

describe('the dish document', () => {
  it('every demo dish is valid, complete and weighs something', () => {
    expect(dishes.length).toBeGreaterThanOrEqual(16);
    for (const dish of dishes) {
      expect(dishSchema.safeParse(dish).error).toBeUndefined();
      expect(dish.stages.some((s) => ['pressure', 'oven', 'slow'].includes(s.kind))).toBe(true);
      for (const i of scaleDish(dish, dish.servings).ingredients)
        expect(i.grams).toBeGreaterThan(0);
    }
  });

  it('the demo shows every kind of stage, a stack, two cycles, a by-product, a slow variant, a day before', () => {
    const stages = dishes.flatMap((d) => d.stages);
    const kinds = stageSchema.options.map((o) => o.shape.kind.value);
    expect(new Set(stages.map((s) => s.kind))).toEqual(new Set(kinds));
    const cycles = (d: Dish): number => d.stages.filter((s) => s.kind === 'pressure').length;
    expect(dishes.some((d) => cycles(d) > 1)).toBe(true);
    expect(stages.some((s) => s.kind === 'pressure' && s.panUses)).toBe(true);
    expect(dishes.some((d) => d.products.length > 0)).toBe(true);
    expect(dishes.some((d) => d.slow)).toBe(true);
    expect(stages.some((s) => s.ahead)).toBe(true);
    expect(stages.some((s) => s.parts)).toBe(true);
  });

  it('refuses a stage that uses what is not listed, or waits for itself', () => {
    const lamb = find('lamb-apricots');
    const [first] = lamb.stages;
    if (!first) throw new Error('no stage');
    const wrong = { ...lamb, stages: [{ ...first, uses: ['unicorn'], after: [first.id] }] };
    const messages = dishSchema.safeParse(wrong).error?.issues.map((i) => i.message) ?? [];
    expect(messages.join()).toMatch(/unicorn.*not in the list/);
    expect(messages.join()).toMatch(/not another stage/);
  });
});
