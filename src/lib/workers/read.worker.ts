/** Reads recipes beside the page, so that typing never waits. */
import * as Comlink from 'comlink';
import type { Dish } from '../../core/dish';
import {
  importRecipe,
  takeUnread,
  type Imported,
  type ReadOptions,
  type UnreadKind,
} from '../../core/recipe';
import type { Outcome } from '../../core/reason';

const api = {
  /** @param taken pieces that were not read, with what somebody says that they are, in order */
  read(text: string, options: ReadOptions, taken: readonly Taken[] = []): Outcome<Imported> {
    const read = importRecipe(text, options);
    if (!read.ok || taken.length === 0) return read;
    const dish = taken.reduce((d, { piece, as }) => takeUnread(d, piece, as), read.value.dish);
    return { ok: true, value: { ...read.value, dish } };
  },
  /** A dish with one more such piece taken. */
  take: (dish: Dish, { piece, as }: Taken): Dish => takeUnread(dish, piece, as),
};
/** A piece of a text that was not read, and what somebody says that it is. */
export interface Taken {
  piece: string;
  as: UnreadKind;
}

export type ReadWorker = typeof api;
Comlink.expose(api);
