/** What was typed to find something, as conditions on columns. */
import { or, sql, type Column, type SQL } from 'drizzle-orm';

/** More words than that are not looked for. */
const MOST_WORDS = 6;

/** What was typed, word by word, in small letters. */
export const wordsIn = (asked: string): string[] =>
  asked.trim().toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);

/** `%` and `_` are letters like any other here. */
export const pattern = (word: string): string => `%${word.replaceAll(/[\\%_]/g, String.raw`\$&`)}%`;

/** SQLite takes a and A for one letter, but not ä and Ä: such a word is looked for as it may be written. */
function spellings(word: string): string[] {
  const isPlain = [...word].every((letter) => letter <= '\x7f');
  const [first = '', ...rest] = word;
  return isPlain
    ? [word]
    : [...new Set([word, first.toUpperCase() + rest.join(''), word.toUpperCase()])];
}

/** Whether a column has the word in it, in small letters or large ones. */
export const has = (column: SQL | Column, word: string): SQL =>
  or(...spellings(word).map((w) => sql`${column} like ${pattern(w)} escape '\\'`)) ?? sql`false`;

/** Whether something is true of every word. */
export const every = (words: readonly string[], test: (word: string) => SQL | undefined): SQL =>
  sql.join(
    words.map((w) => sql`(${test(w)})`),
    sql` and `,
  );

/** What a list is asked for; undefined where nothing is looked for. */
export function meant(asked: string, test: (word: string) => SQL | undefined): SQL | undefined {
  const words = wordsIn(asked);
  return words.length === 0 ? undefined : every(words, test);
}
