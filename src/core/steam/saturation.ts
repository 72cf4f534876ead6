/**
 * Saturation pressure and temperature of water.
 *
 * @source IAPWS R7-97(2012), Industrial Formulation 1997, region 4, equations 30 and 31
 * @accuracy agrees with the release's verification table to nine digits; valid 0–373.946 °C
 */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';

const N = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5,
  -0.32325550322333e7, 0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6,
  -0.23855557567849, 0.65017534844798e3,
] as const;
const KELVIN = 273.15;

/** Range of the formulation: triple point to critical point. */
export const SATURATION_RANGE = {
  lowC: 0,
  highC: 373.946,
  lowKPa: 0.611213,
  highKPa: 22064,
} as const;

/** @param celsius within the range @returns kPa absolute; unchecked, for inner loops */
export function pressureAt(celsius: number): number {
  const t = celsius + KELVIN;
  const theta = t + N[8] / (t - N[9]);
  const a = theta * theta + N[0] * theta + N[1];
  const b = N[2] * theta * theta + N[3] * theta + N[4];
  const c = N[5] * theta * theta + N[6] * theta + N[7];
  return 1000 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}

/** @param kPa absolute, within the range @returns °C; unchecked, for inner loops */
export function temperatureAt(kPa: number): number {
  const beta = (kPa / 1000) ** 0.25;
  const e = beta * beta + N[2] * beta + N[5];
  const f = N[0] * beta * beta + N[3] * beta + N[6];
  const g = N[1] * beta * beta + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  return (N[9] + d - Math.sqrt((N[9] + d) ** 2 - 4 * (N[8] + N[9] * d))) / 2 - KELVIN;
}

/** Saturation pressure in kPa absolute for a temperature in °C. */
export function saturationPressure(celsius: number): Outcome<number> {
  const { lowC, highC } = SATURATION_RANGE;
  if (!(celsius >= lowC && celsius <= highC))
    return failure(
      fault('celsius', 'celsius-beyond-steam', { low: lowC, high: highC, given: celsius }),
    );
  return success(pressureAt(celsius));
}

/** Saturation temperature in °C for an absolute pressure in kPa. */
export function saturationTemperature(kPa: number): Outcome<number> {
  const { lowKPa, highKPa } = SATURATION_RANGE;
  if (!(kPa >= lowKPa && kPa <= highKPa))
    return failure(fault('kPa', 'kpa-beyond-steam', { low: lowKPa, high: highKPa, given: kPa }));
  return success(temperatureAt(kPa));
}
