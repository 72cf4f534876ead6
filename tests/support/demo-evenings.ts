/** The demo's meals as live evenings, each planned and about to begin. */
import { householdSchema } from '$core/exchange';
import { compileMeal } from '$core/plan';
import type { Evening } from '$core/run';
import { solve } from '$core/solve';
import { demoHousehold } from '../../src/demo/household';

/** When they were planned, ms since the epoch. */
export const PLANNED_AT = Date.UTC(2026, 10, 25, 9);
export const household = householdSchema.parse(demoHousehold(PLANNED_AT));

/** @returns one evening for each meal, in the household's order */
export function demoStarts(): Evening[] {
  const dishes = new Map(household.dishes.map((d) => [d.id, d]));
  return household.meals.map((meal) => {
    const compiled = compileMeal(meal, dishes, household.kitchen, PLANNED_AT);
    if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
    return {
      id: meal.id,
      mealId: meal.id,
      name: meal.name,
      serveAt: Date.parse(meal.serveAt),
      compiled: compiled.value,
      schedule: solve(compiled.value.problem, { work: 3_000_000 }),
    };
  });
}
