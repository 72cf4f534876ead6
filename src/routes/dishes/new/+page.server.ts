import { fail, redirect } from '@sveltejs/kit';
import { dishSchema, withGroups } from '$core/dish';
import { database } from '$lib/server/database';
import { dishIds, saveDish } from '$lib/server/dish-store';
import { readDocument, UNREADABLE } from '$lib/server/form';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async () => {
  const store = await database();
  return { kitchen: await readKitchen(store), takenIds: [...(await dishIds(store))] };
};

export const actions: Actions = {
  keep: async ({ request }) => {
    const isFirst = new URL(request.url).searchParams.get('then') === 'begin';
    const document = await readDocument(request, 'dish');
    if (document === undefined) return fail(400, { problem: UNREADABLE });
    const dish = dishSchema.safeParse(document);
    if (!dish.success)
      return fail(422, { problem: dish.error.issues[0]?.message ?? 'The dish is not complete.' });
    const store = await database();
    if ((await dishIds(store)).has(dish.data.id))
      return fail(409, { problem: 'A dish of this name has come in meanwhile; reload the page.' });
    const { foods } = await readKitchen(store);
    await saveDish(store, withGroups(dish.data, foods), currentTime());
    // The cards of a first evening go on where they were left.
    redirect(303, isFirst ? '/?begin' : `/dishes/${dish.data.id}`);
  },
};
