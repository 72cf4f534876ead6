import { database } from '$lib/server/database';
import { householdCalendar } from '$lib/server/calendar';
import { listItems } from '$lib/server/item-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { listMeals } from '$lib/server/meal-store';
import type { RequestHandler } from './$types';

/** A calendar to subscribe to: it follows what is planned (RFC 5545). */
export const GET: RequestHandler = async () => {
  const store = await database();
  const [meals, items, { zone }] = await Promise.all([
    listMeals(store),
    listItems(store),
    readKitchen(store),
  ]);
  return new Response(householdCalendar(meals, items, new Date(), zone), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-cache' },
  });
};
