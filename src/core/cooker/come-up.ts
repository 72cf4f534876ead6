/**
 * From lid on to working pressure.
 *
 * @accuracy inside the ranges of common practice for the cases in tests/reference/come-up.test.ts, with
 *   the one set of parameters
 */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';
import {
  checkContents,
  defaultParameters,
  heatUp,
  Pot,
  thickShare,
  thinGrams,
  type CurvePoint,
  type CycleInput,
  type HeatParameters,
} from './pot';
import { firstSpread, POWER_SPREAD, THICK_PRIOR, Z90 } from './spreads';

export interface ComeUp {
  /** Minutes from lid on to the start of the countdown. */
  minutes: number;
  p90: number;
  /** Minutes until the pin rises. */
  pinMinutes: number;
  curve: CurvePoint[];
  because: string[];
}

/** The spread of the way up's logarithm: what is not known of this heater and of thick food on it. */
function spreadOfWayUp(input: CycleInput, parameters: HeatParameters): number {
  const { spread = firstSpread(POWER_SPREAD), thickVariance = THICK_PRIOR ** 2 } = parameters;
  const share = thickShare(input.contents);
  const variance =
    spread ** 2 + share ** 2 * thickVariance - 2 * share * (parameters.thickCovariance ?? 0);
  return Math.sqrt(Math.max(variance, 0));
}

/**
 * Minutes from lid on to working pressure.
 *
 * @returns median and 90th percentile in minutes with the curve, or why there is no answer
 */
export function comeUp(
  input: CycleInput,
  parameters: HeatParameters = defaultParameters(input.cooker),
): Outcome<ComeUp> {
  const checked = checkContents(input);
  if (!checked.ok) return checked;
  const usual = heatUp(new Pot(input, parameters), input, parameters);
  if (!usual)
    return failure(fault('cooker.watts', 'heater-too-weak', { watts: input.cooker.watts }));
  const minutes = usual.workS / 60;
  const kilograms = input.contents.reduce((sum, p) => sum + p.grams, 0) / 1000;
  const thin = thinGrams(input.contents);
  return success({
    minutes,
    p90: minutes * Math.exp(Z90 * spreadOfWayUp(input, parameters)),
    pinMinutes: usual.pinS / 60,
    curve: usual.curve,
    because: [
      `${kilograms.toFixed(1)} kg in the pot, ${Math.round(thin)} g of it thin liquid, ${input.cooker.watts} W (energy balance)`,
      ...(input.hotStart ? ['inner pot and base are still hot from browning'] : []),
      ...(input.contents.some((p) => p.frozen)
        ? ['frozen food has to thaw first: 334 J for each gram of its water']
        : []),
    ],
  });
}
