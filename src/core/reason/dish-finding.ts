/** What would go wrong with a dish as it stands: data, SI inside; the words for it are in `words`. */

/** What each finding of a dish says, by its code. */
export interface DishFindingValues {
  'dairy-under-pressure': { food: string; stage: string };
  'starch-under-pressure': { food: string; stage: string };
  'thick-at-the-bottom': { food: string };
  /** Even for the smallest cooker that there is. */
  'too-little-liquid': { stage: string; thinMl: number; leastMl: number; addMl: number };
  'frozen-in-slow-cooker': { food: string };
  'raw-beans-in-slow-cooker': { food: string };
  'delayed-start': { food: string };
  /** The middle of a piece after the cycle, and what its kind needs. */
  'unsafe-target': {
    food: string;
    kind: string;
    minutes: number;
    /** Heat of later stages is counted in. */
    isHeatedAfter: boolean;
    thickMm: number;
    reachesC: number;
    needsC: number;
    /** At pressure, with which it would be safe. */
    safeMinutes: number;
  };
  'smelling-ring': Record<never, never>;
}

export type DishFindingCode = keyof DishFindingValues;
export type DishFinding = {
  [C in DishFindingCode]: { code: C; values: DishFindingValues[C] };
}[DishFindingCode];
