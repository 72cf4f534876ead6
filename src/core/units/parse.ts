/**
 * Amounts as people write them: `1 1/2 cups`, `1½ c`, `2–3 tbsp`, `1 (14 oz) can`, `a pinch`, `two pounds and a half`,
 * anywhere in a text.
 */
import { keptByText } from './kept';
import { FIGURE, HUNDREDS, NUMBER, toNumber } from './numbers';
import type { Quantity, Unit } from './quantity';

export interface ParsedAmount {
  /** Null where the text gives none ("salt"). */
  amount: number | null;
  /** Upper end of a range. */
  amountTo: number | null;
  unit: Unit | null;
  /** Size of one pack: `1 (14 oz) can` is one can of 14 oz. */
  packSize: Quantity | null;
  /** What follows the amount. */
  rest: string;
}

/** An amount within a text. */
export interface FoundAmount extends Omit<ParsedAmount, 'rest'> {
  amount: number;
  start: number;
  /** Behind the unit, and behind “of”. */
  end: number;
}

/** Each unit's words; where it is a multiple of one of ours, by how much. Letters alone count by their case. */
const UNIT_WORDS: readonly (readonly [words: string, unit: Unit, times?: number])[] = [
  ['kilograms?|kilogrammes?|kilos?|kgs?|kg', 'kg'],
  ['milligrams?|mg', 'g', 0.001],
  ['grams?|grammes?|gms?|gm|gr|g', 'g'],
  ['millilit(?:re|er)s?|mls?|mils?|ml', 'ml'],
  ['centilit(?:re|er)s?|cl', 'ml', 10],
  ['decilit(?:re|er)s?|dl', 'ml', 100],
  ['lit(?:re|er)s?|ltrs?|lts?|l', 'l'],
  ['teaspoon(?:ful)?s?|tsps?|tsp', 'tsp'],
  ['dessert ?spoon(?:ful)?s?|dsp', 'tsp', 2],
  ['table ?spoon(?:ful)?s?|tbsps?|tbsp|tblsps?|tblsp|tbls?|tbs?', 'tbsp'],
  ['cup(?:ful)?s?', 'cup'],
  ['fl(?:uid|\\.)? ?(?:ounces?|oz)', 'floz'],
  ['ounces?|oz', 'oz'],
  ['pounds?|lbs?', 'lb'],
  ['pints?|pts?', 'pint'],
  ['quarts?|qts?', 'quart'],
  ['gallons?|gal', 'quart', 4],
  ['cans?|tins?', 'can'],
  [
    'packages?|packets?|pkgs?|pkts?|packs?|sachets?|bags?|box(?:es)?|cartons?|jars?|bottles?|tubs?|pouch(?:es)?',
    'package',
  ],
  ['cloves?|clvs?', 'clove'],
  ['slices?|rashers?', 'slice'],
  ['pinch(?:es)?|dash(?:es)?', 'pinch'],
  ['pieces?|pcs?|nos?(?=\\.)', 'piece'],
  ['brace', 'piece', 2],
];
const UNIT = UNIT_WORDS.map(([words]) => words).join('|');
/** “2 T” and “1 t” mean different spoons; “C” is a cup. */
const LETTERS: Readonly<Record<string, Unit>> = { T: 'tbsp', t: 'tsp', c: 'cup', C: 'cup' };
const READ_UNIT = UNIT_WORDS.map(
  ([words, unit, times = 1]) => [new RegExp(`^(?:${words})$`, 'i'), unit, times] as const,
);

function unitOf(word: string): readonly [Unit, number] | null {
  const letter = LETTERS[word];
  if (letter) return [letter, 1];
  const found = READ_UNIT.find(([pattern]) => pattern.test(word));
  return found ? [found[1], found[2]] : null;
}

const SIZE_WORDS =
  'lge?|sm|med|heaped|heaping|level|scant|generous|rounded|packed|good|big|large|small|medium|fat|regular|standard|whole|full|extra|more|further';
const CONTAINER =
  'cans?|tins?|packages?|packets?|pkgs?|packs?|sachets?|bags?|box(?:es)?|cartons?|jars?|bottles?|tubs?|pouch(?:es)?';
