export { pressureAt, saturationPressure, saturationTemperature } from './saturation';
export { ALTITUDE_RANGE, airPressure, boilingPoint, insideTemperature } from './altitude';
