import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishBy } from '../../../tests/support/dishes';
import { dishSchema, scaleDish, type Dish, type Ingredient, refOf } from '../dish';
import { householdSchema } from '../exchange';
import { cookingYield, findFood } from '../food';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { bulkFrom, withBulk } from './bulk';
import type { StoreItem } from './item';
import { freezesInADay, portionGrams, roomTaken } from './room';
import { stocksOf, stockWith } from './stock';
import { sayFinding } from '../words';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes, stores } = householdSchema.parse(demoHousehold(NOW));
const dishOf = (id: string): Dish => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};
const bag = stores.find((i) => i.code === 'ZAPU');
if (!bag) throw new Error('no bag of chickpeas');

describe('what was cooked in bulk', () => {
  it('takes the soak and the cycle away from a dish, and keeps the rest in order', () => {
    const dish = dishOf('chickpeas-lemon');
    const made = withBulk(dish, bag);
    if (!made.ok) throw new Error(made.problems[0]?.message);
    const kinds = made.value.stages.map((s) => s.kind);
    expect(kinds).not.toContain('soak');
    expect(kinds).not.toContain('pressure');
    expect(made.value.stages.map((s) => s.id)).toEqual(
      expect.arrayContaining(['chop', 'drain', 'dress']),
    );
    expect(dishSchema.safeParse(made.value).error).toBeUndefined();
    // 350 g dry are two bags of 175 g dry each, cooked to twice the weight and more.
    const chickpeas = scaleDish(made.value, dish.servings).ingredients.find(
      (i) => i.ingredient.id === 'chickpeas',
    );
    expect(chickpeas?.ingredient.preparation).toContain('2 × ZAPU');
    expect(chickpeas?.quantity?.amount).toBeGreaterThan(700);
    expect(chickpeas?.ingredient.fromStore).toBe(true);
    // Nine bags of it are enough for eighteen, four and a half times the dish for four.
    expect(made.value.atMost).toBe(18);
    // What only the cycle used is gone with it; what it gave is not promised any more.
    expect(made.value.ingredients.some((i) => i.id === 'bay')).toBe(false);
    expect(made.value.products.filter((p) => p.from === 'cook')).toEqual([]);
  });

  it('is refused where the dish has nothing of it, and where the bag is raw', () => {
    expect(withBulk(dishOf('red-cabbage'), bag).ok).toBe(false);
    expect(
      withBulk(dishOf('chickpeas-lemon'), {
        ...bag,
        contents: { kind: 'kit', dishId: 'bulk-chickpeas' },
      }).ok,
    ).toBe(false);
    expect(
      withBulk(dishOf('chickpeas-lemon'), {
        ...bag,
        contents: { kind: 'cooked', dishId: 'bulk-chickpeas' },
      }).ok,
    ).toBe(false);
  });

  const asking = (ingredient: Partial<Ingredient>): Dish =>
    dishBy('asking', [ingredient, { food: 'onion', amount: 1 }], {
      stages: [
        { id: 'mix', kind: 'finish', minutes: 5, inCooker: false, text: 'Mix', uses: ['i0', 'i1'] },
      ],
    });

  /** A drained can is about 250 g; chickpeas take up 1.1 times their weight: 119 g dry (common practice). */
  it.each([
    [{ food: 'canned chickpeas', amount: 2, unit: 'can' as const }, 500, '2 cans'],
    [{ food: 'chickpeas', amount: 1, unit: 'can' as const }, 250, '1 can'],
    [{ food: 'cooked chickpeas', amount: 300, unit: 'g' as const }, 300, '300 g of it'],
  ])('takes the place of %j: as much of it cooked', (ingredient, grams, words) => {
    const made = withBulk(asking(ingredient), bag);
    if (!made.ok) throw new Error(made.problems[0]?.message);
    const taken = made.value.ingredients[0];
    expect(taken).toMatchObject({ amount: grams, unit: 'g', fromStore: true });
    expect(taken?.preparation).toContain(`as much as ${words}`);
    // A bag stands for 175 g dry, which come to 350 g and more: nine of them are enough for many.
    expect(made.value.atMost).toBeGreaterThan(9);
    expect(made.value.stages).toHaveLength(asking(ingredient).stages.length);
  });

  it('other beans out of a can, and flour of the same, are not what lies there', () => {
    for (const food of ['canned black beans', 'chickpea flour', 'cooked lentils'])
      expect(withBulk(asking({ food, amount: 400, unit: 'g' }), bag).ok, food).toBe(false);
  });

  it('meat that lies there cooked goes in where it was to cook with others; pulses would drink nothing', () => {
    const stew = (food: string): Dish => ({
      ...dishBy('stew', [
        { food, amount: 500, unit: 'g' },
        { food: 'carrot', amount: 1500, unit: 'g' },
      ]),
      stages: [
        {
          id: 'cook',
          kind: 'pressure',
          level: 'high',
          holdMinutes: 20,
          release: { kind: 'natural' },
          tools: [],
          text: 'Cook',
          uses: ['i0', 'i1'],
        },
      ],
    });
    const cooked = (food: string): StoreItem => ({
      ...bag,
      contents: { kind: 'bulk', dishId: null, food, rawGrams: 450 },
    });
    const lamb = withBulk(stew('ground lamb'), cooked('ground-lamb'));
    expect(lamb.ok && lamb.value.ingredients[0]?.amount).toBe(365);
    expect(withBulk(stew('chickpeas'), bag).ok).toBe(false);
  });

  it('more of it than there is in stock is said in the plan', () => {
    const made = withBulk(dishOf('chickpeas-lemon'), { ...bag, portions: 3 });
    if (!made.ok) throw new Error('not made');
    const notes = (servings: number): string[] => {
      const meal = mealSchema.parse({
        format: 'olive-clock/meal@2',
        id: 'm',
        name: 'M',
        serveAt: new Date(NOW + 3 * 86_400_000).toISOString(),
        zone: 'Europe/Athens',
        servings,
        entries: [newEntry('c', made.value.id)],
      });
      const compiled = compileMeal(meal, new Map([[made.value.id, made.value]]), kitchen, NOW);
      if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
      return compiled.value.notes.map((n) => sayFinding(n, { system: 'metric' }).text);
    };
    expect(notes(6).join()).not.toContain('in stock is enough');
    expect(notes(8).join()).toContain('for 8: what is in stock is enough for 6.');
  });

  it('every dish of the demo that takes it stays a whole document', () => {
    const made = dishes.flatMap((d) => {
      const result = withBulk(d, bag);
      return result.ok ? [result.value] : [];
    });
    expect(made.length).toBeGreaterThan(0);
    for (const dish of made) {
      const ids = new Set(dish.stages.map((s) => s.id));
      for (const s of dish.stages) for (const a of s.after ?? []) expect(ids.has(a)).toBe(true);
      expect(refOf(dish)).toMatchObject({ kind: 'bulk', code: 'ZAPU' });
    }
  });

  it('a dish says what it stands for only where it is said to be cooked in bulk', () => {
    const dish = dishOf('chickpeas-lemon');
    expect(bulkFrom(dish)).toBeNull();
    expect(bulkFrom({ ...dish, bulk: true })).toEqual({
      kind: 'bulk',
      dishId: 'chickpeas-lemon',
      food: 'chickpea',
      rawGrams: 350 / 4,
    });
  });
});

