/** A dish taken as a whole: what it is about, and what it is made of. */
import type { Composition } from '../food';
import type { ScaledDish, ScaledIngredient } from './scaled';

/** Neither of these is what a dish is about. */
const NEVER_MAIN = new Set(['liquid', 'fat', 'seasoning', 'baking']);

/** The ingredient a dish is about: the heaviest of its main ones, or else of its solid foods. */
export function mainIngredient(scaled: ScaledDish): ScaledIngredient | null {
  const weighed = scaled.ingredients
    .filter((i) => i.food && (i.grams ?? 0) > 0)
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0));
  return (
    weighed.find((i) => i.ingredient.role === 'main') ??
    weighed.find((i) => i.food && !NEVER_MAIN.has(i.food.group)) ??
    null
  );
}

/**
 * Water, protein, fat and so on of everything that is in the pot at the end, water under a rack aside.
 *
 * @returns shares in per cent of the weight; null where no weight is known
 */
export function compositionOf(scaled: ScaledDish): Composition | null {
  const sum: Composition = { water: 0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
  const parts = Object.keys(sum) as (keyof Composition)[];
  let grams = 0;
  for (const { ingredient, food, grams: own } of scaled.ingredients) {
    if (!food || !own || ingredient.scaling === 'with-pot') continue;
    grams += own;
    for (const part of parts) sum[part] += food.composition[part] * own;
  }
  if (grams === 0) return null;
  for (const part of parts) sum[part] /= grams;
  return sum;
}
