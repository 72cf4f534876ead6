/** How an item's day is said in a list, and how it looks. */
import { daysLeft, type StoreItem } from '$core/storage';
import { shortDay } from '$core/units';

/** Days before its day in which it is told of. */
const SOON = { fridge: 1, freezer: 14 } as const;

/** @param today `2026-11-28` */
export function dueOf(item: StoreItem, today: string): { text: string; look: string } {
  const days = daysLeft(item, today);
  const isSafety = item.why === 'safety';
  if (days < 0)
    return isSafety
      ? { text: `${-days} d past its day: throw it away`, look: 'text-pimento font-bold' }
      : { text: `${-days} d past its best; still safe`, look: 'text-ember-ink font-semibold' };
  if (days <= SOON[item.place])
    return {
      text: days === 0 ? 'due today' : `due in ${days} d`,
      look: 'text-ember-ink font-semibold',
    };
  const day = shortDay(item.useBy, today);
  return { text: `${isSafety ? 'use by' : 'best by'} ${day}`, look: 'text-muted' };
}
