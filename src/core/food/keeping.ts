/** How long food keeps: in the fridge for safety, in the freezer for quality. */
import type { KeepingKind } from './types';

export interface Keeping {
  /** Days at 4 °C or less, from and to. */
  fridgeDays: readonly [number, number];
  /** Months at −18 °C in which it stays good; null where freezing does it no good. */
  freezerMonths: readonly [number, number] | null;
  source: string;
}

const CHART = 'FoodSafety.gov, Cold Food Storage Chart';
const KEEPER = 'USDA, Food Marketing Institute and Cornell University, FoodKeeper';

/**
 * @source FoodSafety.gov, Cold Food Storage Chart (from memory); produce and opened goods after the
 *   FoodKeeper data (from memory). Fridge at 4 °C or less, freezer at −18 °C.
 */
export const KEEPING: Readonly<Record<KeepingKind, Keeping>> = {
  'ground-meat': { fridgeDays: [1, 2], freezerMonths: [3, 4], source: CHART },
  meat: { fridgeDays: [3, 5], freezerMonths: [4, 12], source: CHART },
  poultry: { fridgeDays: [1, 2], freezerMonths: [9, 12], source: CHART },
  sausage: { fridgeDays: [1, 2], freezerMonths: [1, 2], source: CHART },
  'cured-meat': { fridgeDays: [3, 7], freezerMonths: [1, 2], source: CHART },
  fish: { fridgeDays: [1, 2], freezerMonths: [6, 8], source: CHART },
  'fatty-fish': { fridgeDays: [1, 2], freezerMonths: [2, 3], source: CHART },
  egg: { fridgeDays: [21, 35], freezerMonths: null, source: CHART },
  dairy: { fridgeDays: [5, 7], freezerMonths: [1, 3], source: KEEPER },
  'hard-cheese': { fridgeDays: [21, 28], freezerMonths: [6, 6], source: KEEPER },
  vegetable: { fridgeDays: [3, 7], freezerMonths: [8, 10], source: KEEPER },
  root: { fridgeDays: [7, 21], freezerMonths: [8, 10], source: KEEPER },
  herb: { fridgeDays: [5, 7], freezerMonths: [1, 2], source: KEEPER },
  opened: { fridgeDays: [3, 5], freezerMonths: [2, 3], source: KEEPER },
  'cooked-rice': { fridgeDays: [1, 4], freezerMonths: [1, 2], source: CHART },
  'cooked-pulse': { fridgeDays: [3, 4], freezerMonths: [2, 3], source: CHART },
  'cooked-meat': { fridgeDays: [3, 4], freezerMonths: [2, 6], source: CHART },
  soup: { fridgeDays: [3, 4], freezerMonths: [2, 3], source: CHART },
  dry: { fridgeDays: [180, 360], freezerMonths: [12, 24], source: KEEPER },
};
