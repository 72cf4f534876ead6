/** A schedule as iCalendar (RFC 5545): one event an action, with an alarm where hands are needed. */
import ical, { ICalAlarmType } from 'ical-generator';
import { bagsIn, type Meal } from '$core/meal';
import { BOXES, PACK_STAGE } from '$core/menu';
import { planOf, totalsOf, type SavedPlan } from '$core/plan';
import { lunchMoves, type StoreItem } from '$core/storage';
import { fromFields } from '$lib/client/moments';
import { begunAhead } from './begun-ahead';
import type { StoredMeal } from './meal-store';
import type { SheetLine } from '$core/run';

/** The alarm comes this long before, so that hands can be washed, s. */
const ALARM_BEFORE_S = 60;

/** Names come from people and files: a line break in one would begin a line of the calendar itself. */
const oneLine = (text: string): string => text.replace(/\p{Cc}+/gu, ' ').trim();
const someLines = (text: string): string =>
  text.replace(/\r\n?/g, '\n').split('\n').map(oneLine).join('\n');

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
    name: oneLine(meal.name),
    prodId: { company: 'Olive Clock', product: 'Olive Clock' },
  });
  for (const line of lines) {
    const start = new Date(serveAt + line.at * 60_000);
    // Calendars show events of no length badly.
    const end = new Date(start.getTime() + Math.max(1, line.minutes) * 60_000);
    const event = calendar.createEvent({
      id: oneLine(`${meal.id}/${line.stepId}@olive-clock`),
      stamp,
      start,
      end,
      summary: oneLine(line.place ? `${line.place}: ${line.action}` : line.action),
      description: someLines(
        [
          line.dish,
          line.amounts.join(', '),
          line.detail,
          line.caution && `${line.caution.text} (${line.caution.source})`,
        ]
          .filter(Boolean)
          .join('\n'),
      ),
    });
    if (line.isHands)
      event.createAlarm({
        type: ICalAlarmType.display,
        triggerBefore: ALARM_BEFORE_S,
        description: oneLine(line.action),
      });
  }
  calendar.createEvent({
    id: oneLine(`${meal.id}/shop@olive-clock`),
    stamp,
    start: new Date(serveAt - SHOP_BEFORE_MS),
    end: new Date(serveAt - SHOP_BEFORE_MS + 60 * 60_000),
    summary: oneLine(`Shop for ${meal.name}`),
  });
  calendar.createEvent({
    id: oneLine(`${meal.id}/table@olive-clock`),
    stamp,
    start: new Date(serveAt),
    end: new Date(serveAt + 60_000),
    summary: oneLine(`${meal.name}: ${meal.batch ? 'all packed' : 'on the table'}`),
  });
  return calendar.toString();
}

/** From the first bag that is filled to the last, minutes on the plan's axis; null where none is. */
function packingOf({ compiled, schedule }: SavedPlan): { start: number; end: number } | null {
  const packs = planOf(compiled, schedule).operations.filter(
    (o) => o.stageId === PACK_STAGE || o.entryId === BOXES,
  );
  if (packs.length === 0) return null;
  return {
    start: Math.min(...packs.map((s) => s.start)),
    end: Math.max(...packs.map((s) => s.end)),
  };
}

/** When frozen lunches go down for the next day. */
const LUNCH_MOVES_AT = '20:00';

function byDay<T>(list: readonly T[], dayOf: (each: T) => string): Map<string, T[]> {
  const days = new Map<string, T[]>();
  for (const each of list) {
    const same = days.get(dayOf(each));
    if (same) same.push(each);
    else days.set(dayOf(each), [each]);
  }
  return days;
}

const dueLine = (item: StoreItem): string => oneLine(`${item.name} (${item.place}, ${item.code})`);

/** So many of a day are named; a full freezer would hide the meals behind its bags. */
const NAMED = 3;

function dueOn(items: readonly StoreItem[]): string {
  const more = items.length - NAMED;
  const named = items.slice(0, NAMED).map(dueLine).join(', ');
  return `Use ${named}${more > 0 ? ` and ${more} more` : ''}`;
}

/** The whole household as a feed: meals, what is begun on days before, shopping, and what is due. */
export function householdCalendar(
  meals: readonly StoredMeal[],
  items: readonly StoreItem[],
  stamp: Date,
  zone: string,
): string {
  const calendar = ical({
    name: 'Olive Clock',
    prodId: { company: 'Olive Clock', product: 'Olive Clock' },
  });
  const add = (
    id: string,
    at: number,
    minutes: number,
    summary: string,
    description = '',
    hasAlarm = false,
  ): void => {
    const event = calendar.createEvent({
      id: oneLine(`${id}@olive-clock`),
      stamp,
      start: new Date(at),
      end: new Date(at + Math.max(1, minutes) * 60_000),
      summary: oneLine(summary),
      description: someLines(description),
    });
    if (hasAlarm)
      event.createAlarm({
        type: ICalAlarmType.display,
        triggerBefore: ALARM_BEFORE_S,
        description: oneLine(summary),
      });
  };
  for (const { meal, plan } of meals) {
    if (meal.template) continue;
    const serveAt = Date.parse(meal.serveAt);
    const names = new Set(plan?.compiled.meanings.map((m) => m.wholeName));
    const first = plan ? totalsOf(plan.compiled.problem, plan.schedule).firstStart : -60;
    const start = serveAt + first * 60_000;
    add(`${meal.id}/cook`, start, -first, meal.name, [...names].join(', '));
    if (meal.entries.length > 0)
      add(`${meal.id}/shop`, serveAt - SHOP_BEFORE_MS, 60, `Shop for ${meal.name}`, '', true);
    const packing = plan ? packingOf(plan) : null;
    if (packing) {
      add(
        `${meal.id}/pack`,
        serveAt + packing.start * 60_000,
        packing.end - packing.start,
        `Pack ${meal.name}: ${bagsIn(meal)} bags and boxes, labels first`,
      );
    }
    for (const { stepId, start, text, dish } of begunAhead(plan))
      add(`${meal.id}/${stepId}`, serveAt + start * 60_000, 10, text, dish, true);
  }
  for (const [on, moves] of byDay(lunchMoves(items), (move) => move.on)) {
    const at = fromFields(on, LUNCH_MOVES_AT, zone);
    const text = 'Tomorrow’s lunches: out of the freezer, into the fridge';
    const boxes = moves.map(({ item }) => `${item.name} (${item.code})`).join('\n');
    if (at) add(`lunches/${on}`, Date.parse(at), 10, text, boxes, true);
  }
  for (const [day, due] of byDay(items, (item) => item.useBy))
    calendar.createEvent({
      id: `due/${day}@olive-clock`,
      stamp,
      start: new Date(`${day}T12:00:00Z`),
      allDay: true,
      summary: dueOn(due),
      description: due.map(dueLine).join('\n'),
    });
  return calendar.toString();
}
