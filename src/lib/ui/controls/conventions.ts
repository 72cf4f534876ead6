import type { System } from '$core/units';

/** How the household reads days, times and amounts, as every page is given it. */
export interface FieldConventions {
  hours: 12 | 24;
  system: System;
  /** Order of day and month, first day of the week. */
  locale: 'en-US' | 'en-GB';
}

/** @param data of the page; before any household there is, day first and 24 hours */
export function conventionsOf(data: { conventions?: FieldConventions }): FieldConventions {
  return data.conventions ?? { hours: 24, system: 'metric', locale: 'en-GB' };
}
