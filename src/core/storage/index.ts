export { bagContents, bagParts } from './bag-contents';
export { bulkFrom, cookedGramsFor, isStoodFor } from './bulk';
export { dishIdOf, isIngredient, isRaw } from './contents';
export { addDays, daysBetween } from './days';
export { amountWords, byDue, daysLeft, newCode, packedWords, storeItemSchema } from './item';
export type { StoreItem } from './item';
export { keeps, keepsAs } from './keep';
export type { KeepingAnswer, UnknownKeeping } from './keep';
export { isReady, keepingKindOf, kindOfDish, kindOfRaw } from './keeping-kind';
export { labelText, lunchLabel } from './label';
export type { BagNeeds } from './label';
export { dishFromBag, frozenHold, waysOf } from './reheat';
export {
  LITRES_PER_KG,
  freezesInADay,
  gramsOfItem,
  kitGrams,
  placeOfItem,
  portionGrams,
  roomTaken,
  spotsFor,
} from './room';
export type { RoomTaken } from './room';
export { packedTogether, stockWith, stocksOf } from './stock';
export type { Stock } from './stock';
export { boxesInFridge, fridgeDaysOf, movedTo, useByOf } from './use-by';
export type { KeepingRules } from './use-by';
export { bulkDishes, dishFor, isDish, isThere } from './plannable';
export { reservedBy } from './reserved';
export { stockWeek } from './stock-week';
export type { StockWeek, WeekWish } from './stock-week';
export { lunchesToMove, lunchMoves } from './lunches';
