/** What a plan has to say of a dish before it is cooked: what nobody knows of it, and what goes in nowhere. */
import { LONGEST_PRESSURE_MIN } from '../facts';
import { scaleDish, unknownFoods, type Dish } from '../dish';
import { altitudeRule } from '../doneness';
import type { Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { centreTarget } from '../safety';
import type { Finding } from '../reason';

const names = (foods: readonly string[]): string => [...new Set(foods)].join(', ');

/** Unknown foods, unread text and ingredients of no step, each with where it is set right. */
export function unknownNotes(entry: MealEntry, dish: Dish): Finding[] {
  const scaled = scaleDish(dish, dish.servings);
  const unknown = unknownFoods(scaled).map((i) => i.ingredient.food);
  const used = new Set(dish.stages.flatMap((s) => s.uses));
  const nowhere = dish.ingredients.filter((i) => !used.has(i.id)).map((i) => i.food);
  const look = (text: string, remedy: string): Finding => ({
    entryId: entry.id,
    severity: 'look',
    text,
    remedy,
  });
  return [
    ...(unknown.length > 0
      ? [
          look(
            `${dish.name}: what ${names(unknown)} is, is not known, so nothing says when it is safe.`,
            'Say on the dish’s page what it is.',
          ),
        ]
      : []),
    ...(nowhere.length > 0
      ? [
          look(
            `${dish.name}: ${names(nowhere)} ${nowhere.length === 1 ? 'goes' : 'go'} into no step, so the plan does not call for ${nowhere.length === 1 ? 'it' : 'them'}.`,
            'Put it into a step on the dish’s page.',
          ),
        ]
      : []),
    ...(dish.unread.length > 0
      ? [
          look(
            `${dish.name}: ${dish.unread.length === 1 ? 'a piece' : `${dish.unread.length} pieces`} of its text ${dish.unread.length === 1 ? 'is' : 'are'} not read.`,
            'Look at the dish’s page: a step or an ingredient may be missing.',
          ),
        ]
      : []),
  ];
}

/**
 * Meat that is browned for a bag and not cooked through.
 *
 * @source USDA FSIS: never brown or partially cook meat or poultry to chill it and finish it later (from memory)
 */
export function partCookedNotes(entry: MealEntry, dish: Dish): Finding[] {
  if (entry.bags?.state !== 'browned') return [];
  const browned = new Set(dish.stages.filter((s) => s.kind === 'brown').flatMap((s) => s.uses));
  const flesh = scaleDish(dish, dish.servings)
    .ingredients.filter(
      (i) => browned.has(i.ingredient.id) && centreTarget(i.kind) && i.kind?.doneness !== 'cooked',
    )
    .map((i) => i.ingredient.food);
  if (flesh.length === 0) return [];
  return [
    {
      entryId: entry.id,
      severity: 'look',
      text: `${dish.name}: ${names(flesh)} would be browned, chilled and finished later. Part-cooked meat is not advised: what survives the browning grows while it cools (USDA FSIS).`,
      remedy: 'Pack it raw or cook it through. If you brown it, cool it at once and freeze it.',
    },
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
            ...(s.minutesPerLb === undefined ? {} : { minutesPerLb: s.minutesPerLb * factor }),
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
  const feet = Math.round(kitchen.altitudeM / 0.3048 / 100) * 100;
  const height =
    kitchen.system === 'us'
      ? `${feet.toLocaleString('en')} ft`
      : `${Math.round(kitchen.altitudeM)} m`;
  return [
    {
      entryId: null,
      severity: 'info',
      text: `At ${height} pressure times are ${Math.round((factor - 1) * 100)} % longer than written: 5 % for each 1,000 ft above 2,000 (extension services’ rule).`,
      remedy: 'Are its times already for this kitchen? Say so on the dish’s page.',
    },
  ];
}
