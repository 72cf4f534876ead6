import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { type Dish, dishKey } from '../dish';
import { householdSchema } from '../exchange';
import { solve } from '../solve';
import { compileMeal, planOf } from '../plan';
import {
  layOut,
  mergedCuts,
  shoppingList,
  toolsFor,
  useUp,
  type LarderItem,
  type Wanted,
} from './index';
import { dishBy } from '../../../tests/support/dishes';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));

const dish = dishBy;
const want = (d: Dish, servings = 4, withDishes: string[] = []): Wanted => ({
  dish: d,
  servings,
  meal: 'Supper',
  withDishes: new Set(withDishes),
});
const buy = (wanted: Wanted[], larder: LarderItem[] = []) =>
  shoppingList(wanted, larder, []).lines.map((l) => [l.food, l.buy?.amount, l.buy?.unit]);
const have = (food: string, amount: number | null, unit: LarderItem['unit']): LarderItem => ({
  food,
  amount,
  unit,
  useBy: null,
});

describe('shopping', () => {
  it.each([
    // A sum of tenths is 3 for a cook, whatever a computer makes of it; any real part more is one more.
    [[0.1, 2.7, 0.2], 3],
    [[2], 2],
    [[2.001], 3],
    [[1.5, 0.6], 3],
  ])('what is sold whole is bought whole: %j is %i', (amounts, whole) => {
    const lemons = amounts.map((amount, n) =>
      want(dish(`d${n}`, [{ food: 'lemon', amount, unit: 'piece' }])),
    );
    expect(buy(lemons)[0]?.[1]).toBe(whole);
  });

  it('adds one food under two names and in two units, through its density', () => {
    const list = buy([
      want(dish('a', [{ food: 'olive oil', amount: 100, unit: 'ml' }])),
      want(dish('b', [{ food: 'extra virgin olive oil', amount: 2, unit: 'tbsp' }])),
    ]);
    expect(list).toHaveLength(1);
    expect(list[0]?.[1]).toBeCloseTo(129.6, 0);
    const mixed = buy([
      want(dish('a', [{ food: 'onion', amount: 2 }])),
      want(dish('b', [{ food: 'onions', amount: 300, unit: 'g' }])),
    ]);
    expect(mixed).toHaveLength(1);
    expect(mixed[0]?.[2]).toBe('g');
  });

  it('sold whole is bought whole; water comes from the tap; what another dish gives is not bought', () => {
    expect(
      buy([
        want(
          dish('a', [
            { food: 'onion', amount: 3 },
            { food: 'water', amount: 500, unit: 'ml' },
            { food: 'broth', amount: 1, unit: 'l', takes: { dish: 'stew', product: 'broth' } },
          ]),
          6,
          ['stew'],
        ),
      ]),
    ).toEqual([['onion', 5, 'piece']]);
  });

  it('takes off what is in the house, and lists what there is enough of apart', () => {
    const d = dish('a', [{ food: 'rice', amount: 500, unit: 'g' }]);
    expect(buy([want(d)], [have('rice', 0.2, 'kg')])).toEqual([['rice', 300, 'g']]);
    expect(buy([want(d)], [have('white rice', null, null)])).toEqual([]);
    expect(shoppingList([want(d)], [have('rice', 2, 'kg')], []).inHouse).toHaveLength(1);
  });

  it.each([
    // 400 g is a can; a spoonful over it opens no second one, a real part does.
    [400, 1],
    [420, 1],
    [421, 2],
    [1200, 3],
    [10, 1],
  ])('%i g of coconut milk are %i cans of 400 g', (grams, cans) => {
    const d = dish('a', [{ food: 'coconut milk', amount: grams, unit: 'g' }]);
    expect(shoppingList([want(d)], [], []).lines[0]?.sold).toMatchObject({
      count: cans,
      as: 'can',
      each: { amount: 400, unit: 'g' },
    });
  });

  it('what is counted is counted, what is weighed by the piece is told in pieces', () => {
    const d = dish('a', [
      { food: 'onion', amount: 3, unit: 'piece' },
      { food: 'carrot', amount: 500, unit: 'g' },
    ]);
    const sold = shoppingList([want(d)], [], []).lines.map((l) => l.sold);
    // A carrot is 61 g (USDA SR).
    expect(sold).toEqual([{ count: 9, as: 'piece', each: null, over: null }, null]);
  });

  it('a price gives a total; what has none is counted', () => {
    const d = dish('a', [
      { food: 'rice', amount: 500, unit: 'g' },
      { food: 'saffron', amount: 1, unit: 'pinch' },
    ]);
    const list = shoppingList([want(d)], [], [{ food: 'rice', price: 3, per: 'kg' }]);
    expect(list.total).toBe(1.5);
    expect(list.unpriced).toBe(1);
  });

  it('law: two meals on one list need as much as each on its own', () => {
    const [a, b] = household.dishes;
    if (!a || !b) throw new Error('no dishes');
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 20 }), (m, n) => {
        const grams = (w: Wanted[]): number =>
          shoppingList(w, [], []).lines.reduce(
            (sum, l) =>
              sum + (l.needed && ['g', 'ml'].includes(l.needed.unit) ? l.needed.amount : 0),
            0,
          );
        const together = grams([want(a, m), want(a, n)]);
        expect(together).toBeCloseTo(grams([want(a, m)]) + grams([want(a, n)]), 6);
      }),
      { numRuns: 30 },
    );
  });

  it('every demo dish makes a list with aisles and no empty line', () => {
    const list = shoppingList(
      household.dishes.map((d) => want(d)),
      [],
      [],
    );
    expect(list.lines.length).toBeGreaterThan(30);
    for (const line of list.lines) expect(line.food).not.toBe('');
  });
});

