import { error } from '@sveltejs/kit';
import { toText } from '$core/recipe';
import { database } from '$lib/server/database';
import { readDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
  const store = await database();
  const [dish, kitchen] = await Promise.all([readDish(store, params.id), readKitchen(store)]);
  if (!dish)
    error(404, { message: 'There is no such dish.', remedy: 'Look in the list of dishes.' });
  const asked = Number(url.searchParams.get('servings'));
  const servings = asked >= 1 && asked <= 200 ? asked : dish.servings;
  return new Response(toText(dish, servings, kitchen), {
    headers: {
      'content-type': 'text/plain; charset=utf-8',
      'content-disposition': `attachment; filename="${dish.id}.txt"`,
    },
  });
};
