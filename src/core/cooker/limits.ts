/** How full a liner may be and how much thin liquid it needs at least. */
import { findFood, foodById, kindOf } from '../food';
import type { Portion } from './types';

/** By size, one cup whatever the size, or by size with the juices that the food gives counted. */
export const LIQUID_SCHOOLS = ['by-size', 'one-cup', 'with-juices'] as const;
export type LiquidSchool = (typeof LIQUID_SCHOOLS)[number];

/** No cup, pot or printed size is exact: limits are passed from so much over on. */
export const SLACK = 0.03;

const ML_PER_CUP = 236.588;
const ML_PER_QUART = 946.353;

/** Least thin liquid by size: quarts and cups (common practice: 3 qt 1 cup, 6 qt 1½, 8 qt 2). */
const LEAST_BY_SIZE: readonly (readonly [number, number])[] = [
  [3, 1],
  [6, 1.5],
  [8, 2],
];

/** The size as it is sold: 5.7 l, 5.68 l and 6 qt are one size. */
function nominalQuarts(litres: number): number {
  const quarts = (litres * 1000) / ML_PER_QUART;
  const whole = Math.round(quarts);
  return Math.abs(quarts - whole) <= SLACK * whole ? whole : quarts;
}

/**
 * Least thin liquid for a cooker, ml. The cooker's manual wins over both schools.
 *
 * @param litres nominal size
 */
export function leastLiquid(litres: number, school: LiquidSchool = 'by-size'): number {
  if (school === 'one-cup') return ML_PER_CUP;
  const quarts = nominalQuarts(litres);
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
  const isHalf = contents.some((p) => p.grams > 0 && swells(p.food) === true);
  return litres * 1000 * (isHalf ? 1 / 2 : 2 / 3);
}

/** Whether a food swells or foams; null where nobody knows what it is. */
export function swells(name: string): boolean | null {
  const food = findFood(name);
  if (food) return food.swells;
  const kind = kindOf(name);
  return kind && (kind.like === null ? false : (foodById(kind.like)?.swells ?? false));
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
 * Juices that meat, poultry and vegetables give off in a cycle, ml: an estimate (common practice: a quarter of a
 * cup or more for a pound of meat).
 */
export function juices(contents: readonly Portion[]): number {
  return contents.reduce((sum, p) => {
    const food = findFood(p.food);
    return sum + (food?.form === 'solid' ? p.grams * food.gives : 0);
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
