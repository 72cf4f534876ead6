export { HOUSEHOLD_FORMAT, householdSchema, parseHousehold } from './household';
export type { EveningRecord, Household } from './household';
export { parseLine } from './line';
export type { IngredientLine, IngredientState } from './line';
