import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { runEventSchema } from '$core/run';
import { database } from '$lib/server/database';
import { appendEvents } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { refreshObservations } from '$lib/server/learned-store';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

/** A dish more is compiled here, not by a screen. */
const sentSchema = runEventSchema.refine((e) => e.kind !== 'added');
const bodySchema = z.object({ events: z.array(sentSchema).min(1).max(200) });

/** Whether this screen is let in at all; the doors in front of it have answered otherwise. */
export const HEAD: RequestHandler = () => new Response(null);

export const POST: RequestHandler = async ({ request, params }) => {
  const body = bodySchema.safeParse(await request.json().catch(() => null));
  if (!body.success)
    return json(
      { message: 'What was sent is no event of an evening; reload the page.' },
      { status: 422 },
    );
  const store = await database();
  const kitchen = await readKitchen(store);
  const added = await appendEvents(store, params.id, body.data.events, currentTime(), kitchen);
  if (added.ok) {
    if (body.data.events.some((e) => e.kind === 'served'))
      await refreshObservations(store, params.id, currentTime());
    return json({ events: added.value });
  }
  const { message, remedy } = added.problems[0] ?? { message: '', remedy: '' };
  return json({ message: `${message}; ${remedy}.` }, { status: 409 });
};
