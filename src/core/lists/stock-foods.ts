/** Raw food in the freezer and the fridge, as the shopping list counts it. */
import { scaleDish, type Dish, refOf } from '../dish';
import { stocksOf, type StoreItem } from '../storage';
import type { LarderItem } from './larder';

/** Raw food and where it lies. */
export type StockFood = LarderItem & {
  where: string;
  /** It is of no use unless somebody thaws it: the list tells of it, and still says to buy. */
  isFrozen: boolean;
};

/** Food cooked in bulk: the list tells of it where it would do, and still says to buy. */
export interface CookedStock {
  /** Id of the food that was cooked. */
  food: string;
  where: string;
}

/** What lies there cooked as an ingredient, bags of one packing together. */
export function cookedStock(items: readonly StoreItem[]): CookedStock[] {
  return stocksOf(items).flatMap(({ contents, codes, place }): CookedStock[] => {
    if (contents.kind !== 'bulk') return [];
    const bags = codes.length === 1 ? 'a bag' : `${codes.length} bags`;
    return [{ food: contents.food, where: `${bags} in the ${place} (${codes[0]})` }];
  });
}

/**
 * Packs of raw food less what dishes that are made from them take already, so that nothing counts twice.
 *
 * @param wanted dishes of the meals on the list, with their servings
 */
export function stockFoods(
  items: readonly StoreItem[],
  wanted: readonly { dish: Dish; servings: number }[],
): StockFood[] {
  const taken = new Map<string, number>();
  for (const { dish, servings } of wanted) {
    const ref = refOf(dish);
    if (ref.kind !== 'bulk') continue;
    const { code } = ref;
    const grams = scaleDish(dish, servings)
      .ingredients.filter((i) => i.ingredient.fromStore)
      .reduce((sum, i) => sum + (i.grams ?? 0), 0);
    taken.set(code, (taken.get(code) ?? 0) + grams);
  }
  return items.flatMap(({ contents: pack, portions, useBy, code, place }): StockFood[] => {
    if (pack.kind !== 'pack' || !pack.isRaw) return [];
    const amount = pack.grams * portions - (taken.get(code) ?? 0);
    return amount > 0
      ? [
          {
            food: pack.food,
            amount,
            unit: 'g',
            useBy,
            where: `${code} in the ${place}`,
            isFrozen: place === 'freezer',
          },
        ]
      : [];
  });
}
