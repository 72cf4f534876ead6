import { error, redirect } from '@sveltejs/kit';
import { scaleDish } from '$core/dish';
import { mealSchema } from '$core/meal';
import { offersFor } from '$core/plan';
import { centreCaution, kidneyBeanCaution } from '$core/safety';
import { database } from '$lib/server/database';
import { readDish, removeDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { createMeal } from '$lib/server/meal-store';
import { servingIn } from '$lib/client/moments';
import type { Actions, PageServerLoad } from './$types';

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

export const actions: Actions = {
  remove: async ({ params }) => {
    await removeDish(await database(), params.id);
  },
  /** A new meal with this dish in it, tomorrow at the usual time. */
  plan: async ({ params, request }) => {
    const store = await database();
    const [dish, kitchen] = await Promise.all([readDish(store, params.id), readKitchen(store)]);
    if (!dish)
      error(404, { message: 'There is no such dish.', remedy: 'Look in the list of dishes.' });
    const servings = Number((await request.formData()).get('servings'));
    const id = crypto.randomUUID();
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@1',
      id,
      name: dish.name.slice(0, 60),
      serveAt: servingIn(Date.now(), kitchen.zone),
      zone: kitchen.zone,
      servings: servings >= 1 && servings <= MOST_SERVINGS ? servings : dish.servings,
      entries: [{ id: dish.id, dishId: dish.id, servings: null, cooker: null, later: 0 }],
    });
    await createMeal(store, meal, Date.now());
    redirect(303, `/meals/${id}`);
  },
};
