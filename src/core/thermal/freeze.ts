/** Freezing and thawing times by Plank's equation, with the heat above and below freezing. */
import { G_PER_LB } from '../facts';
import {
  FREEZE_FROM_C,
  FUSION_HEAT,
  conductivity,
  compositionFor,
  estimateFood,
  findFood,
  frozenConductivity,
  frozenHeat,
  iceShare,
  solidDensity,
  specificHeat,
  type Composition,
} from '../food';

export type BagShape = 'slab' | 'cylinder' | 'sphere';

/** Shape factors of Plank's equation, by the whole thickness or diameter. */
const SHAPE: Readonly<Record<BagShape, readonly [number, number]>> = {
  slab: [1 / 2, 1 / 8],
  cylinder: [1 / 4, 1 / 16],
  sphere: [1 / 6, 1 / 24],
};
/** Still air in a freezer or fridge, and cold water that is changed, W/(m² K) (estimates). */
const AIR_W = 10;
const WATER_W = 150;
/** A bag counts as frozen, and as thawed, with its middle here, °C. */
const FROZEN_C = -10;
const THAWED_C = 0;

/**
 * Plank's equation.
 *
 * @param a whole thickness or diameter, m
 * @param heat that has to go, J/kg
 * @param drive between the freezing point and what is around, K, > 0
 * @returns seconds
 * @source R. Plank (1913); as in R. P. Singh and D. R. Heldman, Introduction to Food Engineering
 */
export function plankSeconds(question: {
  shape: BagShape;
  a: number;
  density: number;
  heat: number;
  drive: number;
  surfaceW: number;
  conductivity: number;
}): number {
  const [p, r] = SHAPE[question.shape];
  const { a, density, heat, drive, surfaceW } = question;
  return ((density * heat) / drive) * ((p * a) / surfaceW + (r * a * a) / question.conductivity);
}

export interface BagTime {
  /** Null where it never comes to that. */
  hours: number | null;
  because: string[];
}

interface BagQuestion {
  food: string;
  /** Of what is in it, where that is known better than by the name. */
  composition?: Composition;
  shape: BagShape;
  thicknessMm: number;
  fromC: number;
  /** Of air or water around, °C. */
  airC: number;
}

/** Hours until the middle is frozen through (−10 °C). */
export function freezingTime(question: BagQuestion): BagTime {
  const { food, shape, thicknessMm, fromC, airC } = question;
  const composition = question.composition ?? byName(food);
  if (airC >= FROZEN_C)
    return {
      hours: null,
      because: [
        `never frozen through: ${airC} °C around it, and the middle has to come to ${FROZEN_C} °C; a freezer has −18 °C`,
      ],
    };
  const ice = iceShare(composition, FROZEN_C);
  const above = Math.max(0, fromC - FREEZE_FROM_C);
  const heat =
    1000 *
    (ice * FUSION_HEAT +
      above * specificHeat(composition, 10) +
      (FREEZE_FROM_C - FROZEN_C) * frozenHeat(composition, FROZEN_C));
  const seconds = plankSeconds({
    shape,
    a: thicknessMm / 1000,
    density: solidDensity(composition, 5),
    heat,
    drive: FREEZE_FROM_C - airC,
    surfaceW: AIR_W,
    conductivity: frozenConductivity(composition, (FREEZE_FROM_C + airC) / 2),
  });
  return {
    hours: seconds / 3600,
    because: [
      `${Math.round(heat / 1000)} kJ for each kg has to go, through ${shapeWords(shape)} of ${Math.round(thicknessMm)} mm in ${airC} °C (Plank’s equation)`,
      ...(question.composition ? [] : estimated(food)),
      'lay bags flat and apart until they are hard: thickness counts squared (common practice)',
    ],
  };
}

/** Hours until the middle is thawed (0 °C). */
export function thawingTime(
  question: BagQuestion & { grams: number; method: 'air' | 'water' },
): BagTime {
  const { food, shape, thicknessMm, fromC, airC, grams, method } = question;
  const composition = question.composition ?? byName(food);
  if (airC <= THAWED_C)
    return {
      hours: null,
      because: [`never thawed: ${airC} °C around it; a fridge has 4 °C, cold water 10`],
    };
  const start = Math.min(fromC, FREEZE_FROM_C);
  const heat =
    1000 *
    (iceShare(composition, start) * FUSION_HEAT +
      (FREEZE_FROM_C - start) * frozenHeat(composition, Math.min(start, -5)));
  const seconds = plankSeconds({
    shape,
    a: thicknessMm / 1000,
    density: solidDensity(composition, 0),
    heat,
    drive: airC - FREEZE_FROM_C,
    surfaceW: method === 'water' ? WATER_W : AIR_W,
    conductivity: conductivity(composition, 5),
  });
  const rule = thawRuleHours(grams, method);
  return {
    hours: seconds / 3600,
    because: [
      `${shapeWords(shape)} of ${Math.round(thicknessMm)} mm in ${method} of ${airC} °C, by conduction (Plank’s equation)`,
      method === 'water'
        ? `the published rule says ${rule.toFixed(1)} h: 30 min for each pound, leak-proof, water changed every 30 min, cooked at once (USDA FSIS, The Big Thaw)`
        : `the published rule says ${Math.round(rule)} h in the fridge: a day for each 4 to 5 lb, a day at least (USDA FSIS, The Big Thaw)`,
      ...(method === 'air' && airC > 5
        ? ['never thaw on the counter: the outside is warm long before the middle (USDA FSIS)']
        : []),
      ...(method === 'water' && airC > 21
        ? ['never in warm water: 21 °C at most (FDA Food Code 3-501.13)']
        : []),
      ...(question.composition ? [] : estimated(food)),
    ],
  };
}

/**
 * Hours by the published rule, whatever the shape: a day in the fridge for each 4 to 5 lb, a day at least;
 * half an hour in cold water for each pound.
 *
 * @source USDA FSIS, The Big Thaw
 */
export function thawRuleHours(grams: number, method: 'air' | 'water'): number {
  const pounds = grams / G_PER_LB;
  return method === 'water' ? pounds / 2 : Math.max(24, (pounds / 4.5) * 24);
}

const byName = (food: string): Composition => compositionFor(food).composition;

function shapeWords(shape: BagShape): string {
  return { slab: 'a flat bag', cylinder: 'a roll', sphere: 'a round mound' }[shape];
}

function estimated(food: string): string[] {
  return findFood(food)
    ? []
    : [
        `“${food}” is not in the table: it freezes and thaws like ${estimateFood(food).as} (estimate)`,
      ];
}
