/** What a meal's entries stand for: dishes of the household, bags heated again, dishes made with food cooked in bulk. */
import { asc, gt } from 'drizzle-orm';
import { codeOf, dishKey, dishRef, refOf, writtenId, type Dish, type DishRef } from '$core/dish';
import type { DishPick, Meal } from '$core/meal';
import {
  bulkDishes,
  dishIdOf,
  dishFor,
  isDish,
  isThere,
  reservedBy,
  stocksOf,
  waysOf,
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
      ...pickOf(dishRef(id)),
      name,
      summary: (document as Dish).summary,
      portions: null,
    })),
    ...items
      .filter((i) => isDish(i.document as StoreItem) && isThere(i.document as StoreItem, day))
      .map(({ code, place, portions, useBy, document }): DishPick => ({
        ...pickOf({ kind: 'bag', code, method: null }),
        name: (document as StoreItem).name,
        summary: `${code}, from the ${place}, to use by ${useBy}.`,
        portions,
      })),
  ];
}

const pickOf = (dish: DishRef): Pick<DishPick, 'id' | 'dish'> => ({ id: dishKey(dish), dish });

/** What some meals are made of. */
export const refsIn = (meals: readonly Meal[]): DishRef[] =>
  meals.flatMap((m) => m.entries.map((e) => e.what.dish));

/**
 * The dishes that are meant, also of bags that are used up by now.
 *
 * @returns in no order, each once; those that are gone are missing
 */
export async function dishesNamed(database: Database, refs: readonly DishRef[]): Promise<Dish[]> {
  const [items, kitchen, stock] = await Promise.all([
    itemsByCode(
      database,
      refs.flatMap((ref) => codeOf(ref) ?? []),
    ),
    readKitchen(database),
    refs.some((ref) => ref.kind === 'bulk') ? listBulk(database) : [],
  ]);
  const packedFrom = [...items.values()].flatMap((i) => dishIdOf(i.contents) ?? []);
  const written = refs.flatMap((ref) => writtenId(ref) ?? []);
  const dishes = await dishesById(database, [...written, ...packedFrom]);
  const each = new Map(refs.map((ref) => [dishKey(ref), ref]));
  return [...each.values()].flatMap((ref) => dishFor(ref, { items, stock, dishes, kitchen }) ?? []);
}

/**
 * The dishes that are meant, and what each could be changed into: a bag heated in another way, a dish made
 * with food that was cooked in bulk or lies there raw.
 *
 * @param others meals ahead that take from the stock too: what they have is not free
 * @param day of the meal: what is packed later is not there yet
 */
export async function plannableFor(
  database: Database,
  refs: readonly DishRef[],
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
  const written = refs.flatMap((ref) => writtenId(ref) ?? []);
  const made = bulkDishes(bulk, [...(await dishesById(database, written)).values()]);
  const known = new Set(made.map((d) => d.id));
  const items = await itemsByCode(
    database,
    refs.flatMap((ref) => (ref.kind === 'bag' ? ref.code : [])),
  );
  const ways = refs.flatMap((ref): DishRef[] => {
    const item = ref.kind === 'bag' ? items.get(ref.code) : undefined;
    if (ref.kind !== 'bag' || !item) return [];
    return waysOf(item, kitchen).map((method) => ({ ...ref, method }));
  });
  const named = [...refs, ...written.map(dishRef), ...ways].filter((r) => !known.has(dishKey(r)));
  const found = (await dishesNamed(database, named)).map((dish) => {
    const ref = refOf(dish);
    const taken = reserved.get(codeOf(ref) ?? '') ?? 0;
    // Made from stock and not among what is offered: nothing of it is free.
    const free = ref.kind === 'bag' ? Math.max(0, dish.servings - taken) : 0;
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
  const written = refsIn(others).flatMap((ref) => (ref.kind === 'bulk' ? ref.id : []));
  return reservedBy(others, stock, await dishesById(database, written));
}
