/** A list told in a sentence: “you need two onions, a tin of beans (drained), 3 tbsp oil and salt”. */
import { mentionedFood } from '../../food';
import { findAmounts, HUNDREDS, NUMBER, parseAmount, toNumber } from '../../units';
import { findDurations } from '../durations';
import { AND } from '../sentences';

const BREAK = new RegExp(
  String.raw`\s*(?:[,;]|\bwith\b(?=\s+an?\s+(?:\w+\s+)?(?:lit(?:re|er)|pint|quart|mug|glass|tin|can|clove|teaspoon|tablespoon|pinch|knob|splash|handful|sprig|cup|spoon)\b)|\s[+&]\s|\bplus\b|${AND})\s*(?![^()]*\))`,
  'i',
);
/** “Two bunches of salsify”: counted, whatever it is. */
const MEASURE =
  /^\s*(?:\w+ )?(?:bunch|handful|fistful|sprig|head|stalk|stick|ladle|knob|nub|thumb|fillet|leg|breast|glug|shake)\w*\b/i;
const TALK = /\b(?:the|it|is|you|we|i|for|with|in|of|goes|need|add|take|put|use|about)\b/i;
const FILLER = /^(?:um|uh|okay|ok|right|so|then|also|oh|well|like|yeah|alright)\b[,\s]*/i;
/** “When they pop an onion”, “ghee in a small pan”: when and where, told in the work as well. */
const ONCE_IT =
  /^(?:when|once|as soon as|after)\s+(?:it|they|that|those|the\s+\p{L}+)\s+(?:(?:is|are|has|have|start|starts|begin|begins)\s+)?\p{L}+\s+(?=(?:an?|one|two|three|\d)\b)/iu;
const IN_PAN =
  /\s+in(?:to)? (?:a|the|another) (?:(?:small|little|hot|large|dry|separate) )?(?:pan|pot|skillet|wok|kadh?ai|karahi|cooker)$/i;
/** “Cut that into chunks”, “drain them”: what is done with the one just named. */
const TOLD_OF_IT =
  /\b(?:it|them|that|those|this|cut|chop|drain|dice|slice|(?<!\b(?:lemon|orange|lime|citrus) )peel|rinse|halve|i)\b/i;
/** “Soak it overnight, change the water in the morning.” */
const DONE_TO_IT =
  /^(?:change|discard|save|keep|tie|trim|skim|strain|prick|score|top up|leave|let) (?:the|its|their|any)\b/i;
/** “Block of firm tofu, 8 oz noodles”: the first thing of a list has no number either. */
const PACKED =
  /^(?:an?\s+|one\s+)?(?:block|bunch|tin|can|knob|head|bag|pack(?:et)?|handful|slab|tub|jar|piece|bottle|carton|box|thumb|stick)s?\s+(?:of\s+)?\p{L}/iu;
/** “Two rabbits, about 1.2 kg each, into six pieces”. */
const INTO_PIECES =
  /^in(?:to)? (?:\S+ )?(?:large |small |big |even |equal )?(?:pieces|joints|chunks|portions|slices|strips|cubes|wedges|halves|quarters|rounds)\b/i;
/** “1.1 kg in all”: what the last thing weighs. */
const IN_ALL =
  /^[\d.,½¼¾]+\s?\p{L}+\.? (?:total|in all|all in|in total|altogether|all told|each|drained|net)\b/iu;
