export { TWO_STAGE, coolingTime } from './cool';
export type { Cooling, CoolingMethod } from './cool';
export { freezingTime, plankSeconds, thawingTime } from './freeze';
export type { BagShape, BagTime } from './freeze';
export { keeps } from './keep';
export type { KeepingAnswer, KeepingPlace } from './keep';
