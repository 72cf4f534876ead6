import { fail } from '@sveltejs/kit';
import { allergensOf, scaleDish } from '$core/dish';
import {
  cookingOf,
  kindOfDish,
  newCode,
  storeItemSchema,
  useByOf,
  type StoreItem,
} from '$core/stores';
import { dayKey } from '$core/units';
import { database } from '$lib/server/database';
import { listDishes, readDish } from '$lib/server/dish-store';
import { errorsByField } from '$lib/server/form';
import { lastMoves, listItems, putBack, putIn, takeOut, takenCodes } from '$lib/server/item-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [kitchen, items, dishes, moves] = await Promise.all([
    readKitchen(store),
    listItems(store),
    listDishes(store),
    lastMoves(store),
  ]);
  return {
    kitchen,
    items,
    moves,
    today: dayKey(Date.now(), kitchen.zone),
    dishes: dishes.map(({ id, name }) => ({ id, name })),
  };
};

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
    const place = form.get('place') === 'fridge' ? ('fridge' as const) : ('freezer' as const);
    const isCooked = form.get('state') !== 'raw';
    if (!(Number(form.get('portions')) > 0))
      return fail(422, { errors: { portions: 'How many portions? More than none.' } });
    const packedOn = String(form.get('packedOn') || dayKey(Date.now(), kitchen.zone));
    const due = useByOf(kindOfDish(dish), place, packedOn);
    if (!due.ok) return fail(422, { errors: { place: due.problems[0]?.message ?? '' } });
    const item = storeItemSchema.safeParse({
      id: crypto.randomUUID(),
      code: newCode(await takenCodes(store), Math.random),
      name: isCooked ? dish.name : `${dish.name}, to cook`,
      dishId: dish.id,
      place,
      portions: Number(form.get('portions')),
      packedOn,
      ...due.value,
      isRaw: !isCooked,
      thicknessMm: 40,
      cooking: cookingOf(dish, isCooked),
      allergens: allergensOf(scaleDish(dish, dish.servings)).contains.map((a) => a.allergen),
    } satisfies StoreItem);
    if (!item.success) return fail(422, { errors: errorsByField(item.error) });
    await putIn(store, item.data, Date.now());
    return { packed: item.data };
  },
  take: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (!(portions > 0)) return fail(422, { problem: 'How many portions? More than none.' });
    const note = String(form.get('note') ?? '').slice(0, 200);
    const what = form.get('what') === 'thrown' ? ('thrown' as const) : ('out' as const);
    const id = String(form.get('id'));
    const left = await takeOut(await database(), id, portions, { what, note, now: Date.now() });
    if (left === null)
      return fail(409, { problem: 'There are fewer: somebody has taken some. Look again.' });
    return { taken: { id, portions, left } };
  },
  putBack: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (portions > 0) await putBack(await database(), String(form.get('id')), portions, Date.now());
  },
};
