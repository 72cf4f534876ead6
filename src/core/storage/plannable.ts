/** What the id of a meal's entry stands for: a dish as written, a bag heated again, a dish made with what is there. */
import type { Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import { bulkOf, withBulk } from './bulk';
import type { StoreItem } from './item';
import { bagOf, dishFromBag } from './reheat';
import { stockWith, type Stock } from './stock';
import { safeUntil } from './use-by';

/** So many bags are offered as the bulk ingredient of a dish, due first. */
const MOST_BULK = 12;

/** Packed by that day, and still safe on it. */
export function isThere(item: StoreItem, day: string | null): boolean {
  return day === null || (item.packedOn <= day && day <= (safeUntil(item) ?? day));
}

/** Raw food in packs is no dish: it goes into one. */
export function isDish({ pack, isRaw }: StoreItem): boolean {
  return !(pack && isRaw);
}

export interface KnownDishes {
  items: ReadonlyMap<string, StoreItem>;
  /** What is there as an ingredient. */
  stock: readonly StoreItem[];
  dishes: ReadonlyMap<string, Dish>;
  kitchen: Kitchen;
}

/** @returns the dish that an id stands for; null where what it is made of is gone */
export function dishFor(id: string, { items, stock, dishes, kitchen }: KnownDishes): Dish | null {
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
export function bulkDishes(stock: readonly Stock[], dishes: readonly Dish[]): Dish[] {
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
