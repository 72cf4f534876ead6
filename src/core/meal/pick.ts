/** Something that can be put into a meal, by its name alone: a bag worked out as a dish takes its time. */
export interface DishPick {
  id: string;
  name: string;
  summary: string;
  /** Portions in stock; null for a dish. */
  portions: number | null;
}
