export { TWO_STAGE, coolingTime } from './cool';
export type { Cooling, CoolingMethod } from './cool';
export { coolingFixes, sayFix } from './cool-fix';
export type { CoolingFix } from './cool-fix';
export { freezingTime, plankSeconds, thawingTime, thawRuleHours } from './freeze';
export type { BagShape, BagTime } from './freeze';
export { bulkFrom, bulkOf, withBulk, withBulkId } from './bulk';
export {
  LITRES_PER_KG,
  freezesInADay,
  gramsOfItem,
  placeOfItem,
  portionGrams,
  roomTaken,
} from './room';
export type { RoomTaken } from './room';
export { suggestWeek } from './suggest-week';
export type { Proposal, WeekQuestion } from './suggest-week';
export { keeps, keepsAs } from './keep';
export type { KeepingAnswer, KeepingPlace, UnknownKeeping } from './keep';
export { bagContents, bagParts } from './bag-contents';
export type { BagContents, BagParts } from './bag-contents';
export { addDays, daysBetween } from './days';
export { amountWords, byDue, daysLeft, newCode, packedWords, storeItemSchema } from './item';
export { isReady, keepingKindOf, kindOfDish, kindOfRaw } from './keeping-kind';
export { packedTogether, stocksOf, stockWith } from './stock';
export type { Stock } from './stock';
export { labelText } from './label';
export { boxesInFridge, fridgeDaysOf, movedTo, safeUntil, useByOf } from './use-by';
export type { Due } from './use-by';
export type { StoreItem } from './item';
export {
  bagDishId,
  bagOf,
  dishFromBag,
  REHEAT_C,
  REHEAT_METHODS,
  reheatHold,
  usualMethod,
  waysToHeat,
} from './reheat';
export type { ReheatMethod } from './reheat';
