import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { eventStream } from '$lib/server/event-stream';
import { watch } from '$lib/server/live-hub';
import { keepGoing } from '$lib/server/practice';
import type { RunEvent } from '$core/run';
import type { RequestHandler } from './$types';

/** Everything so far, then each event as it comes. */
export const GET: RequestHandler = async ({ params, request }) => {
  const store = await database();
  const stored = await readEvening(store, params.id);
  if (!stored) return new Response('no such evening', { status: 404 });
  if (stored.evening.practice) keepGoing(store, params.id);
  return eventStream(request, (send) => {
    const tell = (events: readonly RunEvent[]): void => send({ now: Date.now(), events });
    const unwatch = watch(params.id, tell);
    tell(stored.events);
    return unwatch;
  });
};
