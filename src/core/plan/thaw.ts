/** Frozen ingredients that a dish wants thawed: in the fridge on a day before, else in cold water. */
import { FREEZER_C, FRIDGE_C } from '../facts';
import { cooksFrozen, type ScaledIngredient } from '../dish';
import type { ProblemStep } from '../solve';
import { thawRuleHours, thawingTime } from '../thermal';
import { formatMinutes } from '../units';
import { daysBefore, type Lead } from './lead';

const DAY_MIN = 1440;
/** Nothing is thawed in water in less, min. */
const LEAST_WATER_MIN = 30;
/** Thawed in the fridge, poultry, fish and ground meat wait a day or two (USDA FSIS); the shorter is taken. */
const WAITS_AFTER_MIN = DAY_MIN;
/** Thawed in water it is cooked at once (USDA FSIS); as long as it takes to get it ready, min. */
const WATER_WAITS_MIN = 30;

export interface Thaw {
  step: Pick<ProblemStep, 'minutes' | 'from' | 'by'>;
  text: string;
  because: string;
  /** How long it may lie thawed before it is cooked, min. */
  waits: number;
  /** Minutes that the fridge would take where it is too slow; null where it is not. */
  tooLate: number | null;
}

/** Fridge, and tap water that is changed, °C. */
const AROUND_C = { air: FRIDGE_C, water: 10 } as const;
/** From here on a piece may take longer than its weight says; thinner ones go by the rule. */
const THICK_MM = 60;

const thicknessOf = ({ ingredient, food }: ScaledIngredient): number =>
  ingredient.pieceMm ?? food?.pieceMm ?? 0;

/** The longer of the published rule by weight and of conduction by thickness: a thick piece takes days. */
function thawMinutes(
  scaled: ScaledIngredient,
  grams: number,
  method: 'air' | 'water',
): { minutes: number; isByThickness: boolean } {
  const rule = thawRuleHours(grams, method);
  const thicknessMm = thicknessOf(scaled);
  const { hours } =
    thicknessMm >= THICK_MM
      ? thawingTime({
          food: scaled.food?.id ?? scaled.ingredient.food,
          // A roast is about as thick one way as the other, and longer than that.
          shape: 'cylinder',
          thicknessMm,
          fromC: FREEZER_C,
          airC: AROUND_C[method],
          grams,
          method,
        })
      : { hours: null };
  const byThickness = hours ?? 0;
  return {
    minutes: Math.ceil(Math.max(rule, byThickness) * 60),
    isByThickness: byThickness > rule,
  };
}

/** How an ingredient is thawed in time; null where it is not frozen, or goes in frozen. */
export function thawFor(scaled: ScaledIngredient, lead: Lead): Thaw | null {
  const { ingredient, grams } = scaled;
  if (!ingredient.frozen || cooksFrozen(ingredient)) return null;
  const what = ingredient.bag ? `the bag ${ingredient.bag}` : ingredient.food;
  // A pack thaws as a whole, however little of it is used.
  const weight = Math.max(grams ?? 500, ingredient.packGrams ?? 0);
  const inFridge = thawMinutes(scaled, weight, 'air');
  const { minutes } = inFridge;
  const window = daysBefore(minutes, lead);
  if (window)
    return {
      step: { minutes, ...window },
      text: `${what} out of the freezer, into the fridge, in a bowl`,
      because: `${formatMinutes(minutes)} for ${Math.round(weight)} g: ${inFridge.isByThickness ? `${Math.round(thicknessOf(scaled))} mm thick, by conduction, longer than the rule of a day for each 4 to 5 lb (USDA FSIS, The Big Thaw)` : 'a day for each 4 to 5 lb, a day at least (USDA FSIS, The Big Thaw)'}`,
      waits: WAITS_AFTER_MIN,
      tooLate: null,
    };
  const inWater = Math.max(LEAST_WATER_MIN, thawMinutes(scaled, weight, 'water').minutes);
  return {
    step: { minutes: inWater },
    text: `Thaw ${ingredient.bag ? what : `the ${what}`} in cold water, leak-proof; change the water every 30 min`,
    because: `${formatMinutes(inWater)} for ${Math.round(weight)} g: 30 min for each pound, cooked at once (USDA FSIS, The Big Thaw)`,
    waits: WATER_WAITS_MIN,
    tooLate: minutes,
  };
}
