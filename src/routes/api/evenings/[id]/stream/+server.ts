import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { eventStream, toLine } from '$lib/server/event-stream';
import { follow } from '$lib/server/live-hub';
import { keepGoing } from '$lib/server/practice';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

/** Everything so far, then each event as it comes. */
export const GET: RequestHandler = async ({ params, request, locals }) => {
  const store = await database();
  const followed = await follow(store, params.id, () => readEvening(store, params.id));
  if (!followed) return new Response('no such evening', { status: 404 });
  const { soFar, goOn, stop } = followed;
  if (soFar.evening.practice) keepGoing(store, params.id);
  return eventStream(
    request,
    (send) => {
      send(toLine({ now: currentTime(), events: soFar.events }));
      goOn(send);
      return stop;
    },
    locals,
    // A phone whose clock is set meanwhile counts on the server's again.
    () => toLine({ now: currentTime(), events: [] }),
  );
};
