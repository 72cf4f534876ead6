import { json } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import { search } from '$lib/server/search';
import type { RequestHandler } from './$types';

/** Longer than any name. */
const LONGEST = 100;

/** What is found by a few words. */
export const GET: RequestHandler = async ({ url }) => {
  const asked = url.searchParams.get('q') ?? '';
  if (asked.length > LONGEST)
    return json({ message: 'Search for fewer than 100 letters.' }, { status: 422 });
  const store = await database();
  return json({ hits: await search(store, asked, await readKitchen(store), currentTime()) });
};