describe('yields', () => {
  const factor = (name: string): number => {
    const food = findFood(name);
    if (!food) throw new Error(name);
    return cookingYield(food).factor;
  };

  /**
   * USDA FNS, Food Buying Guide for Child Nutrition Programs (from memory): cups cooked from a pound dry, with
   * USDA cup weights of what is cooked (164 g chickpeas, 172 g black beans, 158 g rice, 198 g lentils).
   */
  it.each([
    ['dry chickpeas', (6.2 * 164) / 453.6],
    ['dry black beans', (5.8 * 172) / 453.6],
    ['brown lentils', (5.2 * 198) / 453.6],
    ['white rice', (7 * 158) / 453.6],
  ])(
    'a pound of %s comes to the cups of the Food Buying Guide, within a fifth',
    (name, published) => {
      expect(factor(name) / published).toBeGreaterThan(0.8);
      expect(factor(name) / published).toBeLessThan(1.25);
    },
  );

  /** USDA Table of Cooking Yields for Meat and Poultry, release 2 (2014; from memory): 60 to 85 %. */
  it.each(['beef chuck', 'lamb shoulder', 'chicken thigh', 'ground beef'])(
    'of %s between 60 and 85 of 100 g are left',
    (name) => {
      expect(factor(name)).toBeGreaterThanOrEqual(0.6);
      expect(factor(name)).toBeLessThanOrEqual(0.85);
    },
  );
});

