/** A name taken apart: what it says, its first clause, and whether it was cooked. */
import type { Doneness, FoodKind } from './kind';
import { COOKED_WORDS, NOT_ANIMALS, RAW_WORDS } from './name-words';
import type { Food, FoodClass, KeepingKind } from './types';

/** Lower case, without accents; curly quotes are straight. */
export function plainName(name: string): string {
  return (
    name
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .replace(/[‘’]/g, "'")
      .replace(/\s+/g, ' ')
      .trim()
      .toLowerCase()
      // “Bone in chicken thighs”
      .replace(/\b(bone|skin|shell|head|fat) (in|on)\b/g, '$1-$2')
  );
}

/** Where the description of a food ends and what is done or served with it begins. */
const CLAUSE = /\s*(?:[,;(]|\s(?:with|for|plus|or|from|into|at|cut|such as|like|to)\s).*$/;

/** A roast at the end of a name is a cut: “chuck roast”; before a name it says cooked: “roast beef”. */
const ROAST_CUT = /\b(?:pot )?roasts?(?=$|\s*[,;(])/g;

export interface Reading {
  /** The whole name, without words that only look like animals. */
  text: string;
  /** Its first clause: the thing itself. */
  head: string;
  doneness: Doneness;
  has: (pattern: RegExp) => boolean;
}

export function readName(name: string): Reading {
  let text = plainName(name);
  for (const [pattern, instead] of NOT_ANIMALS) text = text.replace(pattern, instead);
  const doneness: Doneness = COOKED_WORDS.test(text.replace(ROAST_CUT, ''))
    ? 'cooked'
    : RAW_WORDS.test(text)
      ? 'raw'
      : 'unsaid';
  return {
    text,
    head: text.replace(CLAUSE, '').trim() || text,
    doneness,
    has: (pattern) => pattern.test(text),
  };
}

/** What the words of plants that are called after an animal stand for. */
const PLANTS: ReadonlySet<string> = new Set([
  ...['mushroom', 'tomato', 'vegetable', 'apple', 'lettuce', 'peas', 'berries', 'chili'],
  ...['radish', 'beans', 'garlic', 'greens'],
]);

/** @example withoutLikeness('oyster mushrooms') // 'mushroom' */
export function withoutLikeness(name: string): string {
  let text = plainName(name);
  for (const [pattern, instead] of NOT_ANIMALS)
    if (PLANTS.has(instead)) text = text.replace(pattern, instead);
  return text;
}

/** A kind that words tell. */
export const make = (
  foodClass: FoodClass,
  keep: KeepingKind,
  like: string | null,
  doneness: Doneness,
): FoodKind => ({ class: foodClass, keep, like, doneness, by: 'name' });

/** The row of the table where it is of that group; else another. */
export const likeOf = (food: Food | null, group: Food['group'], otherwise: string): string =>
  food?.group === group ? food.id : otherwise;
