/** Holds that a dish gives as minutes for each pound of one piece. */
import { G_PER_LB, LONGEST_PRESSURE_MIN } from '../facts';
import type { Food } from '../food';
import { UNITS } from '../units';
import type { PressureStage, Stage } from './document';
import type { ScaledIngredient } from './scaled';

/**
 * Weight of the one piece that decides: the heaviest main ingredient of the stage. Counted pieces
 * cook side by side, so one of them counts; a weight is taken for one piece.
 *
 * @returns g; null where nothing in the stage has a weight
 */
export function decidingPiece(
  stage: Stage,
  ingredients: readonly ScaledIngredient[],
): { id: string; food: string; grams: number } | null {
  const pieces = ingredients
    .filter((i) => stage.uses.includes(i.ingredient.id) && i.ingredient.role === 'main')
    .map(({ ingredient, food, grams }) => ({
      id: ingredient.id,
      food: ingredient.food,
      grams: (ingredient.unit ?? 'piece') === 'piece' ? pieceGrams(food) : (grams ?? 0),
    }))
    .filter((p) => p.grams > 0);
  return pieces.sort((a, b) => b.grams - a.grams)[0] ?? null;
}

const pieceGrams = (food: Food | null): number =>
  food?.pieceG == null ? 0 : food.pieceG * UNITS.piece.size;

/** The stage with its hold worked out from the weight; as it is where it names no minutes by weight. */
export function heldByWeight(stage: Stage, ingredients: readonly ScaledIngredient[]): Stage {
  if (stage.kind !== 'pressure' || stage.minutesPerLb === undefined) return stage;
  const piece = decidingPiece(stage, ingredients);
  if (!piece) return stage;
  const minutes = Math.round(
    (stage.minutesPerLb * piece.grams) / G_PER_LB + (stage.minutesOnTop ?? 0),
  );
  return { ...stage, holdMinutes: Math.min(LONGEST_PRESSURE_MIN, minutes) };
}

/** “ and 10 min on top”, as a dish with a hold by weight says it; '' where there are none. */
export const onTop = ({ minutesOnTop }: PressureStage): string =>
  minutesOnTop === undefined ? '' : ` and ${minutesOnTop} min on top`;

/** The minutes by weight made longer or shorter by a factor, for a change of the hold that they come to. */
export const byWeightTimes = (
  { minutesPerLb, minutesOnTop }: PressureStage,
  factor: number,
): Pick<PressureStage, 'minutesPerLb' | 'minutesOnTop'> => ({
  ...(minutesPerLb === undefined ? {} : { minutesPerLb: minutesPerLb * factor }),
  ...(minutesOnTop === undefined ? {} : { minutesOnTop: minutesOnTop * factor }),
});

/** How the hold came about, in words; null where the dish names it as minutes. */
export function sayByWeight(
  stage: PressureStage,
  ingredients: readonly ScaledIngredient[],
): string | null {
  const piece = stage.minutesPerLb === undefined ? null : decidingPiece(stage, ingredients);
  if (!piece) return null;
  const lb = (piece.grams / G_PER_LB).toFixed(1);
  const kg = (piece.grams / 1000).toFixed(2);
  return `${stage.minutesPerLb} min for each pound of ${piece.food}: ${lb} lb (${kg} kg)${onTop(stage)}; a thick piece may need longer, the thermometer decides`;
}
