import { error, fail, redirect } from '@sveltejs/kit';
import { dishSchema, withGroups } from '$core/dish';
import { database } from '$lib/server/database';
import { readDish, saveDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { errorsByField, parseJson, UNREADABLE } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ params }) => {
  const dish = await readDish(await database(), params.id);
  if (!dish)
    error(404, {
      message: 'There is no such dish.',
      remedy: 'It may have been removed; look in the list of dishes.',
    });
  return { dish };
};

export const actions: Actions = {
  save: async ({ params, request }) => {
    const form = await request.formData();
    const document = parseJson(form.get('dish'));
    if (document === undefined) return fail(400, { errors: { dish: UNREADABLE } });
    const dish = dishSchema.safeParse(document);
    if (!dish.success) return fail(422, { errors: errorsByField(dish.error) });
    const store = await database();
    const { foods } = await readKitchen(store);
    await saveDish(
      store,
      withGroups({ ...dish.data, id: params.id }, foods),
      currentTime(),
      String(form.get('why') ?? ''),
    );
    redirect(303, `/dishes/${params.id}`);
  },
};
