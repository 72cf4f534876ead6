/**
 * Quantities of food: an amount with a unit, and arithmetic that keeps mass, volume and counts apart.
 *
 * @source NIST Special Publication 811 (2008), appendix B: 1 US gallon = 231 in³, 1 lb = 453.59237 g,
 *   both exact; the rest are binary or small fractions of these.
 */
import { G_PER_LB } from '../facts';
import { failure, success, type Outcome } from '../reason';

/** Millilitres in one US gallon: 231 cubic inches of 16.387064 ml each, exact. */
const GALLON_ML = 231 * 16.387064;

export type Kind = 'mass' | 'volume' | 'count';

interface UnitFacts {
  kind: Kind;
  /** Grams, millilitres or pieces in one. */
  size: number;
  one: string;
  many: string;
}

const facts = (kind: Kind, size: number, one: string, many = one): UnitFacts => ({
  kind,
  size,
  one,
  many,
});

export const UNITS = {
  g: facts('mass', 1, 'g'),
  kg: facts('mass', 1000, 'kg'),
  oz: facts('mass', G_PER_LB / 16, 'oz'),
  lb: facts('mass', G_PER_LB, 'lb'),
  ml: facts('volume', 1, 'ml'),
  l: facts('volume', 1000, 'l'),
  tsp: facts('volume', GALLON_ML / 768, 'tsp'),
  tbsp: facts('volume', GALLON_ML / 256, 'tbsp'),
  floz: facts('volume', GALLON_ML / 128, 'fl oz'),
  cup: facts('volume', GALLON_ML / 16, 'cup', 'cups'),
  pint: facts('volume', GALLON_ML / 8, 'pint', 'pints'),
  quart: facts('volume', GALLON_ML / 4, 'quart', 'quarts'),
  piece: facts('count', 1, '', ''),
  clove: facts('count', 1, 'clove', 'cloves'),
  can: facts('count', 1, 'can', 'cans'),
  package: facts('count', 1, 'package', 'packages'),
  slice: facts('count', 1, 'slice', 'slices'),
  pinch: facts('count', 1, 'pinch', 'pinches'),
} as const satisfies Record<string, UnitFacts>;

export type Unit = keyof typeof UNITS;
export const UNIT_NAMES = Object.keys(UNITS) as [Unit, ...Unit[]];

export interface Quantity {
  amount: number;
  unit: Unit;
}

export function kindOf(unit: Unit): Kind {
  return UNITS[unit].kind;
}

/**
 * The same quantity in another unit. Mass and volume meet only through a density.
 *
 * @param density g/ml of the food as measured (bulk, with the air between pieces)
 * @returns the converted quantity, or why it has none
 */
export function convert(from: Quantity, to: Unit, density?: number): Outcome<Quantity> {
  const source = UNITS[from.unit];
  const target = UNITS[to];
  if (!Number.isFinite(from.amount) || from.amount < 0)
    return failure({
      field: 'amount',
      message: `an amount is a number of at least 0; received ${from.amount}`,
      remedy: 'give a positive amount',
    });
  if (source.kind === target.kind) {
    if (source.kind === 'count' && from.unit !== to)
      return failure({
        field: 'to',
        message: `a ${from.unit} and a ${to} are counted, not measured`,
        remedy: 'weigh one of them and convert the weight',
      });
    return success({ amount: (from.amount * source.size) / target.size, unit: to });
  }
  if (source.kind === 'count' || target.kind === 'count')
    return failure({
      field: 'to',
      message: `a ${source.kind} has no ${target.kind} of its own (${from.unit} to ${to})`,
      remedy: 'give a weight or a volume instead',
    });
  if (density === undefined || !(density > 0))
    return failure({
      field: 'food',
      message: `${from.unit} to ${to} goes from ${source.kind} to ${target.kind} and needs the food’s density`,
      remedy: 'name a food that the table knows',
    });
  const inBase = from.amount * source.size;
  const grams = source.kind === 'mass' ? inBase : inBase * density;
  const result = target.kind === 'mass' ? grams : grams / density;
  return success({ amount: result / target.size, unit: to });
}

/** Sum of two quantities in the unit of the first; fails across kinds, as `convert` does. */
export function add(a: Quantity, b: Quantity, density?: number): Outcome<Quantity> {
  const converted = convert(b, a.unit, density);
  if (!converted.ok) return converted;
  return success({ amount: a.amount + converted.value.amount, unit: a.unit });
}
