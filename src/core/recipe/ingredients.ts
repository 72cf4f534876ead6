/** Ingredient lines as a dish's ingredients, with role and scaling set by what they are. */
import type { Ingredient } from '../dish';
import { withMeasureByEye } from './by-eye';
import { parseLine, type IngredientLine } from './line';
import { splitList } from './lines/several-foods';
import { findFood, isBareBird, type Food } from '../food';
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

const FINISH =
  /\b(?:for (?:serving|garnish(?:ing)?|topping|decorating|the (?:table|garnish|top))|to (?:serve|garnish|finish|top|decorate)|garnish)\b/i;
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
const LENGTH = /^(?:(?:inch(?:es)?|cm|mm)\b|["”″])/i;
const withLengthBehind = (line: IngredientLine): IngredientLine =>
  line.unit === null && LENGTH.test(line.preparation ?? '')
    ? { ...line, amount: null, preparation: `${line.amount ?? ''} ${line.preparation}`.trim() }
    : line;

/** “Plus extra to finish”: what is told of more of it, and not of what is listed. */
const MORE_OF_IT =
  /,?\s*\b(?:plus|and|with)\s+(?:an?\s+)?(?:bit |little |few |splash |drizzle )?(?:of )?(?:extra|more|some|another)\b[^,;()]*/gi;

/** What a line says of the amount that it names. */
export const ofTheListed = ({ food, preparation }: IngredientLine): string =>
  `${food} ${preparation ?? ''}`.replace(MORE_OF_IT, ' ');

function roleOf(line: IngredientLine, food: Food | null): Ingredient['role'] {
  const words = ofTheListed(line);
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

const POD_CUT =
  /\b(?:moringa|pods?|scraped|peeled)\b|\b(?:cut|chopped|sliced)\b[^,]*\b(?:inch|in\b|cm|fingers?|pieces|lengths?)/i;

/** What a name alone leaves open, told by what stands around it; else the line as it is. */
function asMeant(line: IngredientLine, own: string): IngredientLine {
  if (isGroundPepper(line, own)) return { ...line, food: 'ground pepper' };
  // “1 drumstick, cut in 3-inch pieces”, in a sambar: the pod, and no leg of a bird.
  if (/^drumsticks?$/i.test(line.food) && POD_CUT.test(own))
    return { ...line, food: `${line.food.replace(/s$/i, '')} pods` };
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
