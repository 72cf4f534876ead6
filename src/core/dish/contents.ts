/** What lies in the liner when the lid goes on. */
import type { Portion } from '../cooker';
import type { PressureStage, Stage } from './document';
import type { ScaledDish, ScaledIngredient } from './scale';

/** From the fridge, and as warm as the room, °C (common practice). */
const FRIDGE_C = 6;
const ROOM_C = 18;
/** Browned meat on its way under the lid is hot outside and cold within (estimate). */
const BROWNED_C = 45;

const CHILLED = new Set(['meat', 'poultry', 'fish', 'dairy', 'egg']);

export function startCelsius({ ingredient, food }: ScaledIngredient): number {
  if (ingredient.celsius !== undefined) return ingredient.celsius;
  if (ingredient.frozen) return -18;
  return food && CHILLED.has(food.group) ? FRIDGE_C : ROOM_C;
}

/**
 * Everything used in the stages of one stay up to and with a pressure stage.
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
  for (const current of stay.slice(0, stay.indexOf(stage) + 1)) {
    for (const id of current.uses) {
      const found = scaled.ingredients.find((i) => i.ingredient.id === id);
      if (!found || !found.grams) continue;
      const start = startCelsius(found);
      portions.push({
        food: found.food?.id ?? found.ingredient.food,
        grams: found.grams,
        celsius: current.kind === 'brown' ? Math.max(start, BROWNED_C) : start,
        ...(found.ingredient.frozen ? { frozen: true } : {}),
        ...(found.ingredient.pieceMm ? { pieceMm: found.ingredient.pieceMm } : {}),
      });
    }
  }
  return portions;
}
