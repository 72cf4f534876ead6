/** How full a liner may be and how much thin liquid it needs at least. */
import { findFood } from '../food';
import { convert } from '../units';
import type { Portion } from './types';

export type LiquidSchool = 'by-size' | 'one-cup';

const ML_PER_CUP = 236.588;
const ML_PER_QUART = 946.353;

/** Least thin liquid by size: quarts and cups (common practice: 3 qt 1 cup, 6 qt 1½, 8 qt 2). */
const LEAST_BY_SIZE: readonly (readonly [number, number])[] = [
  [3, 1],
  [6, 1.5],
  [8, 2],
];

/**
 * Least thin liquid for a cooker, ml. The cooker's manual wins over both schools.
 *
 * @param litres nominal size
 */
export function leastLiquid(litres: number, school: LiquidSchool = 'by-size'): number {
  if (school === 'one-cup') return ML_PER_CUP;
  const quarts = (litres * 1000) / ML_PER_QUART;
  const [first, second, third] = LEAST_BY_SIZE as [
    readonly [number, number],
    readonly [number, number],
    readonly [number, number],
  ];
  if (quarts <= first[0]) return first[1] * ML_PER_CUP;
  const [a, b] = quarts <= second[0] ? [first, second] : [second, third];
  const cups = a[1] + ((quarts - a[0]) * (b[1] - a[1])) / (b[0] - a[0]);
  return cups * ML_PER_CUP;
}

/** Highest fill, ml: half for what swells or foams, two thirds for the rest (common practice). */
export function fillLimit(litres: number, contents: readonly Portion[]): number {
  const swells = contents.some((p) => p.grams > 0 && (findFood(p.food)?.swells ?? false));
  return litres * 1000 * (swells ? 1 / 2 : 2 / 3);
}

/** Density of a food as measured, g/ml; water's where the table does not know it. */
function bulkDensity(food: string): number {
  return findFood(food)?.density ?? 1;
}

/** Volume of thin liquid, ml. */
export function thinVolume(contents: readonly Portion[]): number {
  return contents.reduce((sum, p) => {
    const food = findFood(p.food);
    return sum + (food?.form === 'thin' && !p.frozen ? p.grams / food.density : 0);
  }, 0);
}

/**
 * How high contents stand, ml: liquid fills the gaps between pieces until it covers them; grain and
 * pulses swell with what they take up. The larger of before and after counts.
 */
export function fillVolume(contents: readonly Portion[]): number {
  let liquid = 0;
  let bulk = 0;
  let body = 0;
  let swollen = 0;
  let taken = 0;
  for (const portion of contents) {
    const food = findFood(portion.food);
    const volume = portion.grams / bulkDensity(portion.food);
    if (food && food.form !== 'solid') {
      liquid += volume;
      continue;
    }
    const growth = Math.max(1, food?.growth ?? 1);
    bulk += volume;
    // Most foods without the air between pieces weigh about 1.05 g/ml.
    body += Math.min(volume, portion.grams / 1.05);
    swollen += volume * growth;
    taken += volume * (growth - 1);
  }
  const before = Math.max(bulk, body + liquid);
  const after = Math.max(swollen, body + taken + Math.max(0, liquid - taken));
  return Math.max(before, after);
}

/** Cups for a message. */
export function toCups(ml: number): number {
  const cups = convert({ amount: ml, unit: 'ml' }, 'cup');
  return cups.ok ? cups.value.amount : 0;
}
