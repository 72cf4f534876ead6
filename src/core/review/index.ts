export { checkDish } from './dish-checks';
export { conflictGroups, explainConflict } from './explain';
export type { Contradiction } from './explain';
export { HARD_MIN, longestWork } from './hands-load';
export { looksAtPlan } from './plan-looks';
export { whyLate } from './why-late';
export type { ChainPart } from './why-late';
export type { DishCheck } from './types';
