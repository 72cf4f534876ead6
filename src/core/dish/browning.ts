/** Browning in batches: what lies on the bottom at once browns at once. */
import { NUMBER, toNumber } from '../units';
import type { ScaledDish, ScaledIngredient } from './scaled';
import type { Ingredient, Stage } from './document';
import { partAt } from './parts';

/** Pieces need room between them, or they stew: so much of the bottom is covered (common practice). */
const COVERED = 0.75;
/** Vegetables may lie so deep and are stirred; meat lies in one layer. */
const STIRRED_MM = 30;
const SOLID_G_PER_ML = 1.05;
/** The liner that a dish's own minutes are for: 6 qt (common practice). */
export const USUAL_DIAMETER_MM = 220;

/** cm² of bottom that an ingredient takes. */
function area({ grams, food, ingredient }: ScaledIngredient): number {
  if (!grams || food?.form !== 'solid') return 0;
  const isMeat = ['meat', 'poultry', 'fish'].includes(food.group);
  const deepMm = isMeat ? (ingredient.pieceMm ?? food.pieceMm) : STIRRED_MM;
  return grams / SOLID_G_PER_ML / (Math.max(5, deepMm) / 10);
}

/** A text that speaks of several lots. */
const AT_A_TIME = new RegExp(String.raw`\b(${NUMBER})(?: \p{L}+)? at a time\b`, 'iu');
const IN_BATCHES = /\b(?:batch(?:es)?|lots?|goes|rounds?|loads?|at a time|in turn)\b/i;

/** “In 3 batches”, “two at a time”: told, and read by the cook. */
const TOLD_BATCHES = new RegExp(
  String.raw`\b(?:${NUMBER}) (?:small |large )?(?:batch(?:es)?|lots|goes|rounds|loads)\b|\b(?:${NUMBER})(?: \p{L}+)? at a time\b`,
  'iu',
);

/** How many pieces there are: “4 legs”, and “4 legs of 250 g each”, whose amount is their weight; null: nobody says. */
export function pieceCount({ amount, unit, preparation }: Ingredient): number | null {
  if (unit === null || unit === 'piece') return amount;
  const told = /^(\d+) in all\b/.exec(preparation ?? '')?.[1];
  return told === undefined ? null : Number(told);
}

/** “Two at a time”: how many lie there together; null where the text doesn’t say. */
export function piecesAtATime(text: string): number | null {
  const pieces = toNumber(AT_A_TIME.exec(text)?.[1] ?? '');
  return pieces > 0 ? pieces : null;
}

/** Batches that the text itself counts: so many pieces, so many at a time; null where it counts none. */
function countedBatches({ ingredients, factor }: ScaledDish, stage: Stage): number | null {
  const each = piecesAtATime(stage.sentence ?? stage.text);
  const counts = ingredients
    .filter((i) => i.ingredient.role === 'main' && stage.uses.includes(i.ingredient.id))
    .flatMap((i) => pieceCount(i.ingredient) ?? []);
  const [count] = counts;
  return each === null || count === undefined ? null : Math.ceil((count * factor) / each - 1e-9);
}

/** Rounds of browning that the meat of a stage needs on a bottom of that width, at least 1. */
export function browningBatches(scaled: ScaledDish, stage: Stage, diameterMm: number): number {
  const wanted = scaled.ingredients
    .filter((i) => stage.uses.includes(i.ingredient.id))
    .reduce((sum, i) => sum + area(i) * partAt(scaled.dish, stage, i.ingredient.id), 0);
  const bottom = (Math.PI / 4) * (diameterMm / 10) ** 2 * COVERED;
  return Math.max(1, Math.ceil(wanted / bottom - 1e-9));
}

/**
 * Minutes of browning in a liner, from those the dish names for its own servings in a usual one.
 *
 * @param written the dish at its own servings
 */
export function browningMinutes(
  written: ScaledDish,
  scaled: ScaledDish,
  stage: Extract<Stage, { kind: 'brown' }>,
  diameterMm: number,
): { minutes: number; batches: number } {
  const usual = browningBatches(written, stage, USUAL_DIAMETER_MM);
  const batches = browningBatches(scaled, stage, diameterMm);
  const text = stage.sentence ?? stage.text;
  const told = [countedBatches(written, stage), countedBatches(scaled, stage)] as const;
  if (told[0] !== null && told[1] !== null)
    return {
      minutes: Math.max(1, Math.round((stage.minutes * told[1]) / told[0])),
      batches: told[1],
    };
  // Minutes of one frying are not halved by a wider pot; those of batches are, unless the text counts them.
  const isTold = TOLD_BATCHES.test(text) && scaled.servings >= written.servings;
  const share = IN_BATCHES.test(text) && !isTold ? batches / usual : Math.max(1, batches / usual);
  return { minutes: Math.max(1, Math.round(stage.minutes * share)), batches };
}
