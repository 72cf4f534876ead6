/**
 * Amounts as people write them: `1 1/2 cups`, `1½ c`, `2–3 tbsp`, `1 (14 oz) can`, `a pinch`.
 * Numbers and units are read by the package parse-ingredient; what it leaves (articles, number
 * words, pack sizes) is put into a form it knows.
 */
import { parseIngredient } from 'parse-ingredient';
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

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  twelve: '12',
  half: '1/2',
};

/** Our unit for each of the package's; sizes such as “large” are counted pieces. */
const UNIT_BY_ID: Readonly<Record<string, Unit>> = {
  gram: 'g',
  kilogram: 'kg',
  milliliter: 'ml',
  liter: 'l',
  teaspoon: 'tsp',
  tablespoon: 'tbsp',
  cup: 'cup',
  fluidounce: 'floz',
  pint: 'pint',
  quart: 'quart',
  ounce: 'oz',
  pound: 'lb',
  clove: 'clove',
  can: 'can',
  package: 'package',
  pack: 'package',
  slice: 'slice',
  pinch: 'pinch',
  piece: 'piece',
  tin: 'can',
  bag: 'package',
  dash: 'pinch',
};

/** Units the package does not know, with the word that stands for them. */
const EXTRA_UNITS: Readonly<Record<string, Unit>> = {
  pinch: 'pinch',
  pinches: 'pinch',
  tbs: 'tbsp',
  dash: 'pinch',
  tin: 'can',
  tins: 'can',
  slice: 'slice',
  slices: 'slice',
  piece: 'piece',
  pieces: 'piece',
  litre: 'l',
  litres: 'l',
};

const PACK_BEFORE =
  /^(\d+(?:\.\d+)?)\s*\(([^()]*\d[^()]*)\)\s*(can|cans|tin|tins|package|packages|pack|bag|jar)\b\s*/i;
const PACK_JOINED =
  /^(\d+(?:\.\d+)?)\s+(\d+(?:\.\d+)?)[-\s](ounce|oz|gram|g|ml)\.?\s+(can|cans|tin|tins|package|packages|pack|bag)\b\s*/i;
const PACK_TIMES =
  /^(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*(ounces?|oz|grams?|g|ml)\.?\s+(cans?|tins?|packages?|packs?|bags?|jars?)\b\s*/i;
const PACK_AFTER = /^\(([^()]*\d[^()]*)\)\s*/;

/** Longer than any amount with its unit and food; parsing takes the square of the length. */
const MOST_TO_READ = 200;
/** Longer than any quantity that somebody writes. */
const LONGEST_QUANTITY = 60;

/**
 * Figures as the parser takes them: a decimal comma is a point, a comma of thousands is none, and a whole
 * number joined to a fraction (“1-1/2”) is one number.
 */
function plainNumbers(text: string): string {
  return text
    .replace(/^(\d{1,3}),(\d{3})(?!\d)/, '$1$2')
    .replace(/^(\d+),(\d{1,2})(?=\s*(?:[a-zA-Z]|$))/, '$1.$2')
    .replace(
      /^(\d+)\s*[-–]\s*(\d+\s*[/⁄]\s*\d+|[½¼¾⅓⅔⅛])/u,
      (_whole, a: string, b: string) =>
        // “1-1/2” is one and a half; “1 - 1/2” could be a range, but none goes down.
        `${a} ${b}`,
    );
}

/** Splits the amount off the front of a line. Never fails: without an amount all of it is rest. */
export function parseAmount(text: string): ParsedAmount {
  // An amount stands at the beginning; the rest of a long line is carried along unread.
  const given = text.trim();
  if (given.length > MOST_TO_READ) {
    const cut = given.lastIndexOf(' ', MOST_TO_READ);
    const at = cut > 0 ? cut : MOST_TO_READ;
    const start = parseAmount(given.slice(0, at));
    return { ...start, rest: `${start.rest}${given.slice(at)}` };
  }
  const line = spellNumbers(plainNumbers(given));
  const joined = PACK_TIMES.exec(line) ?? PACK_JOINED.exec(line);
  if (joined)
    return pack(joined[1], `${joined[2]} ${joined[3]}`, joined[4], line.slice(joined[0].length));
  const before = PACK_BEFORE.exec(line);
  if (before) return pack(before[1], before[2] ?? '', before[3], line.slice(before[0].length));

  const [parsed] = parseIngredient(line, { normalizeUOM: true });
  if (!parsed || parsed.quantity === null)
    return { amount: null, amountTo: null, unit: null, packSize: null, rest: text.trim() };
  let unit: Unit | null = parsed.unitOfMeasureID
    ? (UNIT_BY_ID[parsed.unitOfMeasureID] ?? null)
    : null;
  let rest = parsed.description;
  // A size word such as “large” says what the piece is like; it belongs to the food.
  if (parsed.unitOfMeasureID && unit === null)
    rest = `${parsed.unitOfMeasure ?? ''} ${rest}`.trim();
  const [word] = rest.split(/\s+/);
  const extra = word ? EXTRA_UNITS[word.toLowerCase().replace(/\.$/, '')] : undefined;
  if (unit === null && word && extra) {
    unit = extra;
    rest = rest.slice(word.length).trim();
  }
  const after = unit === 'can' || unit === 'package' ? PACK_AFTER.exec(rest) : null;
  if (after) rest = rest.slice(after[0].length);
  return {
    amount: parsed.quantity,
    amountTo: parsed.quantity2,
    unit,
    packSize: after ? parseQuantity(after[1] ?? '') : null,
    rest: rest.replace(/^of\s+/i, ''),
  };
}

/** An amount and unit alone; null where the text holds anything else or no unit. */
export function parseQuantity(text: string): Quantity | null {
  if (text.length > LONGEST_QUANTITY) return null;
  // The package takes the last word for the food, so it is given one.
  const parsed = parseAmount(`${text} x`);
  return parsed.rest === 'x' ? toQuantity(parsed) : null;
}

function pack(
  count: string | undefined,
  size: string,
  word: string | undefined,
  rest: string,
): ParsedAmount {
  return {
    amount: Number(count),
    amountTo: null,
    unit: /^(can|tin)/i.test(word ?? '') ? 'can' : 'package',
    packSize: parseQuantity(size),
    rest: rest.replace(/^of\s+/i, ''),
  };
}

function toQuantity(parsed: ParsedAmount): Quantity | null {
  if (parsed.amount === null || parsed.unit === null) return null;
  return { amount: parsed.amount, unit: parsed.unit };
}

function spellNumbers(text: string): string {
  return text
    .replace(/^(about|around|approximately|approx\.?)\s+/i, '')
    .replace(/^([\d\s/½¼¾⅓⅔.]+)(?:heaping|heaped|level|scant|generous|rounded|packed)\s+/i, '$1')
    .replace(/^half a dozen\s+/i, '6 ')
    .replace(/^half an?\s+/i, '1/2 ')
    .replace(/^(\d+|[a-z]+)\s+dozen\s+/i, (whole, word: string) => {
      const dozens = Number(NUMBER_WORDS[word.toLowerCase()] ?? word);
      return Number.isInteger(dozens) ? `${dozens * 12} ` : whole;
    })
    .replace(/^([a-z]+)\s+(?=\S)/i, (whole, word: string) => {
      const number = NUMBER_WORDS[word.toLowerCase()];
      return number ? `${number} ` : whole;
    });
}
