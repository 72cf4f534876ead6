/** What a meal's entries stand for: dishes of the household, bags heated again, dishes made with food cooked in bulk. */
import { asc, gt } from 'drizzle-orm';
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import type { DishPick, Meal } from '$core/meal';
import {
  bagDishId,
  bagOf,
  bulkOf,
  dishFromBag,
  waysToHeat,
  safeUntil,
  stocksOf,
  stockWith,
  withBulk,
  type Stock,
  type StoreItem,
} from '$core/stores';
import type { Database } from './database';
import { itemsByCode, listBulk } from './item-store';
import { readKitchen } from './kitchen-store';
import { reservedBy } from './reserved';
import { dishesById } from './dish-store';
import { dishes as dishTable, storeItems } from './schema';

/** So many bags are offered as the bulk ingredient of a dish, due first. */
const MOST_BULK = 12;

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
      .filter((i) => isDish(i) && isThere(i.document as StoreItem, day))
      .map(({ code, place, portions, useBy, document }) => ({
        id: bagDishId(code),
        name: (document as StoreItem).name,
        summary: `${code}, from the ${place}, to use by ${useBy}.`,
        portions,
      })),
  ];
}

/** Packed by that day, and still safe on it. */
function isThere(item: StoreItem, day: string | null): boolean {
  return day === null || (item.packedOn <= day && day <= (safeUntil(item) ?? day));
}

/** Raw food in packs is no dish: it goes into one. */
function isDish({ document }: { document: unknown }): boolean {
  const { pack, isRaw } = document as StoreItem;
  return !(pack && isRaw);
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

interface Known {
  items: ReadonlyMap<string, StoreItem>;
  /** What is there as an ingredient. */
  stock: readonly StoreItem[];
  dishes: ReadonlyMap<string, Dish>;
  kitchen: Kitchen;
}

function dishFor(id: string, { items, stock, dishes, kitchen }: Known): Dish | null {
  const bag = bagOf(id);
  const bulk = bulkOf(id);
  const code = (bag ?? bulk)?.code;
  if (code === undefined) return dishes.get(id) ?? null;
  const item = items.get(code);
  if (!item) return null;
  const dish = dishes.get(bulk?.dishId ?? item.dishId ?? '') ?? null;
  if (bulk) return valueOf(dish && withBulk(dish, stockWith(item, stock)));
  const method = bag?.method ?? null;
  // What is still to cook has its own way only.
  if (item.isRaw && method !== null) return null;
  return valueOf(dishFromBag(item, dish, kitchen, method));
}

const valueOf = (made: ReturnType<typeof withBulk> | null): Dish | null =>
  made?.ok ? made.value : null;

/** Dishes made with what was cooked in bulk, in place of the raw food. */
function bulkDishes(stock: readonly Stock[], dishes: readonly Dish[]): Dish[] {
  return dishes.flatMap((dish) => {
    const made: Dish[] = [];
    for (const item of stock) {
      if (made.length === MOST_BULK) break;
      const own = dish.bulk && item.dishId === dish.id;
      const found = own ? null : valueOf(withBulk(dish, item));
      if (found) made.push(found);
    }
    return made;
  });
}