/** “The four hundred gram ones”: which of them. */
const SIZE_OF_ONES = /^(?:the|those)\b[^,]{0,30}\b(?:ones?|size|kind|sort|type)$/i;
/** “You will need about two and a quarter kilograms in all”. */
const NEED_IN_ALL =
  /^(?:(?:you|we)(?:(?:'|’)ll| will)? (?:need|want) )?(?:about |around |roughly )?/i;
function inAll(item: string): string {
  const { amount, unit, rest } = parseAmount(item.replace(NEED_IN_ALL, ''));
  const isWhole =
    amount !== null &&
    unit !== null &&
    /^(?:in all|all in|in total|altogether|all told|total)\b/i.test(rest);
  return isWhole ? `${amount} ${unit} in all` : item;
}
/** “1 octopus, about 1 kg”: what it weighs. */
const ONLY_AMOUNT =
  /^(?:(?:about|around|roughly|approx\.?|ca\.?|~)\s*)?(?:[\d.,½¼¾/]+|(?:half )?an?|one|two|three)\s?(?:kg|g|lbs?|oz|kilos?|pounds?|grams?|ounces?)\.?(?: each| apiece| or so)?$/i;
const MOST_WORDS = 6;

const DEPTH =
  /\bwater to cover (?:them |it )?(?:by|with) (?:about )?(?:an?|one|two|three|\d+) ?(?:cm|inch(?:es)?|fingers?|knuckles?),\s*/i;

/** “Tonight it’s a squash curry for four of us, you want one squash, …”: what it will be, and then the list. */
const SAYS_WHAT = /\b(?:making|doing|cooking|having|it(?:'|’)s|this is)\b.*,/i;
const YOU_NEED =
  /\b(?:you|we)(?:(?:'|’)ll| will)? (?:(?:only|just|also) )?(?:want|need|take)\b[:,]?\s+(?!to\b)/i;

/** Where the list begins: behind “you need”, at the first thing with an amount. */
function listStart(sentence: string): number {
  const need = YOU_NEED.exec(sentence);
  const told = sentence.slice(0, need?.index ?? 0);
  if (need && SAYS_WHAT.test(told) && findAmounts(told).every((a) => a.unit === null)) {
    const from = need.index + need[0].length;
    const rest = sentence.slice(from);
    if (findAmounts(rest).length > 0) return from + listStart(rest);
  }
  // What stands in brackets tells of the thing before them.
  const outside = sentence.replace(/\([^()]*\)/g, (inner) => ' '.repeat(inner.length));
  // “Water to cover by two fingers, sage, …”: how deep it stands, and then the list.
  const depth = DEPTH.exec(outside);
  if (depth) return depth.index + depth[0].length;
  const [first] = findAmounts(outside).filter(
    (a) =>
      // “The 700 ml”: what was told before.
      !/\bthe\s+$/i.test(outside.slice(0, a.start)) &&
      // “For the two of us I do 400 g …” counts people.
      !/^\s*(?:(?:of )?(?:us|you|them)|people)\b/i.test(outside.slice(a.end)) &&
      (a.start === 0 ||
        a.unit !== null ||
        MEASURE.test(sentence.slice(a.end)) ||
        mentionedFood(sentence.slice(a.end, a.end + 40)) !== null),
  );
  if (!first) return 0;
  if (PACKED.test(sentence)) return 0;
  // “For the turkey: thighs (about 3 lb), salt, 1 tbsp oil”: all that stands behind the colon.
  const colon = /^[^:,.]{3,40}:\s+/.exec(sentence)?.[0].length ?? 0;
  const lead = sentence.slice(colon, first.start);
  if (colon > 0 && lead.includes(',') && mentionedFood(lead) !== null) return colon;
  // “Rajma one cup, cream half a cup”: the food stands in front of its amount.
  const from =
    Math.max(-1, ...[',', ':', ';', '.'].map((c) => sentence.lastIndexOf(c, first.start))) + 1;
  // “Mixed vegetables – drumstick 1, pumpkin 1 cup”: what they are together, and then each.
  const dash = /^[^\d,:;.]{3,30}\s[-–—]\s+(?=\p{L})/u.exec(sentence)?.[0].length ?? 0;
  if (
    dash > from &&
    dash < first.start &&
    mentionedFood(sentence.slice(dash, first.start)) !== null
  )
    return dash;
  const before = sentence.slice(from, first.start).trim();
  // “Tadka - 2 tbsp ghee”: what it is for, and then the first thing of it.
  const isHeading =
    /\s[-–—]$/.test(before) && mentionedFood(sentence.slice(first.end, first.end + 40)) !== null;
  const isFood =
    !isHeading &&
    before !== '' &&
    before.split(/\s+/).length <= 3 &&
    (mentionedFood(before) !== null || sentence[from - 1] === ':');
  const part = PART_BEFORE.exec(sentence.slice(0, first.start))?.[1] ?? '';
  return isFood && !TALK.test(before) ? from : first.start - part.length;
}

/** “A cup of barley four carrots”: nobody speaks commas. A size told in brackets is no second thing. */
export function unspoken(item: string): string[] {
  if (/[()]/.test(item)) return [item];
  const [, ...later] = findAmounts(item).filter(
    (a) => a.unit !== null || mentionedFood(item.slice(a.end, a.end + 30)) !== null,
  );
  const next = later.find(
    (a) =>
      mentionedFood(item.slice(0, a.start)) !== null &&
      mentionedFood(item.slice(a.end)) !== null &&
      /\p{L}\s+$/u.test(item.slice(0, a.start)) &&
      !/\b(?:of|about|in|into|to|or|and|for|with|by|at|than)\s+$/i.test(item.slice(0, a.start)),
  );
  return next ? [item.slice(0, next.start).trim(), ...unspoken(item.slice(next.start))] : [item];
}

/** “Cover by 3 cm with water (about 1.8 l)”: so much water. */
const COVERED_BY =
  /\bwith ((?:cold |hot |boiling |fresh )?water)\s*\((?:about |around |ca\.? |~)?([\d.,½¼¾]+\s?\p{L}+)\)/iu;

function waterOf(item: string): string {
  const [, water, amount] = COVERED_BY.exec(item) ?? [];
  return water !== undefined && amount !== undefined ? `${amount} ${water}` : item;
}

const EACH =
  /^(\S*[\d½¼¾⅓⅔]\S*\s+\p{L}+\.?|(?:an? |one )?(?:small |large |big |good )?(?:bunch|handful|pinch|sprig))\s+(?:each:?\s+|of each:?\s+)(?:of\s+)?(?=\p{L})/iu;

/** “1 tsp each salt + pepper + mustard”: a line for each; what is no such thing is one line. */
export function spellEach(item: string): string[] {
  const each = EACH.exec(item);
  const foods = each ? item.slice(each[0].length).split(/\s*(?:[+&,]|\band\b)\s*/) : [];
  // What nobody knows may be among them: “allspice, grains of paradise and salt”.
  const isPlain = (food: string): boolean => /^\p{L}+(?: \p{L}+){0,2}$/u.test(food);
  const known = foods.filter((food) => mentionedFood(food) !== null);
  const areFoods =
    known.length === foods.length || (known.length * 2 > foods.length && foods.every(isPlain));
  return each && foods.length > 1 && areFoods
    ? foods.map((food) => `${each[1] ?? ''} ${food}`)
    : [item];
}

/** “…, 6 tbsp water, mix to a soft dough, roll into 8”: from there on it is work. */
const WORK =
  /,\s*(?:then |and )*(?=(?:mix|knead|roll|whisk|stir|beat|shape|rub|blend|combine|fold|bring|form)\b[^\d,]*\b(?:to|into|until|together|well|up)\b)/i;

/** “In the pot put a spoon of ghee, 1 tsp cumin, when they pop an onion”: a list, and what is done with it, in one. */
const TOLD_AS_WORK =
  /^(?:while|meanwhile|during)\b[^:]*:|^(?:grind|blend|pur[eé]e|blitz|pound|crush|dry[- ]roast|toast)\b|\b(?:in|into) (?:the|a) (?:(?:small|little|hot|large|dry|buttered|oiled|greased) )?(?:pot|pan|cooker|skillet|wok|kadh?ai|karahi)\b[^,]*,|\b(?:when|once) (?:it|they|that|those)\b[^,]*\b(?:pops?|crackles?|sizzles?|splutters?|melts?|smokes?|hot|foams?|shimmers?)\b/i;

/** @returns the sentence as far as it is a list, and what is done with it; '' where nothing is */
export function listAndWork(sentence: string): [list: string, work: string] {
  if (TOLD_AS_WORK.test(sentence)) return [sentence, sentence];
  const at = WORK.exec(sentence);
  if (!at || findAmounts(sentence.slice(0, at.index)).length < 2) return [sentence, ''];
  const work = sentence.slice(at.index + at[0].length);
  const isWork = findAmounts(work).every((a) => a.unit === null);
  return isWork ? [sentence.slice(0, at.index), work] : [sentence, ''];
}

const SOAKED_LIST = /^(?:to )?soak(?:ed)?(?:\s+((?:for )?\d[^:\d]{0,10}|overnight))?\s*:\s+/i;
const SOAK_END = /\s*(?:,|\s[–—-])\s*((?:for )?\d+(?:\s?[–-]\s?\d+)? ?h(?:ou)?rs?|overnight)\.?$/i;
const ALL_DONE = /(?:,|\s[–—-])\s+(?:all|both)\s+((?:\p{L}+ly\s+)?\p{L}+(?:ed|t))\.?$/iu;
/** “Zest of 1 lemon”: what is taken of the first thing stands before its amount. */
const PART_BEFORE =
  /(?:^|[:,;]\s*)((?:(?:finely )?grated )?(?:zest|juice|rind)(?: and (?:zest|juice))? (?:of|from) )$/i;

/** “Zest + juice 1 lemon”: two parts of one thing. */
const PARTS_OF_ONE =
  /\b(zest|juice|rind)\s*(?:\+|&|and)\s*(zest|juice|rind)\s+(?:of\s+)?(?=(?:\d|½|an?\b|one\b|half\b)\S*\s+\p{L})/giu;
/** Where they are held together while the list is split. */
const JOINT = '\u0001';

const WEIGHED = /\b(g|grams?|kg|ml|mils?|oz|ounces?)\b(?: of)? \p{L}/iu;
const SO_MANY_OF = new RegExp(String.raw`^(?:${HUNDREDS}|${NUMBER})(?= of \p{L})`, 'iu');
/** “Fifty of parmesan”, behind fifty grams of something: grams as well. */
export const withUnit = (item: string, unit: string): string =>
  unit === '' || parseAmount(item).unit !== null
    ? item
    : item.replace(SO_MANY_OF, (count) => (toNumber(count) >= 5 ? `${count} ${unit}` : count));

/** @returns an ingredient line for each thing of the list; what is told of one stays with it */
export function splitSpokenList(told: string): string[] {
  const sentence = told
    .replace(PARTS_OF_ONE, `$1${JOINT}$2 of `)
    .replace(/(?<=\p{L})\s+s ?[+&] ?p(?!\p{L})/giu, ', salt, pepper');
  // “Soak: 1 cup wheat + 1/4 cup each of two dals – overnight”: each of them is.
  const soaked = SOAKED_LIST.exec(sentence);
  if (soaked) {
    const list = sentence.slice(soaked[0].length);
    const time = soaked[1] ?? SOAK_END.exec(list)?.[1] ?? '';
    const each = splitSpokenList(list.replace(SOAK_END, ''));
    return each.map((line) => `${line}, soaked ${time}`.trim());
  }
  // “1 onion, 1 carrot, 1 stick celery, all finely chopped”: each of them is.
  const done = ALL_DONE.exec(sentence);
  if (done) {
    const each = splitSpokenList(sentence.slice(0, done.index));
    return each.map((line) => `${line}, ${done[1] ?? ''}`);
  }
  const lines: string[] = [];
  /** The unit named last: “fifty grams of butter and fifty of parmesan”. */
  let unit = '';
  for (const piece of sentence
    .slice(listStart(sentence))
    .replace(/[.!]+$/, '')
    .replace(/,\s*(?:what|like|say|um|uh),\s*/gi, ' ')
    .split(/;\s*(?![^()]*\))/)
    .flatMap((part) =>
      part.split(/(?:,|\s[+&]|\sand)\s*(?=\S*[\d½¼¾⅓⅔]\S*\s+\p{L}+\.?\s+each\b)/iu),
    )
    .flatMap(spellEach)
    .flatMap((part) => part.split(BREAK))
    .flatMap(unspoken)
    .map((part) => part.replace(JOINT, ' and '))) {
    const said = inAll(
      waterOf(piece.trim().replace(FILLER, '').replace(ONCE_IT, '').replace(IN_PAN, '')),
    );
    const item = withUnit(said, unit);
    if (item === '') continue;
    unit = WEIGHED.exec(item)?.[1] ?? unit;
    const [amount] = findAmounts(item.replace(/\([^()]*\)/g, (inner) => ' '.repeat(inner.length)));
    const isNamed =
      amount !== undefined &&
      (amount.unit !== null || parseAmount(item.slice(amount.start)).rest !== '');
    const isPlain =
      (item.split(/\s+/).length <= MOST_WORDS || parseAmount(item).unit !== null) &&
      mentionedFood(item) !== null;
    // “Or 700 g neck”: something else in its place, and no second thing.
    const isOfLast =
      lines.length > 0 &&
      (findDurations(item).length > 0 ||
        IN_ALL.test(item) ||
        SIZE_OF_ONES.test(item) ||
        ONLY_AMOUNT.test(item) ||
        (TOLD_OF_IT.test(item) && !(amount && amount.start === 0)) ||
        DONE_TO_IT.test(item) ||
        INTO_PIECES.test(item) ||
        /^or\b/i.test(item));
    if (isOfLast || (!isNamed && !isPlain && lines.length > 0))
      lines[lines.length - 1] = `${lines[lines.length - 1]}, ${item}`;
    else if (isNamed && amount.start > 0) {
      const before = item.slice(0, amount.start).trim();
      // “Onions 2” has its amount behind; “for the rub it’s 2 tbsp sugar” has talk in front.
      const isTalk = TALK.test(before) && !PART_BEFORE.test(`${before} `);
      lines.push(isTalk ? item.slice(amount.start) : item);
    } else lines.push(item);
  }
  return lines;
}
