/** One of a thing, by the spelling of many. */

/** @example singular('tomatoes') // 'tomato' */
export function singular(word: string): string {
  if (word.length < 4 || /(?:ss|us|is)$/.test(word)) return word;
  if (/ies$/.test(word)) return word.length > 5 ? `${word.slice(0, -3)}y` : word.slice(0, -1);
  if (/(?:o|ch|sh|x|s)es$/.test(word)) return word.slice(0, -2);
  if (/leaves$/.test(word)) return word.replace(/leaves$/, 'leaf');
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/**
 * A name with its last word in the singular: what two spellings of one food share, whichever of them the table has.
 *
 * @example oneOf('white radishes') // 'white radish'
 */
export function oneOf(name: string): string {
  const at = name.lastIndexOf(' ') + 1;
  return name.slice(0, at) + singular(name.slice(at));
}
