import { error, fail, redirect } from '@sveltejs/kit';
import {
  allergensOf,
  compareDishes,
  dietsOf,
  dishSchema,
  layersAt,
  scaleDish,
  slowVersion,
  unknownFoods,
  type Dish,
} from '$core/dish';
import { fillLimit, leastLiquid } from '$core/cooker';
import { altitudeRule } from '$core/doneness';
import type { Kitchen } from '$core/kitchen';
import { mealSchema, newEntry, runId } from '$core/meal';
import { changesAt, contentsFor, findStays, offersFor, roomFor, stackDishes } from '$core/cycle';
import { checkDish } from '$core/review';
import { centreCaution, kidneyBeanCaution } from '$core/safety';
import { askedServings, dishOrNotFound, MOST_SERVINGS } from '$lib/server/asked-servings';
import { database } from '$lib/server/database';
import { freshId, withToldAmounts } from '$core/recipe';
import {
  dishIds,
  listDishes,
  listVersions,
  readDish,
  removeDish,
  saveDish,
} from '$lib/server/dish-store';
import { rememberAction } from '$lib/server/remember-action';
import { keepFromForm, photoDate, removePhoto } from '$lib/server/photo-store';
import { parseJson } from '$lib/server/form';
import { readKitchen } from '$lib/server/kitchen-store';
import { createMeal } from '$lib/server/meal-store';
import { servingIn } from '$lib/client/moments';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

/** A dish that does not fit is planned in as many even runs as this. */
const MOST_RUNS = 4;

export const load: PageServerLoad = async ({ params, url }) => {
  const store = await database();
  const { dish, kitchen } = await dishOrNotFound(params.id);
  const { servings, problem } = askedServings(url.searchParams.get('servings'), dish);
  const scaled = withToldAmounts(scaleDish(dish, servings), kitchen.system);
  const [versions, photoAt, all] = await Promise.all([
    listVersions(store, dish.id),
    photoDate(store, dish.id),
    listDishes(store),
  ]);
  const offers = offersFor(scaled, kitchen);
  const otherId = url.searchParams.get('stack') ?? '';
  const place = url.searchParams.get('place') === 'under' ? 'under' : 'over';
  const other = all.find((d) => d.id === otherId);
  const cautions = [centreCaution(scaled, kitchen.scale), kidneyBeanCaution(scaled)];
  return {
    dish,
    kitchen,
    scaled,
    servingsError: problem,
    cautions: cautions.filter((c) => c !== null),
    allergens: allergensOf(scaled),
    checks: checkDish(dish, kitchen),
    isHigh: altitudeRule(kitchen.altitudeM) > 1 && dish.stages.some((s) => s.kind === 'pressure'),
    changes: changesAt(dish, scaled.servings, kitchen),
    rooms: roomFor(dish, scaled.servings, kitchen),
    diets: dietsOf(scaled),
    unknownFoods: [...new Set(unknownFoods(scaled).map((i) => i.ingredient.food))],
    photoAt,
    versions: versions.map((v, i) => ({
      ...v,
      changes: compareDishes(v.dish, versions[i - 1]?.dish ?? dish, kitchen.system),
    })),
    pots: potsOf(scaled, kitchen),
    others: all
      .filter((d) => d.id !== dish.id && d.stages.some((s) => s.kind === 'pressure'))
      .map((d) => ({ id: d.id, name: d.name })),
    stack: {
      otherId: other?.id ?? '',
      place: place as 'over' | 'under',
      offer: other ? offerStack(dish, other, place, scaled.servings, kitchen) : null,
    },
    cookers: offers.map((stay) =>
      stay.map((offer) => ({
        name: offer.cooker.name,
        refusals: offer.refusals,
        water: [...offer.topUps.values()].filter((t) => !t.isOwn).reduce((sum, t) => sum + t.ml, 0),
        cycles: Object.fromEntries(offer.cycles),
        browning: Object.fromEntries(offer.browning),
      })),
    ),
  };
};

/** Keeps a dish that was made from others under an id of its own. */
async function keep(dish: Dish): Promise<string> {
  const store = await database();
  const id = freshId(dish.id, await dishIds(store));
  await saveDish(store, { ...dish, id }, currentTime());
  return id;
}

