/** Numbers as people write them, in figures and in words; every reader of text uses these. */

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const V = Object.keys(VULGAR).join('');

const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const SMALL = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
];
const ONES = SMALL.slice(1, 10).join('|');
const TEN = Object.keys(TENS).join('|');
const PLAIN = `(?:(?:${TEN})(?:[- ](?:${ONES}))?|${[...SMALL].reverse().join('|')}|nought)`;
const DOZEN = String.raw`dozen(?:\s+and\s+a\s+half)?`;
const PART = String.raw`(?:half|quarter|third|three[- ]quarters)`;

/**
 * A number in figures, as the source of a regular expression: `12`, `1.5`, `1,5`, `1,200`, `1/2`, `1 1/2`, `1-1/2`,
 * `½`, `1½`.
 */
export const FIGURE = String.raw`(?:\d+\s+dozen\b|\d+[ -]\d+\s?[/⁄]\s?\d+|\d+\s?[/⁄]\s?\d+|\d+[ -]?[${V}]|[${V}]|\d{1,3}(?:,\d{3})+(?![\d])|\d+[.,]\d+|\d+)`;

/**
 * A number in words, as the source of a regular expression: `two and a half`, `twenty-five`, `half a dozen`, `half a`,
 * `three quarters of an`, `a couple of`. It stands in hundreds of patterns, so each list of words is in it once.
 */
export const NUMBER_WORDS = String.raw`(?:\b(?:half a dozen|(?:an?|\d+)\s+${DOZEN}|(?:an?\s+couple(?:\s+of)?|couple\s+of)|${PLAIN}(?:\s+${DOZEN}|\s+and\s+(?:an?\s+)?${PART})?|half(?:\s+an?)?|(?:an?\s+)?(?:quarter|third)(?:\s+of)?(?:\s+an?)?|three[- ]quarters(?:\s+of)?(?:\s+an?)?)\b)`;

/**
 * “A hundred and fifty”, “two hundred”, as people who speak say amounts of food. No part of `NUMBER`: there is no hundred
 * minutes or people, and every pattern would be twice as long.
 */
export const HUNDREDS = String.raw`(?:\b(?:(?:an?|${ONES})\s+)?hundred(?:\s+(?:and\s+)?(?:(?:${TEN})(?:[- ](?:${ONES}))?|${[...SMALL].reverse().join('|')})\b)?)`;

/** Figures or words. */
export const NUMBER = `(?:${FIGURE}|${NUMBER_WORDS})`;

function partValue(word: string): number {
  if (/^half/.test(word)) return 0.5;
  if (/^three/.test(word)) return 0.75;
  return word.startsWith('third') ? 1 / 3 : 0.25;
}

function plainValue(word: string): number {
  if (/^an?$/.test(word)) return 1;
  if (word === 'nought') return 0;
  const hundred = /^(?:(\p{L}+) )?hundred(?: (?:and )?(.+))?$/u.exec(word);
  if (hundred)
    return plainValue(hundred[1] ?? 'one') * 100 + (hundred[2] ? plainValue(hundred[2]) : 0);
  const small = SMALL.indexOf(word);
  if (small >= 0) return small;
  const [tens = '', one = ''] = word.split(/[- ]+/);
  return (TENS[tens] ?? NaN) + (one === '' ? 0 : SMALL.indexOf(one));
}

/**
 * What a number stands for.
 *
 * @param text matched by `NUMBER`, or `a` or `an`
 * @returns NaN where it is no number
 * @example toNumber('1-1/2') // 1.5
 */
export function toNumber(text: string): number {
  const plain = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const dozen = /^(.+?) ?dozen(?: (and a half))?$/.exec(plain);
  if (dozen) {
    const first = dozen[1] ?? '';
    return (first === 'half a' ? 6 : toNumber(first) * 12) + (dozen[2] ? 6 : 0);
  }
  if (/^(?:an? )?couple/.test(plain)) return 2;
  const last = VULGAR[plain.at(-1) ?? ''];
  if (last !== undefined) {
    const whole = plain.slice(0, -1).replace(/-$/, '').trim();
    return (whole === '' ? 0 : Number(whole)) + last;
  }
  const mixed = /^(?:(\d+)[ -])?(\d+) ?[/⁄] ?(\d+)$/.exec(plain);
  if (mixed) {
    const under = Number(mixed[3]);
    return under === 0 ? NaN : Number(mixed[1] ?? 0) + Number(mixed[2]) / under;
  }
  if (/^\d{1,3}(?:,\d{3})+$/.test(plain)) return Number(plain.replaceAll(',', ''));
  if (/^\d/.test(plain)) return Number(plain.replace(',', '.'));
  const more = /^(.+) and (?:an? )?(half|quarter|third|three[- ]quarters)$/.exec(plain);
  if (more) return plainValue(more[1] ?? '') + partValue(more[2] ?? '');
  const part = /^(?:an? )?(half|quarter|third|three[- ]quarters)\b/.exec(plain);
  return part ? partValue(part[1] ?? '') : plainValue(plain);
}
