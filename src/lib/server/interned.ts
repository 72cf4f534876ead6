/**
 * Documents as they come out of the database: the same text is the same document, parsed once. It belongs to all who
 * read it, so nobody can change it.
 */
import { customType } from 'drizzle-orm/sqlite-core';

/** Text of the documents that are kept parsed, in letters. */
const MOST_LETTERS = 24_000_000;

/** Makes a value and all in it unchangeable, once. */
export function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.freeze(value);
  for (const inner of Object.values(value)) frozen(inner);
  return value;
}

export class Interned {
  #known = new Map<string, unknown>();
  #letters = 0;

  constructor(private readonly mostLetters = MOST_LETTERS) {}

  /** @throws SyntaxError where the text is no JSON */
  parse(text: string): unknown {
    if (this.#known.has(text)) {
      const value = this.#known.get(text);
      // What was asked for last goes last.
      this.#known.delete(text);
      this.#known.set(text, value);
      return value;
    }
    const value = frozen<unknown>(JSON.parse(text));
    this.#known.set(text, value);
    this.#letters += text.length;
    for (const oldest of this.#known.keys()) {
      if (this.#letters <= this.mostLetters) break;
      this.#known.delete(oldest);
      this.#letters -= oldest.length;
    }
    return value;
  }
}

const documents = new Interned();

/** A column with a JSON document in it. */
export const document = customType<{ data: unknown; driverData: string }>({
  dataType: () => 'text',
  toDriver: (value) => JSON.stringify(value),
  fromDriver: (text) => documents.parse(text),
});
