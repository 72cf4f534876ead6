/** A dish with its amounts for so many people. */
import type { Food, FoodKind } from '../food';
import type { Quantity } from '../units';
import type { Dish, Ingredient } from './document';

export interface ScaledIngredient {
  ingredient: Ingredient;
  /** Its row of the food table; null where it has none. */
  food: Food | null;
  /** What it is for safety, keeping and diets; null where nobody knows: never taken for harmless. */
  kind: FoodKind | null;
  quantity: Quantity | null;
  /** g, where amount and food allow it. */
  grams: number | null;
  /** What stays in the last package that was opened; null where nothing does. */
  leftover: Quantity | null;
  /** Why it isn't plain proportion; null where it is. */
  because: string | null;
}

export interface ScaledDish {
  /** Its holds by weight worked out for these servings. */
  dish: Dish;
  servings: number;
  factor: number;
  ingredients: ScaledIngredient[];
}
