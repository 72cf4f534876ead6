/** Lists told in the middle of the work, and things that are named in them a second time. */
import { parseLine } from '../line';
import type { RawRecipe } from '../types';
import type { Features } from './features';

/** “In the pressure cooker: the tongue, a carrot, …”: a list, and what is done with it. */
const FILLS_POT =
  /^(?:then )?(?:in|into) (?:the|your) (?:electric )?(?:pressure[- ]?cooker|multi-?cooker|cooker|(?:inner )?pot)\s*:/i;

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

/** “The tongue” of a list that has a tongue already is that one. */
export function isNamedBefore({ ingredients }: RawRecipe, line: string): boolean {
  const name = /^the ((?:\p{L}+ )?\p{L}+)$/iu.exec(line)?.[1];
  if (name === undefined) return false;
  const thing = new RegExp(String.raw`\b${name}\b`, 'iu');
  return ingredients.some((told) => thing.test(parseLine(told).food));
}
