/** What goes where in the pot in the liner during a cycle, from the bottom up. */
import { heapMl } from '../food';
import type { Stage, PressureStage } from './document';
import { isParted, partAt } from './parts';
import type { ScaledDish, ScaledIngredient } from './scaled';

export type LayerKind = 'thin' | 'solid' | 'starch' | 'thick';

export interface Layer {
  kind: LayerKind;
  /** Names of what is in it. */
  foods: string[];
  /** Room it takes before it swells, ml. */
  ml: number;
}

export interface PotContents {
  /** Loose in the liner, bottom first. */
  inside: Layer[];
  /** In a pan or basket above; empty where everything is loose. */
  above: Layer[];
}

const STARCHES = new Set(['flour', 'cornstarch', 'semolina', 'breadcrumbs']);
const ORDER: readonly LayerKind[] = ['thin', 'solid', 'starch', 'thick'];

function kindOf({ food }: ScaledIngredient): LayerKind {
  // Fat from browning clings to the pieces.
  if (!food || food.group === 'fat') return 'solid';
  if (food.form !== 'solid') return food.form;
  return food.group === 'grain' || STARCHES.has(food.id) ? 'starch' : 'solid';
}

/**
 * Layers in the order in which they should meet the pot: thin liquid below, then meat and
 * vegetables, then grain pushed under, thick things last (common practice).
 *
 * @param stay the stages in one cooker, in order
 */
export function layersAt(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
): PotContents {
  const before = stay.slice(0, stay.indexOf(stage) + 1);
  const used = new Set(before.flatMap((s) => s.uses));
  const inside = scaled.ingredients.flatMap((i) => {
    const { id } = i.ingredient;
    if (!used.has(id) || !i.grams) return [];
    if (!isParted(scaled.dish, id)) return [i];
    const share = before.reduce((sum, s) => sum + partAt(scaled.dish, s, id), 0);
    return share > 0 ? [{ ...i, grams: i.grams * Math.min(1, share) }] : [];
  });
  const isUnder = (i: ScaledIngredient): boolean =>
    i.ingredient.scaling === 'with-pot' && i.food?.form === 'thin';
  const { panUses } = stage;
  const isInPan = (i: ScaledIngredient): boolean => {
    if (panUses) return panUses.includes(i.ingredient.id);
    return Boolean(stage.inPan ?? stage.rackMm) && !isUnder(i);
  };
  return {
    inside: layers(inside.filter((i) => !isInPan(i))),
    above: layers(inside.filter(isInPan), stage.inPan === undefined),
  };
}

function layers(ingredients: readonly ScaledIngredient[], isHeaped = false): Layer[] {
  const room = ({ grams, food }: ScaledIngredient): number =>
    isHeaped && food?.form === 'solid'
      ? heapMl(grams ?? 0, food)
      : (grams ?? 0) / (food?.density ?? 1);
  return ORDER.flatMap((kind) => {
    const own = ingredients.filter((i) => kindOf(i) === kind);
    const ml = own.reduce((sum, i) => sum + room(i), 0);
    return ml > 0 ? [{ kind, foods: own.map((i) => i.ingredient.food), ml }] : [];
  });
}
