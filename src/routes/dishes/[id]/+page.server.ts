import { error } from '@sveltejs/kit';
import { scaleDish } from '$core/dish';
import { offersFor } from '$core/plan';
import { centreCaution, kidneyBeanCaution } from '$core/safety';
import { database } from '$lib/server/database';
import { readDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { PageServerLoad } from './$types';

const MOST_SERVINGS = 200;

export const load: PageServerLoad = async ({ params, url }) => {
  const store = await database();
  const [dish, kitchen] = await Promise.all([readDish(store, params.id), readKitchen(store)]);
  if (!dish)
    error(404, {
      message: 'There is no such dish.',
      remedy: 'It may have been removed; look in the list of dishes.',
    });
  const asked = url.searchParams.get('servings');
  const wanted = asked === null ? dish.servings : Number(asked);
  const isSensible = wanted >= 1 && wanted <= MOST_SERVINGS;
  const scaled = scaleDish(dish, isSensible ? wanted : dish.servings);
  const cautions = [centreCaution(scaled, kitchen.scale), kidneyBeanCaution(scaled)];
  return {
    dish,
    kitchen,
    scaled,
    servingsError: isSensible
      ? undefined
      : `For how many? Give a number from 1 to ${MOST_SERVINGS}; “${asked}” is not one.`,
    cautions: cautions.filter((c) => c !== null),
    cookers: offersFor(scaled, kitchen).map((stay) =>
      stay.map((offer) => ({
        name: offer.cooker.name,
        refusals: offer.refusals,
        cycles: Object.fromEntries(offer.cycles),
      })),
    ),
  };
};
