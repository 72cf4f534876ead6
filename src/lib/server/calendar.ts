/** A run sheet as iCalendar (RFC 5545): one event an action, with an alarm where hands are needed. */
import ical, { ICalAlarmType } from 'ical-generator';
import type { Meal } from '$core/meal';
import type { SheetLine } from '$core/run';

/** The alarm comes this long before, so that hands can be washed, s. */
const ALARM_BEFORE_S = 60;

/** Shopping is put a day and a bit before the table. */
export const SHOP_BEFORE_MS = 26 * 3_600_000;

/**
 * @param serveAt ms since the epoch
 * @param stamp when the calendar is made
 */
export function toCalendar(
  meal: Meal,
  lines: readonly SheetLine[],
  serveAt: number,
  stamp: Date,
): string {
  const calendar = ical({
    name: meal.name,
    prodId: { company: 'Olive Clock', product: 'Olive Clock' },
  });
  for (const line of lines) {
    const start = new Date(serveAt + line.at * 60_000);
    // Calendars show events of no length badly.
    const end = new Date(start.getTime() + Math.max(1, line.minutes) * 60_000);
    const event = calendar.createEvent({
      id: `${meal.id}/${line.stepId}@olive-clock`,
      stamp,
      start,
      end,
      summary: line.place ? `${line.place}: ${line.action}` : line.action,
      description: [
        line.dish,
        line.amounts.join(', '),
        line.detail,
        line.caution && `${line.caution.text} (${line.caution.source})`,
      ]
        .filter(Boolean)
        .join('\n'),
    });
    if (line.isHands)
      event.createAlarm({
        type: ICalAlarmType.display,
        triggerBefore: ALARM_BEFORE_S,
        description: line.action,
      });
  }
  calendar.createEvent({
    id: `${meal.id}/shop@olive-clock`,
    stamp,
    start: new Date(serveAt - SHOP_BEFORE_MS),
    end: new Date(serveAt - SHOP_BEFORE_MS + 60 * 60_000),
    summary: `Shop for ${meal.name}`,
  });
  calendar.createEvent({
    id: `${meal.id}/table@olive-clock`,
    stamp,
    start: new Date(serveAt),
    end: new Date(serveAt + 60_000),
    summary: `${meal.name}: on the table`,
  });
  return calendar.toString();
}
