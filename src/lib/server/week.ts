/** A week: what is planned, what is begun the day before, what is due to be used. */
import { parseDate, type CalendarDate } from '@internationalized/date';
import type { Kitchen } from '$core/kitchen';
import type { LarderItem } from '$core/lists';
import { bagsIn, checkServingTime } from '$core/meal';
import { dayKey, formatTime } from '$core/units';
import { begunAhead } from './begun-ahead';
import { SHOP_BEFORE_MS } from './calendar';
import { daysBetween, lunchMoves, type StoreItem } from '$core/storage';
import { addLocalDays } from '$lib/client/moments';
import type { StoredMeal } from './meal-store';

export interface WeekItem {
  kind: 'meal' | 'pack' | 'lead' | 'shop' | 'due';
  /** Of a meal that can be put on another day. */
  mealId?: string;
  /** The first day that it can be put on: today only while its time of day is still to come. */
  fromDay?: string;
  /** Time of day; '' for the whole day. */
  time: string;
  text: string;
  href: string;
}

export interface Week {
  /** Weeks from this one. */
  offset: number;
  days: { key: string; isToday: boolean; items: WeekItem[] }[];
}

const FARTHEST = 52;
/** As days of the week are counted from Sunday. */
const FIRST_DAY = { sunday: 0, monday: 1, saturday: 6 } as const;

/** Today, or tomorrow where that time of day is past. */
function firstDayFor(serveAt: string, zone: string, now: number): string {
  const today = dayKey(now, zone);
  const atToday = addLocalDays(
    serveAt,
    daysBetween(dayKey(Date.parse(serveAt), zone), today),
    zone,
  );
  return checkServingTime(atToday, now).ok ? today : parseDate(today).add({ days: 1 }).toString();
}

/** Frozen lunches that go down on an evening: “2 lunches”. */
function lunchesDown(items: readonly StoreItem[]): [string, string][] {
  const days = new Map<string, number>();
  for (const { on } of lunchMoves(items)) days.set(on, (days.get(on) ?? 0) + 1);
  return [...days].map(([on, n]) => [on, n === 1 ? '1 lunch' : `${n} lunches`]);
}

/** The week that is meant: how many from this one, and its first day. @param asked as the address has it */
function weekStart(
  asked: string | null,
  kitchen: Kitchen,
  now: number,
): { offset: number; start: CalendarDate } {
  const offset = Math.max(-FARTHEST, Math.min(FARTHEST, Math.trunc(Number(asked) || 0)));
  const today = dayKey(now, kitchen.zone);
  const days = (new Date(today).getUTCDay() - FIRST_DAY[kitchen.weekStart] + 7) % 7;
  return { offset, start: parseDate(today).subtract({ days }).add({ weeks: offset }) };
}

/** A meal of the days after may be begun, or shopped for, in this week. */
const BEGUN_BEFORE_DAYS = 8;

/** Between which moments meals have to do with a week, ms since the epoch. */
export function weekReach(
  asked: string | null,
  kitchen: Kitchen,
  now: number,
): { from: number; to: number } {
  const { start } = weekStart(asked, kitchen, now);
  const from = start.toDate(kitchen.zone).getTime();
  const to = start
    .add({ days: 7 + BEGUN_BEFORE_DAYS })
    .toDate(kitchen.zone)
    .getTime();
  return { from, to };
}

/** @param asked weeks from this one, as the address has it */
export function weekOf(
  asked: string | null,
  facts: {
    stored: readonly StoredMeal[];
    larder: readonly LarderItem[];
    kitchen: Kitchen;
    items: readonly StoreItem[];
    now: number;
  },
): Week {
  const { stored, larder, items: packed, kitchen, now } = facts;
  const today = dayKey(now, kitchen.zone);
  const { offset, start } = weekStart(asked, kitchen, now);
  const items = new Map<string, WeekItem[]>();
  const add = (at: number, item: Omit<WeekItem, 'time'>): void => {
    const key = dayKey(at, kitchen.zone);
    items.set(key, [...(items.get(key) ?? []), { ...item, time: formatTime(at, kitchen) }]);
  };
  for (const { meal, plan } of stored) {
    if (meal.template) continue;
    const serveAt = Date.parse(meal.serveAt);
    const href = `/meals/${meal.id}`;
    const bags = bagsIn(meal);
    add(serveAt, {
      kind: meal.batch ? 'pack' : 'meal',
      text: meal.batch && bags > 0 ? `${meal.name}: ${bags} bags and boxes` : meal.name,
      href,
      ...(serveAt > now
        ? { mealId: meal.id, fromDay: firstDayFor(meal.serveAt, kitchen.zone, now) }
        : {}),
    });
    if (meal.entries.length > 0)
      add(serveAt - SHOP_BEFORE_MS, {
        kind: 'shop',
        text: `Shop for ${meal.name}`,
        href: `/lists?meals=${meal.id}`,
      });
    for (const { start, text, dish } of begunAhead(plan))
      add(serveAt + start * 60_000, { kind: 'lead', text: `${text} (${dish})`, href });
  }
  for (const item of larder)
    if (item.useBy)
      items.set(item.useBy, [
        ...(items.get(item.useBy) ?? []),
        { kind: 'due', time: '', text: `Use ${item.food}`, href: '/lists?view=house' },
      ]);
  for (const [on, count] of lunchesDown(packed))
    items.set(on, [
      ...(items.get(on) ?? []),
      {
        kind: 'lead',
        time: '',
        text: `${count} down into the fridge for tomorrow`,
        href: '/freezer',
      },
    ]);
  for (const item of packed)
    items.set(item.useBy, [
      ...(items.get(item.useBy) ?? []),
      { kind: 'due', time: '', text: `Use ${item.name}, ${item.place}`, href: '/freezer' },
    ]);
  return {
    offset,
    days: Array.from({ length: 7 }, (_, i) => {
      const key = start.add({ days: i }).toString();
      const own = items.get(key) ?? [];
      return {
        key,
        isToday: key === today,
        items: own.sort((a, b) => a.time.localeCompare(b.time)),
      };
    }),
  };
}
