/**
 * Pints of a British text: a fifth more than American ones, which is a fifth more liquid in the pot.
 *
 * @source Weights and Measures Act 1985 (United Kingdom), schedule 1: a pint is 0.56826125 dm³
 */
import { UNITS } from '../units';
import type { ReadIngredient } from './ingredients';

const BRITISH_PINT_ML = 568.26;

/** Words of a British kitchen. */
const BRITISH =
  /\b(?:imperial|British|self[- ]raising|caster sugar|icing sugar|plain flour|(?:double|single|clotted) cream|greaseproof|golden syrup|treacle|pudding basin|gas(?: mark)? \d|courgettes?|aubergines?|swedes?|rashers?|tins?|tinned|cornflour|hob|stock cubes?|beetroot)\b/i;
/** Words of an American one. */
const AMERICAN =
  /\b(?:US pints?|cups?|heavy cream|half[- ]and[- ]half|all[- ]purpose|cilantro|scallions?|sticks? (?:of )?butter|quarts?|qts?|stove ?top|broil\w*|zucchini|eggplant|kosher salt)\b|\d ?°? ?F\b/i;

/** Whether the pints of a text are British: it has the words of such a kitchen, and none of an American one. */
const hasBritishPints = (text: string): boolean => BRITISH.test(text) && !AMERICAN.test(text);

/** “2 pints”, said so that both are seen. */
const WRITTEN = /\bBritish pints?\b/;

/** Whether the millilitres of an ingredient are those of British pints. */
export const isOfBritishPints = (preparation: string): boolean => WRITTEN.test(preparation);

/**
 * Ingredients with British pints in millilitres; what was written stays beside them.
 *
 * @param text all of the recipe
 */
export function withBritishPints(
  ingredients: readonly ReadIngredient[],
  text: string,
): ReadIngredient[] {
  if (!hasBritishPints(text)) return [...ingredients];
  return ingredients.map((read) => {
    const { amount, unit, preparation } = read.ingredient;
    if (unit !== 'pint' || amount === null) return read;
    const told = `${amount} British ${UNITS.pint[amount > 1 ? 'many' : 'one']}`;
    return {
      ...read,
      ingredient: {
        ...read.ingredient,
        amount: inMillilitres(amount),
        unit: 'ml',
        preparation: [told, preparation].filter(Boolean).join(', '),
      },
    };
  });
}

/** ml of so many British pints, to 5 ml. */
export const inMillilitres = (pints: number): number =>
  Math.round((pints * BRITISH_PINT_ML) / 5) * 5;
