/** A whole cycle as a curve, lid on to lid off: what the silhouette draws and what pieces lie in. */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';
import { boilingPoint, insideTemperature } from '../steam';
import {
  checkContents,
  defaultParameters,
  heatUp,
  LONGEST_S,
  PIN_KPA,
  point,
  Pot,
  STEP_S,
  type CurvePoint,
  type CycleInput,
  type HeatParameters,
} from './pot';
import { KEEP_WARM_W, quickRelease } from './release';
import { LEVEL_KPA } from './types';

/** How a cycle ends: by hand at once, by itself, or by itself for some minutes and then by hand. */
export type ReleaseKind = 'quick' | 'natural' | number;

export interface WholeCycle {
  /** Every STEP_S seconds from lid on; gauge pressure in kPa. */
  curve: CurvePoint[];
  /** When each phase ends, s since lid on. */
  comeUpS: number;
  holdS: number;
  openS: number;
}

/**
 * Plays one cycle.
 *
 * @param holdMinutes at working pressure, ≥ 0
 * @returns temperatures and pressures over time, or why there are none
 */
export function wholeCycle(
  input: CycleInput,
  holdMinutes: number,
  release: ReleaseKind,
  parameters: HeatParameters = defaultParameters(input.cooker),
): Outcome<WholeCycle> {
  const checked = checkContents(input);
  if (!checked.ok) return checked;
  const pot = new Pot(input, parameters);
  const up = heatUp(pot, input, parameters, STEP_S);
  if (!up)
    return failure(fault('cooker.watts', 'never-at-pressure', { watts: input.cooker.watts }));
  const { curve, workS } = up;
  const add = (seconds: number): void => {
    curve.push(point(seconds, pot.celsius, input.altitudeM));
  };
  const work = insideTemperature(LEVEL_KPA[input.level], input.altitudeM);
  pot.hold(work, 0);
  const holdS = workS + holdMinutes * 60;
  let seconds = workS;
  while (seconds < holdS) {
    const step = Math.min(STEP_S, holdS - seconds);
    pot.hold(work, step);
    seconds += step;
    add(seconds);
  }
  const pinC = insideTemperature(PIN_KPA, input.altitudeM);
  const waitS = release === 'natural' ? LONGEST_S : release === 'quick' ? 0 : release * 60;
  while (pot.celsius > pinC && seconds - holdS < waitS) {
    pot.step(input.keepWarm ? KEEP_WARM_W : 0);
    seconds += STEP_S;
    add(seconds);
  }
  if (pot.celsius > pinC) {
    // Vented: down to the boil in a straight line, as fast as the valve lets the steam out.
    const boil = boilingPoint(input.altitudeM);
    const from = pot.celsius;
    const lasts = quickRelease(input.contents) * 60;
    for (let t = STEP_S; t < lasts + STEP_S; t += STEP_S) {
      pot.hold(Math.max(boil, from - ((from - boil) * t) / lasts), STEP_S);
      add(seconds + t);
    }
    seconds += lasts;
  }
  return success({ curve, comeUpS: workS, holdS, openS: seconds });
}
