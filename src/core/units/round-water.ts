/** Nobody measures finer, ml. */
const ROUND_ML = 10;

/** @returns ml, up to the next that can be measured */
export const roundWater = (ml: number): number => Math.ceil(ml / ROUND_ML) * ROUND_ML;
