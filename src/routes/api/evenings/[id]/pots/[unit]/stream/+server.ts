import { database } from '$lib/server/database';
import { eventStream, toLine } from '$lib/server/event-stream';
import { virtualReading } from '$lib/server/practice';
import type { RequestHandler } from './$types';

/** A virtual cooker looks at itself so often, ms of real time. */
const EVERY_MS = 1000;

/** Readings of a virtual cooker as server-sent events: each change of phase at once, else one a second. */
export const GET: RequestHandler = async ({ params, request, locals }) => {
  const store = await database();
  return eventStream(
    request,
    (send) => {
      const timer = setInterval(() => {
        void virtualReading(store, params.id, params.unit).then((reading) => {
          if (reading) send(toLine(reading));
        });
      }, EVERY_MS);
      return () => clearInterval(timer);
    },
    locals,
  );
};
