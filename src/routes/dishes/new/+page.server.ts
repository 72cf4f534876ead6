import { fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$core/dish';
import { database } from '$lib/server/database';
import { dishIds, saveDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  return { kitchen: await readKitchen(store), takenIds: [...(await dishIds(store))] };
};

export const actions: Actions = {
  keep: async ({ request }) => {
    const text = String((await request.formData()).get('dish') ?? '');
    let document: unknown;
    try {
      document = JSON.parse(text);
    } catch {
      return fail(400, { problem: 'What was sent is not readable; reload the page.' });
    }
    const dish = dishSchema.safeParse(document);
    if (!dish.success)
      return fail(422, { problem: dish.error.issues[0]?.message ?? 'The dish is not complete.' });
    const store = await database();
    if ((await dishIds(store)).has(dish.data.id))
      return fail(409, { problem: 'A dish of this name has come in meanwhile; reload the page.' });
    await saveDish(store, dish.data, Date.now());
    redirect(303, `/dishes/${dish.data.id}`);
  },
};
