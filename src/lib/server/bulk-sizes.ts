/** Bags of a bulk food in the size that one of the household's dishes takes. */
import { dishKey, type Dish } from '$core/dish';
import type { Meal } from '$core/meal';
import { bulkFrom, cookedGramsFor } from '$core/storage';
import type { Database } from './database';
import { listDishes } from './dish-store';

export interface BulkSize {
  /** The dish that takes it. */
  name: string;
  /** Cooked, g. */
  grams: number;
}

const MOST = 8;

/** By entry of a batch day: what dishes of the household take of what is cooked there in bulk. */
export async function bulkSizes(
  database: Database,
  meal: Meal,
  dishes: readonly Dish[],
): Promise<Record<string, BulkSize[]>> {
  const byKey = new Map(dishes.map((d) => [d.id, d]));
  const bulk = meal.entries.flatMap(({ id, what }) => {
    const dish = byKey.get(dishKey(what.dish));
    const food = dish && bulkFrom(dish)?.food;
    return dish && food ? [{ id, dish, food }] : [];
  });
  if (bulk.length === 0) return {};
  const all = await listDishes(database);
  return Object.fromEntries(
    bulk.map(({ id, dish, food }) => [
      id,
      all
        .filter((d) => d.id !== dish.id && !d.bulk)
        .flatMap((d): BulkSize[] => {
          const grams = cookedGramsFor(d, food);
          return grams === null ? [] : [{ name: d.name, grams: Math.round(grams) }];
        })
        .slice(0, MOST),
    ]),
  );
}