describe('laying out', () => {
  const meal = household.meals.find((m) => m.id === 'harvest-supper');
  if (!meal) throw new Error('no meal');
  const byId = new Map(household.dishes.map((d) => [d.id, d]));
  const entries = meal.entries.flatMap((e) => {
    const d = byId.get(dishKey(e.what.dish));
    return d ? [{ entryId: e.id, dish: d, servings: meal.servings }] : [];
  });
  const compiled = compileMeal(meal, byId, household.kitchen, NOW);
  if (!compiled.ok) throw new Error('not compiled');
  const schedule = solve(compiled.value.problem, { work: 2_000_000 });

  it('goes in the order of use, dish by dish, first what is begun first', () => {
    const groups = layOut(entries, planOf(compiled.value, schedule), household.kitchen);
    expect(groups.map((g) => g.start)).toEqual(groups.map((g) => g.start).sort((a, b) => a - b));
    const lamb = groups.find((g) => g.dish.startsWith('Lamb'));
    expect(lamb?.items[0]?.text).toMatch(/lamb shoulder/);
    expect(lamb?.items.at(-1)?.food).toMatch(/almonds|salt/);
  });

  it('one food for two dishes is cut once: so much of it how', () => {
    const merged = mergedCuts(
      [
        { dish: dish('a', [{ food: 'onion', amount: 2, preparation: 'diced' }]), servings: 4 },
        { dish: dish('b', [{ food: 'onion', amount: 1, preparation: 'sliced' }]), servings: 4 },
      ],
      household.kitchen,
    );
    expect(merged.map((m) => m.text)).toEqual(['3 onion: 2 diced (a), 1 sliced (b)']);
  });

  it('names racks and pans with the minute, and the thermometer where safety asks for it', () => {
    const tools = toolsFor(planOf(compiled.value, schedule), household.kitchen);
    expect(tools.map((t) => t.tool)).toEqual(
      expect.arrayContaining(['thermometer', 'Low rack', 'colander']),
    );
    expect(tools.map((t) => t.at)).toEqual(tools.map((t) => t.at).sort((a, b) => a - b));
  });
});

describe('use up', () => {
  it('what is due soon comes first, with the dishes that take it', () => {
    const due = useUp(
      [
        { ...have('fennel', 2, 'piece'), useBy: '2026-11-27' },
        { ...have('yogurt', 1, 'kg'), useBy: '2026-11-26' },
        { ...have('rice', null, null), useBy: '2027-11-26' },
      ],
      household.dishes,
      '2026-11-25',
    );
    expect(due.map((d) => [d.item.food, d.days])).toEqual([
      ['yogurt', 1],
      ['fennel', 2],
    ]);
    expect(due[1]?.dishes.map((d) => d.id)).toContain('hake-fennel');
  });
});
