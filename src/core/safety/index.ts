/**
 * Food-safety facts that belong to a dish, with their published source. The thermometer, the
 * cooker's manual and local advice come first; the program only reminds.
 */
import type { ScaledDish } from '../dish';
import type { FoodClass, FoodKind } from '../food';
import { formatTemperature } from '../units';

export interface Caution {
  code: 'centre-temperature' | 'valve' | 'vent' | 'lid' | 'raw-kidney-beans' | 'not-a-canner';
  text: string;
  source: string;
}

const FSIS = 'USDA FSIS, Safe Minimum Internal Temperature Chart';
const MANUAL = 'common practice; the cooker’s manual comes first';

interface CentreRule {
  celsius: number;
  /** As it stands in a sentence. */
  what: string;
  restMinutes: number;
}

const rule = (celsius: number, what: string, restMinutes = 0): CentreRule => ({
  celsius,
  what,
  restMinutes,
});

/**
 * Least temperature in the middle by class; absent where no thermometer is asked for.
 *
 * @source USDA FSIS, Safe Minimum Internal Temperature Chart
 */
const CENTRE_RULES: Readonly<Partial<Record<FoodClass, CentreRule>>> = {
  poultry: rule(73.9, 'poultry'),
  casserole: rule(73.9, 'stuffed, mixed and reheated food'),
  ground: rule(71.1, 'ground meat and organs'),
  game: rule(71.1, 'game'),
  egg: rule(71.1, 'dishes with egg'),
  'whole-cut': rule(62.8, 'whole cuts of meat', 3),
  fish: rule(62.8, 'fish'),
  shellfish: rule(62.8, 'shellfish'),
};

/** What a thermometer in the thickest part must show; null where no rule asks for one. */
export function centreTarget(kind: FoodKind | null): CentreRule | null {
  return (kind && CENTRE_RULES[kind.class]) ?? null;
}

/** The most demanding food among them, with its rule; null where none has one. */
function strictestTarget(kinds: readonly (FoodKind | null)[]): CentreRule | null {
  return kinds
    .map(centreTarget)
    .reduce((best, r) => (r && (!best || r.celsius > best.celsius) ? r : best), null);
}

/** The thermometer reading that decides, for the most demanding food in the dish. */
export function centreCaution(scaled: ScaledDish, scale: 'C' | 'F'): Caution | null {
  const rule = strictestTarget(scaled.ingredients.map((i) => i.kind));
  if (!rule) return null;
  return {
    code: 'centre-temperature',
    text: `${rule.what}: at least ${formatTemperature(rule.celsius, scale)} in the thickest part${rule.restMinutes > 0 ? `, then ${rule.restMinutes} min rest` : ''}`,
    source: FSIS,
  };
}

export const VALVE: Caution = {
  code: 'valve',
  text: 'check valve, pin and ring first; don’t fill past the line',
  source: MANUAL,
};
export const VENT: Caution = {
  code: 'vent',
  text: 'keep your hand beside the valve, not over it',
  source: MANUAL,
};
export const LID: Caution = {
  code: 'lid',
  text: 'never open it while the pin is up; lift the lid away from you',
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
