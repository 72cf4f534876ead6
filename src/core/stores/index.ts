export { TWO_STAGE, coolingTime } from './cool';
export type { Cooling, CoolingMethod } from './cool';
export { freezingTime, plankSeconds, thawingTime, thawRuleHours } from './freeze';
export type { BagShape, BagTime } from './freeze';
export { bulkFrom, bulkOf, withBulk, withBulkId } from './bulk';
export { freezesInADay, placeOfItem, portionGrams, roomTaken } from './room';
export type { RoomTaken } from './room';
export { suggestWeek } from './suggest-week';
export type { Proposal, WeekQuestion } from './suggest-week';
export { keeps } from './keep';
export type { KeepingAnswer, KeepingPlace } from './keep';
export { byDue, cookingOf, daysLeft, kindOfDish, newCode, storeItemSchema, useByOf } from './item';
export type { StoreItem } from './item';
export {
  bagDishId,
  bagOf,
  dishFromBag,
  REHEAT_C,
  REHEAT_METHODS,
  reheatHold,
  usualMethod,
} from './reheat';
export type { ReheatMethod } from './reheat';
