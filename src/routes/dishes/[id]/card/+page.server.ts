import { allergensOf, scaleDish } from '$core/dish';
import { offersFor, stageMinutes } from '$core/cycle';
import { withToldAmounts } from '$core/recipe';
import { centreCaution, kidneyBeanCaution } from '$core/safety';
import { askedServings, dishOrNotFound } from '$lib/server/asked-servings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
  const { dish, kitchen } = await dishOrNotFound(params.id);
  const { servings } = askedServings(url.searchParams.get('servings'), dish);
  const scaled = withToldAmounts(scaleDish(dish, servings), kitchen.system);
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
    unknown: allergensOf(scaled).isKnown ? null : allergensOf(scaled).unknown,
    cautions: [centreCaution(scaled, kitchen.scale), kidneyBeanCaution(scaled)].filter(
      (c) => c !== null,
    ),
  };
};
