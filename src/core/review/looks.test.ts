import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish, type Ingredient } from '../dish';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry } from '../meal';
import { compiledBy, scheduleBy } from '../../../tests/support/compiled';
import type { CompiledMeal } from '../plan';
import { isPudding, looksAtPlan } from './plan-looks';
import { HARD_MIN, REST_MIN } from './hands-load';

const { kitchen: demo } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
const [first] = demo.cookers as [Kitchen['cookers'][number]];

function dish(id: string, ingredients: Partial<Ingredient>[], brownsFirst = false): Dish {
  const ids = ingredients.map((_, n) => `i${n}`);
  return dishSchema.parse({
    format: 'olive-clock/dish@1',
    id,
    name: id,
    servings: 4,
    ingredients: ingredients.map((i, n) => ({
      id: `i${n}`,
      role: 'main',
      scaling: 'proportional',
      amount: 100,
      unit: 'g',
      ...i,
    })),
    stages: [
      ...(brownsFirst
        ? [{ id: 'brown', kind: 'brown', minutes: 5, text: 'Brown', uses: ids }]
        : []),
      {
        id: 'cook',
        kind: 'pressure',
        text: 'Cook',
        level: 'high',
        holdMinutes: 10,
        release: { kind: 'quick' },
        tools: [],
        uses: ids,
      },
    ],
    wait: { maxMinutes: null, cost: 0 },
  });
}
const stew = dish('a', [{ food: 'onion' }, { food: 'water', amount: 1500 }]);
const pudding = dish('b', [
  { food: 'sugar', amount: 48 },
  { food: 'water', amount: 1500 },
]);

describe('a pudding', () => {
  it('is sweet from twelve grams of sugar a serving on, of all sugars together', () => {
    expect(isPudding(pudding)).toBe(true);
    expect(isPudding(dish('x', [{ food: 'sugar', amount: 47 }]))).toBe(false);
    expect(
      isPudding(
        dish('x', [
          { food: 'sugar', amount: 24 },
          { food: 'honey', amount: 24 },
        ]),
      ),
    ).toBe(true);
  });

  it('has no onion, meat or fish in it, however sweet', () => {
    for (const food of ['onion', 'pork shoulder', 'chicken thigh', 'salmon'])
      expect(isPudding(dish('x', [{ food: 'sugar', amount: 100 }, { food }])), food).toBe(false);
    expect(isPudding(dish('x', [{ food: 'sugar', amount: 100 }, { food: 'zork' }]))).toBe(true);
  });
});

