import { database } from '$lib/server/database';
import { householdCalendar } from '$lib/server/calendar';
import { listItems } from '$lib/server/item-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { mealsBetween } from '$lib/server/meal-store';
import type { RequestHandler } from './$types';

/** A feed is fetched every hour, and nobody looks up the suppers of last year in it. */
const BEHIND_MS = 365 * 86_400_000;

/** A calendar to subscribe to: it follows what is planned (RFC 5545). */
export const GET: RequestHandler = async () => {
  const store = await database();
  const [meals, items, { zone }] = await Promise.all([
    mealsBetween(store, Date.now() - BEHIND_MS),
    listItems(store),
    readKitchen(store),
  ]);
  return new Response(householdCalendar(meals, items, new Date(), zone), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-cache' },
  });
};
