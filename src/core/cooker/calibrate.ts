/**
 * A cooker's own power and loss, from one litre of tap water: minutes until the pin rises, and from
 * switching off until it drops.
 */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';
import { defaultParameters, heatUp, Pot, type CycleInput, type HeatParameters } from './pot';
import { naturalRelease } from './release';
import { firstSpread, LOSS_SPREAD, POWER_SPREAD } from './spreads';
import type { Heater } from './types';

export interface CalibrationRun {
  cooker: Heater;
  altitudeM: number;
  /** ml of tap water, and how warm it was. */
  ml: number;
  celsius: number;
  /** From lid on until the pin rises, min. */
  pinMinutes: number;
  /** From switching off at pressure, keep-warm off, until the pin drops, min. */
  dropMinutes: number;
}

/** What a sound cooker can be; outside it something was timed or typed wrongly. */
const EFFICIENCY = { low: 0.5, high: 1.15 } as const;
const LOSS_W_PER_K = { low: 0.1, high: 5 } as const;
/** What one timing with water leaves open, as a logarithm: the clock, the water's warmth (estimate). */
const TIMED_SPREAD = 0.06;
const ROUNDS = 6;
const HALVINGS = 30;

/**
 * Finds the parameters under which the model takes the measured times.
 *
 * @returns parameters, or which measurement cannot be right
 */
export function calibrate(run: CalibrationRun): Outcome<HeatParameters> {
  const input: CycleInput = {
    cooker: run.cooker,
    level: 'high',
    altitudeM: run.altitudeM,
    contents: [{ food: 'water', grams: run.ml, celsius: run.celsius }],
  };
  let found = defaultParameters(run.cooker);
  for (let round = 0; round < ROUNDS; round++) {
    const efficiency = solveFor(EFFICIENCY, (value) => {
      const tried = { ...found, efficiency: value };
      const up = heatUp(new Pot(input, tried), input, tried);
      // A heater that never gets there takes longer than anything measured.
      return (up?.pinS ?? Infinity) / 60 > run.pinMinutes;
    });
    if (efficiency === null)
      return failure(
        fault('pinMinutes', 'pin-time-odd', {
          minutes: run.pinMinutes,
          watts: run.cooker.watts,
          ml: run.ml,
        }),
      );
    found = { ...found, efficiency };
    const lossWPerK = solveFor(LOSS_W_PER_K, (value) => {
      const down = naturalRelease(input, 0, { ...found, lossWPerK: value });
      return down.ok && down.value.minutes > run.dropMinutes;
    });
    if (lossWPerK === null)
      return failure(
        fault('dropMinutes', 'drop-time-odd', { minutes: run.dropMinutes, ml: run.ml }),
      );
    found = { ...found, lossWPerK };
  }
  const timed = { prior: TIMED_SPREAD };
  return success({
    ...found,
    spread: firstSpread({ ...POWER_SPREAD, ...timed }),
    fallSpread: firstSpread({ ...LOSS_SPREAD, ...timed }),
  });
}

/** The value from which on it is no longer too slow; null where either end already disagrees. */
function solveFor(
  range: { low: number; high: number },
  isTooSlow: (value: number) => boolean,
): number | null {
  let { low, high } = range;
  if (!isTooSlow(low) || isTooSlow(high)) return null;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (isTooSlow(middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
