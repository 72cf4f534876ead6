import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { mealSchema, newEntry, type Meal } from '../meal';
import { solve } from '../solve';
import { compileMeal } from '../plan';
import { isPudding, looksAtPlan } from './plan-looks';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
const isSweet = (id: string): boolean => {
  const dish = dishes.get(id);
  if (!dish) throw new Error(id);
  return isPudding(dish);
};

function looks(meal: Meal, rings: number) {
  const kitchen = {
    ...household.kitchen,
    cookers: household.kitchen.cookers.map((c) => ({ ...c, rings, spareLiners: 0 })),
  };
  const compiled = compileMeal(meal, dishes, kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const schedule = solve(compiled.value.problem, { work: 2_000_000 });
  return looksAtPlan(compiled.value, schedule, meal, dishes, kitchen);
}
const meal = mealSchema.parse({
  format: 'olive-clock/meal@2',
  id: 'one-pot',
  name: 'One pot',
  serveAt: new Date(NOW + 20 * 3_600_000).toISOString(),
  zone: 'Europe/Athens',
  servings: 4,
  entries: [
    newEntry('lamb', 'lamb-apricots', { where: { cooker: 'large' } }),
    newEntry('pudding', 'semolina-pudding', { where: { cooker: 'large' }, when: { later: 60 } }),
  ],
});

describe('what only the finished plan shows', () => {
  it('knows a pudding from a stew with a spoon of honey', () => {
    expect(isSweet('semolina-pudding')).toBe(true);
    expect(isSweet('lamb-apricots')).toBe(false);
    expect(isSweet('beetroot-dill')).toBe(false);
  });

  it('a pudding under the ring of the stew is looked at; with a second ring it is not (common practice)', () => {
    const smells = (rings: number): boolean =>
      looks(meal, rings).some((n) => n.code === 'pudding-after-savoury');
    expect(smells(1)).toBe(true);
    expect(smells(2)).toBe(false);
  });
});
