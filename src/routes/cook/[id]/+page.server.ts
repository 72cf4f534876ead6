import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { PageServerLoad } from './$types';
import { readMeal } from '$lib/server/meal-store';
import { currentTime } from '$lib/server/clock';

/** Of an evening whose meal is gone. */
const USUAL_SERVINGS = 4;

export const load: PageServerLoad = async ({ params, locals }) => {
  const store = await database();
  const [stored, kitchen] = await Promise.all([readEvening(store, params.id), readKitchen(store)]);
  if (!stored)
    error(404, {
      message: 'There is no such evening.',
      remedy: 'Open Cook and start one from a meal.',
    });
  const meal = await readMeal(store, stored.evening.mealId);
  return {
    ...stored,
    /** For how many a dish is, that comes in. */
    servings: meal?.meal.servings ?? USUAL_SERVINGS,
    kitchen,
    now: currentTime(),
    canTap: locals.role !== 'look',
  };
};