const COUNT = `(?:${HUNDREDS}|${NUMBER}|\\ban?\\b)`;
const RANGE = String.raw`(?:\s*(?:-|–|—|\bto\b|\bor\b)\s*(${NUMBER})(?![\d/]))?`;
const ABOUT = String.raw`(?:(?:about|around|approximately|approx\.?|roughly|some|up to|ca\.?|circa|~)\s*)?`;
const OF = String.raw`(?:\s+of\b(?!\s+(?:the|that|this|it|its)\b))?`;
/** “1 (14 oz) can”, “2 (400 g) tins”. */
const PACK_BEFORE = new RegExp(
  String.raw`^(${COUNT})\s*\(([^()]*\d[^()]*)\)\s*(${CONTAINER})\b\.?${OF}`,
  'i',
);
/** “a 28 oz can”, “2 x 400 g tins”, “420g can”, “two 14-ounce cans”. */
const PACK_JOINED = new RegExp(
  String.raw`^(?:(${COUNT})\s*(?:[x×]\s*|[-–]\s+|\s)(?:(?:big|large|small)\s+)?)?(${FIGURE})[- ]?(${UNIT})\.?[- ]+(${CONTAINER})\b\.?${OF}`,
  'i',
);
const PACK_AFTER = /^\s*\(([^()]*\d[^()]*)\)/;
/** “a 3 kilo shoulder”, “2 6-oz fillets”: pieces by the weight of one. */
const PIECES_OF = new RegExp(
  String.raw`^(${COUNT})(?:\s*[x×]\s*|\s+)(?!\d+\s?[/⁄]|[½⅓⅔¼¾⅛])(${FIGURE})[- ]?(kilograms?|kilos?|kgs?|kg|grams?|g|ounces?|oz|pounds?|lbs?)\b(?!\s*(?:${CONTAINER}))`,
  'i',
);
const WITH_UNIT = new RegExp(
  String.raw`^(${COUNT})${RANGE}(?:\s*\+\s*)?[\s-]*(?:(?:${SIZE_WORDS})\s+)*(${UNIT}|[TtcC](?=\.?\s+[a-z(+/]))(?![\p{L}\d])\.?(?:\s+and\s+a\s+(half|quarter)\b)?${OF}`,
  'iu',
);
const COUNTED = new RegExp(String.raw`^(${COUNT})${RANGE}(?![\d%°/])${OF}`, 'iu');
/** A US stick of butter is 8 tablespoons. @source USDA FoodData Central, butter: 1 stick = 113 g */
const STICKS = new RegExp(
  String.raw`^(${COUNT})${RANGE}[\s-]*sticks?\b(?=(?:\s+of)?\s+(?:\w+\s+)?(?:butter|margarine))${OF}`,
  'iu',
);
const TBSP_IN_STICK = 8;

const LEAD = new RegExp(`^${ABOUT}`, 'i');
const ONE_AND_MORE = new RegExp(String.raw`^(${UNIT})\s+and\s+a\s+(half|quarter)\b${OF}`, 'i');
const PINCH = new RegExp(
  String.raw`^(?:good |generous |big |small |heaped |level )?(pinch|dash|tablespoon|tbsp|teaspoon|tsp)\b\.?${OF}(?=\s*\p{L}|\s*$)`,
  'iu',
);
/** “Cup of barley”, “tin of beans”: talk leaves out the article. */
const SAID_OF = String.raw`(table ?spoon|tea ?spoon|tbsp|tsp|cup|pint|lit(?:re|er)|kilo|pound|can|tin|packet|jar)\s+of\s+(?!(?:the|that|this|it|its|each)\b)(?=\p{L})`;
const ONE_OF = new RegExp(`^${SAID_OF}`, 'iu');

/** Longer than any amount with its unit; matching stays within it. */
const LONGEST = 120;

/** As long as a paragraph. */
const LONGEST_KEPT = 1000;

type AtStart = Omit<FoundAmount, 'start'>;

/** The amount that a text begins with; null where it begins with none. */
const amountAtStart = (text: string): AtStart | null => readAtStart(text.slice(0, LONGEST));

const readAtStart = keptByText((line: string): Readonly<AtStart> | null => {
  const lead = LEAD.exec(line)?.[0].length ?? 0;
  const own = line.slice(lead);
  const found =
    packAt(own) ??
    piecesAt(own) ??
    sticksAt(own) ??
    withUnitAt(own) ??
    oneAndMoreAt(own) ??
    pinchAt(own) ??
    oneOfAt(own) ??
    countAt(own);
  return found && { ...found, end: found.end + lead };
}, LONGEST);

function packAt(text: string): AtStart | null {
  const match = PACK_BEFORE.exec(text);
  const joined = match ? null : PACK_JOINED.exec(text);
  const [whole = '', count, size, word] =
    match ??
    (joined ? [joined[0], joined[1] ?? '1', `${joined[2]} ${joined[3]}`, joined[4]] : [undefined]);
  if (!word) return null;
  const amount = toNumber(count ?? '1');
  if (Number.isNaN(amount)) return null;
  return {
    amount,
    amountTo: null,
    unit: unitOf(word)?.[0] ?? 'package',
    packSize: parseQuantity(size?.replace(/-/g, ' ') ?? ''),
    end: whole.length,
  };
}

/** “Pinch of chilli”, “tablespoon butter”: one, though nobody says so. */
function pinchAt(text: string): AtStart | null {
  const match = PINCH.exec(text);
  if (!match) return null;
  const unit = unitOf(match[1] ?? '')?.[0] ?? 'pinch';
  return { amount: 1, amountTo: null, unit, packSize: null, end: match[0].length };
}

