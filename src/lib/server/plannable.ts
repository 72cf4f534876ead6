/** What a meal's entries stand for: dishes of the household, bags heated again, dishes made with food cooked in bulk. */
import { asc, gt } from 'drizzle-orm';
import type { Dish } from '$core/dish';
import type { DishPick, Meal } from '$core/meal';
import {
  bagDishId,
  bagOf,
  bulkDishes,
  bulkOf,
  dishFor,
  isDish,
  isThere,
  reservedBy,
  stocksOf,
  waysToHeat,
  type Stock,
  type StoreItem,
} from '$core/storage';
import type { Database } from './database';
import { itemsByCode, listBulk } from './item-store';
import { readKitchen } from './kitchen-store';
import { dishesById } from './dish-store';
import { dishes as dishTable, storeItems } from './schema';

/**
 * Everything that can be put into a meal: dishes by name, then what is in stock, due first.
 *
 * @param day of the meal: what is packed later, its label being written already, is not there yet, and what
 *   is past its day for safety no more
 */
export async function listPicks(
  database: Database,
  day: string | null = null,
): Promise<DishPick[]> {
  const [dishes, items] = await Promise.all([
    database.select().from(dishTable).orderBy(asc(dishTable.name)),
    database
      .select()
      .from(storeItems)
      .where(gt(storeItems.portions, 0))
      .orderBy(asc(storeItems.useBy)),
  ]);
  return [
    ...dishes.map(({ id, name, document }) => ({
      id,
      name,
      summary: (document as Dish).summary,
      portions: null,
    })),
    ...items
      .filter((i) => isDish(i.document as StoreItem) && isThere(i.document as StoreItem, day))
      .map(({ code, place, portions, useBy, document }) => ({
        id: bagDishId(code),
        name: (document as StoreItem).name,
        summary: `${code}, from the ${place}, to use by ${useBy}.`,
        portions,
      })),
  ];
}

/** The ids that some meals name. */
export const idsIn = (meals: readonly Meal[]): string[] =>
  meals.flatMap((m) => m.entries.map((e) => e.dishId));

/**
 * The dishes of these ids, also of bags that are used up by now.
 *
 * @returns in no order; those that are gone are missing
 */
export async function dishesNamed(database: Database, ids: readonly string[]): Promise<Dish[]> {
  const codes = ids.flatMap((id) => (bagOf(id) ?? bulkOf(id))?.code ?? []);
  const [items, kitchen, stock] = await Promise.all([
    itemsByCode(database, codes),
    readKitchen(database),
    ids.some((id) => bulkOf(id)) ? listBulk(database) : [],
  ]);
  const packedFrom = [...items.values()].flatMap((i) => i.dishId ?? []);
  const written = ids.map((id) => bulkOf(id)?.dishId ?? id);
  const dishes = await dishesById(database, [...written, ...packedFrom]);
  return [...new Set(ids)].flatMap((id) => dishFor(id, { items, stock, dishes, kitchen }) ?? []);
}

/**
 * The dishes of these ids, and what each could be changed into: a bag heated in another way, a dish made
 * with food that was cooked in bulk or lies there raw.
 *
 * @param others meals ahead that take from the stock too: what they have is not free
 * @param day of the meal: what is packed later is not there yet
 */
export async function plannableFor(
  database: Database,
  ids: readonly string[],
  others: readonly Meal[] = [],
  day: string | null = null,
): Promise<Dish[]> {
  const [kitchen, bags] = await Promise.all([readKitchen(database), listBulk(database)]);
  const stock = stocksOf(bags.filter((b) => isThere(b, day)));
  const reserved = await reservedIn(database, others, stock);
  const bulk = stock.map((i) => ({
    ...i,
    portions: Math.max(0, i.portions - (reserved.get(i.code) ?? 0)),
  }));
  const written = ids.map((id) => bulkOf(id)?.dishId ?? id).filter((id) => !bagOf(id));
  const made = bulkDishes(bulk, [...(await dishesById(database, written)).values()]);
  const known = new Set(made.map((d) => d.id));
  const ways = ids.flatMap((id) => {
    const bag = bagOf(id);
    return bag ? waysToHeat(kitchen).map((method) => bagDishId(bag.code, method)) : [];
  });
  const named = [...ids, ...written, ...ways].filter((id) => !known.has(id));
  const found = (await dishesNamed(database, named)).map((dish) => {
    const taken = reserved.get((bagOf(dish.id) ?? bulkOf(dish.id))?.code ?? '') ?? 0;
    // Made from stock and not among what is offered: nothing of it is free.
    const free = bagOf(dish.id) ? Math.max(0, dish.servings - taken) : 0;
    return taken > 0 ? { ...dish, atMost: free } : dish;
  });
  return [...found, ...made];
}

/** What other meals take of the stock, by code. */
async function reservedIn(
  database: Database,
  others: readonly Meal[],
  stock: readonly Stock[],
): Promise<Map<string, number>> {
  const written = idsIn(others).flatMap((id) => bulkOf(id)?.dishId ?? []);
  return reservedBy(others, stock, await dishesById(database, written));
}
