/** A meal's entries as they are cooked. */
import type { Dish } from '../dish';
import type { MealEntry } from '../meal';

/** An entry of a meal as it is cooked. */
export interface EffectiveEntry {
  entry: MealEntry;
  dish: Dish;
  servings: number;
  /** Dishes in it: two for a stack. */
  dishIds: string[];
}
