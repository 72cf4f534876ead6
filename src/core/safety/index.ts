/**
 * Food-safety facts that belong to a dish, with their published source. The thermometer, the
 * cooker's manual and local advice come first; the program only reminds.
 */
import type { ScaledDish } from '../dish';
import type { Food } from '../food';
import { formatTemperature } from '../units';

export interface Caution {
  code: 'centre-temperature' | 'valve' | 'vent' | 'lid' | 'raw-kidney-beans' | 'not-a-canner';
  text: string;
  source: string;
}

const FSIS = 'USDA FSIS, Safe Minimum Internal Temperature Chart';
const MANUAL = 'common practice; the cooker’s manual comes first';

/** Least centre temperature by food, °C; the strictest rule first. */
const CENTRE_RULES = [
  { applies: (f: Food) => f.group === 'poultry', celsius: 73.9, what: 'poultry', rest: '' },
  {
    applies: (f: Food) => f.keep === 'ground-meat' || f.keep === 'sausage',
    celsius: 71.1,
    what: 'ground meat',
    rest: '',
  },
  { applies: (f: Food) => f.group === 'egg', celsius: 71.1, what: 'dishes with egg', rest: '' },
  {
    applies: (f: Food) => f.group === 'meat',
    celsius: 62.8,
    what: 'whole cuts of meat',
    rest: ', then 3 min rest',
  },
  { applies: (f: Food) => f.group === 'fish', celsius: 62.8, what: 'fish', rest: '' },
] as const;

/**
 * What a thermometer in the thickest part must show; null where no rule asks for one.
 *
 * @source USDA FSIS, Safe Minimum Internal Temperature Chart
 */
export function centreTarget(food: Food | null): (typeof CENTRE_RULES)[number] | null {
  return CENTRE_RULES.find((rule) => food !== null && rule.applies(food)) ?? null;
}

/** The thermometer reading that decides, for the most demanding food in the dish. */
export function centreCaution(scaled: ScaledDish, scale: 'C' | 'F'): Caution | null {
  const rule = CENTRE_RULES.find((r) =>
    scaled.ingredients.some(({ food }) => food !== null && r.applies(food)),
  );
  if (!rule) return null;
  return {
    code: 'centre-temperature',
    text: `${rule.what}: at least ${formatTemperature(rule.celsius, scale)} in the thickest part${rule.rest}`,
    source: FSIS,
  };
}

export const VALVE: Caution = {
  code: 'valve',
  text: 'look at valve, pin and ring first; don’t fill past the line',
  source: MANUAL,
};
export const VENT: Caution = {
  code: 'vent',
  text: 'hand beside the vent, not over it',
  source: MANUAL,
};
export const LID: Caution = {
  code: 'lid',
  text: 'never open while the pin is up; lid away from you',
  source: MANUAL,
};

/** Raw kidney beans hold a toxin that only boiling destroys. */
export function kidneyBeanCaution(scaled: ScaledDish): Caution | null {
  const raw = scaled.ingredients.some(({ food }) => food?.id === 'kidney-bean');
  if (!raw) return null;
  return {
    code: 'raw-kidney-beans',
    text: 'raw kidney beans must boil for 10 min at least; never only slow-cook them',
    source: 'FDA, Bad Bug Book, phytohaemagglutinin',
  };
}
