/** Checks of a dish for what can make somebody ill, each with its published source and a remedy. */
import { LONGEST_PRESSURE_MIN } from '../facts';
import { wholeCycle, type ReleaseKind } from '../cooker';
import {
  contentsAt,
  cooksFrozen,
  freeIdIn,
  scaleDish,
  startCelsius,
  type Dish,
  type PressureStage,
  type Stage,
} from '../dish';
import { centreThrough, holdFor } from '../doneness';
import { foodById } from '../food';
import type { Kitchen } from '../kitchen';
import { centreTarget } from '../safety';
import { centreAfter, HEATS_THROUGH, findStays } from '../cycle';
import type { DishCheck } from './types';

const PERISHABLE = new Set(['meat', 'poultry', 'fish', 'egg', 'dairy']);
const DELAYED =
  /[^.;,]*\b(?:delay(?:ed)? (?:start|cooking)|timer start|start it later)\b[^.;,]*[.;,]?\s*/i;

/** @returns the most harmful first */
export function checkSafety(dish: Dish, kitchen: Kitchen): DishCheck[] {
  return [...checkSlow(dish), ...checkDelay(dish), ...checkTargets(dish, kitchen)];
}

/** Frozen meat warms too slowly, and raw kidney beans never get hot enough. */
function checkSlow(dish: Dish): DishCheck[] {
  const scaled = scaleDish(dish, dish.servings);
  return dish.stages.flatMap((stage) => {
    if (stage.kind !== 'slow') return [];
    const before = dish.stages.slice(0, dish.stages.indexOf(stage) + 1);
    const isBoiled = before.some((s) => s.kind === 'pressure' || s.kind === 'simmer');
    const used = scaled.ingredients.filter((i) => stage.uses.includes(i.ingredient.id));
    return used.flatMap(({ ingredient, food }): DishCheck[] => {
      if (cooksFrozen(ingredient) && food && ['meat', 'poultry', 'fish'].includes(food.group))
        return [
          {
            code: 'frozen-in-slow-cooker',
            values: { food: ingredient.food },
            fixed: {
              ...dish,
              ingredients: dish.ingredients.map((i) =>
                i.id === ingredient.id ? { ...i, thaw: true } : i,
              ),
            },
          },
        ];
      if (food?.id === 'kidney-bean' && !isBoiled)
        return [
          {
            code: 'raw-beans-in-slow-cooker',
            values: { food: ingredient.food },
            fixed: {
              ...dish,
              stages: dish.stages.flatMap((s) =>
                s === stage
                  ? [
                      {
                        id: freeIdIn(dish, 'boil'),
                        kind: 'simmer' as const,
                        minutes: 30,
                        attended: false,
                        text: `Boil the soaked ${ingredient.food} in fresh water, 30 min; drain`.slice(
                          0,
                          400,
                        ),
                        uses: [ingredient.id],
                      },
                      s,
                    ]
                  : [s],
              ),
            },
          },
        ];
      return [];
    });
  });
}

/** What spoils does not wait in a pot for a timer. */
function checkDelay(dish: Dish): DishCheck[] {
  const scaled = scaleDish(dish, dish.servings);
  return dish.stages.flatMap((stage): DishCheck[] => {
    if (!DELAYED.test(stage.text)) return [];
    const risky = scaled.ingredients.find(
      (i) => stage.uses.includes(i.ingredient.id) && i.food && PERISHABLE.has(i.food.group),
    );
    if (!risky) return [];
    const text = stage.text.replace(DELAYED, '').trim() || 'Lid on and start at once';
    return [
      {
        code: 'delayed-start',
        values: { food: risky.ingredient.food },
        fixed: { ...dish, stages: dish.stages.map((s) => (s === stage ? { ...s, text } : s)) },
      },
    ];
  });
}

/** Meat whose middle stays under the published temperature, by conduction, with what heat follows counted. */
function checkTargets(dish: Dish, kitchen: Kitchen): DishCheck[] {
  const cooker = kitchen.cookers[0];
  if (!cooker) return [];
  const { stages } = scaleDish(dish, dish.servings).dish;
  return stages.flatMap((stage, at) => {
    if (stage.kind !== 'pressure') return [];
    return checkTarget(dish, stage, stages.slice(at + 1), kitchen);
  });
}

function checkTarget(
  dish: Dish,
  stage: PressureStage,
  later: readonly Stage[],
  kitchen: Kitchen,
): DishCheck[] {
  const cooker = kitchen.cookers[0];
  const scaled = scaleDish(dish, dish.servings);
  const stay = findStays(scaled.dish).find((s) => s.stages.some((x) => x.id === stage.id));
  const used = new Set((stay?.stages ?? [stage]).flatMap((s) => s.uses));
  const piece = scaled.ingredients
    .filter((i) => used.has(i.ingredient.id) && (i.grams ?? 0) > 0 && centreTarget(i.kind))
    .sort((a, b) => thick(b) - thick(a))[0];
  const rule = piece && centreTarget(piece.kind);
  // By its own name: “boneless” says that it is solid.
  const food = piece && (piece.food ? piece.ingredient.food : piece.kind?.like);
  if (!cooker || !piece || !food || !rule || piece.kind?.class === 'egg') return [];
  // Nothing is said of a thickness that nobody gave and the table does not have.
  if (thick(piece) === 0) return [];
  const release: ReleaseKind =
    stage.release.kind === 'timed' ? stage.release.minutes : stage.release.kind;
  const contents = contentsAt(scaled, stay?.stages ?? [stage], stage);
  const input = { cooker, level: stage.level, altitudeM: kitchen.altitudeM, contents };
  const cycle = wholeCycle(input, stage.holdMinutes, release);
  if (!cycle.ok) return [];
  const cut = { shape: 'sphere' as const, thicknessMm: thick(piece) };
  const middle = centreThrough(cycle.value, food, cut, startCelsius(piece));
  const end = centreAfter(middle.openC, { food, cut }, later, scaled, cooker, kitchen);
  if (end >= rule.celsius) return [];
  const advice = holdFor({
    food: piece.ingredient.group ?? piece.ingredient.food,
    cut,
    grams: piece.grams ?? 500,
    state: cooksFrozen(piece.ingredient) ? 'frozen' : 'chilled',
    target: 'safe',
    level: stage.level,
    altitudeM: kitchen.altitudeM,
    cooker,
    release,
  });
  const minutes = advice.ok && 'minutes' in advice.value ? advice.value.minutes?.[1] : undefined;
  if (minutes === undefined || minutes <= stage.holdMinutes || minutes > LONGEST_PRESSURE_MIN)
    return [];
  return [
    {
      code: 'unsafe-target',
      values: {
        food: piece.ingredient.food,
        kind: rule.what,
        minutes: stage.holdMinutes,
        isHeatedAfter: later.some((s) => HEATS_THROUGH.has(s.kind)),
        thickMm: thick(piece),
        reachesC: end,
        needsC: rule.celsius,
        safeMinutes: minutes,
      },
      fixed: {
        ...dish,
        stages: dish.stages.map((s) =>
          s.id === stage.id ? { ...stage, holdMinutes: minutes, minutesPerLb: undefined } : s,
        ),
      },
    },
  ];
}

const thick = (i: ReturnType<typeof scaleDish>['ingredients'][number]): number =>
  i.ingredient.pieceMm ?? i.food?.pieceMm ?? foodById(i.kind?.like ?? '')?.pieceMm ?? 0;
