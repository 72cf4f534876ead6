/** Foods that the table does not know, taken as the group that their name speaks of. */
import type { Composition } from './types';

interface Estimate {
  /** In words, for the reason. */
  as: string;
  composition: Composition;
}

const make = (
  as: string,
  [water, protein, fat, carbohydrate, fibre, ash]: readonly [
    number,
    number,
    number,
    number,
    number,
    number,
  ],
): Estimate => ({ as, composition: { water, protein, fat, carbohydrate, fibre, ash } });

/** Means of the table's groups, rounded. */
const BY_WORD: readonly (readonly [RegExp, Estimate])[] = [
  [/\b(?:fish|fillet|roe|eel|crab|lobster)\b/i, make('a fish', [75, 19, 5, 0, 0, 1])],
  [
    /\b(?:steak|meat|chop|joint|ribs?|hock|tongue|tripe|boar|bison|quail|pheasant|bird)\b/i,
    make('a meat', [69, 19, 11, 0, 0, 1]),
  ],
  [
    /\b(?:bean|beans|lentil|lentils|pea|peas|dal|pulse)\b/i,
    make('a dry pulse', [10, 23, 2, 46, 16, 3]),
  ],
  [
    /\b(?:rice|grain|groats|noodles?|pasta|flour|flakes|meal)\b/i,
    make('a dry grain', [11, 11, 2, 69, 6, 1]),
  ],
  [/\b(?:nut|nuts|seeds?)\b/i, make('a nut', [5, 19, 52, 12, 9, 3])],
  [/\b(?:soup|sauce|drink|liquid|syrup)\b/i, make('a thin sauce', [90, 2, 2, 5, 0.5, 0.5])],
];
const VEGETABLE = make('a watery vegetable', [85, 2, 1, 9, 2, 1]);

/** The nearest group by the words of a name; a watery vegetable where it says nothing. */
export function estimateFood(name: string): Estimate {
  return BY_WORD.find(([pattern]) => pattern.test(name))?.[1] ?? VEGETABLE;
}
