export { length as sayLength, sayWater } from './amounts';
export { sayDishFinding } from './dish-findings';
export { sayEdit, sayFinding } from './findings';
export { sayContradiction, sayPlace } from './contradictions';
export { sayFix } from './fixes';
export { fault, refusal } from './refusals';
export { sayPotRefusal } from './pot-refusals';
export type { Conventions } from './conventions';
export { sayKeeps, sayParked } from './parking';
