/** Lists told in the middle of the work, and things that are named in them a second time. */
import { mentionedFood } from '../../food';
import { findAmounts } from '../../units';
import { parseLine } from '../line';
import { toSentences } from '../sentences';
import type { RawRecipe } from '../types';
import type { Features } from './features';
import { splitSpokenList } from './list';

/** “In the pressure cooker: the tongue, a carrot, …”: a list, and what is done with it. */
const FILLS_POT =
  /^(?:then )?(?:in|into) (?:the|your) (?:electric )?(?:pressure[- ]?cooker|multi-?cooker|cooker|(?:inner )?pot)\s*:/i;

/** “Cut in wedges. Dressing = 3 tbsp oil, 1 tbsp vinegar”: made there, and not cooked with the rest. */
const MADE_APART =
  /^(?:the |for the )?(?:dressing|vinaigrette|salsa|dip|relish|drizzle|gremolata|slaw|topping|glaze)\s*[=:]\s/i;

/** A dressing and the like told among the work: what of it is not listed yet. */
export function madeAmongSteps(
  { ingredients, instructions }: RawRecipe,
  { line }: Features,
): string[] | null {
  if (!MADE_APART.test(line.text) || instructions.length === 0) return null;
  const idOf = (told: string): string | undefined => mentionedFood(parseLine(told).food)?.id;
  const listed = new Set(ingredients.map(idOf));
  const [told = ''] = toSentences([line.text]);
  return splitSpokenList(told).filter((one) => !listed.has(idOf(one)));
}

/** “Let it bubble. 1 cup broth, thyme, 2 bay. Ribs back in”: told in the middle of the work, it goes in there. */
export const isAmongSteps = (
  { instructions }: RawRecipe,
  { line, stop, listLead }: Features,
): boolean =>
  FILLS_POT.test(line.text) ||
  (line.isSentence &&
    stop &&
    !listLead &&
    !/:|\bfor the\b/i.test(line.text) &&
    instructions.length > 0);

const SHARE_OF =
  /^(?:half|(?:a |one |two )?thirds?|(?:a |three )?quarters?|most|some|(?:the )?rest) (?:of )?the (.+)$/i;

/** “The tongue” of a list that has a tongue already is that one. */
export function isNamedBefore({ ingredients, instructions }: RawRecipe, line: string): boolean {
  // “Half of the ginger inside” is some of what is listed.
  const share = SHARE_OF.exec(line)?.[1];
  if (share !== undefined)
    return ingredients.some((told) => {
      const head = parseLine(told).food.split(' ').at(-1)?.replace(/s$/i, '') ?? '';
      return head.length > 2 && share.toLowerCase().includes(head.toLowerCase());
    });
  const name = /^the ((?:\p{L}+ )?\p{L}+)$/iu.exec(line)?.[1];
  if (name === undefined) return false;
  const thing = new RegExp(String.raw`\b${name}\b`, 'iu');
  return (
    ingredients.some((told) => thing.test(parseLine(told).food)) ||
    instructions.some((told) => isMeasured(told, name))
  );
}

/** “Then rice, nine cups of water, ginger, …”, in the work: what is listed, with the same amount or none. */
export function isToldAgain({ ingredients, instructions }: RawRecipe, line: string): boolean {
  if (instructions.length === 0) return false;
  const { amount, unit, food } = parseLine(line);
  const head = food.split(' ').at(-1)?.toLowerCase().replace(/s$/, '') ?? '';
  if (head.length < 3) return false;
  const named = new RegExp(String.raw`\b${head}(?:e?s)?\b`, 'iu');
  return ingredients.some(
    (told) =>
      named.test(parseLine(told).food) &&
      (amount === null || findAmounts(told).some((a) => a.amount === amount && a.unit === unit)),
  );
}

/** “You want about 2 kilos of oxtail”: told with its amount before the list. */
function isMeasured(told: string, name: string): boolean {
  const amount = findAmounts(told).find((a) => a.unit !== null && a.unit !== 'piece');
  return (
    amount !== undefined &&
    new RegExp(String.raw`^\s*(?:of )?${name}\b`, 'iu').test(told.slice(amount.end))
  );
}
