export { UNITS, UNIT_NAMES, add, convert, kindOf } from './quantity';
export type { Kind, Quantity, Unit } from './quantity';
export { parseAmount, parseQuantity } from './parse';
export type { ParsedAmount } from './parse';
export { formatQuantity, toFraction } from './display';
export type { System } from './display';
export { formatTemperature, fromFahrenheit, toFahrenheit } from './temperature';
export { dayKey, formatDay, formatMinutes, formatTime, isZone, shortDay } from './clock';
export type { ClockStyle } from './clock';
