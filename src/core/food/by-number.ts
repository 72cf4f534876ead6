/** A food's name by how many there are: 1 onion, 2 onions, 3 bay leaves. */

const IRREGULAR: readonly (readonly [RegExp, string])[] = [
  [/(?<=\b(?:l|o|cal|hal|loa|shea))f$/i, 'ves'],
  [/(?<=\b(?:kni|wi))fe$/i, 'ves'],
  [/(?<=\b(?:potat|tomat|mang))o$/i, 'oes'],
  [/(?<=[^aeiou])y$/i, 'ies'],
  [/(?<=(?:s|x|z|ch|sh))$/i, 'es'],
];
const LEAF = /\bleaf$/i;
/** Not counted by adding an s, however many there are. */
const SAME =
  /(?:s|fish|salmon|trout|cod|squid|garlic|celery|rice|bread|meat|beef|pork|lamb|chicken|ginger|spinach|broccoli|fennel|kale|chard|corn|veal|venison|bacon|ham|tofu|butter|pastry|dough|water|stock|coriander|parsley|mint|dill|thyme|rosemary|basil)$/i;
/** Plural in form only. */
const ALWAYS =
  /\b(?:asparagus|couscous|molasses|hummus|swiss|brussels|watercress|peas|lentils|oats|greens|noodles|grits|capers)$/i;

/**
 * The name with its noun by number; a name that is not surely counted stays as it is.
 *
 * @param amount of pieces
 * @param shown how the amount is written beside it: 1.2 lemons are “1”
 * @example foodByNumber('bay leaf', 3) // 'bay leaves'
 * @example foodByNumber('lemons', 1) // 'lemon'
 */
export function foodByNumber(food: string, amount: number, shown = ''): string {
  // What follows “of”, “with”, a comma or a bracket tells more of it.
  const [head = food] = food.split(/(?=\s(?:of|with|in|from|on)\s|[,(])/);
  const rest = food.slice(head.length);
  const noun = head.trimEnd();
  const space = head.slice(noun.length);
  if (amount > 1 && shown !== '1') {
    if (LEAF.test(noun)) return `${noun.replace(LEAF, 'leaves')}${space}${rest}`;
    if (SAME.test(noun) || !/\p{L}$/u.test(noun)) return food;
    const rule = IRREGULAR.find(([says]) => says.test(noun));
    return `${rule ? noun.replace(rule[0], rule[1]) : `${noun}s`}${space}${rest}`;
  }
  if (ALWAYS.test(noun) || !/s$/i.test(noun) || /(?:ss|us|is)$/i.test(noun)) return food;
  const one = noun
    .replace(/leaves$/i, 'leaf')
    .replace(/(?<=[^aeiou])ies$/i, 'y')
    .replace(/(?<=(?:potat|tomat|mang)o)es$/i, '')
    .replace(/(?<=(?:x|z|ch|sh))es$/i, '');
  return `${one === noun ? noun.slice(0, -1) : one}${space}${rest}`;
}
