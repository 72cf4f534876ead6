/** The table of foods and how to find one in it. */
import { DAIRY, EGGS, FISH, MEATS, POULTRY } from './data/animal';
import { FRUITS, SEASONINGS } from './data/fruits';
import { FATS, LIQUIDS } from './data/liquids';
import { BAKING, GRAINS, NUTS, PULSES } from './data/staples';
import { VEGETABLES } from './data/vegetables';
import type { Food } from './types';

export { ALLERGENS } from './types';
export { cookingYield } from './yields';
export type { CookingYield } from './yields';

export { estimateFood } from './estimate';
export { KEEPING } from './keeping';
export type { Keeping } from './keeping';
export type {
  Aisle,
  Allergen,
  Composition,
  DonenessTarget,
  Food,
  FoodGroup,
  Form,
  KeepingKind,
} from './types';
export {
  FREEZE_FROM_C,
  FUSION_HEAT,
  conductivity,
  frozenConductivity,
  frozenDensity,
  frozenHeat,
  iceShare,
  solidDensity,
  specificHeat,
} from './thermal';

export const FOODS: readonly Food[] = [
  ...LIQUIDS,
  ...FATS,
  ...GRAINS,
  ...PULSES,
  ...BAKING,
  ...NUTS,
  ...VEGETABLES,
  ...FRUITS,
  ...SEASONINGS,
  ...MEATS,
  ...POULTRY,
  ...FISH,
  ...EGGS,
  ...DAIRY,
];

const byId = new Map(FOODS.map((f) => [f.id, f]));
const byName = new Map(FOODS.flatMap((f) => f.names.map((name) => [name, f] as const)));
const longestFirst = [...byName].sort((a, b) => b[0].length - a[0].length);

/**
 * Finds a food by id, by any of its names, or as the longest name inside a description.
 *
 * @example findFood('large red onion, sliced')?.id // 'onion'
 */
export function findFood(text: string): Food | null {
  const wanted = text.trim().toLowerCase();
  const exact = byId.get(wanted) ?? byName.get(wanted);
  if (exact) return exact;
  const padded = ` ${wanted.replace(/[^\p{L}\p{N}-]+/gu, ' ')} `;
  return longestFirst.find(([name]) => padded.includes(` ${name} `))?.[1] ?? null;
}
export { heapMl } from './heap';
