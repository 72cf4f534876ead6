import { redirect } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import { readWish, weekFromStock, takeProposals } from '$lib/server/stock-week';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const wish = readWish(url.searchParams);
  return {
    week: await weekFromStock(store, wish, currentTime()),
    kitchen: await readKitchen(store),
    refused: [...wish.refused],
    placed: Object.fromEntries(wish.placed),
  };
};

export const actions: Actions = {
  /** Makes meals of the days that are ticked. */
  take: async ({ request, url }) => {
    const chosen = new Set((await request.formData()).getAll('day').map(String));
    const wish = readWish(url.searchParams);
    await takeProposals(await database(), wish, chosen, currentTime());
    redirect(303, '/meals?week=0');
  },
};
