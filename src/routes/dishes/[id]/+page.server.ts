import { error, fail, redirect } from '@sveltejs/kit';
import { allergensOf, dishSchema, scaleDish } from '$core/dish';
import { mealSchema } from '$core/meal';
import { changesAt, checkDish, offersFor, roomFor } from '$core/plan';
import { centreCaution, kidneyBeanCaution } from '$core/safety';
import { database } from '$lib/server/database';
import { readDish, removeDish, saveDish } from '$lib/server/dish-store';
import { readDocument } from '$lib/server/form';
import { readKitchen } from '$lib/server/kitchen-store';
import { createMeal } from '$lib/server/meal-store';
import { servingIn } from '$lib/client/moments';
import type { Actions, PageServerLoad } from './$types';

const MOST_SERVINGS = 200;
/** A dish that does not fit is planned in as many even runs as this. */
const MOST_RUNS = 4;

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
    allergens: allergensOf(scaled),
    checks: checkDish(dish, kitchen),
    changes: changesAt(dish, scaled.servings, kitchen),
    rooms: roomFor(dish, scaled.servings, kitchen),
    cookers: offersFor(scaled, kitchen).map((stay) =>
      stay.map((offer) => ({
        name: offer.cooker.name,
        refusals: offer.refusals,
        cycles: Object.fromEntries(offer.cycles),
        browning: Object.fromEntries(offer.browning),
      })),
    ),
  };
};

export const actions: Actions = {
  /** The dish with a remedy taken, or as it was before. */
  replace: async ({ params, request }) => {
    const dish = dishSchema.safeParse(await readDocument(request, 'dish'));
    if (!dish.success) return fail(422, { problem: 'What was sent is no dish.' });
    await saveDish(await database(), { ...dish.data, id: params.id }, Date.now());
    return { replaced: true };
  },
  remove: async ({ params }) => {
    await removeDish(await database(), params.id);
  },
  /** A new meal with this dish in it, tomorrow at the usual time. */
  plan: async ({ params, request }) => {
    const store = await database();
    const [dish, kitchen] = await Promise.all([readDish(store, params.id), readKitchen(store)]);
    if (!dish)
      error(404, { message: 'There is no such dish.', remedy: 'Look in the list of dishes.' });
    const form = await request.formData();
    const asked = Number(form.get('servings'));
    const servings = asked >= 1 && asked <= MOST_SERVINGS ? asked : dish.servings;
    const wanted = Number(form.get('runs') ?? 1);
    const runs = Number.isInteger(wanted) && wanted >= 1 && wanted <= MOST_RUNS ? wanted : 1;
    const id = crypto.randomUUID();
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@1',
      id,
      name: dish.name.slice(0, 60),
      serveAt: servingIn(Date.now(), kitchen.zone),
      zone: kitchen.zone,
      servings,
      entries: Array.from({ length: runs }, (_, i) => ({
        id: runs === 1 ? dish.id : `${dish.id.slice(0, 50)}-run-${i + 1}`,
        dishId: dish.id,
        servings: runs === 1 ? null : servings / runs,
        cooker: null,
        later: 0,
      })),
    });
    await createMeal(store, meal, Date.now());
    redirect(303, `/meals/${id}`);
  },
};
