import { error, fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$core/dish';
import { database } from '$lib/server/database';
import { readDish, saveDish } from '$lib/server/dish-store';
import type { Actions, PageServerLoad } from './$types';

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
    const text = String((await request.formData()).get('dish') ?? '');
    let document: unknown;
    try {
      document = JSON.parse(text);
    } catch {
      return fail(400, { errors: { dish: 'what was sent is not readable; reload the page' } });
    }
    const dish = dishSchema.safeParse(document);
    if (!dish.success) {
      const errors: Record<string, string> = {};
      for (const issue of dish.error.issues) errors[issue.path.join('.')] ??= issue.message;
      return fail(422, { errors });
    }
    await saveDish(await database(), { ...dish.data, id: params.id }, Date.now());
    redirect(303, `/dishes/${params.id}`);
  },
};
