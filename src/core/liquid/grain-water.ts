/** How much water grain and pulses need: what they take up, and what the vessel loses. */
import { fault } from '../words';
import { findFood, type Food } from '../food';
import { failure, success, type Outcome } from '../reason';

export type Vessel = 'sealed' | 'stacked' | 'open' | 'slow' | 'rice-cooker';
export type Treatment = 'dry' | 'rinsed' | 'soaked';

export interface WaterNeed {
  ml: number;
  because: string[];
}

/** ml that leave as steam in one cooking, whatever the amount (common practice). */
const LOSS_ML: Readonly<Record<Vessel, number>> = {
  sealed: 30,
  stacked: 0,
  open: 220,
  slow: 90,
  'rice-cooker': 120,
};
const LOSS_WORDS: Readonly<Record<Vessel, string>> = {
  sealed: 'the pot loses about 30 ml as steam in a cycle, whatever the amount (common practice)',
  stacked:
    'a pan inside the pot loses nothing to speak of; the inner pot keeps its own water under it',
  open: 'an open pot loses about 220 ml while it simmers (common practice)',
  slow: 'a slow cooker loses about 90 ml under its lid (common practice)',
  'rice-cooker': 'a rice cooker loses about 120 ml past its lid while it boils (common practice)',
};
/** ml that stay on 1 g when it is rinsed and drained. */
const RINSED_ML = 0.1;
/** Share of what it takes up that it has taken after soaking: grain half an hour, pulses a night. */
const SOAKED: Readonly<Partial<Record<Food['group'], number>>> = { grain: 0.25, pulse: 0.85 };

/**
 * Water to add, ml.
 *
 * @param grams dry weight, > 0
 * @source common practice: washed rice in a sealed pot about 1 : 1 by volume
 */
export function waterFor(
  name: string,
  grams: number,
  vessel: Vessel,
  treated: Treatment,
): Outcome<WaterNeed> {
  const food = findFood(name);
  if (!food || food.takes === 0)
    return failure(
      food
        ? fault('food', 'takes-no-water', { food: food.names[0] })
        : fault('food', 'food-not-in-table', { name }),
    );
  const [label] = food.names;
  const taken = grams * food.takes;
  const carried =
    treated === 'rinsed'
      ? grams * RINSED_ML
      : treated === 'soaked'
        ? taken * (SOAKED[food.group] ?? 0)
        : 0;
  const cover = grams * food.cover;
  const ml = taken - carried + cover + LOSS_ML[vessel];
  return success({
    ml,
    because: [
      `${label} takes up ${food.takes} ml for each gram: ${Math.round(taken)} ml (common practice)`,
      ...(carried > 0 ? [`${treated}: ${Math.round(carried)} ml of that are in it already`] : []),
      ...(cover > 0
        ? [
            `${Math.round(cover)} ml more keep it covered; they are broth or sauce afterwards (common practice)`,
          ]
        : []),
      LOSS_WORDS[vessel],
    ],
  });
}