describe('room', () => {
  it('a freezer takes 2 lb for each cubic foot in a day (National Center for Home Food Preservation)', () => {
    const foot = { id: 'f', name: 'F', kind: 'freezer' as const, litres: 28.317 };
    expect(freezesInADay({ ...kitchen, places: [foot] })).toBeCloseTo(2 * 0.4536, 3);
    expect(freezesInADay({ ...kitchen, places: [] })).toBe(0);
  });

  it('each item is counted in its own place, or in the first of its kind', () => {
    const [item] = stores.filter((i) => i.place === 'freezer');
    if (!item) throw new Error('nothing frozen');
    const taken = (spot: string | null): Record<string, number> =>
      Object.fromEntries(
        roomTaken([{ ...item, portions: 8, spot }], kitchen, () => 500).map((r) => [
          r.place.id,
          r.taken,
        ]),
      );
    expect(taken(null)).toEqual({ freezer: 5, cellar: 0, fridge: 0 });
    expect(taken('cellar')).toEqual({ freezer: 0, cellar: 5, fridge: 0 });
    expect(taken('gone')).toEqual({ freezer: 5, cellar: 0, fridge: 0 });
  });

  it('a portion weighs what goes into it, water under a rack aside', () => {
    const dish = dishOf('green-beans-almonds');
    expect(portionGrams(dish)).toBeLessThan(250);
    expect(portionGrams(null)).toBe(350);
  });
});

describe('bags that were packed alike', () => {
  const bags = ['ZAPU', 'ZAPA', 'ZAPB', 'ZAPC'].map((code, i) => ({
    ...bag,
    id: code,
    code,
    portions: 1,
    useBy: `2027-01-${10 + i}`,
  }));

  it('are one stock: a dish takes as many as it needs, due first', () => {
    const [stock, ...others] = stocksOf(bags.toReversed());
    if (!stock) throw new Error('no stock');
    expect(others).toEqual([]);
    expect(stock).toMatchObject({ code: 'ZAPU', portions: 4, codes: bags.map((b) => b.code) });
    const made = withBulk(dishOf('chickpeas-lemon'), stock);
    if (!made.ok) throw new Error('not made');
    // One bag alone is enough for two, four of them for eight.
    expect(made.value.atMost).toBe(8);
    const alone = withBulk(dishOf('chickpeas-lemon'), bags[0] as StoreItem);
    expect(alone.ok && alone.value.atMost).toBe(2);
    const said = made.value.ingredients.find((i) => i.id === 'chickpeas')?.preparation;
    expect(said).toContain('2 bags for 4 (ZAPU, ZAPA, ZAPB, ZAPC)');
  });

  it('stay one stock when the bag that is named is used up; other sizes and places are others', () => {
    const gone = bags.map((b, i) => ({ ...b, portions: i === 0 ? 0 : 1 }));
    expect(stockWith(gone[0] as StoreItem, gone)).toMatchObject({
      code: 'ZAPU',
      portions: 3,
      codes: ['ZAPA', 'ZAPB', 'ZAPC'],
    });
    const [first, second, third, fourth] = bags as [StoreItem, StoreItem, StoreItem, StoreItem];
    const other = [
      first,
      { ...second, place: 'fridge' as const },
      {
        ...third,
        contents: {
          kind: 'bulk' as const,
          dishId: 'bulk-chickpeas',
          food: 'chickpea',
          rawGrams: 350,
        },
      },
      fourth,
    ];
    expect(stocksOf(other).map((s) => s.codes)).toEqual([['ZAPU', 'ZAPC'], ['ZAPA'], ['ZAPB']]);
    // A dish packed whole is no ingredient.
    expect(stocksOf([{ ...first, contents: { kind: 'cooked', dishId: null } }])).toEqual([]);
  });
});
