/** How an evening came out, in a list of them and on its own page. */
import { formatMinutes } from '../units';

/** So near the hour that nobody at the table looks at a clock, min. */
const ON_TIME_MIN = 2;

/** Whether an evening counts as late. */
export const isLate = (late: number): boolean => late > ON_TIME_MIN;

/**
 * @param late minutes by which the latest dish missed its time; below 0 where it was early; null before it is served
 * @example sayOutcome(9) // 'On the table, 9 min late'
 */
export function sayOutcome(late: number | null): string {
  if (late === null) return 'Not on the table yet';
  if (isLate(late)) return `On the table, ${formatMinutes(late)} late`;
  return isLate(-late) ? `On the table, ${formatMinutes(-late)} early` : 'On the table, on time';
}
