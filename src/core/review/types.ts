/** What a check of a dish answers. */
import type { Dish } from '../dish';

/** What would go wrong with a dish, with a remedy that can be taken at once. */
export interface DishCheck {
  code:
    | 'dairy-under-pressure'
    | 'starch-under-pressure'
    | 'thick-at-the-bottom'
    | 'too-little-liquid'
    | 'frozen-in-slow-cooker'
    | 'raw-beans-in-slow-cooker'
    | 'delayed-start'
    | 'unsafe-target'
    | 'smelling-ring';
  text: string;
  /** On the button. */
  remedy: string;
  /** The dish with the remedy taken. */
  fixed: Dish;
}
