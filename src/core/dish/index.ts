export { allergensOf } from './allergens';
export type { Allergens } from './allergens';
export { dishSchema, ingredientSchema, stageSchema } from './document';
export type { Dish, Ingredient, PressureStage, ReleaseChoice, Stage, StageKind } from './document';
export { browningBatches, browningMinutes } from './browning';
export { scaleDish, toGrams } from './scale';
export type { ScaledDish, ScaledIngredient } from './scale';
export { contentsAt, startCelsius } from './contents';
