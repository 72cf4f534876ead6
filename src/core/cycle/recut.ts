/** The main piece of a dish cut smaller: a shorter hold for the same softness, more work with the knife. */
import { FRIDGE_C, TAP_C } from '../facts';
import { leastLiquid, wholeCycle, type CycleInput, type Cut } from '../cooker';
import { scaleDish, type Dish, type PressureStage, type Stage } from '../dish';
import { centreThrough, SAFE_MINUTES } from '../doneness';
import type { Kitchen } from '../kitchen';

/** Pieces that are worth cutting smaller, mm; larger ones are whole joints and birds. */
const LEAST_MM = 30;
const MOST_MM = 90;
const ROUND_MM = 5;
/** Shorter holds leave nothing to gain; a smaller gain is not worth the knife, min. */
const SHORTEST_HOLD = 10;
const WORTH_MIN = 3;
/** Half as large is about half as much work again (estimate: the board, the peel and the rest stay). */
const MORE_CUTTING = 1.5;
/** Of what the written hold gives the middle: within the precision of a hold in whole minutes. */
const AS_SOFT = 0.98;

export interface Recut {
  ingredientId: string;
  stageId: string;
  fromMm: number;
  toMm: number;
  /** Minutes of hold as written, and for the smaller pieces. */
  was: number;
  hold: number;
}

/**
 * What cutting the dish's main pieces in half would save.
 *
 * @returns null where nothing in it is cut, or too little is gained
 */
export function recutOf(dish: Dish, kitchen: Kitchen): Recut | null {
  const stage = dish.stages.find((s): s is PressureStage => s.kind === 'pressure');
  const [cooker] = [...kitchen.cookers].sort((a, b) => b.litres - a.litres);
  if (!stage || !cooker || stage.holdMinutes < SHORTEST_HOLD) return null;
  const inside = new Set(
    dish.stages.slice(0, dish.stages.indexOf(stage) + 1).flatMap((s) => s.uses),
  );
  const piece = scaleDish(dish, dish.servings)
    .ingredients.filter(
      ({ ingredient: i, food }) => i.role === 'main' && inside.has(i.id) && food?.form === 'solid',
    )
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0];
  if (!piece?.food || !piece.grams) return null;
  const { ingredient, food, grams } = piece;
  const fromMm = ingredient.pieceMm ?? 0;
  // Whole pears and legs stay whole.
  if (ingredient.scaling !== 'proportional' || fromMm < LEAST_MM || fromMm > MOST_MM) return null;
  const toMm = Math.round(fromMm / 2 / ROUND_MM) * ROUND_MM;
  const input: CycleInput = {
    cooker,
    level: stage.level,
    altitudeM: kitchen.altitudeM,
    contents: [
      { food: 'water', grams: leastLiquid(cooker.litres), celsius: TAP_C },
      { food: food.id, grams, celsius: FRIDGE_C, pieceMm: fromMm },
    ],
  };
  const hold = shortestHold(input, stage, food.id, fromMm, toMm);
  if (hold === null || stage.holdMinutes - hold < WORTH_MIN) return null;
  return {
    ingredientId: ingredient.id,
    stageId: stage.id,
    fromMm,
    toMm,
    was: stage.holdMinutes,
    hold,
  };
}

/** The dish with its main pieces cut smaller: hold, pieces and the work of cutting. */
export function withRecut(dish: Dish, recut: Recut): Dish {
  return {
    ...dish,
    ingredients: dish.ingredients.map((i) =>
      i.id === recut.ingredientId ? { ...i, pieceMm: recut.toMm } : i,
    ),
    stages: dish.stages.map((s): Stage => {
      if (s.kind === 'pressure' && s.id === recut.stageId) {
        const { minutesPerLb: _, ...rest } = s;
        return { ...rest, holdMinutes: recut.hold };
      }
      return s.kind === 'prep' && s.uses.includes(recut.ingredientId)
        ? {
            ...s,
            minutes: Math.ceil(s.minutes * MORE_CUTTING),
            text: `${s.text}; smaller than it says: ${recut.toMm} mm`.slice(0, 400),
          }
        : s;
    }),
  };
}

/** Holds found before, for a meal is planned again at every change. */
const known = new Map<string, number | null>();
const MOST_KNOWN = 500;

/** The shortest hold, min, after which a smaller piece is as soft, and in the middle as hot, as the larger one. */
function shortestHold(
  input: CycleInput,
  stage: PressureStage,
  food: string,
  fromMm: number,
  toMm: number,
): number | null {
  const release = stage.release.kind === 'timed' ? stage.release.minutes : stage.release.kind;
  const key = JSON.stringify([input, stage.holdMinutes, release, food, fromMm, toMm]);
  const before = known.get(key);
  if (before !== undefined) return before;
  const after = (thicknessMm: number, minutes: number) => {
    const cycle = wholeCycle(input, minutes, release);
    const cut: Cut = { shape: 'sphere', thicknessMm };
    return cycle.ok ? centreThrough(cycle.value, food, cut, FRIDGE_C) : null;
  };
  const wanted = after(fromMm, stage.holdMinutes);
  const isDone = (minutes: number): boolean => {
    const found = after(toMm, minutes);
    return (
      wanted !== null &&
      found !== null &&
      found.softMinutes >= AS_SOFT * wanted.softMinutes &&
      found.safeMinutes >= Math.min(wanted.safeMinutes, SAFE_MINUTES)
    );
  };
  let [low, high] = [-1, stage.holdMinutes];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (isDone(middle)) high = middle;
    else low = middle;
  }
  const hold = isDone(high) ? high : null;
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, hold);
  return hold;
}
