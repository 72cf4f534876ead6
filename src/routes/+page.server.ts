import { fail, redirect } from '@sveltejs/kit';
import { kitchenSchema, USUAL_SIZES } from '$core/kitchen';
import { checkServingTime } from '$core/meal';
import { formatDay } from '$core/units';
import { fromFields, servingIn, toFields } from '$lib/client/moments';
import { backupFolder } from '$lib/server/backup';
import { openInstead } from '$lib/server/bring-back';
import { currentTime } from '$lib/server/clock';
import { database, databaseUrl } from '$lib/server/database';
import { dishIds, saveDish } from '$lib/server/dish-store';
import {
  cookersOf,
  emptyHousehold,
  exampleDishes,
  firstMeal,
  firstRun,
  isPlaying,
  isUnderWay,
  setPlaying,
} from '$lib/server/first-run';
import { readKitchen, saveKitchen } from '$lib/server/kitchen-store';
import { createMeal } from '$lib/server/meal-store';
import { describeProblem } from '$core/reason';
import { cookDemoEvenings, demoAt } from '../demo/fill';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const now = currentTime();
  const has = await firstRun(store, now);
  // Once a meal can be planned, this is the way to it; the cards stay where somebody asks for them.
  if (isUnderWay(has) && !url.searchParams.has('begin')) redirect(307, '/meals');
  const taken = new Set(has.dishes.map((d) => d.id));
  return {
    ...has,
    sizes: USUAL_SIZES,
    examples: exampleDishes(now)
      .filter((d) => !taken.has(d.id))
      .map(({ id, name, summary, servings }) => ({ id, name, summary, servings })),
    proposed: toFields(servingIn(now, has.kitchen.zone), has.kitchen.zone),
    isPlaying: await isPlaying(store),
  };
};

export const actions: Actions = {
  kitchen: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const before = await readKitchen(store);
    // A page that was left open must not put its cookers in place of those that came meanwhile.
    if (before.cookers.length > 0)
      return fail(409, {
        kitchen: { cookers: 'This kitchen has cookers already; change them in Kitchen.' },
      });
    const counts = new Map(
      USUAL_SIZES.map(({ quarts }) => [quarts, Number(form.get(`size-${quarts}`) ?? 0)]),
    );
    const isUs = form.get('system') === 'us';
    const zone = String(form.get('zone') || before.zone);
    const typed = String(form.get('altitude') ?? '').trim();
    const feet = isUs ? 0.3048 : 1;
    const burners = String(form.get('burners') ?? '').trim();
    const kitchen = kitchenSchema.safeParse({
      ...before,
      cookers: cookersOf(counts),
      oven: form.has('oven') ? (before.oven ?? { shelves: 1, heatMinutes: 12 }) : null,
      burners: burners === '' ? Number.NaN : Number(burners),
      ...(isUs
        ? { system: 'us', scale: 'F', weekStart: 'sunday' }
        : { system: 'metric', scale: 'C' }),
      hours: form.get('hours') === '12' ? 12 : 24,
      altitudeM: typed === '' ? Number.NaN : Math.round(Number(typed) * feet),
      zone,
    });
    const errors: Record<string, string> = {};
    if ([...counts.values()].every((n) => n === 0))
      errors.cookers = 'Tap the size of each cooker you have, at least one.';
    for (const issue of kitchen.error?.issues ?? []) {
      const field = String(issue.path[0]);
      errors[field] ??=
        field === 'altitudeM' && typed === ''
          ? 'Give the height above the sea; 0 at the coast.'
          : issue.message;
    }
    if (!kitchen.success || Object.keys(errors).length > 0) return fail(422, { kitchen: errors });
    await saveKitchen(store, kitchen.data);
  },
  /** One of the three dishes that anybody may begin with. */
  example: async ({ request }) => {
    const id = String((await request.formData()).get('id') ?? '');
    const dish = exampleDishes(currentTime()).find((d) => d.id === id);
    if (!dish) return fail(404, { dish: 'There is no such example; reload the page.' });
    const store = await database();
    if (!(await dishIds(store)).has(id)) await saveDish(store, dish, currentTime());
  },
  meal: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const { kitchen, dishes } = await firstRun(store, currentTime());
    const typed = {
      day: String(form.get('day') ?? ''),
      time: String(form.get('time') ?? ''),
      servings: String(form.get('servings') ?? ''),
      dishes: form.getAll('dish').map(String),
    };
    const errors: Record<string, string> = {};
    const serveAt = fromFields(typed.day, typed.time, kitchen.zone);
    if (!serveAt) errors.serveAt = 'A day and a time are needed.';
    else if (!checkServingTime(serveAt, currentTime()).ok)
      errors.serveAt = 'That moment is in the past; choose a later day or time.';
    if (typed.dishes.length === 0) errors.dishes = 'Choose at least one dish for it.';
    const known = new Set(dishes.map((d) => d.id));
    if (typed.dishes.some((id) => !known.has(id)))
      errors.dishes = 'A dish is no longer there; reload the page.';
    const at = Date.parse(serveAt ?? new Date(currentTime()).toISOString());
    const meal = firstMeal(
      {
        name: formatDay(at, kitchen),
        servings: typed.servings === '' ? Number.NaN : Number(typed.servings),
        serveAt: new Date(at).toISOString(),
        dishes: typed.dishes,
      },
      kitchen.zone,
    );
    for (const issue of meal.error?.issues ?? []) errors[String(issue.path[0])] ??= issue.message;
    if (!meal.success || Object.keys(errors).length > 0) return fail(422, { meal: errors, typed });
    await createMeal(store, meal.data, currentTime());
    redirect(303, `/meals/${encodeURIComponent(meal.data.id)}`);
  },
  /** A household to look around in. What was here is kept as a copy. */
  play: async () => {
    const store = await database();
    const now = currentTime();
    const has = await firstRun(store, now);
    if (has.dishes.length > 0 || has.kitchen.cookers.length > 0)
      return fail(409, {
        play: 'There is a household here already; the made-up one is for an empty start.',
      });
    const household = demoAt(now);
    const opened = await openInstead(store, backupFolder(databaseUrl()), household, now);
    if (!opened.ok) return fail(507, { play: opened.problems.map(describeProblem).join(' ') });
    await cookDemoEvenings(store, household, now);
    await setPlaying(store, true);
    redirect(303, '/meals');
  },
  /** Out of the made-up household, into an empty one. What was here is kept as a copy. */
  own: async () => {
    const store = await database();
    if (!(await isPlaying(store)))
      return fail(409, { play: 'This is no made-up household; nothing was put away.' });
    const empty = emptyHousehold(await readKitchen(store));
    const opened = await openInstead(store, backupFolder(databaseUrl()), empty, currentTime());
    if (!opened.ok) return fail(507, { play: opened.problems.map(describeProblem).join(' ') });
    await setPlaying(store, false);
    redirect(303, '/?begin');
  },
};
