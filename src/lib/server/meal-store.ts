import { and, asc, desc, eq, gte, inArray, lte, sql } from 'drizzle-orm';
import { checkServingTime, mealSchema, type Meal } from '$core/meal';
import { savedPlanSchema, totalsOf, type SavedPlan } from '$core/plan';
import { failure, success, type Outcome } from '$core/reason';
import { daysBetween } from '$core/storage';
import { dayKey } from '$core/units';
import { addLocalDays, addWeeks, servingIn } from '$lib/client/moments';
import { readable, reading } from './readable';
import { inWriteQueue, type Database } from './database';
import { has, meant } from './find-words';
import { fillShelf, type Shelf, type ShelfWish } from './shelf';
import { meals } from './schema';

export interface StoredMeal {
  meal: Meal;
  plan: SavedPlan | null;
  revision: number;
}

/** What a meal is without its plan, which is many times as long. */
const DOCUMENT = { id: meals.id, name: meals.name, document: meals.document };
const toMeal = (row: { id: string; document: unknown }): Meal | null =>
  readable(mealSchema, row.document, `meal ${row.id}`);

function toStored(row: typeof meals.$inferSelect): StoredMeal | null {
  const meal = toMeal(row);
  if (!meal) return null;
  // A plan of an older shape is only a picture of the past: it is made again, not mended.
  const plan = reading(savedPlanSchema, row.plan);
  return {
    meal,
    plan: 'value' in plan ? plan.value : null,
    revision: row.revision,
  };
}

/** All meals, the latest first. */
export async function listMeals(database: Database): Promise<StoredMeal[]> {
  const rows = await database.select().from(meals).orderBy(desc(meals.serveAt));
  return rows.flatMap((row) => toStored(row) ?? []);
}

/** Whether a meal is no pattern for others: it has a day of its own. */
const HAS_DAY = sql`coalesce(json_extract(${meals.document}, '$.template'), 0) = 0`;

/** Meals of some time, the latest first; patterns have none. @param from ms since the epoch, as `to` */
export async function mealsBetween(
  database: Database,
  from: number,
  to: number | null = null,
): Promise<StoredMeal[]> {
  const rows = await database
    .select()
    .from(meals)
    .where(and(gte(meals.serveAt, from), to === null ? undefined : lte(meals.serveAt, to), HAS_DAY))
    .orderBy(desc(meals.serveAt));
  return rows.flatMap((row) => toStored(row) ?? []);
}

/** Meals from a moment on without their plans, which are many times as long; the latest first. */
export async function mealsFrom(
  database: Database,
  from: number,
): Promise<{ meal: Meal; isPlanned: boolean }[]> {
  const rows = await database
    .select({ ...DOCUMENT, isPlanned: sql<number>`${meals.plan} is not null` })
    .from(meals)
    .where(and(gte(meals.serveAt, from), HAS_DAY))
    .orderBy(desc(meals.serveAt));
  return rows.flatMap((row) => {
    const meal = toMeal(row);
    return meal ? [{ meal, isPlanned: row.isPlanned === 1 }] : [];
  });
}

/** Those of the ids that are there, in no order. */
export async function mealsById(database: Database, ids: readonly string[]): Promise<StoredMeal[]> {
  if (ids.length === 0) return [];
  const rows = await database
    .select()
    .from(meals)
    .where(inArray(meals.id, [...ids]));
  return rows.flatMap((row) => toStored(row) ?? []);
}

/** Meals that others are made after. */
export async function listPatterns(database: Database): Promise<Meal[]> {
  const rows = await database
    .select(DOCUMENT)
    .from(meals)
    .where(sql`not ${HAS_DAY}`)
    .orderBy(desc(meals.serveAt));
  return rows.flatMap((row) => toMeal(row) ?? []);
}

/** One page of the meals whose moment has come, by the words of their names, the latest first. */
export function mealsBehind(
  database: Database,
  now: number,
  wish: ShelfWish,
): Promise<Shelf<Meal>> {
  const isBehind = and(lte(meals.serveAt, now), HAS_DAY);
  const isMeant = and(
    isBehind,
    meant(wish.find, (w) => has(meals.name, w)),
  );
  const counts = { all: database.$count(meals, isBehind), found: database.$count(meals, isMeant) };
  return fillShelf(wish, counts, async (skipped) => {
    const rows = await database
      .select(DOCUMENT)
      .from(meals)
      .where(isMeant)
      .orderBy(desc(meals.serveAt), asc(meals.id))
      .limit(wish.size)
      .offset(skipped);
    return rows.flatMap((row) => toMeal(row) ?? []);
  });
}

/** @returns the meal with its plan and revision, or null where there is none of that id */
export async function readMeal(database: Database, id: string): Promise<StoredMeal | null> {
  const [row] = await database.select().from(meals).where(eq(meals.id, id));
  return row ? toStored(row) : null;
}

/** Meals whose documents can’t be read: they stay where they are, and somebody is told of them. */
export async function unreadableMeals(database: Database): Promise<{ id: string; name: string }[]> {
  const rows = await database.select(DOCUMENT).from(meals);
  return rows.filter((row) => toMeal(row) === null).map(({ id, name }) => ({ id, name }));
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

/** What is fixed on an evening by the clock moves along with it. */
function factsLater(
  { away, busy }: Meal,
  later: (instant: string) => string,
): Pick<Meal, 'away' | 'busy'> {
  return {
    away: away.map((s) => ({ from: later(s.from), to: later(s.to) })),
    busy: busy.map((s) => ({ ...s, from: later(s.from), to: later(s.to) })),
  };
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
    ...factsLater(meal, later),
    template: false,
  };
  await createMeal(database, copy, now);
  return id;
}

/**
 * Puts a meal on another day at the same time of day, with what is fixed on that evening. Its plan stays where
 * everything in it still lies ahead; else it is made again when the meal is opened.
 *
 * @param day `2026-11-28` in the meal's zone
 * @returns the day it was on; what is wrong where it can't go there
 */
export async function moveMeal(
  database: Database,
  id: string,
  day: string,
  now: number,
): Promise<Outcome<string>> {
  const stored = await readMeal(database, id);
  if (!stored)
    return failure({
      field: 'id',
      message: 'this meal is no longer there',
      remedy: 'look at the week again',
    });
  const { meal, plan, revision } = stored;
  const was = dayKey(Date.parse(meal.serveAt), meal.zone);
  const later = (instant: string): string =>
    addLocalDays(instant, daysBetween(was, day), meal.zone);
  const serveAt = later(meal.serveAt);
  const ahead = checkServingTime(serveAt, now);
  if (!ahead.ok)
    return failure({ field: 'day', message: 'that day is past', remedy: 'choose a later one' });
  const first = plan ? totalsOf(plan.compiled.problem, plan.schedule).firstStart : 0;
  const moved = { ...meal, serveAt, ...factsLater(meal, later) };
  const stays = plan !== null && Date.parse(serveAt) + first * 60_000 > now;
  const saved = await updateMeal(
    database,
    { meal: moved, plan: stays ? plan : null, revision },
    now,
  );
  if (saved !== null) return success(was);
  return failure({
    field: 'id',
    message: 'somebody has changed this meal meanwhile',
    remedy: 'look at the week again',
  });
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

/** Takes a meal and its plan out; its evenings stay. */
export async function removeMeal(database: Database, id: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(meals).where(eq(meals.id, id));
  });
}
