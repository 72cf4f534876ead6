import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { refsIn, plannableFor } from '$lib/server/plannable';
import { planningKitchen } from '$lib/server/learned-store';
import { dayKey } from '$core/units';
import { bulkSizes } from '$lib/server/bulk-sizes';
import { currentTime } from '$lib/server/clock';
import { mealsAhead } from '$lib/server/meals-ahead';
import { readMeal } from '$lib/server/meal-store';
import { freezerRoom } from '$lib/server/stock-room';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const store = await database();
  const [stored, kitchen] = await Promise.all([readMeal(store, params.id), planningKitchen(store)]);
  if (!stored)
    error(404, {
      message: 'There is no such meal.',
      remedy: 'It may have been removed; look in the list of meals.',
    });
  const ahead = await mealsAhead(store, currentTime());
  const others = ahead.filter((m) => m.id !== params.id);
  const day = dayKey(Date.parse(stored.meal.serveAt), stored.meal.zone);
  const dishes = await plannableFor(store, refsIn([stored.meal]), others, day);
  return {
    ...stored,
    dishes,
    kitchen,
    /** Only a batch day asks for room, and for sizes of bags. */
    bulkSizes: stored.meal.batch ? await bulkSizes(store, stored.meal, dishes) : {},
    freeLitres: stored.meal.batch ? await freezerRoom(store, kitchen, params.id) : null,
  };
};
