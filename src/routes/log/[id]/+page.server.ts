import { error } from '@sveltejs/kit';
import { accountOf, eveningNow } from '$core/run';
import { database } from '$lib/server/database';
import { listPlannable } from '$lib/server/plannable';
import { readEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { PageServerLoad } from './$types';

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
  const now = eveningNow(events, Date.now());
  const { id, mealId, name, serveAt, practice } = evening;
  return {
    kitchen,
    evening: { id, mealId, name, serveAt, isPractice: practice !== undefined },
    account: accountOf(evening, events, new Map(dishes.map((d) => [d.id, d])), now),
  };
};
