export { FLAT_MM, bagSheet, bagThickness } from './bag-sheet';
export type { BagSheet } from './bag-sheet';
export { PACK_STAGE, batchDish } from './batch';
export { BOXES, isBatchDay } from './boxes';
export { atLevel, holdAt, openChoices, stacksIn, withEntry } from './choices';
export type { OpenChoice } from './choices';
export { editMeal } from './edit-meal';
export { looksAtEaters } from './eaters';
export { effectiveEntries } from './entries';
