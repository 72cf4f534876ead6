/** A dish more, compiled for an evening that has begun. */
import type { Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry } from '../meal';
import { compileMeal, type CompiledMeal } from '../plan';
import { failure, success, type Outcome } from '../reason';
import { fault } from '../words';
import type { Evening } from './document';

/**
 * A dish more for an evening that goes on.
 *
 * @param wish its entry's id, which nothing in the evening has yet, and for how many
 * @param now ms since the epoch
 * @returns what the event needs, or what is missing
 */
export function addDish(
  evening: Evening,
  dish: Dish,
  wish: { entry: string; servings: number },
  kitchen: Kitchen,
  now: number,
): Outcome<{ entry: string; name: string; part: CompiledMeal }> {
  const meal = mealSchema.safeParse({
    format: 'olive-clock/meal@2',
    id: evening.mealId,
    name: evening.name,
    serveAt: new Date(evening.serveAt).toISOString(),
    zone: kitchen.zone,
    servings: wish.servings,
    entries: [newEntry(wish.entry, dish.id)],
  });
  if (!meal.success) return failure(fault('servings', 'servings-odd', {}));
  const compiled = compileMeal(meal.data, new Map([[dish.id, dish]]), kitchen, now);
  if (!compiled.ok) return failure(...compiled.problems);
  return success({ entry: wish.entry, name: dish.name, part: compiled.value });
}
