/**
 * Air pressure and boiling point by altitude.
 *
 * @source U.S. Standard Atmosphere 1976, troposphere (to 11 km), geometric altitude converted to
 *   geopotential with R = 6 356 766 m
 */
import { temperatureAt } from './saturation';

export const SEA_LEVEL_KPA = 101.325;
const EARTH_RADIUS_M = 6_356_766;
/** Below the lowest kitchens and above the highest; people live up to about 5,100 m. */
export const ALTITUDE_RANGE = { lowM: -430, highM: 6000 } as const;

/** @param altitudeM geometric altitude @returns kPa; unchecked, for inner loops */
export function airPressure(altitudeM: number): number {
  const h = (EARTH_RADIUS_M * altitudeM) / (EARTH_RADIUS_M + altitudeM);
  return SEA_LEVEL_KPA * (1 - (0.0065 * h) / 288.15) ** 5.255876;
}

/** Boiling point of water at an altitude. @returns °C */
export function boilingPoint(altitudeM: number): number {
  return temperatureAt(airPressure(altitudeM));
}

/** Temperature inside a cooker that holds `gaugeKPa` over the air outside. @returns °C */
export function insideTemperature(gaugeKPa: number, altitudeM: number): number {
  return temperatureAt(airPressure(altitudeM) + gaugeKPa);
}
