import type { DishRef } from '../dish';
/** Something that can be put into a meal, by its name alone: a bag worked out as a dish takes its time. */
export interface DishPick {
  /** Its key among dishes. */
  id: string;
  dish: DishRef;
  name: string;
  summary: string;
  /** Portions in stock; null for a dish. */
  portions: number | null;
}
