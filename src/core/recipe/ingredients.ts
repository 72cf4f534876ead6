/** Ingredient lines as a dish's ingredients, with role and scaling set by what they are. */
import type { Ingredient } from '../dish';
import { withMeasureByEye } from './by-eye';
import { parseLine, type IngredientLine } from './line';
import { foodsIn, FOR_SERVING } from './lines/features';
import { spellEach, unspoken } from './lines/list';
import { findFood, isBareBird, mentionedFood, type Food } from '../food';
import {
  NUMBER,
  parseAmount,
  kindOf,
  parseLength,
  parseQuantity,
  type Quantity,
  toNumber,
  UNITS,
  type Unit,
} from '../units';

export interface ReadIngredient {
  /** The line as it was given. */
  text: string;
  line: IngredientLine;
  food: Food | null;
  ingredient: Ingredient;
  /** The part of the dish that the list has it under: “dressing”. */
  part?: string | undefined;
}

/** A bird cut into its joints: each about as thick as a thigh (common practice). */
const JOINTED =
  /\b(?:jointed|cut up|portioned|quartered|in(?:to)? (?:\w+ )?(?:pieces|joints|portions))\b/i;
const JOINTED_MM = 45;

const FINISH = /\b(?:for serving|to serve|for garnish|to garnish|to finish|garnish)\b/i;
const SEASONING_AMOUNT = new Set(['tsp', 'pinch']);
/** “2-inch pieces”, “5 cm cubes”, “1 1/2-inch chunks”, “half an inch thick”; “cut 2 in half” is no length. */
const CUT = new RegExp(
  String.raw`(${NUMBER}|\ban)[- ]?(inch(?:es)?|in\b(?!\s+(?:half|halves|quarters|two|four|a|an|the|to|\w+ing)\b)|cm|centimet(?:re|er)s?|mm|["”″])`,
  'giu',
);

