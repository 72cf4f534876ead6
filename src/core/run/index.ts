export { placeName, toRunSheet } from './sheet';
export type { SheetLine } from './sheet';
