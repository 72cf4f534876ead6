/** Server-sent events: one line of JSON for each thing that happens, until the listener goes. */

/** Proxies and phones drop a silent line: a word every so often keeps it, ms. */
const WORD_EVERY_MS = 20_000;

const encoder = new TextEncoder();

/** A message as it goes over the line: written once, however many listen. */
export function toLine(data: unknown): Uint8Array {
  return encoder.encode(`data: ${JSON.stringify(data)}\n\n`);
}

/** @param listen is given how to send; returns how to stop */
export function eventStream(
  request: Request,
  listen: (send: (line: Uint8Array) => void) => () => void,
): Response {
  let stop = (): void => undefined;
  const stream = new ReadableStream({
    start(controller) {
      const unlisten = listen((line) => controller.enqueue(line));
      const word = setInterval(
        () => controller.enqueue(encoder.encode(': here\n\n')),
        WORD_EVERY_MS,
      );
      stop = () => {
        clearInterval(word);
        unlisten();
      };
      request.signal.addEventListener('abort', stop);
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
}
