import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { dishKey, dishRefSchema } from '$core/dish';
import { tooLateFor } from '$core/replan';
import { addDish, foldEvening, type RunEvent } from '$core/run';
import { formatTime } from '$core/units';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { appendEvents, readEvening } from '$lib/server/evening-store';
import { planningKitchen } from '$lib/server/learned-store';
import { dishesNamed, listPicks } from '$lib/server/plannable';
import type { RequestHandler } from './$types';

const bodySchema = z.object({
  id: z.string().min(1).max(100),
  by: z.string().max(60).default(''),
  dish: dishRefSchema,
  servings: z.number().positive().max(100),
});

/** What could come in yet: dishes and what is in stock. */
export const GET: RequestHandler = async () =>
  json({ picks: (await listPicks(await database())).map(({ dish, name }) => ({ dish, name })) });

/** A dish more in an evening that goes on. */
export const POST: RequestHandler = async ({ request, params }) => {
  const body = bodySchema.safeParse(await request.json().catch(() => null));
  if (!body.success)
    return json(
      { message: 'Say which dish, and for how many people (1 to 100).' },
      { status: 422 },
    );
  const { id, by, servings } = body.data;
  const store = await database();
  const [stored, kitchen, dishes] = await Promise.all([
    readEvening(store, params.id),
    planningKitchen(store),
    dishesNamed(store, [body.data.dish]),
  ]);
  const dish = dishes.find((d) => d.id === dishKey(body.data.dish));
  if (!stored || !dish)
    return json(
      { message: 'This evening or this dish is no longer there; reload the page.' },
      { status: 404 },
    );
  const now = currentTime();
  const part = addDish(stored.evening, dish, { entry: `more-${id}`, servings }, kitchen, now);
  if (!part.ok) {
    const [problem] = part.problems;
    return json({ message: `${problem?.message}; ${problem?.remedy}.` }, { status: 409 });
  }
  const { evening, events } = stored;
  const event: RunEvent = { id, by, at: now, kind: 'added', ...part.value };
  const ready = tooLateFor(evening, foldEvening(evening, [...events, event], now), now, kitchen);
  if (ready !== null)
    return json(
      {
        message: `With ${dish.name} the table would be at ${formatTime(ready, kitchen)}. Choose one that is quicker, or say first that the guests come later.`,
      },
      { status: 409 },
    );
  const added = await appendEvents(store, params.id, [event], now, kitchen);
  if (added.ok) return json({ events: added.value });
  const [problem] = added.problems;
  return json({ message: `${problem?.message}; ${problem?.remedy}.` }, { status: 409 });
};
