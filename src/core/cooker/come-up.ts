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
  thinGrams,
  type CurvePoint,
  type CycleInput,
  type HeatParameters,
} from './pot';

export interface ComeUp {
  /** Minutes from lid on to the start of the countdown. */
  minutes: number;
  p90: number;
  /** Minutes until the pin rises. */
  pinMinutes: number;
  curve: CurvePoint[];
  because: string[];
}

/** Spread of the come-up: weaker mains, colder water, a lid that seats late. */
const SLOW: HeatParameters = { efficiency: 0.9, lossWPerK: 1.2, ventG: 1.4 };

/** Of the normal distribution: nine of ten lie below. */
const Z90 = 1.2816;

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
  const slow: HeatParameters = {
    efficiency: parameters.efficiency * SLOW.efficiency,
    lossWPerK: parameters.lossWPerK * SLOW.lossWPerK,
    ventG: parameters.ventG * SLOW.ventG,
  };
  const late = heatUp(new Pot(input, slow), input, slow);
  const minutes = usual.workS / 60;
  const kilograms = input.contents.reduce((sum, p) => sum + p.grams, 0) / 1000;
  const thin = thinGrams(input.contents);
  const { spread } = parameters;
  return success({
    minutes,
    p90:
      spread === undefined
        ? Math.max(late ? late.workS / 60 : minutes * 1.5, minutes * 1.1)
        : minutes * Math.exp(Z90 * spread),
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
