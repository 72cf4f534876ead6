/** Meals that are still to come. */
import { gt } from 'drizzle-orm';
import { mealSchema, type Meal } from '$core/meal';
import { readable } from './readable';
import type { Database } from './database';
import { meals } from './schema';

/** Meals whose moment has not come. @param now ms since the epoch */
export async function mealsAhead(database: Database, now: number): Promise<Meal[]> {
  const rows = await database
    .select({ id: meals.id, document: meals.document })
    .from(meals)
    .where(gt(meals.serveAt, now));
  return rows
    .flatMap((r) => readable(mealSchema, r.document, `meal ${r.id}`) ?? [])
    .filter((m) => !m.template);
}
