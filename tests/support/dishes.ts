/** Dishes for tests in one line each. */
import { dishSchema, type Dish, type Ingredient } from '../../src/core/dish';

/** One piece of each food for four people, under one id and name, with no stage, unless more is said. */
export function dishBy(
  name: string,
  ingredients: readonly Partial<Ingredient>[],
  more: Partial<Dish> = {},
): Dish {
  return dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: name,
    name,
    servings: 4,
    ingredients: ingredients.map((i, n) => ({
      id: `i${n}`,
      food: 'onion',
      role: 'base',
      scaling: 'proportional',
      amount: 1,
      unit: 'piece',
      ...i,
    })),
    stages: [],
    wait: { maxMinutes: null, cost: 0 },
    ...more,
  });
}
