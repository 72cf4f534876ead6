export { UNITS, UNIT_NAMES, add, convert, kindOf } from './quantity';
export type { Quantity, Unit } from './quantity';
export { parseAmount, parseQuantity } from './parse';
export { formatQuantity, toFraction } from './display';
export type { System } from './display';
export { sayChance } from './chance';
export { formatTemperature, fromFahrenheit, toFahrenheit } from './temperature';
export { dayKey, formatDay, formatMinutes, formatTime, isZone, shortDay } from './clock';
export type { ClockStyle } from './clock';
