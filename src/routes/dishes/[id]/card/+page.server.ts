import { error } from '@sveltejs/kit';
import { allergensOf, scaleDish } from '$core/dish';
import { offersFor, stageMinutes } from '$core/plan';
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
  const asked = Number(url.searchParams.get('servings') ?? dish.servings);
  const scaled = scaleDish(dish, asked >= 1 && asked <= MOST_SERVINGS ? asked : dish.servings);
  /** The first cooker that takes each stay. */
  const takers = offersFor(scaled, kitchen).flatMap((stay) =>
    stay.filter((o) => o.refusals.length === 0).slice(0, 1),
  );
  const browning = Object.fromEntries(takers.flatMap((o) => [...o.browning]));
  return {
    scaled,
    minutes: Object.fromEntries(
      scaled.dish.stages.map((s) => [s.id, stageMinutes(s, scaled.factor, browning)]),
    ),
    kitchen,
    cycles: Object.fromEntries(
      takers.flatMap((o) =>
        [...o.cycles].map(([id, cycle]) => [id, { ...cycle, cooker: o.cooker.name }]),
      ),
    ),
    allergens: allergensOf(scaled).contains.map((a) => a.allergen),
    cautions: [centreCaution(scaled, kitchen.scale), kidneyBeanCaution(scaled)].filter(
      (c) => c !== null,
    ),
  };
};
