/** What the reference of a meal's entry stands for: a dish as written, a bag heated again, a dish made with what is there. */
import { KIT_WAYS, type Dish, type DishRef } from '../dish';
import type { Kitchen } from '../kitchen';
import { withBulk } from './bulk';
import { dishIdOf, isRaw } from './contents';
import type { StoreItem } from './item';
import { dishFromBag } from './reheat';
import { stockWith, type Stock } from './stock';
import { safeUntil } from './use-by';

/** So many bags are offered as the bulk ingredient of a dish, due first. */
const MOST_BULK = 12;

/** Packed by that day, and still safe on it. */
export function isThere(item: StoreItem, day: string | null): boolean {
  return day === null || (item.packedOn <= day && day <= (safeUntil(item) ?? day));
}

/** Raw food in packs is no dish: it goes into one. */
export function isDish({ contents }: StoreItem): boolean {
  return !(contents.kind === 'pack' && contents.isRaw);
}

export interface KnownDishes {
  items: ReadonlyMap<string, StoreItem>;
  /** What is there as an ingredient. */
  stock: readonly StoreItem[];
  dishes: ReadonlyMap<string, Dish>;
  kitchen: Kitchen;
}

/** @returns the dish that is meant; null where what it is made of is gone */
export function dishFor(ref: DishRef, { items, stock, dishes, kitchen }: KnownDishes): Dish | null {
  if (ref.kind === 'dish') return dishes.get(ref.id) ?? null;
  const item = items.get(ref.code);
  if (!item) return null;
  if (ref.kind === 'bulk') {
    const dish = dishes.get(ref.id);
    return dish ? valueOf(withBulk(dish, stockWith(item, stock))) : null;
  }
  // What is still to cook goes in frozen or thawed, what is cooked is heated: one has none of the other's ways.
  const isKitWay = KIT_WAYS.some((way) => way === ref.method);
  if (ref.method !== null && isRaw(item.contents) !== isKitWay) return null;
  const dish = dishes.get(dishIdOf(item.contents) ?? '') ?? null;
  return valueOf(dishFromBag(item, dish, kitchen, ref.method));
}

const valueOf = (made: ReturnType<typeof withBulk>): Dish | null => (made.ok ? made.value : null);

/** Dishes made with what was cooked in bulk, in place of the raw food. */
export function bulkDishes(stock: readonly Stock[], dishes: readonly Dish[]): Dish[] {
  return dishes.flatMap((dish) => {
    const made: Dish[] = [];
    for (const item of stock) {
      if (made.length === MOST_BULK) break;
      const own = dish.bulk && dishIdOf(item.contents) === dish.id;
      const found = own ? null : valueOf(withBulk(dish, item));
      if (found) made.push(found);
    }
    return made;
  });
}
