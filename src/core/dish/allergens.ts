/** Which declared allergens a dish holds, as far as the food table knows. */
import type { Allergen } from '../food';
import type { ScaledDish } from './scaled';

export interface Allergens {
  /** In the order of the table, each with the ingredients it comes from. */
  contains: { allergen: Allergen; from: string[] }[];
  /** Ingredients that the table does not know: nothing is said of them. */
  unknown: string[];
}

/** @source Regulation (EU) No 1169/2011, Annex II, by the foods' kinds; labels come first */
export function allergensOf({ ingredients }: ScaledDish): Allergens {
  const found = new Map<Allergen, string[]>();
  for (const { ingredient, food } of ingredients)
    for (const allergen of food?.allergens ?? [])
      found.set(allergen, [...(found.get(allergen) ?? []), ingredient.food]);
  return {
    contains: [...found].map(([allergen, from]) => ({ allergen, from })),
    unknown: ingredients.filter((i) => i.food === null).map((i) => i.ingredient.food),
  };
}
