/** How many cans an ingredient is, however it is measured. */
import type { ScaledIngredient } from './scaled';

/** “2 (14 oz) cans” are kept as 28 oz, and the cans in their own words at the end of what is said of them. */
const IN_CANS = /(?:^|, )(\d+(?:\.\d+)?) cans?$/;

/**
 * @returns cans for the servings asked for, perhaps a part of one; null where nobody says that it comes in cans
 */
export function cansOf({ ingredient, quantity }: ScaledIngredient): number | null {
  if (!quantity) return null;
  if (quantity.unit === 'can') return quantity.amount;
  const written = Number(IN_CANS.exec(ingredient.preparation)?.[1] ?? NaN);
  if (Number.isNaN(written) || !ingredient.amount) return null;
  return (written * quantity.amount) / ingredient.amount;
}
