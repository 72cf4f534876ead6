import { error, fail } from '@sveltejs/kit';
import { accountOf, eveningNow } from '$core/run';
import { database } from '$lib/server/database';
import { listPlannable } from '$lib/server/plannable';
import { readEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { bagOf } from '$core/stores';
import { dayKey } from '$core/units';
import { itemByCode, takeOut } from '$lib/server/item-store';
import { pack } from '$lib/server/pack';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ params }) => {
  const store = await database();
  const [stored, kitchen, dishes] = await Promise.all([
    readEvening(store, params.id),
    readKitchen(store),
    listPlannable(store),
  ]);
  if (!stored)
    error(404, { message: 'There is no such evening.', remedy: 'Look in the Log for it.' });
  const { evening, events } = stored;
  const now = eveningNow(events, currentTime());
  const { id, mealId, name, serveAt, practice } = evening;
  /** Bags that this evening used, with what is left of each. */
  const codes = new Set(evening.compiled.meanings.flatMap((m) => bagOf(m.dishId)?.code ?? []));
  const bags = await Promise.all([...codes].map((code) => itemByCode(store, code)));
  return {
    bags: bags.filter((b) => b !== null),
    dishIds: Object.fromEntries(evening.compiled.meanings.map((m) => [m.entryId, m.dishId])),
    kitchen,
    evening: { id, mealId, name, serveAt, isPractice: practice !== undefined },
    account: accountOf(evening, events, new Map(dishes.map((d) => [d.id, d])), now),
  };
};

export const actions: Actions = {
  /** What is left of a dish, into the fridge or the freezer. */
  leftover: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const [dishes, kitchen] = await Promise.all([listPlannable(store), readKitchen(store)]);
    const dish = dishes.find((d) => d.id === String(form.get('dish')));
    if (!dish) return fail(422, { problem: 'This dish is no longer here.' });
    const packed = await pack(
      store,
      {
        dish,
        place: form.get('place') === 'freezer' ? 'freezer' : 'fridge',
        portions: Number(form.get('portions') || Number.NaN),
        packedOn: dayKey(currentTime(), kitchen.zone),
        isRaw: false,
      },
      currentTime(),
    );
    if (packed.ok) return { packed: packed.value };
    const [problem] = packed.problems;
    return fail(422, { problem: `${problem?.message}; ${problem?.remedy}.` });
  },
  /** Portions of a bag that were eaten. */
  eaten: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (!(portions > 0)) return fail(422, { problem: 'How many portions? More than none.' });
    const move = { what: 'out' as const, note: 'eaten', now: currentTime() };
    const left = await takeOut(await database(), String(form.get('id')), portions, move);
    if (left === null)
      return fail(409, { problem: 'There are fewer: somebody has taken some. Look in Stores.' });
    return { eaten: true };
  },
};
