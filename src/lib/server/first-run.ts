/** What a household has, and what it still needs before anything can be planned. */
import type { Dish } from '$core/dish';
import { HOUSEHOLD_FORMAT, type Household } from '$core/exchange';
import { emptyKitchen, USUAL_SIZES, usualCooker, type Cooker, type Kitchen } from '$core/kitchen';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import { demoHousehold } from '../../demo/household';
import type { Database } from './database';
import { listDishes } from './dish-store';
import { readKitchen } from './kitchen-store';
import { mealsAhead } from './meals-ahead';
import { readSetting, writeSetting } from './settings-store';
import { z } from 'zod';

/** Dishes to begin with where there is none: they go together, and each shows something else. */
const EXAMPLES = ['hake-fennel', 'mushroom-barley', 'green-beans-almonds'] as const;
/** Whether the household that is here is the made-up one. */
const PLAYING = 'playing';

/** The three dishes that anybody may begin with. @param now ms since the epoch */
export function exampleDishes(now: number): Dish[] {
  const { dishes } = demoHousehold(now);
  return EXAMPLES.flatMap((id) => dishes.find((d) => d.id === id) ?? []);
}

export interface FirstRun {
  kitchen: Kitchen;
  dishes: { id: string; name: string; servings: number }[];
  /** The first meal ahead that has any dish; null where there is none. */
  meal: { id: string; name: string } | null;
}

/** @param now ms since the epoch */
export async function firstRun(database: Database, now: number): Promise<FirstRun> {
  const [kitchen, dishes, ahead] = await Promise.all([
    readKitchen(database),
    listDishes(database),
    mealsAhead(database, now),
  ]);
  const meal = ahead.find((m) => m.entries.length > 0);
  return {
    kitchen,
    dishes: dishes.map(({ id, name, servings }) => ({ id, name, servings })),
    meal: meal ? { id: meal.id, name: meal.name } : null,
  };
}

/** Whether a meal can be planned and one is there: then nobody has to be led any more. */
export function isUnderWay({ kitchen, dishes, meal }: FirstRun): boolean {
  return kitchen.cookers.length > 0 && dishes.length > 0 && meal !== null;
}

/** Cookers of the usual sizes, so many of each. @param counts by quarts */
export function cookersOf(counts: ReadonlyMap<number, number>): Cooker[] {
  return USUAL_SIZES.toReversed().flatMap(({ name, quarts, litres }) => {
    const count = counts.get(quarts) ?? 0;
    return Array.from({ length: count }, (_, i) => {
      const word = i === 0 ? name : `${name} ${i + 1}`;
      return usualCooker({ id: word.toLowerCase().replaceAll(' ', '-'), name: word, litres });
    });
  });
}

/** The first meal of a household: what was chosen, for everybody. */
export function firstMeal(
  typed: { name: string; servings: number; serveAt: string; dishes: readonly string[] },
  zone: string,
): ReturnType<typeof mealSchema.safeParse> {
  return mealSchema.safeParse({
    format: 'olive-clock/meal@2',
    id: crypto.randomUUID(),
    ...{ name: typed.name, serveAt: typed.serveAt, zone, servings: typed.servings },
    entries: typed.dishes.map((id) => newEntry(id, id)),
  } satisfies Partial<Meal>);
}

/** A household with nothing in it, in the same kitchen's zone and words. */
export function emptyHousehold({ zone, system, scale, hours, weekStart }: Kitchen): Household {
  return {
    format: HOUSEHOLD_FORMAT,
    kitchen: { ...emptyKitchen(zone), system, scale, hours, weekStart },
    ...{ dishes: [], meals: [], plans: [], larder: [], prices: [], stores: [], moves: [] },
    ...{ evenings: [], verdicts: [], versions: [], photos: [], setBack: {} },
  };
}

/** Whether somebody looks around in the made-up household. */
export async function isPlaying(database: Database): Promise<boolean> {
  return (await readSetting(database, PLAYING, z.boolean())) ?? false;
}

export async function setPlaying(database: Database, is: boolean): Promise<void> {
  await writeSetting(database, PLAYING, is);
}
