import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { eventStream, toLine } from '$lib/server/event-stream';
import { followOthers, watch } from '$lib/server/live-hub';
import { keepGoing } from '$lib/server/practice';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

/** Everything so far, then each event as it comes. */
export const GET: RequestHandler = async ({ params, request, locals }) => {
  const store = await database();
  const stored = await readEvening(store, params.id);
  if (!stored) return new Response('no such evening', { status: 404 });
  if (stored.evening.practice) keepGoing(store, params.id);
  await followOthers(store);
  return eventStream(
    request,
    (send) => {
      const unwatch = watch(params.id, send);
      send(toLine({ now: currentTime(), events: stored.events }));
      return unwatch;
    },
    locals,
    // A phone whose clock is set meanwhile counts on the server's again.
    () => toLine({ now: currentTime(), events: [] }),
  );
};
