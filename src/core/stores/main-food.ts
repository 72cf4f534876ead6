/** The food that a dish is about. */
import { scaleDish, type Dish } from '../dish';

/** Id of the heaviest main food of the table; null where there is none. */
export function mainFoodOf(dish: Dish | null): string | null {
  if (!dish) return null;
  const mains = scaleDish(dish, dish.servings)
    .ingredients.filter((i) => i.ingredient.role === 'main' && i.food)
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0));
  return mains[0]?.food?.id ?? null;
}
