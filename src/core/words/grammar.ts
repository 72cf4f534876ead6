/** Small English: lists, numbers with their noun, sentences. */

/** Each named once. @example list(['egg', 'milk', 'egg']) // 'egg, milk' */
export function list(names: readonly string[]): string {
  return [...new Set(names)].join(', ');
}

/** @example count(1, 'portion') // '1 portion' */
export function count(n: number, noun: string): string {
  return `${inProse(n)} ${n === 1 ? noun : `${noun}s`}`;
}

/** A number as it is read, without digits that nobody means. @example inProse(2.5) // '2.5' */
export function inProse(n: number): string {
  return String(Math.round(n * 100) / 100);
}

/** With a capital and a full stop. @example sentence('add water') // 'Add water.' */
export function sentence(text: string): string {
  const whole = text.charAt(0).toUpperCase() + text.slice(1);
  return /[.!?]$/.test(whole) ? whole : `${whole}.`;
}

/** @example inWords(['a', 'b', 'c']) // 'a, b and c' */
export function inWords(names: readonly string[]): string {
  const last = names.at(-1) ?? '';
  return names.length < 2 ? last : `${names.slice(0, -1).join(', ')} and ${last}`;
}
