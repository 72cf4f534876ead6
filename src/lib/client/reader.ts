/** The reading worker as the page sees it: the newest text counts. */
import * as Comlink from 'comlink';
import type { ReadWorker, Taken } from '$lib/workers/read.worker';
import type { Dish } from '../../core/dish';
import type { Imported, ReadOptions } from '../../core/recipe';
import type { Outcome } from '../../core/reason';

export interface Reader {
  /**
   * Reads a text; null where a newer one came in between.
   *
   * @param taken pieces that were not read, with what somebody says that they are
   */
  read(
    text: string,
    options: ReadOptions,
    taken: readonly Taken[],
  ): Promise<Outcome<Imported> | null>;
  close(): void;
}

/** @returns the dish with a piece that was not read taken as what somebody says that it is */
export async function takePiece(dish: Dish, taken: Taken): Promise<Dish> {
  const worker = newWorker();
  try {
    return await Comlink.wrap<ReadWorker>(worker).take(dish, taken);
  } finally {
    worker.terminate();
  }
}

const newWorker = (): Worker =>
  new Worker(new URL('../workers/read.worker.ts', import.meta.url), { type: 'module' });

/** Starts a reader in a thread of its own; call in the browser only. */
export function startReader(): Reader {
  const worker = newWorker();
  const remote = Comlink.wrap<ReadWorker>(worker);
  let newest = 0;
  return {
    async read(text, options, taken) {
      const mine = ++newest;
      const read = await remote.read(text, options, taken);
      return mine === newest ? read : null;
    },
    close: () => worker.terminate(),
  };
}
