/** The day by which something is used, where it lies now and where it is moved to. */
import { fault } from '../words';
import { KEEPING, type KeepingKind } from '../food';
import type { Kitchen } from '../kitchen';
import { failure, success, type Outcome } from '../reason';
import { addDays, daysBetween } from './days';
import type { StoreItem } from './item';
import { DAYS_IN_MONTH } from './keep';

/** What a household has decided about keeping: stricter than the published rules, never looser. */
export type KeepingRules = Pick<Kitchen, 'riceDays'>;
const PUBLISHED: KeepingRules = { riceDays: 1 };

export interface Due {
  useBy: string;
  why: StoreItem['why'];
}

/**
 * Use-by day in the fridge, best-by day in the freezer: the later end of the published time, or the
 * stricter rule where an authority has one.
 *
 * @param packedOn `2026-11-28`
 * @param rules the household’s own, where they are stricter
 * @source the keeping chart, see `KEEPING`
 */
export function useByOf(
  kind: KeepingKind,
  place: StoreItem['place'],
  packedOn: string,
  rules: KeepingRules = PUBLISHED,
): Outcome<Due> {
  const row = KEEPING[kind];
  if (place === 'fridge')
    return success({ useBy: addDays(packedOn, fridgeDaysOf(kind, rules)), why: row.fridgeWhy });
  if (!row.freezerMonths) return failure(fault('place', 'freezes-badly', { food: row.name }));
  return success({
    useBy: addDays(packedOn, row.freezerMonths[1] * DAYS_IN_MONTH),
    why: 'quality',
  });
}

/** Days in the fridge by the strictest rule. */
export function fridgeDaysOf(kind: KeepingKind, rules: KeepingRules = PUBLISHED): number {
  const days = KEEPING[kind].strict?.days ?? KEEPING[kind].fridgeDays[1];
  return kind === 'cooked-rice' ? Math.min(days, rules.riceDays) : days;
}

/** The last day on which an item may be eaten; null where its day is one of quality. */
export function safeUntil({ why, useBy }: Pick<StoreItem, 'why' | 'useBy'>): string | null {
  return why === 'safety' ? useBy : null;
}

/** One box a day is eaten from the fridge while it is safe there; three at most, the others are frozen. */
export function boxesInFridge(
  kinds: readonly KeepingKind[],
  rules: KeepingRules = PUBLISHED,
): number {
  return Math.min(MOST_BOX_DAYS, ...kinds.map((kind) => fridgeDaysOf(kind, rules)));
}

/** The shorter end of the days for leftovers (USDA FSIS: 3 to 4): a box goes to work and stands there, too. */
const MOST_BOX_DAYS = 3;

/**
 * An item as it is in another place, with the day that counts there. Frozen, it keeps its quality from today;
 * thawed, it has the days in the fridge that it has not yet stood there, one at least: freezing stops the
 * clock and does not set it back.
 *
 * @param today `2026-11-28`
 * @source common practice after FSIS, The Big Thaw and Leftovers and Food Safety
 */
export function movedTo(
  item: StoreItem,
  to: Pick<StoreItem, 'place' | 'spot'>,
  today: string,
  rules: KeepingRules = PUBLISHED,
): Outcome<StoreItem> {
  if (item.place === to.place) return success({ ...item, spot: to.spot });
  const lay = Math.max(0, daysBetween(item.since ?? item.packedOn, today));
  if (to.place === 'freezer') {
    if (item.why === 'safety' && item.useBy < today)
      return failure(fault('place', 'past-its-fridge-day', {}));
    const due = useByOf(item.keepsAs, 'freezer', today);
    if (!due.ok) return due;
    const fridgeDaysBefore = item.fridgeDaysBefore + lay;
    return success({ ...item, ...to, ...due.value, since: today, fridgeDaysBefore });
  }
  const left = Math.max(1, fridgeDaysOf(item.keepsAs, rules) - item.fridgeDaysBefore);
  return success({
    ...item,
    ...to,
    useBy: addDays(today, left),
    why: KEEPING[item.keepsAs].fridgeWhy,
    since: today,
  });
}
