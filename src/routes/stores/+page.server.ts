import { fail, redirect } from '@sveltejs/kit';
import type { Kitchen } from '$core/kitchen';
import { FLAT_MM } from '$core/plan';
import { portionGrams, roomTaken, type StoreItem } from '$core/stores';
import { dayKey } from '$core/units';
import { database } from '$lib/server/database';
import { listDishes, readDish } from '$lib/server/dish-store';
import { lastMoves, listItems, moveItem, putBack, takeOut } from '$lib/server/item-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { readMeal } from '$lib/server/meal-store';
import { pack, packDay } from '$lib/server/pack';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [kitchen, items, dishes, moves] = await Promise.all([
    readKitchen(store),
    listItems(store),
    listDishes(store),
    lastMoves(store),
  ]);
  const grams = new Map(dishes.map((d) => [d.id, portionGrams(d)]));
  return {
    kitchen,
    items,
    moves,
    today: dayKey(currentTime(), kitchen.zone),
    rooms: roomTaken(items, kitchen, (i) => grams.get(i.dishId ?? '') ?? portionGrams(null)),
    dishes: dishes.map(({ id, name }) => ({ id, name })),
  };
};

/** A place of the kitchen by its id, or by its kind where the kitchen names none. */
function placeNamed(id: string, kitchen: Kitchen): Pick<StoreItem, 'place' | 'spot'> {
  const found = kitchen.places.find((p) => p.id === id);
  if (found) return { place: found.kind, spot: found.id };
  return { place: id === 'fridge' ? 'fridge' : 'freezer', spot: null };
}

export const actions: Actions = {
  /** Packs a dish: use-by, code and label follow. */
  pack: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const [kitchen, dish] = await Promise.all([
      readKitchen(store),
      readDish(store, String(form.get('dish') ?? '')),
    ]);
    if (!dish) return fail(422, { errors: { dish: 'Choose what is packed.' } });
    const where = placeNamed(String(form.get('place')), kitchen);
    const isCooked = form.get('state') !== 'raw';
    if (!(Number(form.get('portions')) > 0))
      return fail(422, { errors: { portions: 'How many portions? More than none.' } });
    const packedOn = String(form.get('packedOn') || dayKey(currentTime(), kitchen.zone));
    const packed = await pack(
      store,
      {
        dish,
        ...where,
        portions: Number(form.get('portions')),
        packedOn,
        isRaw: !isCooked,
        shape: form.get('shape') === 'mound' ? 'mound' : 'flat',
        thicknessMm: Number(form.get('thicknessMm') || FLAT_MM),
      },
      currentTime(),
    );
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
    const codes = await packDay(store, stored.meal, dishes, kitchen, currentTime());
    redirect(303, `/stores/labels?codes=${codes.join(',')}`);
  },
  /** From one place into another, with the day that counts there. */
  move: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const kitchen = await readKitchen(store);
    const to = placeNamed(String(form.get('to')), kitchen);
    const today = dayKey(currentTime(), kitchen.zone);
    const moved = await moveItem(store, String(form.get('id')), to, today, currentTime());
    if (moved.ok) return { moved: true };
    const [problem] = moved.problems;
    return fail(409, { problem: `${problem?.message}; ${problem?.remedy}.` });
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
