/** What lies in the liner when the lid goes on. */
import { FREEZER_C, FRIDGE_C, ROOM_C } from '../facts';
import type { Portion } from '../cooker';
import type { Ingredient, PressureStage, Stage } from './document';
import { isParted, partAt } from './parts';
import type { ScaledDish, ScaledIngredient } from './scaled';

/** Browned meat on its way under the lid is hot outside and cold within (estimate). */
const BROWNED_C = 45;
/** What was under the lid before in this stay is a little under the boil when it goes on again (estimate). */
const OPENED_C = 95;

/** Stages after which everything in the pot is hot through. */
const HEATS_THROUGH: ReadonlySet<string> = new Set(['pressure', 'simmer']);

const CHILLED = new Set(['meat', 'poultry', 'fish', 'dairy', 'egg']);

/** Whether it goes in as it comes from the freezer. */
export function cooksFrozen({ frozen, thaw }: Pick<Ingredient, 'frozen' | 'thaw'>): boolean {
  return frozen === true && thaw !== true;
}

export function startCelsius({ ingredient, food }: ScaledIngredient): number {
  if (ingredient.celsius !== undefined) return ingredient.celsius;
  if (cooksFrozen(ingredient)) return FREEZER_C;
  return food && CHILLED.has(food.group) ? FRIDGE_C : ROOM_C;
}

/**
 * Everything used in the stages of one stay up to and with a pressure stage; what an earlier cycle
 * of the stay has cooked is still hot.
 *
 * @param stay the stages of the stay in order
 * @returns portions for the heat balance; ingredients whose weight is unknown are left out
 */
export function contentsAt(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
): Portion[] {
  const portions: Portion[] = [];
  /** What went in whole, or as the rest, goes in once. */
  const counted = new Set<string>();
  const until = stay.indexOf(stage) + 1;
  const hotUntil = stay.slice(0, until - 1).findLastIndex((s) => HEATS_THROUGH.has(s.kind));
  for (const [i, current] of stay.slice(0, until).entries()) {
    const isHot = i <= hotUntil;
    for (const id of current.uses) {
      const found = scaled.ingredients.find((i) => i.ingredient.id === id);
      if (!found?.grams || counted.has(id)) continue;
      if (current.parts?.[id] === undefined) counted.add(id);
      const grams =
        found.grams * (isParted(scaled.dish, id) ? partAt(scaled.dish, current, id) : 1);
      if (grams === 0) continue;
      const start = startCelsius(found);
      portions.push({
        food: found.food?.id ?? found.ingredient.food,
        grams,
        celsius: isHot ? OPENED_C : current.kind === 'brown' ? Math.max(start, BROWNED_C) : start,
        ...(cooksFrozen(found.ingredient) && !isHot ? { frozen: true } : {}),
        ...(found.ingredient.pieceMm ? { pieceMm: found.ingredient.pieceMm } : {}),
      });
    }
  }
  return portions;
}
