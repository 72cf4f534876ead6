/**
 * The make-up of foods that the table does not know, for heat only: how fast they warm and cool. It says
 * nothing of what makes them safe, soft or fit to eat.
 */
import { findFood, foodById, kindOf } from './find';
import type { Composition } from './types';

interface Estimate {
  /** In words, for the reason. */
  as: string;
  composition: Composition;
}

/** Most cooked food is about three quarters water, and water decides how it heats (from memory, USDA SR). */
const MOIST: Composition = { water: 75, protein: 9, fat: 6, carbohydrate: 7, fibre: 2, ash: 1 };

/** A food’s own make-up, or the estimate of one that the table does not know. */
export function compositionFor(name: string): Estimate {
  const food = findFood(name);
  return food ? { as: food.names[0], composition: food.composition } : estimateFood(name);
}

/** The make-up of the usual food of its kind; moist food where its kind is not known either. */
export function estimateFood(name: string): Estimate {
  const like = kindOf(name)?.like;
  const food = like ? foodById(like) : null;
  return food
    ? { as: food.names[0], composition: food.composition }
    : { as: 'moist food, three quarters water', composition: MOIST };
}
