/** Groups that somebody chose for foods that nothing else knows. */
import { kindOf, plainName } from '../food';
import type { Dish } from './document';

/**
 * The dish with the groups that were chosen for its unknown foods; what is known by itself, or has a group,
 * stays.
 */
export function withGroups(dish: Dish, foods: readonly { name: string; group: string }[]): Dish {
  const byName = new Map(foods.map((f) => [plainName(f.name), f.group]));
  const ingredients = dish.ingredients.map((i) => {
    const group = i.group === undefined && kindOf(i.food) === null && byName.get(plainName(i.food));
    return group ? { ...i, group } : i;
  });
  return ingredients.some((i, k) => i !== dish.ingredients[k]) ? { ...dish, ingredients } : dish;
}