function offerStack(
  dish: Dish,
  other: Dish,
  place: string,
  servings: number,
  kitchen: Kitchen,
): ReturnType<typeof stackDishes> {
  return place === 'under'
    ? stackDishes(other, dish, servings, kitchen)
    : stackDishes(dish, other, servings, kitchen);
}

/** What lies in the inner pot in each cycle, in the first cooker that takes it. */
function potsOf(scaled: ReturnType<typeof scaleDish>, kitchen: Kitchen) {
  const stays = findStays(scaled.dish).filter((s) => s.place === 'cooker');
  const offers = offersFor(scaled, kitchen);
  return stays.flatMap((stay, i) => {
    const offer = offers[i]?.find((o) => o.refusals.length === 0) ?? offers[i]?.[0];
    if (!offer) return [];
    return stay.stages.flatMap((stage) => {
      if (stage.kind !== 'pressure') return [];
      const portions = contentsFor(scaled, stay.stages, stage, offer.cooker, kitchen);
      return [
        {
          stageId: stage.id,
          title: stage.text,
          contents: layersAt(scaled, stay.stages, stage),
          cooker: offer.cooker,
          pan: stage.inPan ?? null,
          rackMm: stage.rackMm ?? null,
          limitMl: fillLimit(offer.cooker.litres, stage.inPan ? [] : portions),
          leastMl: offer.cooker.leastMl ?? leastLiquid(offer.cooker.litres, kitchen.school),
        },
      ];
    });
  });
}

export const actions: Actions = {
  /** The dish with a remedy taken, or as it was before. */
  replace: async ({ params, request }) => {
    const form = await request.formData();
    const dish = dishSchema.safeParse(parseJson(form.get('dish')));
    if (!dish.success) return fail(422, { problem: 'What was sent is no dish.' });
    const why = String(form.get('why') ?? '');
    await saveDish(await database(), { ...dish.data, id: params.id }, currentTime(), why);
    return { replaced: true };
  },
  /** What an unknown food is: kept for the household, and in every dish that has it. */
  remember: ({ request }) => rememberAction(request),
  photo: async ({ params, request }) => {
    const form = await request.formData();
    const problem = await keepFromForm(await database(), params.id, form, currentTime());
    return problem === null ? { saved: true } : fail(422, { problem });
  },
  removePhoto: async ({ params }) => {
    await removePhoto(await database(), params.id);
  },
  /** Both dishes of a stack as one that is kept. */
  keepStack: async ({ params, request }) => {
    const form = await request.formData();
    const store = await database();
    const [dish, other, kitchen] = await Promise.all([
      readDish(store, params.id),
      readDish(store, String(form.get('other'))),
      readKitchen(store),
    ]);
    if (!dish || !other) return fail(404, { problem: 'One of the dishes is no longer there.' });
    const asked = Number(form.get('servings'));
    const servings = asked >= 1 && asked <= MOST_SERVINGS ? asked : dish.servings;
    const offer = offerStack(dish, other, String(form.get('place')), servings, kitchen);
    if (!offer.ok) return fail(422, { problem: offer.problems[0]?.message });
    redirect(303, `/dishes/${await keep(offer.value.dish)}`);
  },
  keepSlow: async ({ params }) => {
    const dish = await readDish(await database(), params.id);
    const slow = dish && slowVersion(dish);
    if (!slow?.ok) return fail(422, { problem: slow?.problems[0]?.message ?? 'No such dish.' });
    redirect(303, `/dishes/${await keep(slow.value)}`);
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
      format: 'olive-clock/meal@2',
      id,
      name: dish.name.slice(0, 60),
      serveAt: servingIn(currentTime(), kitchen.zone),
      zone: kitchen.zone,
      servings,
      entries: Array.from({ length: runs }, (_, i) =>
        newEntry(runId(dish.id, i + 1), dish.id, {
          forWhom: { servings: runs === 1 ? null : servings / runs },
        }),
      ),
    });
    await createMeal(store, meal, currentTime());
    redirect(303, `/meals/${id}`);
  },
};
