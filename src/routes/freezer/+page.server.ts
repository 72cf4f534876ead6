import { fail, redirect } from '@sveltejs/kit';
import { toGrams } from '$core/dish';
import { findFood } from '$core/food';
import type { Kitchen } from '$core/kitchen';
import { FLAT_MM } from '$core/menu';
import { lunchesToMove, type StoreItem } from '$core/storage';
import { bagsIn, type Meal } from '$core/meal';
import { failure } from '$core/reason';
import { dayKey, parseQuantity } from '$core/units';
import { database, type Database } from '$lib/server/database';
import { dishNames, listDishes, readDish } from '$lib/server/dish-store';
import { lastMoves, listItems, moveItem, putBack, takeOut } from '$lib/server/item-store';
import { rememberFood } from '$lib/server/food-memory';
import { readKitchen } from '$lib/server/kitchen-store';
import { readMeal } from '$lib/server/meal-store';
import { pack, packFood, type FoodPacking } from '$lib/server/pack';
import { packDay } from '$lib/server/pack-day';
import { mealsAhead } from '$lib/server/meals-ahead';
import { roomsOf } from '$lib/server/stock-room';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async () => {
  const store = await database();
  const now = currentTime();
  const [kitchen, items, dishes, moves, meals] = await Promise.all([
    readKitchen(store),
    listItems(store),
    dishNames(store),
    lastMoves(store),
    mealsAhead(store, now - SHOWN_FOR_MS),
  ]);
  return {
    kitchen,
    // What stands on a label is on its own page: a list of years stays light.
    items: items.map((item) => ({ ...item, cooking: '', allergens: [], unknownFoods: [] })),
    moves,
    today: dayKey(now, kitchen.zone),
    batchDays: batchDays(meals),
    lunches: lunchesToMove(items, dayKey(now, kitchen.zone)).map(({ id, name, lunch }) => ({
      id,
      name,
      day: lunch.day,
    })),
    rooms: await roomsOf(store, kitchen, items),
    dishes: [...dishes].map(([id, name]) => ({ id, name })),
  };
};

/** A place of the kitchen by its id, or by its kind where the kitchen names none. */
function placeNamed(id: string, kitchen: Kitchen): Pick<StoreItem, 'place' | 'spot'> {
  const found = kitchen.places.find((p) => p.id === id);
  if (found) return { place: found.kind, spot: found.id };
  return { place: id === 'fridge' ? 'fridge' : 'freezer', spot: null };
}

type Common = Pick<FoodPacking, 'place' | 'spot' | 'portions' | 'packedOn'>;

async function packDish(store: Database, form: FormData, common: Common, kitchen: Kitchen) {
  const dish = await readDish(store, String(form.get('dish') ?? ''));
  if (!dish)
    return failure({ field: 'dish', message: 'this dish is no longer here', remedy: 'choose one' });
  const packing = {
    ...common,
    dish,
    isRaw: form.get('state') === 'raw',
    shape: form.get('shape') === 'mound' ? ('mound' as const) : ('flat' as const),
    thicknessMm: Number(form.get('thicknessMm') || FLAT_MM),
  };
  return pack(store, packing, kitchen, currentTime());
}

async function putInFood(store: Database, form: FormData, common: Common, kitchen: Kitchen) {
  const food = String(form.get('food') ?? '');
  const weight = parseQuantity(String(form.get('weight') ?? ''));
  const grams = weight && toGrams(weight, findFood(food));
  if (!grams)
    return failure({
      field: 'weight',
      message: 'what one pack weighs is not clear',
      remedy: 'write it as 500 g or 2 lb',
    });
  const useBy = String(form.get('useBy') ?? '') || null;
  const group = String(form.get('group') ?? '');
  if (group !== '') await rememberFood(store, food, group, currentTime());
  const known = group === '' ? kitchen : await readKitchen(store);
  return packFood(store, { ...common, food, grams, useBy }, known, currentTime());
}

