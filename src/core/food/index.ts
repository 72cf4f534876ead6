/** Foods: the table, how to find one, and what a name says a food is. */
export { allergensInName } from './allergen-words';
export { AISLES, ALLERGENS } from './types';
export { cookingYield } from './yields';

export { compositionFor, estimateFood } from './estimate';
export { KEEPING } from './keeping';
export type {
  Aisle,
  Allergen,
  Composition,
  DonenessTarget,
  Food,
  FoodClass,
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

export { FOODS, asDried, findFood, foodById, kindOf, mentionedFood } from './find';
export { isRice } from './table-kind';
export { foodByNumber } from './by-number';
export { ASK_GROUPS, FOOD_GROUPS, groupChoice } from './kind';
export type { FoodKind } from './kind';
export { plainName, withoutLikeness } from './reading';
export { fruitsIn, productKey } from './product';
export { asWholeBird, isBareBird } from './whole-bird';

export { heapMl } from './heap';
