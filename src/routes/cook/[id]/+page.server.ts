import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ params, locals }) => {
  const store = await database();
  const [stored, kitchen] = await Promise.all([readEvening(store, params.id), readKitchen(store)]);
  if (!stored)
    error(404, {
      message: 'There is no such evening.',
      remedy: 'Open Cook and start one from a meal.',
    });
  return { ...stored, kitchen, now: currentTime(), canTap: locals.role !== 'look' };
};
