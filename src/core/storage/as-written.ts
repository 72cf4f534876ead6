/** A dish for as many people as it is written for, worked out once for as long as the dish is the same. */
import { mainIngredient, scaleDish, type Dish, type ScaledDish } from '../dish';

const scaled = new WeakMap<Dish, ScaledDish>();

/** The dish at its own servings. Dishes are never changed in place: another text is another dish. */
export function asWritten(dish: Dish): ScaledDish {
  const known = scaled.get(dish) ?? scaleDish(dish, dish.servings);
  scaled.set(dish, known);
  return known;
}

/** Id of the food that a dish is about; null where there is none. */
export function mainFoodOf(dish: Dish | null): string | null {
  return (dish && mainIngredient(asWritten(dish))?.food?.id) ?? null;
}
