export { sayEdit, sayFinding } from './findings';
export { sayPotRefusal } from './pot-refusals';
export type { Conventions } from './conventions';
