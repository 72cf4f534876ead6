/** A question of the page started from a dish: what the dish knows, as the fields call it. */
import { cooksFrozen, scaleDish, type Dish, type ScaledIngredient, type Stage } from '$core/dish';
import type { Food } from '$core/food';
import type { Values } from './types';

export interface Start {
  /** Its key in the list. */
  id: string;
  dishId: string;
  /** Null: the dish as a whole, for it has no cycle. */
  stageId: string | null;
  text: string;
}

const startId = (dishId: string, stageId: string): string => `${dishId}/${stageId}`;

/** The dish that a question starts from. @param start as `Start.id`, or the id of a dish */
export const dishOfStart = (start: string): string => start.split('/')[0] ?? '';

/** Every stage under pressure, and dishes without one as a whole. */
export function startsIn(dishes: readonly Dish[]): Start[] {
  return dishes.flatMap((dish): Start[] => {
    const cycles = dish.stages.filter((s) => s.kind === 'pressure');
    if (cycles.length === 0)
      return [{ id: dish.id, dishId: dish.id, stageId: null, text: dish.name }];
    return cycles.map((s) => ({
      id: startId(dish.id, s.id),
      dishId: dish.id,
      stageId: s.id,
      text: `${dish.name}: ${s.text}`,
    }));
  });
}

/**
 * What a dish says to the fields of any question: the heaviest solid in the stage, its liquid, the
 * level, hold and release.
 *
 * @returns values by field; only what the dish knows
 */
export function valuesFrom(dish: Dish, stageId: string | null, servings = dish.servings): Values {
  const stage = dish.stages.find((s) => s.id === stageId) ?? null;
  const upTo = stage ? dish.stages.slice(0, dish.stages.indexOf(stage) + 1) : dish.stages;
  const used = new Set(upTo.flatMap((s) => s.uses));
  const inPot = scaleDish(dish, servings).ingredients.filter((i) => used.has(i.ingredient.id));
  const thin = inPot.filter((i) => i.food?.form === 'thin');
  const water = thin.reduce((sum, i) => sum + (i.grams ?? 0) / (i.food?.density ?? 1), 0);
  return {
    ...(stage ? { stage: startId(dish.id, stage.id) } : {}),
    ...solidValues(heaviest(inPot)),
    ...(water > 0 ? { water: String(Math.round(water)), ml: String(Math.round(water)) } : {}),
    ...cycleValues(stage),
    hot: upTo.some((s) => s.kind === 'brown') ? 'yes' : 'no',
  };
}

function heaviest(ingredients: readonly ScaledIngredient[]): ScaledIngredient | undefined {
  return ingredients
    .filter((i) => i.food?.form === 'solid')
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0];
}

function solidValues(main: ScaledIngredient | undefined): Values {
  if (!main?.food) return {};
  return {
    food: main.food.names[0],
    mm: `${main.ingredient.pieceMm ?? main.food.pieceMm} mm`,
    pieces: main.quantity?.unit === 'piece' ? String(Math.ceil(main.quantity.amount)) : '',
    grams: String(Math.round(main.grams ?? 500)),
    state: cooksFrozen(main.ingredient) ? 'frozen' : 'chilled',
    target: targetFor(main.food),
    ...(main.quantity && main.quantity.unit !== 'piece'
      ? { amount: String(Number(main.quantity.amount.toFixed(2))), unit: main.quantity.unit }
      : {}),
  };
}

function cycleValues(stage: Stage | null): Values {
  if (stage?.kind !== 'pressure') return {};
  return {
    level: stage.level,
    hold: String(stage.holdMinutes),
    release: stage.release.kind,
    ...(stage.release.kind === 'timed' ? { wait: String(stage.release.minutes) } : {}),
    ...(stage.rackMm ? { rack: String(stage.rackMm) } : {}),
    ...(stage.inPan
      ? { panD: String(stage.inPan.diameterMm), panH: String(stage.inPan.heightMm) }
      : {}),
  };
}

function targetFor(food: Food): string {
  if (food.group === 'meat' || food.group === 'poultry') return 'shred';
  return food.group === 'fish' ? 'safe' : 'soft';
}
