/** The reading worker as the page sees it: the newest text counts. */
import * as Comlink from 'comlink';
import type { ReadWorker } from '$lib/workers/read.worker';
import type { Imported, ReadOptions } from '../../core/recipe';
import type { Outcome } from '../../core/reason';

export interface Reader {
  /** Reads a text; null where a newer one came in between. */
  read(text: string, options: ReadOptions): Promise<Outcome<Imported> | null>;
  close(): void;
}

/** Starts a reader in a thread of its own; call in the browser only. */
export function startReader(): Reader {
  const worker = new Worker(new URL('../workers/read.worker.ts', import.meta.url), {
    type: 'module',
  });
  const remote = Comlink.wrap<ReadWorker>(worker);
  let newest = 0;
  return {
    async read(text, options) {
      const mine = ++newest;
      const read = await remote.read(text, options);
      return mine === newest ? read : null;
    },
    close: () => worker.terminate(),
  };
}
