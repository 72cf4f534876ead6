/** What would go wrong with a dish as it stands, each with a remedy that can be taken at once. */
import {
  freeIdIn,
  scaleDish,
  withoutUse,
  type Dish,
  type Ingredient,
  type PressureStage,
  type ScaledDish,
  type Stage,
} from '../dish';
import type { Food } from '../food';
import type { Kitchen } from '../kitchen';
import { addWater, topUpFor, findStays } from '../cycle';
import { isPudding } from './plan-looks';
import { checkSafety } from './safety-checks';
import type { DishCheck } from './types';

const ON_TOP = /\bon top\b|\blast\b|\bnot stirred?\b|\bunstirred\b|\bwithout stirring\b/i;
/** A spoonful of flour on meat thickens nothing to speak of, g. */
const LITTLE_STARCH_G = 20;

/** @returns the most harmful first; nothing for a dish that is sound in this kitchen */
export function checkDish(dish: Dish, kitchen: Kitchen): DishCheck[] {
  const scaled = scaleDish(dish, dish.servings);
  const pots = dish.stages.flatMap((stage) =>
    stage.kind !== 'pressure'
      ? []
      : [
          ...checkLiquid(scaled, stage, kitchen),
          ...checkFood(scaled, stage, isDairy, 'dairy-under-pressure'),
          ...checkFood(scaled, stage, isStarch, 'starch-under-pressure'),
          ...checkThick(scaled, stage),
        ],
  );
  return [...checkSafety(dish, kitchen), ...pots, ...checkRing(dish, kitchen)];
}

const isDairy = (food: Food): boolean => food.group === 'dairy';
const isStarch = (food: Food, grams: number): boolean =>
  (food.id === 'cornstarch' || food.id === 'flour') && grams > LITTLE_STARCH_G;

/** What is in the liner itself during a stage; what cooks in a pan of its own may be anything. */
function inLiner(
  { dish, ingredients }: ScaledDish,
  stage: PressureStage,
): { ingredient: Ingredient; food: Food; grams: number }[] {
  if (stage.inPan) return [];
  const stay = findStays(dish).find((s) => s.stages.includes(stage));
  const until = stay?.stages.slice(0, stay.stages.indexOf(stage) + 1) ?? [stage];
  const used = new Set(until.flatMap((s) => s.uses));
  return ingredients.flatMap(({ ingredient, food, grams }) =>
    food && used.has(ingredient.id) ? [{ ingredient, food, grams: grams ?? 0 }] : [],
  );
}

function checkFood(
  scaled: ScaledDish,
  stage: PressureStage,
  isIt: (food: Food, grams: number) => boolean,
  code: 'dairy-under-pressure' | 'starch-under-pressure',
): DishCheck[] {
  return (
    inLiner(scaled, stage)
      .filter(({ food, grams }) => isIt(food, grams))
      // Butter and ghee are fats; milk in a grain's own water is how puddings are made.
      .filter(({ food }) => food.form !== 'thin')
      .map(({ ingredient }) => ({
        code,
        values: { food: ingredient.food, stage: stage.text },
        fixed: moveAfter(scaled.dish, ingredient, stage),
      }))
  );
}

function checkThick(scaled: ScaledDish, stage: PressureStage): DishCheck[] {
  if (ON_TOP.test(stage.text)) return [];
  return inLiner(scaled, stage)
    .filter(({ food, ingredient }) => isThick(food) && stage.uses.includes(ingredient.id))
    .map(({ ingredient }) => ({
      code: 'thick-at-the-bottom' as const,
      values: { food: ingredient.food },
      fixed: change(scaled.dish, stage, {
        text: `${stage.text.slice(0, 340)}; ${ingredient.food} last, on top, not stirred in`,
      }),
    }));
}

const isThick = (food: Food): boolean =>
  food.form === 'thick' && food.group === 'liquid' && !['honey', 'coconut-milk'].includes(food.id);

/** Too little even for the smallest cooker that there is: then none can take it. */
function checkLiquid(scaled: ScaledDish, stage: PressureStage, kitchen: Kitchen): DishCheck[] {
  const hasOwnWater = scaled.ingredients.some(
    (i) => i.ingredient.scaling === 'with-pot' && i.food?.form === 'thin',
  );
  if (hasOwnWater || kitchen.cookers.length === 0) return [];
  const stay = findStays(scaled.dish).find((s) => s.stages.includes(stage));
  const lacks = kitchen.cookers.map((c) =>
    topUpFor(scaled, stay?.stages ?? [stage], stage, c, kitchen),
  );
  if (lacks.some((l) => l === null)) return [];
  const [short] = lacks.flatMap((l) => l ?? []).sort((a, b) => a.leastMl - b.leastMl);
  if (!short) return [];
  return [
    {
      code: 'too-little-liquid',
      values: {
        stage: stage.text,
        thinMl: short.thinMl,
        leastMl: short.leastMl,
        addMl: short.ml,
      },
      fixed: addWater(scaled.dish, stage.id, short.ml),
    },
  ];
}

/** A pudding takes the smell of the stew that a ring has sealed before. */
function checkRing(dish: Dish, kitchen: Kitchen): DishCheck[] {
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  const { cookers } = kitchen;
  if (!cycle || cookers.length === 0 || cookers.some((c) => c.rings > 1) || !isPudding(dish))
    return [];
  if (/\bring\b/i.test(cycle.text)) return [];
  return [
    {
      code: 'smelling-ring',
      values: {},
      fixed: change(dish, cycle, {
        text: `${cycle.text.slice(0, 320)}; with a ring kept for sweet dishes, or one well aired`,
      }),
    },
  ];
}

function change(dish: Dish, stage: PressureStage, changed: Partial<PressureStage>): Dish {
  return {
    ...dish,
    stages: dish.stages.map((s): Stage => (s.id === stage.id ? { ...stage, ...changed } : s)),
  };
}

/** Out of everything up to the cycle, into the first finish after it, or one of its own. */
function moveAfter(dish: Dish, ingredient: Ingredient, stage: PressureStage): Dish {
  const at = dish.stages.findIndex((s) => s.id === stage.id);
  const cleared = dish.stages.map((s, i): Stage => (i <= at ? withoutUse(s, ingredient.id) : s));
  const later = cleared.findIndex(
    (s, i) => i > at && (s.kind === 'finish' || s.kind === 'thicken'),
  );
  const ingredients = dish.ingredients.map((i) =>
    i.id === ingredient.id ? { ...i, role: 'finish' as const } : i,
  );
  if (later >= 0) {
    const stages = cleared.map((s, i): Stage =>
      i === later ? { ...s, uses: [...new Set([...s.uses, ingredient.id])] } : s,
    );
    return { ...dish, ingredients, stages };
  }
  const finish: Stage = {
    id: freeIdIn(dish, 'stir-in'),
    kind: 'finish',
    minutes: 2,
    inCooker: true,
    text: `Stir in the ${ingredient.food}`,
    uses: [ingredient.id],
  };
  return {
    ...dish,
    ingredients,
    stages: [...cleared.slice(0, at + 1), finish, ...cleared.slice(at + 1)],
  };
}