function oneOfAt(text: string): AtStart | null {
  const match = ONE_OF.exec(text);
  const unit = match && unitOf(match[1] ?? '');
  if (!match || !unit) return null;
  const end = match[0].length;
  return { amount: unit[1], amountTo: null, unit: unit[0], packSize: null, end };
}

/** “Cup and a half of broth”: nobody says the one. */
function oneAndMoreAt(text: string): AtStart | null {
  const match = ONE_AND_MORE.exec(text);
  const unit = match && unitOf(match[1] ?? '');
  if (!match || !unit) return null;
  const amount = round((1 + (match[2]?.toLowerCase() === 'half' ? 0.5 : 0.25)) * unit[1]);
  return { amount, amountTo: null, unit: unit[0], packSize: null, end: match[0].length };
}

function piecesAt(text: string): AtStart | null {
  const match = PIECES_OF.exec(text);
  const unit = match && unitOf(match[3] ?? '');
  const amount = toNumber(match?.[1] ?? '') * toNumber(match?.[2] ?? '');
  if (!match || !unit || Number.isNaN(amount)) return null;
  return {
    amount: round(amount * unit[1]),
    amountTo: null,
    unit: unit[0],
    packSize: null,
    end: match[0].length,
  };
}

function sticksAt(text: string): AtStart | null {
  const match = STICKS.exec(text);
  if (!match) return null;
  const to = match[2] === undefined ? null : toNumber(match[2]) * TBSP_IN_STICK;
  const amount = toNumber(match[1] ?? '') * TBSP_IN_STICK;
  return { amount, amountTo: to, unit: 'tbsp', packSize: null, end: match[0].length };
}

function withUnitAt(text: string): AtStart | null {
  const match = WITH_UNIT.exec(text);
  const unit = match && unitOf(match[3] ?? '');
  if (!match || !unit) return null;
  const [whole, first = '', second, , more] = match;
  const extra = more ? (more === 'half' ? 0.5 : 0.25) : 0;
  const amount = toNumber(first) + extra;
  if (Number.isNaN(amount)) return null;
  const isPack = unit[0] === 'can' || unit[0] === 'package';
  const after = isPack ? PACK_AFTER.exec(text.slice(whole.length)) : null;
  const size = after ? parseQuantity((after[1] ?? '').replace(/-/g, ' ')) : null;
  return {
    amount: round(amount * unit[1]),
    amountTo: second === undefined ? null : round(toNumber(second) * unit[1]),
    unit: unit[0],
    packSize: size,
    end: whole.length + (size && after ? after[0].length : 0),
  };
}

function countAt(text: string): AtStart | null {
  const match = COUNTED.exec(text);
  const amount = toNumber(match?.[1] ?? '');
  if (!match || Number.isNaN(amount)) return null;
  const to = match[2] === undefined ? null : toNumber(match[2]);
  return {
    amount,
    amountTo: to !== null && to > amount ? to : null,
    unit: null,
    packSize: null,
    end: match[0].length,
  };
}

/** 0.1 + 0.2 is a nuisance in a kitchen. */
const round = (value: number): number => Math.round(value * 1e6) / 1e6;

/** Splits the amount off the front of a line. Never fails: without an amount all of it is rest. */
export function parseAmount(text: string): ParsedAmount {
  const given = text.trim();
  const none = { amount: null, amountTo: null, unit: null, packSize: null, rest: given };
  const found = amountAtStart(given);
  if (!found) return none;
  const { end, ...amount } = found;
  const behind = given.slice(end);
  // “3-cheese” and “7up” are words.
  if (amount.unit === null && /^(?:\p{L}|-\p{L})/u.test(behind)) return none;
  // “1.2.3 l”, “½½ tsp”: nobody knows how much that is.
  if (/^(?:[.,]\d|[½¼¾⅓⅔⅛])/.test(behind)) return none;
  return { ...amount, rest: behind.replace(/^[\s.]+/, '') };
}

/** An amount and unit alone; null where the text holds anything else or no unit. */
export function parseQuantity(text: string): Quantity | null {
  const given = text.trim();
  const found = withUnitAt(given);
  if (!found || found.unit === null || found.end < given.length) return null;
  return { amount: found.amount, unit: found.unit };
}

const ANY_AMOUNT = new RegExp(
  String.raw`(?<![\p{L}\d.,/])(?:${ABOUT}${COUNT}|(?<=^|[,.;:(+]\s*|\b(?:and|with|add|plus|need|use|take|get|then|in|pour)\s+)${SAID_OF})`,
  'giu',
);

/** Every amount in a text, in order; a number without a unit counts pieces, and “cup of rice” is one. */
export const findAmounts = keptByText((text: string): readonly Readonly<FoundAmount>[] => {
  const found: FoundAmount[] = [];
  let from = 0;
  for (const { index } of text.matchAll(ANY_AMOUNT)) {
    if (index < from) continue;
    const amount = amountAtStart(text.slice(index, index + LONGEST));
    if (!amount) continue;
    found.push({ ...amount, start: index, end: index + amount.end });
    from = index + amount.end;
  }
  return found;
}, LONGEST_KEPT);
