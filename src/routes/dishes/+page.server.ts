import { fail } from '@sveltejs/kit';
import { dishSchema } from '$core/dish';
import { database } from '$lib/server/database';
import { readDocument } from '$lib/server/form';
import { dishIds, saveDish } from '$lib/server/dish-store';
import { dishShelf } from '$lib/server/find-dishes';
import { photoDates } from '$lib/server/photo-store';
import { readShelfWish } from '$lib/server/shelf';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

/** Cards of a page: a multiple of two and three, so that its last row is full. */
const ON_A_PAGE = 48;

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const wish = readShelfWish(url.searchParams, ON_A_PAGE);
  const shelf = await dishShelf(store, wish);
  const photos = await photoDates(
    store,
    shelf.items.map((d) => d.id),
  );
  return { shelf, find: wish.find, photos: Object.fromEntries(photos) };
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
