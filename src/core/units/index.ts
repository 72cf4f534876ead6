export { UNITS, UNIT_NAMES, add, convert, kindOf } from './quantity';
export type { Quantity, Unit } from './quantity';
export { keptByText } from './kept';
export { parseLength } from './length';
export { HUNDREDS, NUMBER, NUMBER_WORDS, toNumber } from './numbers';
export { findAmounts, parseAmount, parseQuantity } from './parse';
export type { FoundAmount } from './parse';
export { formatCapacity, formatQuantity, toFraction } from './display';
export type { System } from './display';
export { sayChance } from './chance';
export { formatTemperature, fromFahrenheit, toFahrenheit } from './temperature';
export {
  dayKey,
  formatDay,
  formatMinutes,
  formatTime,
  isZone,
  labelDay,
  monthName,
  shortDay,
  weekday,
} from './clock';
export type { ClockStyle } from './clock';
export { roundWater } from './round-water';
