import { and, desc, eq } from 'drizzle-orm';
import { mealSchema, type Meal } from '$core/meal';
import { savedPlanSchema, type SavedPlan } from '$core/plan';
import { addWeeks, servingIn } from '$lib/client/moments';
import { inWriteQueue, type Database } from './database';
import { meals } from './schema';

export interface StoredMeal {
  meal: Meal;
  plan: SavedPlan | null;
  revision: number;
}

function toStored(row: typeof meals.$inferSelect): StoredMeal {
  // A plan of an older shape is only a picture of the past: it is made again, not mended.
  const plan = savedPlanSchema.safeParse(row.plan);
  return {
    meal: mealSchema.parse(row.document),
    plan: plan.success ? plan.data : null,
    revision: row.revision,
  };
}

/** All meals, the latest first. */
export async function listMeals(database: Database): Promise<StoredMeal[]> {
  const rows = await database.select().from(meals).orderBy(desc(meals.serveAt));
  return rows.map(toStored);
}

export async function readMeal(database: Database, id: string): Promise<StoredMeal | null> {
  const [row] = await database.select().from(meals).where(eq(meals.id, id));
  return row ? toStored(row) : null;
}

/** Adds a meal. @param now ms since the epoch */
export async function createMeal(database: Database, meal: Meal, now: number): Promise<void> {
  const document = mealSchema.parse(meal);
  await inWriteQueue(async () => {
    await database.insert(meals).values({
      id: meal.id,
      name: meal.name,
      serveAt: Date.parse(meal.serveAt),
      document,
      updatedAt: now,
    });
  });
}

/**
 * The meal once more, at the same time of day so many weeks later; times of that evening move along.
 *
 * @returns the new meal's id
 */
export async function copyMeal(
  database: Database,
  meal: Meal,
  weeks: number,
  now: number,
): Promise<string> {
  const later = (instant: string): string => addWeeks(instant, weeks, meal.zone);
  const id = crypto.randomUUID();
  const wanted = later(meal.serveAt);
  const copy: Meal = {
    ...meal,
    id,
    name: weeks === 0 ? `${meal.name.slice(0, 90)}, variant` : meal.name,
    // A pattern, or a meal long past, is taken up again tomorrow.
    serveAt: Date.parse(wanted) > now ? wanted : servingIn(now, meal.zone),
    away: meal.away.map((s) => ({ from: later(s.from), to: later(s.to) })),
    busy: meal.busy.map((s) => ({ ...s, from: later(s.from), to: later(s.to) })),
    template: false,
  };
  await createMeal(database, copy, now);
  return id;
}

/**
 * Saves a change to the meal that had `revision`.
 *
 * @returns the new revision, or null where somebody else has changed or removed it meanwhile
 */
export async function updateMeal(
  database: Database,
  change: { meal: Meal; plan: SavedPlan | null; revision: number },
  now: number,
): Promise<number | null> {
  const document = mealSchema.parse(change.meal);
  const rows = await inWriteQueue(() =>
    database
      .update(meals)
      .set({
        name: document.name,
        serveAt: Date.parse(document.serveAt),
        document,
        plan: change.plan,
        revision: change.revision + 1,
        updatedAt: now,
      })
      .where(and(eq(meals.id, document.id), eq(meals.revision, change.revision)))
      .returning({ revision: meals.revision }),
  );
  return rows[0]?.revision ?? null;
}

export async function removeMeal(database: Database, id: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(meals).where(eq(meals.id, id));
  });
}
