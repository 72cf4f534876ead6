/**
 * Quantities as a cook would measure them: the nearest spoon, cup or scale mark, never 0.6667 cup.
 * Rounding is for reading only; nothing is computed from a displayed value.
 */
import { UNITS, type Quantity, type Unit } from './quantity';

export type System = 'us' | 'metric';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
];

/** Which fractions the measures of a unit come in. */
const MARKS: Partial<Record<Unit, readonly number[]>> = {
  tsp: [0, 1 / 8, 1 / 4, 1 / 2, 3 / 4, 1],
  tbsp: [0, 1 / 2, 1],
  cup: [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1],
  oz: [0, 1 / 4, 1 / 2, 3 / 4, 1],
  lb: [0, 1 / 4, 1 / 2, 3 / 4, 1],
  quart: [0, 1 / 4, 1 / 2, 3 / 4, 1],
};
const COUNT_MARKS = [0, 1 / 4, 1 / 2, 3 / 4, 1] as const;
/** Above one, things are whole or half; from four on nobody halves one. */
const HALVES = [0, 1 / 2, 1] as const;
const WHOLE_FROM = 4;

/**
 * The quantity in words for the given system; the kind is kept, so a mass stays a mass.
 *
 * @example formatQuantity({ amount: 2 / 3, unit: 'cup' }, 'us') // '⅔ cup'
 * @example formatQuantity({ amount: 1.5, unit: 'lb' }, 'metric') // '680 g'
 */
export function formatQuantity(quantity: Quantity, system: System): string {
  if (quantity.amount === 0) return 'none';
  const { kind } = UNITS[quantity.unit];
  const base = quantity.amount * UNITS[quantity.unit].size;
  if (kind === 'count') return formatCount(quantity);
  if (kind === 'mass') return system === 'metric' ? formatGrams(base) : formatOunces(base);
  return system === 'metric' ? formatMillilitres(base) : formatUsVolume(base);
}

/**
 * What a pot or a place holds, as it is sold.
 *
 * @example formatCapacity(5.7, 'us') // '6 qt'
 */
export function formatCapacity(litres: number, system: System): string {
  if (system === 'metric') return `${trim(Math.round(litres * 10) / 10)} l`;
  return `${trim(Math.round((litres * 1000) / UNITS.quart.size))} qt`;
}

function formatCount({ amount, unit }: Quantity): string {
  if (unit === 'pinch') return amount < 1.5 ? 'a pinch' : withUnit(Math.round(amount), unit);
  if (amount >= WHOLE_FROM) return withUnit(Math.round(amount), unit);
  return withUnit(nearestMark(amount, amount < 1 ? COUNT_MARKS : HALVES), unit);
}

function formatGrams(grams: number): string {
  if (grams < 0.95) return 'a pinch';
  if (grams < 995) return `${roundTo(grams, grams < 10 ? 1 : grams < 250 ? 5 : 10) || 1} g`;
  return `${trim(roundTo(grams, grams < 5000 ? 10 : 100) / 1000)} kg`;
}

function formatOunces(grams: number): string {
  const ounces = grams / UNITS.oz.size;
  if (ounces < 1 / 8) return grams < 0.95 ? 'a pinch' : `${Math.max(1, Math.round(grams))} g`;
  if (ounces < 15.9) return withUnit(nearestMark(ounces, marksOf('oz')) || 1 / 4, 'oz');
  return withUnit(nearestMark(grams / UNITS.lb.size, marksOf('lb')), 'lb');
}

function formatMillilitres(ml: number): string {
  // Spoons are measured with spoons in metric kitchens too, in 5 ml and 15 ml sizes.
  if (ml < 0.5) return 'a pinch';
  if (ml < 14) return withUnit(nearestMark(ml / 5, marksOf('tsp')) || 1 / 8, 'tsp');
  if (ml < 50) return withUnit(nearestMark(ml / 15, marksOf('tbsp')), 'tbsp');
  if (ml < 995) return `${roundTo(ml, ml < 500 ? 5 : 10)} ml`;
  return `${trim(roundTo(ml, 50) / 1000)} l`;
}

function formatUsVolume(ml: number): string {
  if (ml < UNITS.tsp.size / 12) return 'a pinch';
  if (ml < UNITS.tbsp.size * 0.95)
    return withUnit(nearestMark(ml / UNITS.tsp.size, marksOf('tsp')) || 1 / 8, 'tsp');
  if (ml < UNITS.cup.size * 0.235)
    return withUnit(nearestMark(ml / UNITS.tbsp.size, marksOf('tbsp')), 'tbsp');
  if (ml < UNITS.quart.size * 3.9)
    return withUnit(nearestMark(ml / UNITS.cup.size, marksOf('cup')), 'cup');
  return withUnit(nearestMark(ml / UNITS.quart.size, marksOf('quart')), 'quart');
}

function marksOf(unit: Unit): readonly number[] {
  return MARKS[unit] ?? COUNT_MARKS;
}

/** Nearest value whose fraction is one of the marks; whole numbers from 10 on. */
function nearestMark(value: number, marks: readonly number[]): number {
  if (value >= 10) return Math.round(value);
  const whole = Math.floor(value);
  const part = value - whole;
  const mark = marks.reduce((a, b) => (Math.abs(b - part) < Math.abs(a - part) ? b : a));
  return whole + mark || (marks.find((m) => m > 0) ?? 0);
}

function withUnit(value: number, unit: Unit): string {
  const { one, many } = UNITS[unit];
  return `${toFraction(value)} ${value > 1 ? many : one}`.trim();
}

/**
 * A number with a kitchen fraction.
 *
 * @example toFraction(1.5) // '1½'
 */
export function toFraction(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const part = value - whole;
  const [mark, sign] = FRACTIONS.reduce((a, b) =>
    Math.abs(b[0] - part) < Math.abs(a[0] - part) ? b : a,
  );
  if (mark === 1) return String(whole + 1);
  return sign === '' ? String(whole) : `${whole === 0 ? '' : whole}${sign}`;
}

function roundTo(value: number, step: number): number {
  return Math.round(value / step) * step;
}

function trim(value: number): string {
  return String(Number(value.toFixed(2)));
}
