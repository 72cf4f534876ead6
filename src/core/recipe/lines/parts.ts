/** Parts of a dish that a list is divided in: “For the dressing”, “Topping: 30 g butter, …”. */
import { mentionedFood } from '../../food';

/** Headings that divide nothing off: the whole list, or what is put on the table. */
const WHOLE =
  /^(?:ingredients?|method|directions?|instructions?|preparation|you(?:'|’)?ll need|what you need|shopping|notes?|tips?|to serve|for serving|serve|serving|garnish(?:es)?|optional|extras?|main|others?|pantry|dish)$/i;
const LEAD = /^(?:\d+[.)]\s*)?(?:(?:for|to make)\s+)?(?:the\s+|an?\s+)?/i;

/** @returns the part that a heading names, in lower case; '' where it divides nothing off */
export function partNamed(heading: string): string {
  const name = heading
    .replace(/\([^()]*\)/g, ' ')
    .replace(/[:.*#]+\s*$/, '')
    .trim()
    .replace(LEAD, '')
    .replace(/\s+ingredients$/i, '')
    .trim()
    .toLowerCase();
  return /^\p{L}[\p{L} '’-]{2,40}$/u.test(name) && !WHOLE.test(name) ? name : '';
}

/** The part that a line of the list names before its foods: “Glaze: 3 tbsp marmalade”; '' where it names none. */
export function partOfLine(line: string): string {
  const [, head = ''] = /^((?:for the )?\p{L}[\p{L} ]{2,30}):\s+\S/iu.exec(line) ?? [];
  return head !== '' && mentionedFood(head) === null ? partNamed(head) : '';
}

/** The noun that a part is spoken of by: “lemon dressing” is “the dressing”. */
const nounOf = (part: string): string => part.split(/\s+/).at(-1) ?? part;
const MAKES =
  'make|mix|whisk|blend|combine|stir|shake|beat|pound|blitz|process|prepare|assemble|put together';

/** Whether a text says that a part is made, all of it: “whisk the dressing ingredients”, “make the glaze”. */
export const makesPart = (text: string, part: string): boolean => {
  const noun = nounOf(part).replace(/[^\p{L}]/gu, '.');
  return new RegExp(
    String.raw`\b${noun}\s+ingredients\b|\bingredients\s+(?:for|of)\s+(?:the\s+)?(?:\p{L}+\s+)?${noun}\b|\b(?:${MAKES})(?:\s+(?:up|together))?\s+(?:the\s+|a\s+|your\s+)?(?:\p{L}+\s+)?${noun}\b(?!\s+(?:in|into|with|through|over)\b)|\bfor the ${noun}\b`,
    'iu',
  ).test(text);
};

/** Whether a text speaks of a part at all. */
export const namesPart = (text: string, part: string): boolean =>
  new RegExp(String.raw`\b${nounOf(part).replace(/[^\p{L}]/gu, '.')}\b`, 'iu').test(text);
