/** Reads recipes beside the page, so that typing never waits. */
import * as Comlink from 'comlink';
import { importRecipe, type Imported, type ReadOptions } from '../../core/recipe';
import type { Outcome } from '../../core/reason';

const api = {
  read: (text: string, options: ReadOptions): Outcome<Imported> => importRecipe(text, options),
};
export type ReadWorker = typeof api;
Comlink.expose(api);
