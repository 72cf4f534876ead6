import { json } from '@sveltejs/kit';
import { dishKey, dishRefSchema, type DishRef } from '$core/dish';
import { database } from '$lib/server/database';
import { currentTime } from '$lib/server/clock';
import { mealsAhead } from '$lib/server/meals-ahead';
import { plannableFor } from '$lib/server/plannable';
import type { RequestHandler } from './$types';

/** @returns what the address names as JSON; null where that is no reference */
function readRef(text: string | null): DishRef | null {
  try {
    return dishRefSchema.safeParse(JSON.parse(text ?? '')).data ?? null;
  } catch {
    return null;
  }
}

/** A dish with what it could be changed into, for a meal that takes it in. */
export const GET: RequestHandler = async ({ url }) => {
  const asked = readRef(url.searchParams.get('dish'));
  if (!asked)
    return json({ message: 'No dish was named; choose one from the list.' }, { status: 422 });
  const store = await database();
  const meal = url.searchParams.get('meal');
  const ahead = await mealsAhead(store, currentTime());
  const dishes = await plannableFor(
    store,
    [asked],
    ahead.filter((m) => m.id !== meal),
  );
  if (dishes.some((d) => d.id === dishKey(asked))) return json({ dishes });
  return json(
    { message: 'This is no longer here, or can’t be cooked: its dish is gone. Choose another.' },
    { status: 404 },
  );
};
