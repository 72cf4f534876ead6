/** Server-sent events: one line of JSON for each thing that happens, until the listener goes. */

/**
 * Proxies and phones drop a silent line: a word every so often keeps it, ms. A device that was logged out hears no
 * longer than that.
 */
const WORD_EVERY_MS = 20_000;

const encoder = new TextEncoder();

/** A message as it goes over the line: written once, however many listen. */
export function toLine(data: unknown): Uint8Array {
  return encoder.encode(`data: ${JSON.stringify(data)}\n\n`);
}

/** A device’s lines that are open, by what ends them. */
const open = new Map<string, Set<() => void>>();

/** Ends the lines of a device that was logged out; of all of them where none is named. */
export function endLines(device?: string): void {
  const ends = device === undefined ? [...open.values()] : [open.get(device) ?? new Set()];
  for (const end of ends.flatMap((own) => [...own])) end();
}

/** Whose line it is: nobody’s but this machine’s where no device is named. */
export interface Listener {
  device?: string | undefined;
  /** Whether it may go on listening; asked with each word. */
  mayStay?: (() => Promise<boolean>) | undefined;
}

/** A word that says nothing but that somebody is here. */
const here = (): Uint8Array => encoder.encode(': here\n\n');

/**
 * @param listen is given how to send; returns how to stop
 * @param word what is said every so often
 */
export function eventStream(
  request: Request,
  listen: (send: (line: Uint8Array) => void) => () => void,
  { device, mayStay }: Listener = {},
  word: () => Uint8Array = here,
): Response {
  let stop = (): void => undefined;
  const stream = new ReadableStream({
    start(controller) {
      const unlisten = listen((line) => controller.enqueue(line));
      let isOver = false;
      const end = (): void => {
        if (isOver) return;
        stop();
        controller.close();
      };
      const say = async (): Promise<void> => {
        const isWelcome = (await mayStay?.()) ?? true;
        if (!isWelcome) end();
        else if (!isOver) controller.enqueue(word());
      };
      const words = setInterval(() => void say(), WORD_EVERY_MS);
      if (device !== undefined) open.set(device, (open.get(device) ?? new Set()).add(end));
      stop = () => {
        if (isOver) return;
        isOver = true;
        clearInterval(words);
        unlisten();
        if (device !== undefined) open.get(device)?.delete(end);
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