/** Thickness in mm that a line speaks of, of several the least: the way through; undefined where it speaks of none. */
export function thicknessIn(text: string): number | undefined {
  const across = text.replace(/(\d)\s*(?:x|×|by)\s*(?=\d)/giu, '$1-inch ');
  const lengths = [...(/inch|["”″]/i.test(text) ? across : text).matchAll(CUT)]
    .map(([, number = '', unit = '']) =>
      parseLength(`${toNumber(number)} ${/^cent/i.test(unit) ? 'cm' : unit}`),
    )
    .filter((mm) => mm >= 1 && mm <= 300);
  return lengths.length === 0 ? undefined : Math.round(Math.min(...lengths));
}

/** Two inches of ginger are a length, not two of something: “2" ginger”, “3 cm piece of ginger”. */
function withLengths(line: string): string {
  return (
    line
      // “4 cm ginger”: a piece so long.
      .replace(
        /^((?:an?\s+|about\s+)?[\d½¼¾][\d.,]*)\s*(cm|in|inch(?:es)?)\s+(?=(?:fresh\s+)?(?:ginger|galangal|turmeric|horseradish|cinnamon)\b)/iu,
        '$1-$2 piece ',
      )
      .replace(/^([^\p{L},(]*[\d½¼¾⅓⅔])\s*["”″]\s*(?=[\p{L}(])/u, '$1-inch ')
      .replace(
        /^((?:an?\s+|about\s+)?[^\p{L},(]*[\d½¼¾⅓⅔])\s*(inch(?:es)?|cm|mm)\s+(?=(?:piece|knob|chunk|length|stick|slice|cube|dice|round)s?\b)/iu,
        '$1-$2 ',
      )
  );
}

/** “Ginger – 1 inch, grated”: how long the piece is. */
const LENGTH = /^(?:inch(?:es)?|cm|mm)\b/i;
const withLengthBehind = (line: IngredientLine): IngredientLine =>
  line.unit === null && LENGTH.test(line.preparation ?? '')
    ? { ...line, amount: null, preparation: `${line.amount ?? ''} ${line.preparation}`.trim() }
    : line;

function roleOf(line: IngredientLine, food: Food | null): Ingredient['role'] {
  const words = `${line.food} ${line.preparation ?? ''}`;
  if (FINISH.test(words)) return 'finish';
  if (food?.form === 'thin') return 'liquid';
  if (food?.group === 'seasoning') return 'seasoning';
  if (food && ['meat', 'poultry', 'fish'].includes(food.group)) return 'main';
  return food === null && SEASONING_AMOUNT.has(line.unit ?? '') ? 'seasoning' : 'base';
}

function scalingOf(role: Ingredient['role'], line: IngredientLine): Ingredient['scaling'] {
  if (role === 'seasoning') return 'to-taste';
  const isWhole = line.unit === 'can' || line.unit === 'package';
  return isWhole ? 'whole' : 'proportional';
}

const WEIGHT_NOTE =
  /(\d+(?:\.\d+)?(?:\s*[½¼¾])?|[½¼¾])[- ]?(lbs?|pounds?|oz|ounces?|kg|g|grams?)\b(,?\s*(?:each|apiece)\b)?/i;

/**
 * What counted pieces weigh where the line says so: “1 (2-lb) shoulder”, “3 courgettes (600 g)”,
 * “2 fillets (150 g each)”. Joined by a hyphen or with “each” it is the weight of one.
 */
function weightIn(line: IngredientLine): { amount: number; unit: Unit } | null {
  if (line.amount === null || (line.unit !== null && line.unit !== 'piece')) return null;
  const spoken = parseAmount(line.preparation ?? '');
  if (spoken.amount !== null && spoken.unit !== null && UNITS[spoken.unit].kind === 'mass')
    if (/^\p{L}/u.test(line.preparation ?? '')) {
      const isEach = /^,?\s*(?:each|apiece)\b/i.test(spoken.rest);
      return { amount: spoken.amount * (isEach ? line.amount : 1), unit: spoken.unit };
    }
  const match = WEIGHT_NOTE.exec(line.preparation ?? '');
  const quantity = match ? parseQuantity(`${match[1]} ${match[2]}`) : null;
  if (!match || !quantity || UNITS[quantity.unit].kind !== 'mass') return null;
  const isOne = match[3] !== undefined || /^[^\s]*-/.test(match[0]);
  return { amount: isOne ? quantity.amount * line.amount : quantity.amount, unit: quantity.unit };
}

/** A size that stands for itself behind the food: “(400 g)”, “15 oz each”, “750ml”. */
const PACK_NOTE =
  /^(?:about\s+)?(\d+(?:[.,]\d+)?)\s*-?\s*(g|grams?|kg|oz|ounces?|lbs?|ml|cl|l|lit(?:re|er)s?|fl\.? ?oz)\b(?:\s+(each|apiece|(?:tin|can|jar|bottle|carton|pack(?:et)?)s?))?$/i;
/** What one can of the shop holds (common practice): two of them are “800 g” together. */
const USUAL_CANS: ReadonlySet<string> = new Set(
  [
    '390 g',
    '398 g',
    '400 g',
    '410 g',
    '411 g',
    '415 g',
    '425 g',
    '14 oz',
    '14.5 oz',
    '15 oz',
  ].concat('15.5 oz'),
);

/** What one can, jar or bottle holds, where it is told behind the food. */
function packBehind({ amount, preparation }: IngredientLine): Quantity | null {
  for (const part of (preparation ?? '').split(/\s*[,;]\s*/)) {
    const match = PACK_NOTE.exec(part.trim());
    const size = match ? parseQuantity(`${match[1]} ${match[2]}`) : null;
    if (!match || !size || amount === null || amount <= 0) continue;
    const isTotal =
      match[3] === undefined &&
      amount > 1 &&
      USUAL_CANS.has(`${size.amount / amount} ${size.unit}`);
    return isTotal ? { ...size, amount: size.amount / amount } : size;
  }
  return null;
}

/** An id of letters that is not taken yet. */
export function freshId(text: string, taken: ReadonlySet<string>): string {
  const base =
    text
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'item';
  let id = base;
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
  return id;
}

/** What a line can hold at most, as the dish document allows. */
const MOST = { food: 120, preparation: 200, amount: 100_000, base: 200_000 } as const;

/** In g or ml; 0 for what is counted. */
const baseOf = (amount: number, unit: Unit | null): number =>
  unit === null || kindOf(unit) === 'count' ? 0 : amount * UNITS[unit].size;

const SALT_AND_PEPPER =
  /^((?:[^\s,]+ ){0,4}salt(?: flakes)?)\s*(?:\band\b|\bn\b|[&,+])\s*((?:[^\s,]+ ){0,4}pepper)(,?\s+(?:to taste|as needed|to season|for seasoning))?$/i;

/**
 * “Pepper” by the spoon, by the pinch, ground or to taste is the spice; counted, or cut in some way, it is the
 * vegetable.
 */
function isGroundPepper({ food, amount, unit, preparation }: IngredientLine, own: string): boolean {
  if (!/^(?:grinds? of )?pepper$/i.test(food)) return false;
  if (unit === 'tsp' || unit === 'tbsp' || unit === 'pinch') return true;
  if (/\b(?:ground|milled|cracked|grinds?|mill|to taste|as needed|to season)\b/i.test(own))
    return true;
  return (
    amount === null &&
    !/\b(?:slic|dic|chop|cut|strip|seed|deseed|core|quarter|halv|roast)/i.test(preparation ?? '')
  );
}

/** Green coriander is sold by the bunch and chopped, the spice by the spoon (common practice). */
const GREEN =
  /\b(?:bunch|handful|sprigs?|stems?|stalks?|lea(?:f|ves)|chop|tear|torn|pick|serve|garnish|scatter)/i;

/** What a name alone leaves open, told by what stands around it; else the line as it is. */
function asMeant(line: IngredientLine, own: string): IngredientLine {
  if (isGroundPepper(line, own)) return { ...line, food: 'ground pepper' };
  // “2 cloves” without any garlic are the spice.
  if (line.food === '' && line.unit === 'clove') return { ...line, food: 'cloves', unit: 'piece' };
  // “1 chicken” is a whole one; its meat comes by weight.
  const isCounted = line.amount !== null && (line.unit === null || line.unit === 'piece');
  if (isCounted && isBareBird(line.food) && !/\b(?:breast|diced|cubed|shredded)\b/i.test(own))
    return { ...line, food: line.food.replace(/(?=chicken|duck|turkey)/i, 'whole ') };
  const isBare = /\bcoriander$/i.test(line.food) && !/\b(?:fresh|ground|dried)\b/i.test(own);
  return isBare && GREEN.test(own)
    ? { ...line, food: line.food.replace(/coriander$/i, 'fresh coriander') }
    : line;
}

/** An amount with a food behind it: “1 onion”, not “8 c”. */
function isCounted(part: string): boolean {
  const { amount, rest } = parseAmount(part);
  return amount !== null && /\p{L}{3}/u.test(rest) && !/^(?:half|quarter|third)\b/i.test(rest);
}

/** “Sour cream, coriander” are two; “tomatoes, plum” and “beans, kidney” are one, turned round. */
function arePlainFoods(parts: readonly string[]): boolean {
  const isName = (name: string): boolean =>
    findFood(name)?.names.includes(name.toLowerCase()) === true;
  // “Garlic, ginger, green chilli - usual”.
  const bare = parts.map((part) => part.replace(/\s+[-–—]\s.*$/, ''));
  const isTurned = bare.some((part, i) => {
    const before = bare[i - 1] ?? '';
    return i > 0 && (isName(`${part} ${before}`) || isName(`${before} ${part}`));
  });
  // Of three and more one may be described: “white pepper, spring onion, crispy shallots”.
  const isFood = (name: string): boolean => name.split(' ').length <= 3 && findFood(name) !== null;
  const named = bare.filter(isName).length;
  const areFoods = bare.length >= 3 && named >= bare.length - 1 && bare.every(isFood);
  // “Cucumber slices, coriander”.
  const [first = '', second = '', ...more] = bare;
  const areTwo =
    more.length === 0 &&
    isFood(first) &&
    /^\p{L}+(?<!ed)$/u.test(second) &&
    isFood(second) &&
    findFood(first) !== findFood(second);
  return (named === bare.length || areFoods || areTwo) && !isTurned;
}

const WITH_AND = /,\s+|\s+(?:[+&]|and)\s+/i;
/** Few words, and the table knows them. */
const isPlainFood = (part: string): boolean =>
  /^\p{L}+(?: \p{L}+){0,2}$/u.test(part) && findFood(part) !== null;
/** “3 garlic all chopped”. */
const ALL_DONE = /\s+all ((?:\p{L}+ly )?\p{L}+ed)$/iu;

/** What is taken of another thing, told behind the first. */
const PART_BEHIND =
  /,\s+((?:zest|juice|rind)(?:\s*(?:\+|&|and)\s*(?:zest|juice|rind))?(?:\s+of)?\s+(?:\d|½|an?\b|one\b|half\b)\S*\s+\p{L}.*)$/iu;

/** “2 onions, 1 stuck with 3 cloves”: one of them, and no food of its own. */
const TOLD_OF = /^(?:of (?:them|it|these|which)|stuck|cut|left|kept|for|with|in|[a-z]+ed)\b/i;

/** “Small bunch dill, small bunch mint” are two: each part begins with a measure or an amount of its own. */
function splitList(text: string): { text: string; own: string }[] {
  const short = /^s\s*(?:&|\+|and|n)\s*p\b/i;
  const [, salt, pepper, measure = ''] =
    SALT_AND_PEPPER.exec(text.replace(short, 'salt and pepper').replace(/\btt$/i, 'to taste')) ??
    [];
  if (salt !== undefined && pepper !== undefined)
    return [salt, pepper].map((own) => ({ text, own: `${own}${measure}` }));
  // “750 ml stock (hot), zest + juice 1 lemon” are two.
  const zest = PART_BEHIND.exec(text);
  if (zest && isCounted(text.slice(0, zest.index)))
    return [text.slice(0, zest.index), zest[1] ?? ''].map((own) => ({ text, own }));
  // “Port & red wine, half and half”: how they are mixed.
  if (/[&+]|\band\b/.test(text) && /,\s*half (?:and|&) half$/i.test(text))
    return [{ text, own: text }];
  // “S&P, 3 tbsp oil”.
  const seasoned = /^s\s*(?:&|\+|n)\s*p,\s+(?=\d)/i.exec(text);
  if (seasoned)
    return [
      ...['salt', 'pepper'].map((own) => ({ text, own })),
      ...splitList(text.slice(seasoned[0].length)),
    ];
  // “2 carrots + 1 onion” are two.
  const spelt = spellEach(text);
  if (spelt.length > 1) return spelt.map((own) => ({ text, own }));
  // “Sour cream + coriander for the top”, “white pepper, sesame oil, soy to serve”: all of them are.
  // “Mash to serve (900 g potatoes, 50 g butter)”: what it is made of.
  const beside = /^(\p{L}+(?: \p{L}+)?) to serve \(([^()]*)\)$/iu.exec(text);
  const madeOf = beside?.[2]?.split(WITH_AND) ?? [];
  if (madeOf.length > 1 && madeOf.every((p) => isCounted(p) || mentionedFood(p) !== null))
    return madeOf.map((p) => ({ text, own: `${p}, for the ${beside?.[1]?.toLowerCase() ?? ''}` }));
  // “… and a soft egg each to serve (6 min from boiling)”: how the last of them is made.
  const [made = ''] = /\s*\([^()]*\)$/.exec(text) ?? [];
  const foods = made === '' ? text : text.slice(0, -made.length);
  const [serving = ''] = FOR_SERVING.exec(foods) ?? [];
  const served = serving === '' ? [] : foods.slice(0, -serving.length).split(WITH_AND);
  const plain = served.filter(isPlainFood).length;
  if (served.length > 1 && plain >= served.length - (served.length > 2 ? 1 : 0))
    return served.map((one, i) => ({
      text,
      own: `${one}, ${serving.replace(/^[,\s]+/, '')}${i === served.length - 1 ? made : ''}`,
    }));
  // “2 tsp cumin 1 tsp oregano”: nobody types commas.
  const typed = /[,()+&/]|\b(?:and|or|plus|each)\b/i.test(text) ? [] : unspoken(text);
  if (typed.length > 1) return typed.map((own) => ({ text, own: own.replace(ALL_DONE, ', $1') }));
  // “2 litres water for soaking + 1.6 litres for cooking”: water both times.
  const water = /^(.+?\bwater) (for \p{L}+) \+ ([\d.,½¼¾]+ ?\p{L}+) (for \p{L}+)$/iu.exec(text);
  if (water)
    return [`${water[1]} ${water[2]}`, `${water[3]} water ${water[4]}`].map((own) => ({
      text,
      own,
    }));
  // “1 onion, 1 carrot and 2 sticks celery, all finely diced”: each of them is.
  const [listed = '', how] = text.split(
    /(?:,|\s[–—-])\s+(?=(?:all|both) (?:\p{L}+ly )?\p{L}+(?:ed|t)$)/iu,
  );
  const each = how === undefined ? [] : listed.split(/[,;]\s+|\s+(?:[+&]|and)\s+/);
  if (each.length > 1 && each.every(isCounted))
    return each.map((one) => ({
      text,
      own: `${one}, ${how?.replace(/^(?:all|both) /i, '') ?? ''}`,
    }));
  const added = text.split(/\s+(?:[+&]|(?<!\bhundred\s+)and)\s+/i);
  // “25 g butter + a knob at the end” is butter.
  const isMore = (part: string): boolean =>
    /^for\b/i.test(parseAmount(part).rest) ||
    (/^an?\s+(?:\p{L}+\s+)?\p{L}+\s+(?:at|to|for)\s/iu.test(part) && mentionedFood(part) === null);
  if (added.length > 1 && added.every((part) => isCounted(part) && !isMore(part)))
    return added.map((own) => ({ text, own }));
  // “Stock cube + 500 ml water”: only the second is counted.
  const [first = '', ...more] = text.split(/\s+\+\s+/);
  const isAdded = more.length > 0 && more.every((part) => isCounted(part) && !isMore(part));
  if (isAdded && !/\d/.test(first) && findFood(first) !== null)
    return [first, ...more].map((own) => ({ text, own }));
  const parts = text.split(/,\s+/);
  // “Onion 2, carrot 2, celery 2 sticks”: each number stands behind.
  const isBehind = (part: string): boolean => {
    const food = /^(\p{L}+(?: \p{L}+)?) \d+(?: \p{L}+)?(?:\s[-–—]\s.*)?$/u.exec(part)?.[1];
    return food !== undefined && findFood(food) !== null;
  };
  if (parts.length > 1 && parts.every(isBehind)) return parts.map((own) => ({ text, own }));
  // “1 onion, 1 carrot, 1 stick celery” are three.
  const isFoods = parts.length > 1 && !/[()]/.test(text);
  const isOne = (p: string): boolean => {
    const { amount, rest } = parseAmount(p);
    return amount !== null && mentionedFood(p) !== null && !TOLD_OF.test(rest) && !/^or\b/i.test(p);
  };
  // “2 tsp light soy, 1 tsp sesame oil”: the first may be of a name that nobody knows.
  const isMeasured = (p: string): boolean => (parseAmount(p).unit ?? 'piece') !== 'piece';
  if (isFoods && parts.slice(1).every(isOne) && (isOne(parts[0] ?? '') || parts.every(isMeasured)))
    return parts.map((own) => ({ text, own }));
  // “1 cucumber, 400 g yoghurt, mint”: what comes last may be without a number.
  const counted = parts.filter(isOne);
  const isPlain = (p: string): boolean =>
    findFood(p.replace(/[.\s]+$/, ''))?.names.includes(p.replace(/[.\s]+$/, '').toLowerCase()) ===
    true;
  if (isFoods && counted.length >= 2 && parts.every((p) => counted.includes(p) || isPlain(p)))
    return parts.map((own) => ({ text, own }));
  if (isFoods && arePlainFoods(parts)) return parts.map((own) => ({ text, own }));
  const isOwn = (part: string): boolean =>
    /^(?:an?\s+)?(?:small|large|big)?\s*(?:bunch|handful|pinch|sprig|knob|dash|splash|squeeze|drizzle|glug|grind)\w*\s+(?:of\s+)?\p{L}/iu.test(
      part,
    );
  const foodsAlone = foodsIn(text);
  if (foodsAlone.length > 0) return foodsAlone.map((own) => ({ text, own }));
  return parts.length > 1 && parts.every(isOwn)
    ? parts.map((own) => ({ text, own }))
    : [{ text, own: text }];
}

/**
 * The form that the line says and its food does not: out of a can pulses are cooked (dry ones of the same name would
 * drink the pot empty), a tin of fish is not from the slab, and a bunch or a sprig of a herb is no jar of it.
 */
function formOf({ food: name, unit, state, packWords }: IngredientLine, food: Food | null): string {
  const isSaid = /\b(?:canned|tinned|fresh|dried)\b/i.test(name);
  if (isSaid || food === null) return '';
  const isDryPulse = food.group === 'pulse' && food.takes > 0;
  const isJarred = unit === 'package' && /\bjars?\b/i.test(packWords ?? '');
  if (isDryPulse && (unit === 'can' || state === 'canned' || isJarred)) return 'canned ';
  if (state === 'canned' && unit !== 'can' && food.group === 'fish') return 'canned ';
  return state === 'fresh' && food.group === 'seasoning' ? 'fresh ' : '';
}

const JOINTS =
  /\b(?:joint|quarter|portion|cut up|cut)\s+(?:up\s+)?(?:the|each|your)\s+(?:birds?|guinea fowls?|ducks?|chickens?|pheasants?|geese|goose|capon|poussins?|rabbits?)\b(?! in (?:half|two)\b)/i;

/** “Joint the birds”: from then on they are as thick as their joints, whatever the list says. */
export const jointedAsTold = (
  read: readonly ReadIngredient[],
  method: readonly string[],
): ReadIngredient[] =>
  read.map((i) =>
    i.food?.keep === 'whole-poultry' &&
    i.ingredient.pieceMm === undefined &&
    method.some((text) => JOINTS.test(text))
      ? { ...i, ingredient: { ...i.ingredient, pieceMm: JOINTED_MM } }
      : i,
  );

export function readIngredients(
  lines: readonly string[],
  parts: Readonly<Record<number, string>> = {},
): ReadIngredient[] {
  const taken = new Set<string>();
  const items = lines.flatMap((line, i) =>
    splitList(line).map((item) => ({ ...item, part: parts[i] })),
  );
  return items.flatMap(({ text, own, part }) => {
    const line = asMeant(withLengthBehind(withMeasureByEye(parseLine(withLengths(own)))), own);
    if (line.food === '') return [];
    const food = findFood(line.food);
    const id = freshId(food?.id ?? line.food, taken);
    taken.add(id);
    const role = roleOf(line, food);
    // A range is taken at its lower end, which is easier to correct at the stove.
    const amount =
      line.amount !== null && line.amount > 0 && line.amount <= MOST.amount ? line.amount : null;
    const unit = amount === null ? null : (line.unit ?? 'piece');
    const perPack =
      unit === 'can' || unit === 'package' ? (line.packSize ?? packBehind(line)) : null;
    const weighed = weightIn(line);
    const words = `${line.preparation ?? ''} ${line.food}`;
    const isJointed = food?.keep === 'whole-poultry' && JOINTED.test(words);
    const thickness = thicknessIn(words) ?? (isJointed ? JOINTED_MM : undefined);
    const whole =
      weighed?.amount ??
      (perPack && amount !== null ? Math.round(amount * perPack.amount * 1000) / 1000 : amount);
    // More than any kitchen holds is a slip: it stays in the words.
    const isTooMuch =
      whole !== null && (whole > MOST.amount || baseOf(whole, weighed?.unit ?? unit) > MOST.base);
    const ingredient: Ingredient = {
      id,
      food: `${formOf(line, food)}${line.food}`.slice(0, MOST.food),
      amount: isTooMuch ? null : whole,
      unit: isTooMuch ? null : (weighed?.unit ?? (perPack ? perPack.unit : unit)),
      preparation: [
        ...(isTooMuch ? [`${line.amount} ${line.unit ?? ''} in the text`.replace(/ +/g, ' ')] : []),
        ...(weighed && !isTooMuch ? [`${line.amount} in all`] : []),
        line.preparation ?? '',
        perPack && amount !== null
          ? `${amount} ${unit === 'can' ? 'can' : 'pack'}${amount === 1 ? '' : 's'}`
          : '',
      ]
        .filter(Boolean)
        .join(', ')
        .slice(0, MOST.preparation),
      role,
      scaling: scalingOf(role, line),
      ...(line.state === 'frozen' ? { frozen: true } : {}),
      ...(thickness === undefined ? {} : { pieceMm: thickness }),
    };
    return [{ text, line, food, ingredient, ...(part === undefined ? {} : { part }) }];
  });
}
