/** How full a freezer or fridge is, and how much warm food a freezer takes at once. */
import { mainIngredient, type Dish } from '../dish';
import { cookingYield } from '../food';
import type { Kitchen, Place } from '../kitchen';
import { asWritten } from './as-written';
import { bagParts } from './bag-contents';
import type { StoreItem } from './item';

/** A portion whose weight is not known, g (estimate). */
const PORTION_G = 350;
/** Litres for each kg in bags and boxes: the food, and the air between them (estimate). */
export const LITRES_PER_KG = 1.25;
/** 2 to 3 lb for each cubic foot: the lower end, kg per litre. */
const WARM_KG_PER_LITRE = (2 * 0.453592) / 28.317;

/** What one portion of a dish weighs, g; a usual one where the dish is not known. */
export function portionGrams(dish: Dish | null): number {
  if (!dish) return PORTION_G;
  const scaled = asWritten(dish);
  const main = dish.bulk ? mainIngredient(scaled) : null;
  // Cooked in bulk it is drained: what the food has taken up stays, the rest of the water does not.
  if (main?.food && main.grams)
    return (main.grams * cookingYield(main.food).factor) / dish.servings;
  const { ingredients } = scaled;
  const total = ingredients
    .filter((i) => i.ingredient.scaling !== 'with-pot')
    .reduce((sum, i) => sum + (i.grams ?? 0), 0);
  return total > 0 ? total / dish.servings : PORTION_G;
}

/** What of one portion lies in a bag that is still to cook, g: all that is in it, and nothing that is added later. */
export function kitGrams(dish: Dish | null): number {
  if (!dish) return PORTION_G;
  const { inside } = bagParts(dish, dish.servings);
  const total = inside.reduce((sum, i) => sum + (i.grams ?? 0), 0);
  return total > 0 ? total / dish.servings : PORTION_G;
}

/** What one portion or pack of an item weighs, g. @param dish what it was packed from */
export function gramsOfItem({ contents }: Pick<StoreItem, 'contents'>, dish: Dish | null): number {
  if (contents.kind === 'pack') return contents.grams;
  return contents.kind === 'kit' ? kitGrams(dish) : portionGrams(dish);
}

export interface RoomTaken {
  place: Place;
  /** Litres taken, about. */
  taken: number;
  /** From 0; over 1 where more is written down than it holds. */
  share: number;
}

/** Where an item lies: its own place, or the first of its kind. */
export function placeOfItem(item: StoreItem, places: readonly Place[]): Place | null {
  return (
    places.find((p) => p.id === item.spot && p.kind === item.place) ??
    places.find((p) => p.kind === item.place) ??
    null
  );
}

/** How full each place is, by what is written down. */
export function roomTaken(
  items: readonly StoreItem[],
  kitchen: Kitchen,
  gramsPerPortion: (item: StoreItem) => number,
): RoomTaken[] {
  return kitchen.places.map((place) => {
    const taken = items
      .filter((i) => placeOfItem(i, kitchen.places)?.id === place.id)
      .reduce((sum, i) => sum + (i.portions * gramsPerPortion(i) * LITRES_PER_KG) / 1000, 0);
    return { place, taken, share: taken / place.litres };
  });
}

/**
 * Which freezer each thing goes into: the first that has room for it, in the kitchen’s order.
 *
 * @param rooms how full the places are before
 * @param litres of each thing
 * @returns a place’s id for each; null where none has room
 */
export function spotsFor(
  rooms: readonly RoomTaken[],
  litres: readonly number[],
): (string | null)[] {
  const free = rooms
    .filter((r) => r.place.kind === 'freezer')
    .map(({ place, taken }) => ({ id: place.id, litres: place.litres - taken }));
  return litres.map((own) => {
    const spot = free.find((f) => f.litres + 1e-9 >= own);
    if (spot) spot.litres -= own;
    return spot?.id ?? null;
  });
}

/**
 * Warm or fresh food that all freezers together freeze within a day, kg.
 *
 * @source National Center for Home Food Preservation, General Freezing Information (from memory): 2 to 3 lb
 *   for each cubic foot of freezer
 */
export function freezesInADay(kitchen: Kitchen): number {
  return kitchen.places
    .filter((p) => p.kind === 'freezer')
    .reduce((sum, p) => sum + p.litres * WARM_KG_PER_LITRE, 0);
}
