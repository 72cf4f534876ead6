import { error } from '@sveltejs/kit';
import { toJsonLd } from '$core/recipe';
import { database } from '$lib/server/database';
import { readDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const store = await database();
  const [dish, kitchen] = await Promise.all([readDish(store, params.id), readKitchen(store)]);
  if (!dish)
    error(404, { message: 'There is no such dish.', remedy: 'Look in the list of dishes.' });
  return new Response(JSON.stringify(toJsonLd(dish, kitchen), null, 1), {
    headers: {
      'content-type': 'application/ld+json',
      'content-disposition': `attachment; filename="${dish.id}.json"`,
    },
  });
};
