import { json } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { currentTime } from '$lib/server/clock';
import { mealsAhead } from '$lib/server/meals-ahead';
import { plannableFor } from '$lib/server/plannable';
import type { RequestHandler } from './$types';

/** A dish by its id with what it could be changed into, for a meal that takes it in. */
export const GET: RequestHandler = async ({ url }) => {
  const id = url.searchParams.get('id') ?? '';
  const store = await database();
  const meal = url.searchParams.get('meal');
  const ahead = await mealsAhead(store, currentTime());
  const dishes = await plannableFor(
    store,
    [id],
    ahead.filter((m) => m.id !== meal),
  );
  if (dishes.some((d) => d.id === id)) return json({ dishes });
  return json(
    { message: 'This is no longer here, or can’t be cooked: its dish is gone. Choose another.' },
    { status: 404 },
  );
};
