export { placeName, toRunSheet } from './sheet';
export type { SheetLine } from './sheet';
export { cooksOf, givenTo, shareSteps } from './share';
export type { Cook } from './share';
