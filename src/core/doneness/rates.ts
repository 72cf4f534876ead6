/** How fast heat softens food and makes it safe. */
import { insideTemperature } from '../steam';
import { LEVEL_KPA } from '../cooker';

/**
 * Softening goes ten times as fast for every so many kelvin: then 20 min at the ordinary level are 12 at
 * the highest (common practice). Published values for vegetables lie between 15 and 35 K.
 *
 * @source A. Rizvi, C. Tong, Fractional conversion for determining texture degradation kinetics of
 *   vegetables, Journal of Food Science 62 (1997)
 */
export const SOFTENING_Z = 20.9;
/** The ordinary level at the sea, °C: what a minute of hold is counted in. */
export const ORDINARY_C = insideTemperature(LEVEL_KPA.high, 0);

/** The same as a power of e, which is reckoned several times as fast; this runs for each layer and each six seconds. */
const PER_KELVIN = Math.LN10 / SOFTENING_Z;

/** Minutes at the ordinary level that one minute at `celsius` is worth for softness. */
export function softeningRate(celsius: number): number {
  return Math.exp((celsius - ORDINARY_C) * PER_KELVIN);
}

/**
 * Lethality: minutes at `reference` that a temperature history is worth.
 *
 * @param celsius by step of `seconds`
 * @param z kelvin for a factor of ten, > 0
 * @source W. Bigelow et al. (1920): F = ∫ 10^((T − Tref)/z) dt, by the trapezoidal rule
 */
export function lethality(
  celsius: ArrayLike<number>,
  seconds: number,
  reference: number,
  z: number,
): number {
  let sum = 0;
  for (let i = 1; i < celsius.length; i++) {
    const rate = (k: number): number => 10 ** (((celsius[k] as number) - reference) / z);
    sum += (rate(i - 1) + rate(i)) / 2;
  }
  return (sum * seconds) / 60;
}

/** Of the published extension rule: minutes grow by 5 % for each 1000 ft above 2000 ft. */
const RULE_FROM_FT = 2000;
const RULE_PER_1000_FT = 0.05;
const M_PER_FT = 0.3048;

/**
 * Factor on minutes under pressure by the altitude rule.
 *
 * @source extension services’ pressure-cooking rule, e.g. Colorado State University Extension (from
 *   memory): 5 % more time for every 1000 ft above 2000 ft
 */
export function altitudeRule(altitudeM: number): number {
  return 1 + (RULE_PER_1000_FT * Math.max(0, altitudeM / M_PER_FT - RULE_FROM_FT)) / 1000;
}
