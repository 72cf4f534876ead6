import { fail, redirect } from '@sveltejs/kit';
import { checkServingTime, mealSchema } from '$core/meal';
import { fromFields } from '$lib/client/moments';
import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import {
  copyMeal,
  createMeal,
  listPatterns,
  mealsBehind,
  mealsBetween,
  moveMeal,
  readMeal,
  removeMeal,
  unreadableMeals,
} from '$lib/server/meal-store';
import { sketchOf, totalsOf } from '$core/plan';
import { isPlaying } from '$lib/server/first-run';
import type { DishRef } from '$core/dish';
import { dishNames } from '$lib/server/dish-store';
import { itemsByCode, listItems } from '$lib/server/item-store';
import { listLarder } from '$lib/server/larder-store';
import { readShelfWish } from '$lib/server/shelf';
import { weekOf, weekReach } from '$lib/server/week';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

/** Of what is behind so many stand on a page. */
const BEHIND = 20;

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const kitchen = await readKitchen(store);
  const now = currentTime();
  const asked = url.searchParams.get('week');
  const wish = readShelfWish(url.searchParams, BEHIND);
  const reach = weekReach(asked, kitchen, now);
  const [ahead, ofWeek, patterns, behind, names, items] = await Promise.all([
    mealsBetween(store, now + 1),
    mealsBetween(store, reach.from, reach.to),
    listPatterns(store),
    mealsBehind(store, now, wish),
    dishNames(store),
    listItems(store),
  ]);
  // Only names are shown here: no bag has to be worked out as a dish for that.
  const bags = await itemsByCode(
    store,
    [...patterns, ...ahead.map((s) => s.meal)].flatMap((m) =>
      m.entries.flatMap(({ what: { dish } }) => (dish.kind === 'bag' ? dish.code : [])),
    ),
  );
  const nameOf = (dish: DishRef): string =>
    (dish.kind === 'bag' ? bags.get(dish.code)?.name : names.get(dish.id)) ??
    'a dish that was removed';
  const pots = kitchen.cookers.map((c) => c.id);
  return {
    isPlaying: await isPlaying(store),
    needs: [
      ...(kitchen.cookers.length === 0 ? ['a cooker'] : []),
      ...(names.size === 0 ? ['a dish'] : []),
    ],
    unreadable: await unreadableMeals(store),
    week: weekOf(asked, {
      ...{ stored: ofWeek, larder: await listLarder(store), items, kitchen, now },
    }),
    kitchen,
    now,
    ahead: ahead.toReversed().map(({ meal, plan }) => {
      const totals = plan ? totalsOf(plan.compiled.problem, plan.schedule) : null;
      return {
        id: meal.id,
        name: meal.name,
        serveAt: meal.serveAt,
        zone: meal.zone,
        servings: meal.servings,
        batch: meal.batch,
        dishes: meal.entries.map((e) => nameOf(e.what.dish)),
        firstStart: totals?.firstStart ?? null,
        handsOn: totals?.handsOn ?? null,
        sketch: plan ? sketchOf(plan, pots) : null,
      };
    }),
    patterns: patterns.map(({ id, name, entries }) => ({
      id,
      name,
      dishes: entries.map((e) => nameOf(e.what.dish)),
    })),
    behind: {
      ...behind,
      items: behind.items.map(({ id, name, serveAt, zone }) => ({ id, name, serveAt, zone })),
    },
    find: wish.find,
  };
};

export const actions: Actions = {
  create: async ({ request }) => {
    const form = await request.formData();
    const typed = {
      name: String(form.get('name') ?? ''),
      day: String(form.get('day') ?? ''),
      time: String(form.get('time') ?? ''),
      servings: String(form.get('servings') ?? ''),
      batch: form.has('batch'),
    };
    const store = await database();
    const { zone } = await readKitchen(store);
    const errors: Record<string, string> = {};
    const serveAt = fromFields(typed.day, typed.time, zone);
    if (!serveAt) errors.serveAt = 'A day and a time are needed.';
    else {
      const checked = checkServingTime(serveAt, currentTime());
      if (!checked.ok) errors.serveAt = 'That moment is in the past; choose a later day or time.';
    }
    const meal = mealSchema.safeParse({
      format: 'olive-clock/meal@2',
      id: crypto.randomUUID(),
      name: typed.name,
      serveAt: serveAt ?? new Date().toISOString(),
      zone,
      servings: typed.servings === '' ? Number.NaN : Number(typed.servings),
      entries: [],
      batch: typed.batch,
    });
    for (const issue of meal.error?.issues ?? []) errors[String(issue.path[0])] ??= issue.message;
    if (Object.keys(errors).length > 0 || !meal.success) return fail(422, { typed, errors });
    await createMeal(store, meal.data, currentTime());
    redirect(303, `/meals/${meal.data.id}`);
  },
  /** The same meal once more: so many weeks later, or as a variant at the same time. */
  copy: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const stored = await readMeal(store, String(form.get('id') ?? ''));
    if (!stored) return fail(404, { problem: 'This meal is no longer there.' });
    const weeks = Number(form.get('weeks'));
    const id = await copyMeal(
      store,
      stored.meal,
      weeks >= 0 && weeks <= 52 ? weeks : 0,
      currentTime(),
    );
    redirect(303, `/meals/${id}`);
  },
  /** Onto another day, from the week. */
  move: async ({ request }) => {
    const form = await request.formData();
    const day = String(form.get('day') ?? '');
    if (!/^\d{4}-\d{2}-\d{2}$/.test(day)) return fail(422, { problem: 'Choose a day.' });
    const moved = await moveMeal(
      await database(),
      String(form.get('id') ?? ''),
      day,
      currentTime(),
    );
    if (moved.ok) return { movedFrom: moved.value };
    const [problem] = moved.problems;
    return fail(409, {
      problem: `It stays where it was: ${problem?.message}; ${problem?.remedy}.`,
    });
  },
  remove: async ({ request }) => {
    const id = String((await request.formData()).get('id') ?? '');
    await removeMeal(await database(), id);
  },
};
