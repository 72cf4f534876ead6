/** What would go wrong with a dish, and the remedy on its button. */
import type { DishFinding, DishFindingValues } from '../reason';
import { formatTemperature } from '../units';
import { length, ml, sayWater } from './amounts';
import type { Conventions } from './conventions';

/** How this household reads amounts and temperatures. */
export interface DishConventions extends Conventions {
  scale: 'C' | 'F';
}

/** A finding of a dish in words; the remedy stands on a button. */
export interface SaidOfDish {
  text: string;
  remedy: string;
}

type Words = {
  [C in keyof DishFindingValues]: (values: DishFindingValues[C], by: DishConventions) => SaidOfDish;
};

const WORDS: Words = {
  'dairy-under-pressure': ({ food, stage }) => ({
    text: `${food} goes in before “${stage}”: it curdles under pressure (common practice).`,
    remedy: `Move ${food} after the cycle`,
  }),
  'starch-under-pressure': ({ food, stage }) => ({
    text: `${food} goes in before “${stage}”: it sinks, thickens and scorches (common practice).`,
    remedy: `Move ${food} after the cycle`,
  }),
  'thick-at-the-bottom': ({ food }) => ({
    text: `${food} is thick: at the bottom it scorches, and the cooker reports overheating (common practice).`,
    remedy: `Say: ${food} last, on top`,
  }),
  'too-little-liquid': ({ stage, thinMl, leastMl, addMl }, by) => ({
    text: `“${stage}” has ${ml(thinMl, by)} of thin liquid, and only that makes steam; the smallest cooker here needs ${ml(leastMl, by)}.`,
    remedy: `Add ${sayWater(addMl, by)}`,
  }),
  'frozen-in-slow-cooker': ({ food }) => ({
    text: `frozen ${food} in a slow cooker stays too long where bacteria grow (USDA FSIS, Slow Cookers and Food Safety).`,
    remedy: `Thaw the ${food} first`,
  }),
  'raw-beans-in-slow-cooker': ({ food }) => ({
    text: `raw ${food} hold a toxin that a slow cooker does not destroy: they must boil for 10 min at least (FDA, Bad Bug Book, phytohaemagglutinin).`,
    remedy: 'Boil them 30 min first',
  }),
  'delayed-start': ({ food }) => ({
    text: `${food} would be warm until a delayed start: no longer than two hours out of the fridge (USDA FSIS, “Danger Zone”).`,
    remedy: 'Start it at once',
  }),
  'unsafe-target': (found, by) => {
    const { food, kind, minutes, isHeatedAfter, thickMm, safeMinutes } = found;
    const degrees = (celsius: number): string => formatTemperature(celsius, by.scale);
    return {
      text: `after ${minutes} min${isHeatedAfter ? ' and the heat that follows' : ''} the middle of ${food}, ${length(Math.round(thickMm), by)} thick, is at about ${degrees(found.reachesC)} (conduction); ${kind} need ${degrees(found.needsC)} (USDA FSIS). The thermometer decides.`,
      remedy: `At pressure for ${safeMinutes} min`,
    };
  },
  'smelling-ring': () => ({
    text: 'it is sweet, and no cooker here has a second ring: it will taste of the stew before it (common practice).',
    remedy: 'Say: with a clean ring',
  }),
};

/** @returns the finding in the household's units */
export function sayDishFinding(found: DishFinding, by: DishConventions): SaidOfDish {
  // Code and values belong together by the union; the compiler loses that on the way through the table.
  const say = WORDS[found.code] as (
    values: DishFinding['values'],
    by: DishConventions,
  ) => SaidOfDish;
  return say(found.values, by);
}
