/** Work that lies before the day: soaks, and what may be made the evening before. */
import { parseAbsolute, toCalendarDateTime, toZoned } from '@internationalized/date';
import type { ProblemStep } from '../solve';

export interface Lead {
  /** ms since the epoch. */
  serveAt: number;
  zone: string;
  /** Minute on the plan's axis before which nothing begins. */
  earliest: number;
  /** Hours between which somebody is up. */
  day: { from: number; to: number };
}

/** A soak of so many minutes or more is begun the evening before (common practice). */
export const OVERNIGHT_MIN = 300;
/** The evening begins at this hour, and ends with the household's day. */
const EVENING_FROM = 17;

/** An hour of a day before serving, as a minute on the plan's axis. */
function hourBefore(hour: number, { serveAt, zone }: Lead, days = 1): number {
  const local = toCalendarDateTime(parseAbsolute(new Date(serveAt).toISOString(), zone));
  const at = local.subtract({ days }).set({ hour, minute: 0, second: 0, millisecond: 0 });
  return Math.round((toZoned(at, zone).toDate().getTime() - serveAt) / 60_000);
}

/** The window of work on the evening before; null where that has passed. */
export function eveningBefore(
  minutes: number,
  lead: Lead,
): Pick<ProblemStep, 'from' | 'by'> | null {
  const by = hourBefore(lead.day.to, lead);
  if (by - minutes < lead.earliest) return null;
  return { from: Math.max(lead.earliest, hourBefore(EVENING_FROM, lead)), by };
}

/**
 * A long soak begins on the evening before where it can; a short one whenever it suits.
 *
 * @param nightsAfter of the same dish that are slept over later: it begins so many evenings sooner
 */
export function eveningSoak(
  minutes: number,
  lead: Lead,
  nightsAfter = 0,
): Pick<ProblemStep, 'from' | 'by'> {
  const days = 1 + nightsAfter;
  const [first, last] = [hourBefore(EVENING_FROM, lead, days), hourBefore(lead.day.to, lead, days)];
  const from = Math.max(lead.earliest, first);
  // Two hours at least are left for cooking what was soaked.
  const isInTime = minutes >= OVERNIGHT_MIN && from <= last && from + minutes <= -120;
  return isInTime ? { from, by: last + minutes } : {};
}

/** What was thawed or marinated is in hand so long before the table, min. */
const IN_HAND_MIN = 180;
const MOST_DAYS = 5;

/** A window for something that lies by itself for a day or more; null where there is no time for it. */
export function daysBefore(minutes: number, lead: Lead): Pick<ProblemStep, 'from' | 'by'> | null {
  for (let days = 1; days <= MOST_DAYS; days++) {
    const from = Math.max(lead.earliest, hourBefore(lead.day.from, lead, days));
    const last = Math.min(hourBefore(lead.day.to, lead, days), -IN_HAND_MIN - minutes);
    if (from <= last) return { from, by: last + minutes };
  }
  return null;
}
