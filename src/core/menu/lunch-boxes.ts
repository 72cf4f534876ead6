/** Lunches of a week: each box with its person and day, and where it stands until then. */
import { dishKey, type Dish } from '../dish';
import { boxesFor, daysOf, type LunchBox, type Meal } from '../meal';
import { finding, type Finding } from '../reason';
import {
  addDays,
  boxesInFridge,
  daysBetween,
  kindOfDish,
  useByOf,
  type KeepingRules,
} from '../storage';

export interface PlacedBox extends LunchBox {
  dishes: Dish[];
  place: 'fridge' | 'freezer';
}

/** What is no bag of its own, with its dish. */
function partsOf(meal: Meal, dishes: ReadonlyMap<string, Dish>) {
  return meal.entries.flatMap((entry) => {
    const dish = dishes.get(dishKey(entry.what.dish));
    return dish && !entry.what.bags ? [{ id: entry.id, dish }] : [];
  });
}

/**
 * Every lunch, day by day: in the fridge while all that is in it keeps there, frozen from then on.
 *
 * @param packedOn `2026-11-29`
 * @param rules of the household, where they are stricter than the published ones
 * @returns nothing for a day that fills no lunches
 */
export function placedBoxes(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  packedOn: string,
  rules: KeepingRules,
): PlacedBox[] {
  const parts = partsOf(meal, dishes);
  if (!meal.lunches) return [];
  return boxesFor(meal.lunches, parts).flatMap((box): PlacedBox[] => {
    const own = parts.filter((p) => box.entries.includes(p.id)).map((p) => p.dish);
    if (own.length === 0) return [];
    const days = boxesInFridge(own.map(kindOfDish), rules);
    const place = daysBetween(packedOn, box.day) <= days ? 'fridge' : 'freezer';
    return [{ ...box, dishes: own, place }];
  });
}

/** Lunches that can't be kept until their day, and those whose day comes before the food. */
export function lunchFindings(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  packedOn: string,
  rules: KeepingRules,
): Finding[] {
  const { lunches } = meal;
  if (!lunches) return [];
  const before = lunches.days.filter((d) => d < packedOn);
  const late = partsOf(meal, dishes).flatMap(({ id, dish }): Finding[] => {
    const kind = kindOfDish(dish);
    if (useByOf(kind, 'freezer', packedOn, rules).ok) return [];
    const last = boxesInFridge([kind], rules);
    const days = daysOf(lunches, id).filter((d) => daysBetween(packedOn, d) > last);
    const lastDay = addDays(packedOn, last);
    return days.length > 0
      ? [finding('lunch-too-late', 'stop', id, { dish: dish.name, days, lastDay })]
      : [];
  });
  return [
    ...(before.length > 0 ? [finding('lunch-before', 'stop', null, { days: before })] : []),
    ...late,
  ];
}
