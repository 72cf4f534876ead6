import { json } from '@sveltejs/kit';
import { dayKey } from '$core/units';
import { database } from '$lib/server/database';
import { readMeal } from '$lib/server/meal-store';
import { listPicks } from '$lib/server/plannable';
import type { RequestHandler } from './$types';

/** What can be put into this meal: dishes, and what is in stock on its day. */
export const GET: RequestHandler = async ({ params }) => {
  const store = await database();
  const stored = await readMeal(store, params.id);
  if (!stored)
    return json({ message: 'This meal is no longer there; look in the list.' }, { status: 404 });
  const day = dayKey(Date.parse(stored.meal.serveAt), stored.meal.zone);
  return json({ picks: await listPicks(store, day) });
};
