/** What a check of a dish answers. */
import type { Dish } from '../dish';
import type { DishFinding } from '../reason';

/** What would go wrong with a dish, with a remedy that can be taken at once. */
export type DishCheck = DishFinding & {
  /** The dish with the remedy taken. */
  fixed: Dish;
};
