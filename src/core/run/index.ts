export { placeName, toRunSheet } from './sheet';
export type { SheetLine } from './sheet';
export { cooksOf, givenTo, shareSteps } from './share';
export type { Cook } from './share';
export { runEventSchema, TROUBLES } from './events';
export type { RunEvent, Trouble } from './events';
export { effective, foldEvening } from './live';
export type { Evening, LiveState, LiveStep } from './live';
export { replanEvening } from './replan-evening';
