/** The whole household at once: out as one file, in from one. */
import type { Household } from '$core/exchange';
import { foodKey } from '$core/lists';
import { inWriteQueue, type Database } from './database';
import { listDishes } from './dish-store';
import { readKitchen } from './kitchen-store';
import { listMeals } from './meal-store';
import { listLarder, listPrices } from './larder-store';
import { listItems } from './item-store';
import { dishes, kitchens, larder, meals, prices, storeItems, storeMoves } from './schema';

export async function readHousehold(database: Database): Promise<Household> {
  const stored = await listMeals(database);
  return {
    format: 'olive-clock/household@1',
    kitchen: await readKitchen(database),
    dishes: await listDishes(database),
    meals: stored.map((s) => s.meal),
    larder: await listLarder(database),
    prices: await listPrices(database),
    stores: await listItems(database),
  };
}

/**
 * Replaces everything with a household file's contents, all of it or nothing.
 *
 * @param now ms since the epoch
 */
export async function replaceHousehold(
  database: Database,
  household: Household,
  now: number,
): Promise<void> {
  await inWriteQueue(async () => {
    await database.batch([
      database.delete(meals),
      database.delete(dishes),
      database.delete(kitchens),
      database.delete(larder),
      database.delete(prices),
      database.delete(storeMoves),
      database.delete(storeItems),
      database.insert(kitchens).values({ id: 1, document: household.kitchen }),
      ...household.dishes.map((dish) =>
        database
          .insert(dishes)
          .values({ id: dish.id, name: dish.name, document: dish, updatedAt: now }),
      ),
      ...household.meals.map((meal) =>
        database.insert(meals).values({
          id: meal.id,
          name: meal.name,
          serveAt: Date.parse(meal.serveAt),
          document: meal,
          updatedAt: now,
        }),
      ),
      ...household.larder.map((item) =>
        database.insert(larder).values({ food: foodKey(item.food), document: item }),
      ),
      ...household.prices.map((price) =>
        database.insert(prices).values({ food: foodKey(price.food), document: price }),
      ),
      ...household.stores.map((item) =>
        database.insert(storeItems).values({
          id: item.id,
          code: item.code,
          place: item.place,
          portions: item.portions,
          useBy: item.useBy,
          document: item,
        }),
      ),
    ]);
  });
}