describe('one pot after the other', () => {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: '2026-12-01T18:00:00Z',
    zone: 'UTC',
    servings: 4,
    entries: [newEntry('a', 'a'), newEntry('b', 'b')],
  });
  const kitchenWith = (pot: Partial<Kitchen['cookers'][number]>): Kitchen => ({
    ...demo,
    cookers: [{ ...first, id: 'large', name: 'Large', rings: 1, spareLiners: 0, ...pot }],
  });
  /** A stew, and a pudding so many minutes after it in the same pot. */
  function look(
    gap: number,
    pot: Partial<Kitchen['cookers'][number]> = {},
    [before, after]: readonly [Dish, Dish] = [stew, pudding],
    unit = 'large',
  ) {
    const compiled = compiledBy({
      steps: [
        { id: 'a.cook', minutes: 30, block: 'one' },
        { id: 'b.cook', minutes: 30, block: 'two' },
      ],
      blocks: [
        { id: 'one', units: ['large'] },
        { id: 'two', units: [unit] },
      ],
    });
    const meanings = compiled.meanings.map((m) => ({ ...m, phase: 'come-up' as const }));
    const schedule = scheduleBy(
      [
        ['a.cook', -90, -60],
        ['b.cook', -60 + gap, -30 + gap],
      ],
      0,
      {
        blocks: [
          { id: 'one', unit: 'large', start: -90, end: -60 },
          { id: 'two', unit, start: -60 + gap, end: -30 + gap },
        ],
      },
    );
    const dishes = new Map([
      ['a', before],
      ['b', after],
    ]);
    return looksAtPlan({ ...compiled, meanings }, schedule, meal, dishes, kitchenWith(pot));
  }
  const codes = (...asked: Parameters<typeof look>): string[] => look(...asked).map((n) => n.code);

  it('a pudding under the ring of a stew is looked at, not under a second ring or after another pudding', () => {
    expect(look(60)[0]).toMatchObject({
      code: 'pudding-after-savoury',
      subject: { id: 'b' },
      values: { dish: 'b', before: 'a', cooker: 'Large' },
    });
    expect(codes(60, { rings: 2 })).toEqual([]);
    expect(codes(60, {}, [dish('a', [{ food: 'sugar' }]), pudding])).toEqual([]);
    expect(codes(60, {}, [pudding, stew])).toEqual([]);
    // In another pot nothing was before it.
    expect(codes(60, {}, [stew, pudding], 'other')).toEqual([]);
  });

  it('a pot taken up again within ten minutes is still hot; after eleven, or with a spare inner pot, it is not', () => {
    const again = [stew, stew] as const;
    // A weak heater, so that the warmth of the metal is worth minutes.
    const weak = { watts: 500, heat: undefined };
    expect(look(10, weak, again)).toMatchObject([
      { code: 'pot-still-hot', severity: 'info', values: { before: 'a', cooker: 'Large' } },
    ]);
    expect(codes(11, weak, again)).toEqual([]);
    expect(codes(5, { ...weak, spareLiners: 1 }, again)).toEqual([]);
  });

  it('browning heats the pot itself: nothing is saved there', () => {
    const browned = dish('b', [{ food: 'onion' }, { food: 'water', amount: 1500 }], true);
    expect(codes(5, { watts: 500, heat: undefined }, [stew, browned])).toEqual([]);
  });
});

describe('water and hands', () => {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: '2026-12-01T18:00:00Z',
    zone: 'UTC',
    servings: 8,
    entries: [newEntry('a', 'a')],
  });
  const at = (compiled: CompiledMeal, minutes: number, end = -10) =>
    looksAtPlan(
      compiled,
      scheduleBy([['a.cook', end - minutes, end]], 0, {
        blocks: [{ id: 'one', unit: 'large', start: end - minutes, end }],
      }),
      meal,
      new Map([['a', stew]]),
      { ...demo, cookers: [{ ...first, id: 'large', name: 'Large' }] },
    );
  const cooked = (hands: number, topUps?: CompiledMeal['meanings'][number]['topUps']) => {
    const compiled = compiledBy({
      steps: [{ id: 'a.cook', minutes: { large: 30 }, block: 'one', hands }],
      blocks: [{ id: 'one', units: ['large'] }],
    });
    return {
      ...compiled,
      meanings: compiled.meanings.map((m) => ({ ...m, ...(topUps ? { topUps } : {}) })),
    };
  };

  it('water that a pot needs is told with what is there, and added to the dish as it is written', () => {
    const short = { large: { ml: 200, isOwn: false, thinMl: 155, leastMl: 355 } };
    expect(at(cooked(0, short), 30)).toMatchObject([
      {
        code: 'pot-needs-water',
        values: { cooker: 'Large', leastMl: 355, thinMl: 155 },
        // Half of it: the dish is written for four and cooked for eight.
        edits: [{ kind: 'add-water', dish: 'a', stage: 'cook', ml: 100 }],
      },
    ]);
    const own = { large: { ...short.large, isOwn: true } };
    expect(at(cooked(0, own), 30)).toEqual([]);
    expect(at(cooked(0), 30)).toEqual([]);
  });

  it('work without a rest is too much from so many minutes on', () => {
    expect(at(cooked(1), HARD_MIN - 1)).toEqual([]);
    expect(at(cooked(1), HARD_MIN)).toMatchObject([
      {
        code: 'hands-no-rest',
        values: { hands: 1, minutes: HARD_MIN, restMin: REST_MIN },
        subject: { kind: 'work', steps: ['a.cook'] },
      },
    ]);
  });
});
