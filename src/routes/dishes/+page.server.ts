import { fail } from '@sveltejs/kit';
import { dishSchema } from '$core/dish';
import { database } from '$lib/server/database';
import { readDocument } from '$lib/server/form';
import { dishIds, listDishes, saveDish } from '$lib/server/dish-store';
import { photoDates } from '$lib/server/photo-store';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [dishes, photos] = await Promise.all([listDishes(store), photoDates(store)]);
  return { dishes, photos: Object.fromEntries(photos) };
};

export const actions: Actions = {
  /** Puts a dish back that was just removed. */
  restore: async ({ request }) => {
    const dish = dishSchema.safeParse(await readDocument(request, 'dish'));
    if (!dish.success) return fail(422, { problem: 'What was sent is no dish.' });
    const store = await database();
    if ((await dishIds(store)).has(dish.data.id))
      return fail(409, { problem: 'A dish of this name is here already.' });
    await saveDish(store, dish.data, currentTime());
    return { restored: dish.data.id };
  },
};
