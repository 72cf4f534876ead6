/** A meal with its plan for the exports: the one that was shown, or a fresh one where there is none. */
import { error } from '@sveltejs/kit';
import type { Kitchen } from '$core/kitchen';
import type { Meal } from '$core/meal';
import type { CompiledMeal } from '$core/plan';
import type { Schedule } from '$core/solve';
import { database } from './database';
import { dishesNamed, refsIn } from './plannable';
import { planningKitchen } from './learned-store';
import { readMeal } from './meal-store';
import { planOnServer } from './plan-pool';
import { currentTime } from './clock';

export interface MealPlan {
  meal: Meal;
  kitchen: Kitchen;
  compiled: CompiledMeal;
  schedule: Schedule;
  /** ms since the epoch. */
  serveAt: number;
}

/** @throws a 404 or 409 page with the remedy where there is nothing to export */
export async function mealPlan(id: string): Promise<MealPlan> {
  const store = await database();
  const [stored, kitchen] = await Promise.all([readMeal(store, id), planningKitchen(store)]);
  if (!stored)
    error(404, {
      message: 'There is no such meal.',
      remedy: 'It may have been removed; look in the list of meals.',
    });
  const { meal } = stored;
  const serveAt = Date.parse(meal.serveAt);
  if (stored.plan) return { meal, kitchen, serveAt, ...stored.plan };
  const answer = await planOnServer({
    meal,
    kitchen,
    dishes: await dishesNamed(store, refsIn([meal])),
    now: currentTime(),
  });
  if (answer.kind === 'plan')
    return { meal, kitchen, serveAt, compiled: answer.compiled, schedule: answer.schedule };
  error(409, {
    message:
      answer.kind === 'faults'
        ? (answer.faults[0]?.message ?? 'There is no plan.')
        : 'This meal has no plan.',
    remedy: 'Open the meal and look at what it says; then export it again.',
  });
}
