/** The servings that a dish's page is asked for. */
import { error } from '@sveltejs/kit';
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import { database } from './database';
import { readDish } from './dish-store';
import { readKitchen } from './kitchen-store';

export const MOST_SERVINGS = 200;

/** @returns the number, or the dish's own with a word about what was asked */
export function askedServings(
  asked: string | null,
  dish: Dish,
): { servings: number; problem: string | undefined } {
  const wanted = asked === null ? dish.servings : Number(asked);
  return wanted >= 1 && wanted <= MOST_SERVINGS
    ? { servings: wanted, problem: undefined }
    : {
        servings: dish.servings,
        problem: `For how many? Give a number from 1 to ${MOST_SERVINGS}; “${asked}” is not one.`,
      };
}

/** @throws a 404 page with the remedy where there is no such dish */
export async function dishOrNotFound(id: string): Promise<{ dish: Dish; kitchen: Kitchen }> {
  const store = await database();
  const [dish, kitchen] = await Promise.all([readDish(store, id), readKitchen(store)]);
  if (!dish)
    error(404, {
      message: 'There is no such dish.',
      remedy: 'It may have been removed; look in the list of dishes.',
    });
  return { dish, kitchen };
}
