/** From the end of the hold until the pin drops: by itself, or vented by hand. */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';
import { insideTemperature } from '../steam';
import {
  checkContents,
  defaultParameters,
  heatUp,
  LONGEST_S,
  PIN_KPA,
  Pot,
  STEP_S,
  type CycleInput,
  type HeatParameters,
} from './pot';
import { firstSpread, LOSS_SPREAD, Z90 } from './spreads';
import { LEVEL_KPA, type Portion } from './types';

/** Mean power of keep-warm while the pot is still hotter than it aims for, W (estimate). */
export const KEEP_WARM_W = 30;

export interface Release {
  /** Minutes until the pin drops by itself. */
  minutes: number;
  p90: number;
  because: string[];
}

/**
 * Minutes of natural release: from the end of the hold until the pin drops.
 *
 * @param afterMinutes of hold, in which the pieces have caught up with the pot
 */
export function naturalRelease(
  input: CycleInput,
  afterMinutes: number,
  parameters: HeatParameters = defaultParameters(input.cooker),
): Outcome<Release> {
  const checked = checkContents(input);
  if (!checked.ok) return checked;
  const pinC = insideTemperature(PIN_KPA, input.altitudeM);
  const run = (p: HeatParameters): number | null => {
    const pot = new Pot(input, p);
    if (!heatUp(pot, input, p)) return null;
    pot.hold(insideTemperature(LEVEL_KPA[input.level], input.altitudeM), afterMinutes * 60);
    for (let seconds = 0; seconds <= LONGEST_S; seconds += STEP_S) {
      if (pot.celsius <= pinC) return seconds / 60;
      pot.step(input.keepWarm ? KEEP_WARM_W : 0);
    }
    return LONGEST_S / 60;
  };
  const minutes = run(parameters);
  if (minutes === null)
    return failure(fault('cooker.watts', 'nothing-to-release', { watts: input.cooker.watts }));
  const { fallSpread = firstSpread(LOSS_SPREAD) } = parameters;
  return success({
    minutes,
    p90: minutes * Math.exp(Z90 * fallSpread),
    because: [
      ...(input.keepWarm ? [`keep-warm left on gives it about ${KEEP_WARM_W} W back`] : []),
      `the pot gives off about ${Math.round(parameters.lossWPerK * 95)} W; a fuller pot holds more heat and takes longer (energy balance)`,
    ],
  });
}

/**
 * Minutes to vent by hand: the steam that flashes off, at what a valve lets through.
 *
 * @source flash fraction about 3 % of the liquid from high pressure at sea level (IF97); about
 *   40 g a minute through a valve (common practice: 1–3 min)
 */
export function quickRelease(contents: readonly Portion[]): number {
  const grams = contents.reduce((sum, p) => sum + p.grams, 0);
  return Math.min(4, Math.max(1, (0.03 * grams) / 40));
}
