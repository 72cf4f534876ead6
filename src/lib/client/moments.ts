/** Day and time fields to an instant and back, in a meal's zone. */
import { parseAbsolute, parseDateTime, toCalendarDateTime, toZoned } from '@internationalized/date';

/** @returns `{ day: '2026-11-28', time: '18:30' }` as the form fields want them */
export function toFields(instant: string, zone: string): { day: string; time: string } {
  const text = toCalendarDateTime(parseAbsolute(instant, zone)).toString();
  return { day: text.slice(0, 10), time: text.slice(11, 16) };
}

/** @returns an ISO instant, or null where the fields are not a day and a time */
export function fromFields(day: string, time: string, zone: string): string | null {
  try {
    return toZoned(parseDateTime(`${day}T${time}`), zone)
      .toDate()
      .toISOString();
  } catch {
    return null;
  }
}

/** Tomorrow at half past six, the likely time of the next meal. @param now ms since the epoch */
export function servingIn(now: number, zone: string): string {
  const day = toCalendarDateTime(parseAbsolute(new Date(now).toISOString(), zone)).add({ days: 1 });
  return toZoned(day.set({ hour: 18, minute: 30, second: 0, millisecond: 0 }), zone)
    .toDate()
    .toISOString();
}

/** The same time of day so many weeks later, whatever the clocks do in between. */
export function addWeeks(instant: string, weeks: number, zone: string): string {
  return addLocalDays(instant, 7 * weeks, zone);
}

/** The same time of day so many days later, whatever the clocks do in between. */
export function addLocalDays(instant: string, days: number, zone: string): string {
  const local = toCalendarDateTime(parseAbsolute(instant, zone)).add({ days });
  return toZoned(local, zone).toDate().toISOString();
}

/**
 * Tomorrow’s day of the calendar: not what is reached in 24 hours, where the clocks change in between.
 *
 * @param now ms since the epoch
 */
export function dayAfter(now: number, zone: string): string {
  return toFields(addLocalDays(toInstant(now), 1, zone), zone).day;
}

/** @param ms since the epoch */
export const toInstant = (ms: number): string => new Date(ms).toISOString();
