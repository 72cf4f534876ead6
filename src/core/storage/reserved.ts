/** What meals take out of the freezer and the fridge already: nothing is booked twice. */
import type { Dish } from '../dish';
import type { Meal } from '../meal';
import { withBulk } from './bulk';
import type { Stock } from './stock';

/**
 * Portions of bags that are eaten by their code, and of food that goes into dishes by the code that stands for its stock.
 *
 * @param stocks as `stocksOf` gives them
 * @param dishes as written, by id
 */
export function reservedBy(
  ahead: readonly Meal[],
  stocks: readonly Stock[],
  dishes: ReadonlyMap<string, Dish>,
): Map<string, number> {
  const reserved = new Map<string, number>();
  const byCode = new Map(stocks.flatMap((s) => s.codes.map((code) => [code, s] as const)));
  const add = (code: string, portions: number): void => {
    reserved.set(code, (reserved.get(code) ?? 0) + portions);
  };
  for (const meal of ahead)
    for (const entry of meal.entries) {
      const servings = entry.forWhom.servings ?? meal.servings;
      const ref = entry.what.dish;
      if (ref.kind === 'bag') add(ref.code, servings);
      if (ref.kind !== 'bulk') continue;
      const item = byCode.get(ref.code);
      const dish = dishes.get(ref.id);
      if (!item || !dish) continue;
      const made = withBulk(dish, item);
      // All of it is enough for `atMost`: a part of that takes as large a part of the portions.
      if (made.ok && made.value.atMost)
        add(item.code, (item.portions * servings) / made.value.atMost);
    }
  return reserved;
}
