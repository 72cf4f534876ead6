/** What a plan has to say of a dish before it is cooked: what nobody knows of it, and what goes in nowhere. */
import { LONGEST_PRESSURE_MIN } from '../facts';
import { byWeightTimes, scaleDish, unknownFoods, type Dish } from '../dish';
import { altitudeRule } from '../doneness';
import type { Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { centreTarget } from '../safety';
import { finding, shortened, type Edit, type Finding } from '../reason';

/** Unknown foods, untold minutes, unread text and ingredients of no step, each with where it is set right. */
export function unknownNotes(entry: MealEntry, dish: Dish): Finding[] {
  const scaled = scaleDish(dish, dish.servings);
  const unknown = unknownFoods(scaled).map((i) => i.ingredient.food);
  const used = new Set(dish.stages.flatMap((s) => s.uses));
  const nowhere = dish.ingredients.filter((i) => !used.has(i.id)).map((i) => i.food);
  const about = { dish: dish.name };
  const open: Edit[] = [{ kind: 'open-dish', dish: dish.id }];
  const found: Finding[] = [];
  if (unknown.length > 0)
    found.push(finding('food-unknown', 'look', entry.id, { ...about, foods: unknown }, open));
  if (nowhere.length > 0)
    found.push(finding('ingredient-nowhere', 'look', entry.id, { ...about, foods: nowhere }, open));
  for (const stage of dish.stages)
    if (stage.kind === 'pressure' && stage.guessed)
      found.push(
        finding('hold-untold', 'stop', entry.id, { ...about, step: shortened(stage.text) }, open),
      );
  if (dish.unread.length > 0)
    found.push(
      finding('text-unread', 'look', entry.id, { ...about, pieces: dish.unread.length }, open),
    );
  return found;
}

/** A batter is set by its eggs and its tin: a part of one is another cake (common practice). */
const SETS: ReadonlySet<string> = new Set(['egg']);

/** What is baked or steamed in a tin is made in whole tins. */
export function tinNotes(entry: MealEntry, dish: Dish, servings: number): Finding[] {
  const inTin = new Set(
    dish.stages.flatMap((s) =>
      s.kind === 'pressure' && s.inPan ? (s.panUses ?? allUses(dish)) : [],
    ),
  );
  const isBatter = scaleDish(dish, dish.servings).ingredients.some(
    (i) => inTin.has(i.ingredient.id) && SETS.has(i.food?.group ?? ''),
  );
  const tins = servings / dish.servings;
  if (!isBatter || Math.abs(tins - Math.round(tins)) < 1e-9) return [];
  const whole = Math.ceil(tins) * dish.servings;
  return [
    finding('part-of-a-tin', 'look', entry.id, { dish: dish.name, servings, whole }, [
      { kind: 'servings', entry: entry.id, servings: whole },
    ]),
  ];
}

const allUses = (dish: Dish): string[] => dish.stages.flatMap((s) => s.uses);

/**
 * Meat that is browned for a bag and not cooked through.
 *
 * @source USDA FSIS: never brown or partially cook meat or poultry to chill it and finish it later (from memory)
 */
export function partCookedNotes(entry: MealEntry, dish: Dish): Finding[] {
  if (entry.what.bags?.state !== 'browned') return [];
  const browned = new Set(dish.stages.filter((s) => s.kind === 'brown').flatMap((s) => s.uses));
  const flesh = scaleDish(dish, dish.servings)
    .ingredients.filter(
      (i) => browned.has(i.ingredient.id) && centreTarget(i.kind) && i.kind?.doneness !== 'cooked',
    )
    .map((i) => i.ingredient.food);
  if (flesh.length === 0) return [];
  return [
    finding('part-cooked-meat', 'look', entry.id, { dish: dish.name, foods: flesh }, [
      { kind: 'pack-as', entry: entry.id, state: 'raw' },
      { kind: 'pack-as', entry: entry.id, state: 'cooked' },
    ]),
  ];
}

/** The dish with its minutes under pressure lengthened for the household’s altitude. */
export function atAltitude(dish: Dish, kitchen: Kitchen): Dish {
  const factor = altitudeRule(kitchen.altitudeM);
  if (factor === 1 || dish.heldHere) return dish;
  return {
    ...dish,
    stages: dish.stages.map((s) =>
      s.kind === 'pressure'
        ? {
            ...s,
            holdMinutes: Math.min(LONGEST_PRESSURE_MIN, Math.ceil(s.holdMinutes * factor - 1e-9)),
            ...byWeightTimes(s, factor),
          }
        : s,
    ),
  };
}

/** Told once for the whole plan. */
export function altitudeNotes(dishes: readonly Dish[], kitchen: Kitchen): Finding[] {
  const factor = altitudeRule(kitchen.altitudeM);
  const isLonger = dishes.some(
    (d) =>
      atAltitude(d, kitchen) !== d &&
      d.stages.some((s) => s.kind === 'pressure' && s.holdMinutes > 0),
  );
  if (!isLonger) return [];
  return [finding('altitude-longer', 'info', null, { altitudeM: kitchen.altitudeM, factor })];
}
