/** How much goes into one bag: as many people as the entry is for, or what the cook measures. */
import { mainIngredient, scaleDish, type Dish } from '../dish';
import { FRIDGE_C } from '../facts';
import { fillVolume } from '../cooker';
import { cookingYield, findFood } from '../food';
import type { Meal, MealEntry } from '../meal';
import { bagParts, kitGrams, portionGrams } from '../storage';
import { kindOf, UNITS } from '../units';

type State = NonNullable<MealEntry['what']['bags']>['state'];

/** Cooked food with its sauce, g/ml (estimate). */
const COOKED_DENSITY = 1.02;

/** What one serving of a dish is in its bag. */
export interface BagMeasure {
  grams: number;
  ml: number;
}

/** One serving as it lies in the bag: all of a kit that is in it, or what is cooked, drained where it is a bulk food. */
export function bagMeasure(dish: Dish, state: State): BagMeasure {
  if (state !== 'cooked') {
    const inside = bagParts(dish, dish.servings).inside.flatMap((i) =>
      i.food && i.grams ? [{ food: i.food.id, grams: i.grams, celsius: FRIDGE_C }] : [],
    );
    return { grams: kitGrams(dish), ml: fillVolume(inside) / dish.servings };
  }
  const grams = portionGrams(dish);
  return { grams, ml: grams / cookedDensity(dish) };
}

/** Cooked in bulk it is measured loose, by the cup; other dishes lie in their sauce. */
function cookedDensity(dish: Dish): number {
  const main = dish.bulk ? mainIngredient(scaleDish(dish, dish.servings)) : null;
  if (!main?.food || cookingYield(main.food).factor <= 0) return COOKED_DENSITY;
  const { id, names } = main.food;
  // Under any of its names: “cooked chickpeas” is what “dry chickpeas” become.
  const cooked =
    names
      .map((name) => findFood(`cooked ${name.replace(/^(?:dry|dried|raw)\s+/, '')}`))
      .find((food) => food !== null && food.id !== id) ?? main.food;
  return cooked.density > 0 ? cooked.density : COOKED_DENSITY;
}

/**
 * Servings of the dish in one bag; a part of one where bags are small.
 *
 * @param entry what is packed
 * @param dish as it is written
 */
export function servingsInBag(
  entry: MealEntry,
  { servings }: Pick<Meal, 'servings'>,
  dish: Dish,
): number {
  const people = entry.forWhom.servings ?? servings;
  const { bags } = entry.what;
  if (!bags?.size) return people;
  const { grams, ml } = bagMeasure(dish, bags.state);
  const wanted = bags.size.amount * UNITS[bags.size.unit].size;
  const one = kindOf(bags.size.unit) === 'mass' ? grams : ml;
  return one > 0 ? wanted / one : people;
}
