export { byHarm, finding } from './finding';
export type { Choice, Edit, Finding, FindingValues, Gain } from './finding';
export { describeProblem, failure, problemsOf, success } from './outcome';
export type { Outcome, Fault, Refusal } from './outcome';
export { useHouseWords } from './wording';
export { says } from './says';
export { shortened } from './shortened';
export type { PotRefusal, PotThing } from './pot-refusal';
export type { DishFinding, DishFindingValues } from './dish-finding';
