/** Amounts and lengths within a sentence, in the household's units. */
import { formatQuantity, roundWater, toFraction } from '../units';
import type { Conventions } from './conventions';

/** A volume as a cook measures it. */
export function ml(amount: number, { system }: Conventions): string {
  return formatQuantity({ amount, unit: 'ml' }, system);
}

/** A volume that is compared with another in the same sentence: no digit is dropped, so that they add up. */
export function exactMl(amount: number, by: Conventions): string {
  return by.system === 'us' ? ml(amount, by) : `${Math.round(amount)} ml`;
}

export function kg(amount: number, { system }: Conventions): string {
  return formatQuantity({ amount: amount * 1000, unit: 'g' }, system);
}

/** A length, to the quarter of an inch or the millimetre. */
export function length(mm: number, { system }: Conventions): string {
  if (system !== 'us') return `${mm} mm`;
  const inches = mm / 25.4;
  const shown = inches >= 10 ? Math.round(inches) : Math.max(1, Math.round(inches * 4)) / 4;
  return `${toFraction(shown)} in`;
}

/** @example sayWater(175, { system: 'metric' }) // '180 ml water' */
export function sayWater(amount: number, by: Conventions): string {
  return `${ml(roundWater(amount), by)} water`;
}

/** A minute of the day on the household's clock: 05:40, or 5:40 am; it does not break over lines, and takes no dot that a sentence would double. */
export function timeOfDay(minute: number, { hours = 24 }: Conventions): string {
  const [hour, rest] = [Math.floor(minute / 60), String(minute % 60).padStart(2, '0')];
  if (hours === 24) return `${String(hour).padStart(2, '0')}:${rest}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}:${rest}\u00a0${hour < 12 ? 'am' : 'pm'}`;
}
