/** Times and temperatures as people write them. */
import { G_PER_LB } from '../facts';

export interface Duration {
  /** Minutes, from and to. */
  from: number;
  to: number | null;
  /** Where it stands in the text. */
  start: number;
  end: number;
  /** Given for each pound or kilogram, as minutes a pound. */
  perPound: number | null;
}

const TENS = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const ONES = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

const WORDS: Readonly<Record<string, number>> = {
  zero: 0,
  no: 0,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  ...TENS,
  half: 0.5,
  'half an': 0.5,
  'a quarter of an': 0.25,
  'quarter of an': 0.25,
  'three quarters of an': 0.75,
  'a couple of': 2,
  'a few': 3,
};
const FRACTIONS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };
const MINUTES: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60, d: 1440 };
const KG_IN_LB = 1000 / G_PER_LB;

const WORD = Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');
/** “fifty-five” and “fifty five”, so that neither is read as five. */
const COMPOUND = `(?:${Object.keys(TENS).join('|')})[- ](?:${ONES.join('|')})`;
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:\s*[½¼¾])?|[½¼¾]|\b(?:${COMPOUND}|${WORD})\b)`;
const UNIT = String.raw`(seconds?\b|secs?\b|minutes?\b|mins?\b|min\b|m\b|hours?\b|hrs?\b|hr\b|h\b|days?\b|['’′](?![\w'’′]))`;
const SPAN = new RegExp(
  String.raw`(${NUMBER})\s*(?:(?:-|–|—|to|or)\s*(${NUMBER})\s*)?[- ]?(?:more |additional |extra |further |full |whole )?${UNIT}(?:\s*(?:and|,)?\s*(a half|half|(${NUMBER})\s*(?:minutes?|mins?|min|m)\b))?`,
  'giu',
);
const PER_WEIGHT = /^\s*(?:per|a|for each|for every|each|\/)\s*(pound|lb|kilo(?:gram)?|kg|500 ?g)/i;

/** The number that a word or a figure stands for. */
function toNumber(text: string): number {
  const plain = text.trim().toLowerCase();
  const word = WORDS[plain];
  if (word !== undefined) return word;
  const [tens = '', one = ''] = plain.split(/[- ]/);
  if (tens in TENS) return (WORDS[tens] ?? 0) + (WORDS[one] ?? 0);
  const last = FRACTIONS[plain.at(-1) ?? ''];
  if (last === undefined) return Number(plain.replace(',', '.'));
  const whole = plain.slice(0, -1).trim();
  return (whole === '' ? 0 : Number(whole.replace(',', '.'))) + last;
}

function unitMinutes(unit: string): number {
  return MINUTES[unit[0]?.toLowerCase() ?? 'm'] ?? 1;
}

/** “1h15” and “2 h 05”: hours with minutes behind them and no unit. */
const HOURS_MINUTES = /\b(\d{1,2})\s?h(?:ours?|rs?)?\s?(\d{1,2})\b(?!\s*(?:m|°|g\b|-))/gi;

/**
 * Every time in a text, in order.
 *
 * @example findDurations('for 1 hour 10 minutes')[0]?.from // 70
 */
export function findDurations(text: string): Duration[] {
  const found: Duration[] = [];
  const joined = text.replace(HOURS_MINUTES, (whole, h: string, m: string) =>
    `${Number(h) * 60 + Number(m)} min`.padEnd(whole.length).slice(0, Math.max(whole.length, 7)),
  );
  if (joined !== text) return findDurations(joined);
  for (const match of text.matchAll(SPAN)) {
    const [whole, first = '', second, unit = 'm', more, extra] = match;
    const start = match.index;
    // “a m” and “no h” are not times: a word needs a written-out unit.
    if (/^[a-z]/i.test(first) && unit.length < 3) continue;
    const size = unitMinutes(unit);
    let from = toNumber(first) * size;
    if (more) from += /half/i.test(more) ? size / 2 : toNumber(extra ?? '0');
    const to = second === undefined ? null : toNumber(second) * size;
    const end = start + whole.length;
    const weight = PER_WEIGHT.exec(text.slice(end));
    const isKilo = weight !== null && /^k/i.test(weight[1] ?? '');
    const isHalfKilo = weight !== null && /^500/.test(weight[1] ?? '');
    const factor = isKilo ? 1 / KG_IN_LB : isHalfKilo ? 2 / KG_IN_LB : 1;
    found.push({
      from,
      to: to !== null && to > from ? to : null,
      start,
      end: end + (weight?.[0].length ?? 0),
      perPound: weight ? from * factor : null,
    });
  }
  return found;
}

const HEAT =
  /(\d{2,3})\s*(?:°|º|degrees?|deg)?\s*(c|f|celsius|fahrenheit)\b|(\d{3})\s*(?:°|º|degrees)/i;
const GAS_MARK = /gas mark (\d)/i;

/** An oven setting in a text, whole °C; null where there is none. */
export function findTemperature(text: string): number | null {
  const mark = GAS_MARK.exec(text);
  const heat = HEAT.exec(text);
  if (!heat) return mark ? 135 + 14 * Number(mark[1]) : null;
  const value = Number(heat[1] ?? heat[3]);
  // Without a letter, what no oven reaches in Celsius is Fahrenheit.
  const isF = heat[2] ? /^f/i.test(heat[2]) : value > 260;
  const celsius = isF ? ((value - 32) * 5) / 9 : value;
  return Math.round(celsius);
}
