export {
  SATURATION_RANGE,
  pressureAt,
  saturationPressure,
  saturationTemperature,
  temperatureAt,
} from './saturation';
export {
  ALTITUDE_RANGE,
  SEA_LEVEL_KPA,
  airPressure,
  boilingPoint,
  checkAltitude,
  insideTemperature,
} from './altitude';
