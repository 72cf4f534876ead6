/** Hot food may stand for two hours, and longer only where it is kept hot (USDA FSIS, “Danger Zone”). */
import { describe, expect, it } from 'vitest';
import type { Dish } from '../dish';
import { emptyKitchen, kitchenSchema, usualPot } from '../kitchen';
import { mealSchema, newEntry, type Meal } from '../meal';
import { compileMeal, planOf, type Plan } from '../plan';
import { solve } from '../solve';
import { dishBy } from '../../../tests/support/dishes';
import { settleChoices } from './settle';

const NOW = Date.UTC(2026, 10, 25, 7);
const HOUR = 3_600_000;
const kitchen = kitchenSchema.parse({
  ...emptyKitchen('Europe/Athens'),
  cookers: [
    {
      id: 'pot',
      name: 'Pot',
      litres: 5.7,
      watts: 1000,
      ...usualPot(5.7),
      levels: ['low', 'high'],
    },
  ],
});

/** Three hours in all under its lid. */
const braise = (id: string): Dish =>
  dishBy(
    id,
    [
      { food: 'beef chuck', amount: 1000, unit: 'g', role: 'main' },
      { food: 'beef stock', amount: 500, unit: 'ml' },
    ],
    {
      stages: [
        {
          id: 'cook',
          kind: 'pressure',
          text: 'Cook',
          uses: ['i0', 'i1'],
          level: 'high',
          holdMinutes: 130,
          release: { kind: 'natural' },
          tools: [],
        },
        {
          id: 'serve',
          kind: 'finish',
          text: 'Stir in the herbs',
          uses: [],
          minutes: 2,
          inCooker: false,
        },
      ],
      wait: { maxMinutes: 90, cost: 1 },
    },
  );
const all = [braise('first'), braise('second'), braise('third')];
const dishes = new Map(all.map((d) => [d.id, d]));
const mealOf = (...ids: string[]): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + 14 * HOUR).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: ids.map((id) => newEntry(id, id)),
  });

function plan(meal: Meal, where = kitchen): Plan | null {
  const compiled = compileMeal(meal, dishes, where, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const found = solve(compiled.value.problem);
  return found.cost === null ? null : planOf(compiled.value, found);
}

describe('three long braises in one pot', () => {
  const meal = mealOf('first', 'second', 'third');

  it('without an oven there is no plan, and nothing is chosen', () => {
    const bare = { ...kitchen, oven: null };
    const settled = settleChoices(meal, dishes, bare, NOW);
    expect(settled.reasons).toEqual([]);
    expect(plan(settled.meal, bare)).toBeNull();
  });

  it('with one, as few as will do are kept hot in it, and it is said that there is no plan without', () => {
    expect(plan(meal)).toBeNull();
    const { meal: settled, reasons } = settleChoices(meal, dishes, kitchen, NOW);
    expect(settled.entries.filter((e) => e.where.keepHot)).toHaveLength(1);
    expect(reasons[0]?.values).toMatchObject({
      choice: { kind: 'keep-hot', dishes: [expect.any(String)] },
      gain: { kind: 'only-way' },
    });
    const made = plan(settled);
    const held = made?.stays.find((s) => s.unit === 'oven');
    expect(held && held.end - held.start).toBeGreaterThan(120);
  });

  it('with an oven that is free only long after supper nothing is chosen', () => {
    const taken = {
      ...meal,
      busy: [
        {
          unit: 'oven',
          from: new Date(NOW).toISOString(),
          to: new Date(NOW + 18 * HOUR).toISOString(),
        },
      ],
    };
    expect(settleChoices(taken, dishes, kitchen, NOW).reasons).toEqual([]);
  });

  it('two have room within the two hours: nothing is chosen', () => {
    const two = { ...mealOf('first', 'second'), servings: 1 };
    const short = new Map(
      all.map((d) => [
        d.id,
        {
          ...d,
          stages: d.stages.map((s) => (s.kind === 'pressure' ? { ...s, holdMinutes: 40 } : s)),
        },
      ]),
    );
    expect(settleChoices(two, short, kitchen, NOW).reasons).toEqual([]);
  });
});

describe('a dish that is kept hot', () => {
  const meal = mealOf('first');
  const hot: Meal = {
    ...meal,
    entries: meal.entries.map((e) => ({ ...e, where: { ...e.where, keepHot: true } })),
  };
  const made = plan(hot);
  const of = (id: string) => made?.operations.find((o) => o.id === id);

  it('goes in when it is cooked and comes out before its last touches', () => {
    expect(of('first.hot.in')?.text).toMatch(/Oven at 80 °C/);
    expect(of('first.hot.in')?.start).toBeGreaterThanOrEqual(of('first.cook.open')?.end ?? 0);
    expect(of('first.serve')?.start).toBeGreaterThanOrEqual(of('first.hot.out')?.end ?? Infinity);
    expect(of('first.hot.in')?.unit).toBe('oven');
  });

  it('shares the oven with nothing that is baked', () => {
    const baked = dishBy('baked', [{ food: 'potatoes', amount: 500, unit: 'g', role: 'main' }], {
      stages: [{ id: 'bake', kind: 'oven', text: 'Bake', uses: ['i0'], minutes: 40, celsius: 200 }],
    });
    const compiled = compileMeal(
      { ...hot, entries: [...hot.entries, newEntry('baked', 'baked')] },
      new Map([...dishes, ['baked', baked]]),
      kitchen,
      NOW,
    );
    expect(compiled.ok && compiled.value.problem.apart).toHaveLength(1);
  });

  it('in a kitchen without an oven it is planned as any other', () => {
    expect(
      plan(hot, { ...kitchen, oven: null })
        ?.operations.map((o) => o.id)
        .join(),
    ).not.toMatch(/hot/);
  });
});