/** Ahead, and of the last two weeks: their labels are printed once more from there. */
function batchDays(meals: readonly Meal[]) {
  return meals
    .filter((meal) => meal.batch)
    .toSorted((a, b) => b.serveAt.localeCompare(a.serveAt))
    .slice(0, MOST_DAYS)
    .map((meal) => {
      const { id, name, serveAt } = meal;
      const bags = bagsIn(meal);
      return { id, name, serveAt, bags: bags === 1 ? '1 bag' : `${bags} bags` };
    });
}

const SHOWN_FOR_MS = 14 * 86_400_000;
const MOST_DAYS = 4;

export const actions: Actions = {
  /** Packs a dish, or puts in any food: use-by, code and label follow. */
  pack: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const kitchen = await readKitchen(store);
    const common = {
      ...placeNamed(String(form.get('place')), kitchen),
      portions: form.get('portions') === '' ? Number.NaN : Number(form.get('portions')),
      packedOn: String(form.get('packedOn') || dayKey(currentTime(), kitchen.zone)),
    };
    if (!(common.portions > 0))
      return fail(422, { errors: { portions: 'How many? More than none.' } });
    const packed =
      form.get('what') === 'food'
        ? await putInFood(store, form, common, kitchen)
        : await packDish(store, form, common, kitchen);
    if (packed.ok) return { packed: packed.value };
    return fail(422, {
      errors: Object.fromEntries(
        packed.problems.map((p) => [p.field, `${p.message}; ${p.remedy}`] as const),
      ),
    });
  },
  /** Labels for all bags of a batch day, written before they are filled. */
  packDay: async ({ request }) => {
    const store = await database();
    const stored = await readMeal(store, String((await request.formData()).get('meal') ?? ''));
    if (!stored) return fail(404, { problem: 'This day is no longer there.' });
    const [all, kitchen] = await Promise.all([listDishes(store), readKitchen(store)]);
    const dishes = new Map(all.map((d) => [d.id, d]));
    const packed = await packDay(store, stored.meal, dishes, kitchen, currentTime());
    const full = packed.withoutRoom > 0 ? `&full=${packed.withoutRoom}` : '';
    redirect(303, `/freezer/labels?codes=${packed.codes.join(',')}${full}`);
  },
  /** From one place into another, with the day that counts there. */
  move: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const kitchen = await readKitchen(store);
    const to = placeNamed(String(form.get('to')), kitchen);
    const today = dayKey(currentTime(), kitchen.zone);
    const moved = await moveItem(store, String(form.get('id')), to, today, currentTime(), kitchen);
    if (moved.ok) return { moved: true };
    const [problem] = moved.problems;
    return fail(409, { problem: `${problem?.message}; ${problem?.remedy}.` });
  },
  /** Tomorrow’s lunches down into the fridge, all at once. */
  moveLunches: async () => {
    const store = await database();
    const [kitchen, items] = await Promise.all([readKitchen(store), listItems(store)]);
    const now = currentTime();
    const today = dayKey(now, kitchen.zone);
    const to = { place: 'fridge', spot: null } as const;
    for (const { id } of lunchesToMove(items, today)) {
      const moved = await moveItem(store, id, to, today, now, kitchen);
      if (moved.ok) continue;
      const [problem] = moved.problems;
      return fail(409, { problem: `${problem?.message}; ${problem?.remedy}.` });
    }
    return { moved: true };
  },
  take: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (!(portions > 0)) return fail(422, { problem: 'How many portions? More than none.' });
    const note = String(form.get('note') ?? '').slice(0, 200);
    const what = form.get('what') === 'thrown' ? ('thrown' as const) : ('out' as const);
    const id = String(form.get('id'));
    const left = await takeOut(await database(), id, portions, { what, note, now: currentTime() });
    if (left === null)
      return fail(409, { problem: 'There are fewer: somebody has taken some. Look again.' });
    return { taken: { id, portions, left } };
  },
  putBack: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (portions > 0)
      await putBack(await database(), String(form.get('id')), portions, currentTime());
  },
};
