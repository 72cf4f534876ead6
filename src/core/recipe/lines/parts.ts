/** Parts of a dish that a list is divided in: “For the dressing”, “Topping: 30 g butter, …”. */
import { mentionedFood } from '../../food';

/** Headings that divide nothing off: the whole list, or what is put on the table. */
const WHOLE =
  /^(?:ingredients?|method|directions?|instructions?|preparation|you(?:'|’)?ll need|what you need|shopping|notes?|tips?|to (?:serve|garnish|finish|top|decorate)|for serving|serve|serving|garnish(?:es)?|optional|extras?|main|others?|pantry|dish|.*\b(?:pots?|cookers?|pans?|ovens?|bowls?))$/i;
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

/** “Toffee sauce: 200 ml cream, 50 g butter”: a part, though one can buy it. */
const IS_PART =
  /\b(?:sauce|glaze|dressing|topping|filling|custard|icing|frosting|syrup|crumble|base|crust|gravy|rub|marinade|salsa|relish|batter|dough|pastry|stuffing|gremolata|vinaigrette)$/i;

/** The part that a line of the list names before its foods: “Glaze: 3 tbsp marmalade”; '' where it names none. */
export function partOfLine(line: string): string {
  const [, head = ''] = /^((?:for the )?\p{L}[\p{L} ]{2,30}):\s+\S/iu.exec(line) ?? [];
  return head !== '' && (IS_PART.test(head) || mentionedFood(head) === null) ? partNamed(head) : '';
}

/** The noun that a part is spoken of by: “lemon dressing” is “the dressing”. */
const nounOf = (part: string): string => part.split(/\s+/).at(-1) ?? part;
const MAKES =
  'make|mix|whisk|blend|combine|stir|shake|beat|pound|blitz|process|prepare|assemble|put together';

/** How each part is spoken of, by its noun. */
const patterns = new Map<string, { makes: RegExp; names: RegExp }>();
const MOST_PATTERNS = 200;

function patternsOf(noun: string): { makes: RegExp; names: RegExp } {
  const known = patterns.get(noun);
  if (known) return known;
  const word = noun.replace(/[^\p{L}]/gu, '.');
  const found = {
    makes: new RegExp(
      String.raw`\b${word}\s+ingredients\b|\bingredients\s+(?:for|of)\s+(?:the\s+)?(?:\p{L}+\s+)?${word}\b|\b(?:${MAKES})(?:\s+(?:up|together))?\s+(?:the\s+|a\s+|your\s+)?(?:\p{L}+\s+)?${word}\b(?!\s+(?:in|into|with|through|over)\b)|\bfor the ${word}\b|(?:^|[.!]\s+)(?:the\s+)?(?:\p{L}+\s+)?${word}\s*:\s`,
      'iu',
    ),
    names: new RegExp(String.raw`\b${word}\b`, 'iu'),
  };
  if (patterns.size >= MOST_PATTERNS) patterns.clear();
  patterns.set(noun, found);
  return found;
}

/** Whether a text speaks of a part at all. */
export const namesPart = (text: string, part: string): boolean =>
  patternsOf(nounOf(part)).names.test(text);

/** Whether a text says that a part is made, all of it: “whisk the dressing ingredients”, “make the glaze”. */
export const makesPart = (text: string, part: string): boolean =>
  namesPart(text, part) && patternsOf(nounOf(part)).makes.test(text);
