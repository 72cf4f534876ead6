import { error, fail } from '@sveltejs/kit';
import { dayKey } from '$core/units';
import { placeOfItem } from '$core/stores';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { itemByCode, moveItem, putBack, takeOut } from '$lib/server/item-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';

/** Where a label's code leads. */
export const load: PageServerLoad = async ({ params }) => {
  const store = await database();
  const [item, kitchen] = await Promise.all([itemByCode(store, params.code), readKitchen(store)]);
  if (!item)
    error(404, {
      message: `No bag has the code ${params.code.slice(0, 8).toUpperCase()}.`,
      remedy: 'Look at the label again, or search by name in Stores.',
    });
  return {
    item,
    place: placeOfItem(item, kitchen.places)?.name ?? item.place,
    places: kitchen.places.filter((p) => p.id !== placeOfItem(item, kitchen.places)?.id),
  };
};

const GONE = 'There are fewer: somebody has taken some. Look again.';

export const actions: Actions = {
  take: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const item = await itemByCode(store, params.code);
    const portions = Number(form.get('portions'));
    if (!item || !(portions > 0))
      return fail(422, { problem: 'How many portions? More than none.' });
    const what = form.get('what') === 'thrown' ? ('thrown' as const) : ('out' as const);
    const note = String(form.get('note') ?? '').slice(0, 200);
    const left = await takeOut(store, item.id, portions, { what, note, now: currentTime() });
    return left === null ? fail(409, { problem: GONE }) : { taken: portions };
  },
  putBack: async ({ request, params }) => {
    const store = await database();
    const item = await itemByCode(store, params.code);
    const portions = Number((await request.formData()).get('portions'));
    if (item && portions > 0) await putBack(store, item.id, portions, currentTime());
  },
  move: async ({ request, params }) => {
    const store = await database();
    const [item, kitchen] = await Promise.all([itemByCode(store, params.code), readKitchen(store)]);
    const wanted = String((await request.formData()).get('to'));
    const place = kitchen.places.find((p) => p.id === wanted);
    if (!item || !place) return fail(422, { problem: 'Choose where it goes.' });
    const moved = await moveItem(
      store,
      item.id,
      { place: place.kind, spot: place.id },
      dayKey(currentTime(), kitchen.zone),
      currentTime(),
    );
    if (moved.ok) return { moved: place.name };
    const [problem] = moved.problems;
    return fail(409, { problem: `${problem?.message}; ${problem?.remedy}.` });
  },
};
