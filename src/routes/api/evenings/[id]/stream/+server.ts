import { database } from '$lib/server/database';
import { readEvening } from '$lib/server/evening-store';
import { watch } from '$lib/server/live-hub';
import type { RunEvent } from '$core/run';
import type { RequestHandler } from './$types';

/** Proxies and phones drop a silent line: a word every so often keeps it, ms. */
const WORD_EVERY_MS = 20_000;

/** Server-sent events: everything so far, then each event as it comes. */
export const GET: RequestHandler = async ({ params, request }) => {
  const stored = await readEvening(await database(), params.id);
  if (!stored) return new Response('no such evening', { status: 404 });
  const encoder = new TextEncoder();
  let stop = (): void => undefined;
  const stream = new ReadableStream({
    start(controller) {
      const send = (events: readonly RunEvent[]): void => {
        const data = JSON.stringify({ now: Date.now(), events });
        controller.enqueue(encoder.encode(`data: ${data}\n\n`));
      };
      const unwatch = watch(params.id, send);
      const word = setInterval(
        () => controller.enqueue(encoder.encode(': here\n\n')),
        WORD_EVERY_MS,
      );
      stop = () => {
        clearInterval(word);
        unwatch();
      };
      request.signal.addEventListener('abort', stop);
      send(stored.events);
    },
    cancel: () => stop(),
  });
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    },
  });
};
