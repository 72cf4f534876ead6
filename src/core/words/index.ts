export { sayWater } from './amounts';
export { sayDishFinding } from './dish-findings';
export { sayEdit, sayFinding } from './findings';
export { sayPotRefusal } from './pot-refusals';
export type { Conventions } from './conventions';
