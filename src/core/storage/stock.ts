/** Bags that were packed alike, and packs of one food, are one stock: a dish takes as many as it needs. */
import { findFood } from '../food';
import { byDue, type StoreItem } from './item';

/** What is due first stands for all of it; `portions` are those of all. */
export type Stock = StoreItem & {
  /** Of all its bags, due first. */
  codes: readonly string[];
};

/** What makes two bags alike; null where a bag is a dish by itself. */
function keyOf({ contents, place }: StoreItem): string | null {
  if (contents.kind === 'bulk')
    return JSON.stringify([contents.food, Math.round(contents.rawGrams), place, contents.dishId]);
  if (contents.kind === 'pack' && contents.isRaw) {
    const { food, grams } = contents;
    return JSON.stringify([findFood(food)?.id ?? food.toLowerCase(), grams, place]);
  }
  return null;
}

/** Ingredients in stock, due first; dishes are left out. */
export function stocksOf(items: readonly StoreItem[]): Stock[] {
  const groups = new Map<string, StoreItem[]>();
  for (const item of items.toSorted(byDue)) {
    const key = keyOf(item);
    if (key !== null && item.portions > 0) groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()].flatMap((own) => {
    const [first] = own;
    if (!first) return [];
    const portions = own.reduce((sum, i) => sum + i.portions, 0);
    return [{ ...first, portions, codes: own.map((i) => i.code) }];
  });
}

/** The stock that a bag belongs to, also where that bag itself is used up. */
export function stockWith(item: StoreItem, items: readonly StoreItem[]): Stock {
  const key = keyOf(item);
  const [found] = key === null ? [] : stocksOf(items.filter((i) => keyOf(i) === key));
  return { ...item, portions: found?.portions ?? 0, codes: found?.codes ?? [item.code] };
}

/** Bags of one packing together, in the order given: what is alike in everything but its code. */
export function packedTogether(items: readonly StoreItem[]): StoreItem[][] {
  const groups = new Map<string, StoreItem[]>();
  for (const item of items) {
    const { name, contents, place, spot, packedOn, useBy, portions } = item;
    const key = JSON.stringify([name, contents, place, spot, packedOn, useBy, portions]);
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()];
}
