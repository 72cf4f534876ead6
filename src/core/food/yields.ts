/** What is left of a food's weight when it is cooked. */
import type { Food } from './types';

export interface CookingYield {
  /** g cooked for 1 g raw, bone and waste aside. */
  factor: number;
  source: string;
}

const USDA = 'USDA Table of Cooking Yields for Meat and Poultry (2014)';

/** By group, for moist heat or browning in a pot; a mean over cuts (from memory of the table). */
const MEAT: Partial<Record<Food['group'], number>> = { meat: 0.7, poultry: 0.73, fish: 0.8 };
/** Minced meat, browned and drained. */
const MINCED = 0.73;
/** Bacon, whose fat is poured off. */
const BACON = 0.35;

/**
 * Weight after cooking over the weight before.
 *
 * @source meat: USDA Table of Cooking Yields for Meat and Poultry, release 2 (2014), from memory; pulses and
 *   grains: what they take up (see the food table), within the yields of the USDA FNS Food Buying Guide
 */
export function cookingYield(food: Food): CookingYield {
  const meat =
    food.keep === 'bacon' ? BACON : food.keep === 'ground-meat' ? MINCED : MEAT[food.group];
  if (meat !== undefined) return { factor: meat, source: USDA };
  if (food.takes > 0)
    return { factor: 1 + food.takes, source: 'dry weight and what it takes up until it is done' };
  return { factor: 1 - food.gives, source: 'less the juice that it gives (common practice)' };
}
