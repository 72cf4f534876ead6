/** How food that cools too slowly is cooled in time: so many shallow boxes, or ice water. */
import { formatMinutes } from '../units';
import { coolingTime, type CoolingMethod } from './cool';

export interface CoolingFix {
  method: CoolingMethod;
  boxes: number;
  depthMm: number;
  minutesTo21: number;
  minutesTo5: number;
}

/** Depths that are tried, the deepest that is still shallow first, mm (USDA FSIS: 2 in at most). */
const DEPTHS = [50, 40, 30, 20] as const;
/** What a large household box holds at such a depth, per mm: 20 × 30 cm, ml. */
const BOX_ML_PER_MM = 60;
const MOST_BOXES = 12;

/**
 * Ways that keep the published limit, each worked out like the question itself: the fewest shallow boxes in
 * the fridge, and ice water for the pot as it is.
 *
 * @returns none where no way here is fast enough
 */
export function coolingFixes(input: Parameters<typeof coolingTime>[0]): CoolingFix[] {
  return [inBoxes(input), inIce(input)].filter((fix) => fix !== null);
}

function inBoxes(input: Parameters<typeof coolingTime>[0]): CoolingFix | null {
  for (const depthMm of DEPTHS) {
    const boxes = Math.max(1, Math.ceil(input.ml / (depthMm * BOX_ML_PER_MM)));
    if (boxes > MOST_BOXES || depthMm >= input.depthMm) continue;
    const fix = tried({ ...input, ml: input.ml / boxes, depthMm, method: 'fridge' }, boxes);
    if (fix) return fix;
  }
  return null;
}

function inIce(input: Parameters<typeof coolingTime>[0]): CoolingFix | null {
  return input.method === 'ice-bath' ? null : tried({ ...input, method: 'ice-bath' }, 1);
}

function tried(input: Parameters<typeof coolingTime>[0], boxes: number): CoolingFix | null {
  const { within, minutesTo21, minutesTo5 } = coolingTime(input);
  if (!within || minutesTo21 === null || minutesTo5 === null) return null;
  const { method, depthMm } = input;
  return { method, boxes, depthMm, minutesTo21, minutesTo5 };
}

const COUNT = ['no', 'one', 'two', 'three', 'four', 'five', 'six'] as const;

/** @example 'two shallow boxes, 50 mm deep, in the fridge: 21 °C after 1 h 20 min, 5 °C after 4 h 10 min' */
export function sayFix({ method, boxes, depthMm, minutesTo21, minutesTo5 }: CoolingFix): string {
  const how =
    method === 'ice-bath'
      ? 'the pot in ice water, stirred'
      : `${COUNT[boxes] ?? boxes} shallow ${boxes === 1 ? 'box' : 'boxes'}, ${depthMm} mm deep, in the fridge`;
  return `${how}: 21\u00a0°C after ${formatMinutes(minutesTo21)}, 5\u00a0°C after ${formatMinutes(minutesTo5)}`;
}
