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
  if (!dish) return null;
  const known = mainFoods.get(dish);
  if (known !== undefined) return known;
  const id = mainIngredient(asWritten(dish))?.food?.id ?? null;
  mainFoods.set(dish, id);
  return id;
}
const mainFoods = new WeakMap<Dish, string | null>();
