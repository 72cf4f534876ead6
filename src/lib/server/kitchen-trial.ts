/** Meals with which a kitchen can be tried, and the trial of one. */
import { desc } from 'drizzle-orm';
import { mealSchema } from '$core/meal';
import type { Addition, KitchenTrial } from '$core/planner';
import type { Database } from './database';
import { planningKitchen } from './learned-store';
import { readMeal } from './meal-store';
import { dishesNamed, refsIn } from './plannable';
import { tryOnServer } from './plan-pool';
import { readable } from './readable';
import { meals } from './schema';

/** The latest count: what was cooked years ago says little of next week. */
const MOST_MEALS = 12;

/** Meals planned or cooked, the latest first; of those with dishes the last dozen. */
export async function mealsToTry(database: Database): Promise<{ id: string; name: string }[]> {
  const rows = await database
    .select({ id: meals.id, document: meals.document })
    .from(meals)
    .orderBy(desc(meals.serveAt));
  return rows
    .flatMap((r) => readable(mealSchema, r.document, `meal ${r.id}`) ?? [])
    .filter((m) => !m.template && m.entries.length > 0)
    .slice(0, MOST_MEALS)
    .map(({ id, name }) => ({ id, name }));
}

/** @returns null where there is no such meal */
export async function tryMeal(
  database: Database,
  id: string,
  addition: Addition,
  now: number,
): Promise<KitchenTrial | null> {
  const [stored, kitchen] = await Promise.all([readMeal(database, id), planningKitchen(database)]);
  if (!stored) return null;
  const dishes = await dishesNamed(database, refsIn([stored.meal]));
  return tryOnServer({ meal: stored.meal, kitchen, dishes, now }, addition);
}
