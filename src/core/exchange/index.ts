export { HOUSEHOLD_FORMAT, householdSchema } from './household';
export { notJson, parseHousehold, readingHousehold } from './read-household';
export type { EveningRecord, Household, MoveRecord, VersionRecord } from './household';
export { imageTypeOf, MOST_PHOTO_BYTES } from './photo';
export type { ImageType, PhotoRecord } from './photo';
