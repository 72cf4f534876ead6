/** How long food keeps: in the fridge for safety, in the freezer for quality. */
import type { KeepingKind } from './types';

export interface Keeping {
  /** As it stands in a sentence: “keeps as …”. */
  name: string;
  /** Days at 4 °C or less, from and to. */
  fridgeDays: readonly [number, number];
  /** What the days in the fridge are for. */
  fridgeWhy: 'safety' | 'quality';
  /** Months at −18 °C in which it stays good; null where freezing does it no good. */
  freezerMonths: readonly [number, number] | null;
  /** Days whole and as bought on the counter; absent where two hours are the most. */
  counterDays?: readonly [number, number];
  /** An authority that allows fewer days in the fridge: the one plans and labels go by. */
  strict?: { days: number; words: string };
  source: string;
}

const CHART = 'FoodSafety.gov, Cold Food Storage Chart';
const KEEPER = 'USDA, Food Marketing Institute and Cornell University, FoodKeeper';
const LEFTOVERS = 'USDA FSIS, Leftovers and Food Safety';
const OIL = 'National Center for Home Food Preservation, Storing garlic in oil';
const SEAFOOD = 'FDA, Refrigerator and Freezer Storage Chart';

type Days = readonly [number, number];

/** Kept for as long as it is safe. */
const safe = (
  name: string,
  fridgeDays: Days,
  freezerMonths: Days | null,
  source = CHART,
): Keeping => ({ name, fridgeDays, fridgeWhy: 'safety', freezerMonths, source });

/** Kept for as long as it is good. */
const good = (
  name: string,
  fridgeDays: Days,
  freezerMonths: Days | null,
  counterDays?: Days,
): Keeping => ({
  name,
  fridgeDays,
  fridgeWhy: 'quality',
  freezerMonths,
  source: KEEPER,
  ...(counterDays ? { counterDays } : {}),
});

/**
 * @source FoodSafety.gov, Cold Food Storage Chart; produce, dairy and dry goods: FoodKeeper; seafood: FDA,
 *   Refrigerator and Freezer Storage Chart; what is cooked and in no row: USDA FSIS, Leftovers and Food
 *   Safety; rice: UK FSA. All from memory. Fridge at 4 °C or less, freezer at −18 °C.
 */
export const KEEPING: Readonly<Record<KeepingKind, Keeping>> = {
  'ground-meat': safe('ground meat or stew meat, raw', [1, 2], [3, 4]),
  meat: safe('chops and roasts, raw', [3, 5], [4, 12]),
  giblets: safe('liver and giblets, raw', [1, 2], [3, 4]),
  poultry: safe('poultry, raw', [1, 2], [9, 12]),
  'poultry-pieces': safe('poultry in pieces, raw', [1, 2], [9, 9]),
  'whole-poultry': safe('whole poultry, raw', [1, 2], [12, 12]),
  sausage: safe('sausage, raw', [1, 2], [1, 2]),
  bacon: safe('bacon', [7, 7], [1, 1]),
  ham: safe('cooked ham in slices', [3, 5], [1, 2]),
  'lunch-meat': safe('luncheon meat, opened', [3, 5], [1, 2]),
  'hot-dogs': safe('hot dogs, opened', [7, 7], [1, 2]),
  fish: safe('lean fish, raw', [1, 2], [6, 8]),
  'fatty-fish': safe('fatty fish, raw', [1, 2], [2, 3]),
  shellfish: safe('shellfish, raw', [1, 2], [3, 6], SEAFOOD),
  egg: safe('eggs in the shell', [21, 35], null),
  'raw-egg': safe('eggs out of the shell, raw', [2, 4], [12, 12]),
  'cooked-egg': safe('hard-cooked eggs', [7, 7], null),
  salad: safe('salad of egg, meat, fish or pasta', [3, 4], null),
  pizza: safe('pizza', [3, 4], [1, 2]),
  casserole: safe('casserole, cooked', [3, 4], [2, 3]),
  soup: safe('soup or stew', [3, 4], [2, 3]),
  'cooked-meat': safe('cooked meat or poultry', [3, 4], [2, 6]),
  'cooked-fish': safe('cooked fish', [3, 4], [4, 6], SEAFOOD),
  'cooked-rice': {
    ...safe('cooked rice', [1, 4], [1, 2], LEFTOVERS),
    strict: {
      days: 1,
      words: 'rice: cooled within an hour and eaten within a day (UK FSA); 3 to 4 days by USDA',
    },
  },
  'cooked-pulse': safe('cooked beans or pulses', [3, 4], [2, 3], LEFTOVERS),
  'cooked-vegetable': safe('cooked vegetables, grain or pasta', [3, 4], [3, 4], LEFTOVERS),
  dairy: safe('milk, cream or yoghurt', [5, 7], [1, 3], KEEPER),
  cultured: safe('yoghurt, soured cream or buttermilk', [7, 14], [1, 2], KEEPER),
  stuffed: safe('meat or poultry that is stuffed, raw', [1, 1], null),
  'baby-food': safe('food for a baby, opened or made at home', [1, 2], [1, 2], KEEPER),
  opened: safe('an opened can or jar', [3, 5], [2, 3], KEEPER),
  // Botulism grows where oil keeps the air away; UC Davis and the NCHFP allow a few days (from memory).
  'in-oil': safe('garlic, herbs or vegetables in oil', [2, 4], [3, 4], OIL),
  'cut-produce': safe('fruit or vegetables, cut', [2, 4], [8, 10], KEEPER),
  butter: good('butter', [30, 60], [6, 9], [1, 2]),
  'hard-cheese': good('hard cheese', [21, 28], [6, 6]),
  vegetable: good('vegetables and fruit', [3, 7], [8, 10], [1, 3]),
  leafy: good('leaves and mushrooms', [3, 7], [8, 10]),
  root: good('roots and other firm vegetables', [7, 21], [8, 10], [7, 30]),
  bread: good('bread', [7, 14], [3, 5], [3, 5]),
  herb: good('fresh herbs', [5, 7], [1, 2]),
  dry: good('dry goods', [180, 360], [12, 24], [180, 360]),
  // Nobody said what it is: the shortest of all rows, until somebody does.
  unknown: {
    ...safe('food that is not known: the strictest row of the chart', [1, 1], [1, 1]),
    strict: { days: 1, words: 'what it is is not known: choose its group, and its own days count' },
  },
};
