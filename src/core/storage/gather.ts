/** Bags that make a supper together, where one of them is not enough. */
import { dishIdOf, isIngredient } from './contents';
import { byDue, daysLeft, type StoreItem } from './item';

/** Less of a dish is no part of anybody’s supper, portions. */
const LEAST = 1;

/** Whether a bag can be a supper, or a part of one, on that day. */
export function isEdible(item: StoreItem, day: string): boolean {
  // Past its day for safety it is not eaten; past its best it is still good. What has a person and a day is taken.
  if (item.why === 'safety' && daysLeft(item, day) < 0) return false;
  // Its label may be written already, and it is packed on a day still to come.
  return item.packedOn <= day && !isIngredient(item.contents) && item.lunch === undefined;
}

const isSameDish = (a: StoreItem, b: StoreItem): boolean =>
  a.contents.kind === b.contents.kind &&
  (dishIdOf(a.contents) ?? a.name) === (dishIdOf(b.contents) ?? b.name);

/**
 * Bags that are enough together: of the same dish first, due first, then of one other dish that is eaten beside it.
 *
 * @returns null where all of them are too few
 */
export function gathered(
  item: StoreItem,
  { items, servings }: { items: readonly StoreItem[]; servings: number },
  day: string,
  left: ReadonlyMap<string, number>,
): { item: StoreItem; portions: number }[] | null {
  const there = (i: StoreItem): number => left.get(i.id) ?? 0;
  const others = items.filter((i) => i.id !== item.id && isEdible(i, day) && there(i) >= 1);
  const same = others.filter((i) => isSameDish(i, item)).sort(byDue);
  const [second] = others
    .filter((i) => !isSameDish(i, item) && i.contents.kind === item.contents.kind)
    .sort(byPlaceAndDue);
  const beside = second ? [second, ...others.filter((i) => isSameDish(i, second))] : [];
  const taken: { item: StoreItem; portions: number }[] = [];
  let wanted = servings;
  for (const bag of [item, ...same, ...beside.filter((i, n) => beside.indexOf(i) === n)]) {
    const portions = Math.min(wanted, there(bag));
    if (portions < LEAST) continue;
    taken.push({ item: bag, portions });
    wanted -= portions;
    if (wanted <= 1e-9) return taken;
  }
  return null;
}

/** The fridge first, for there it spoils. */
export const byPlaceAndDue = (a: StoreItem, b: StoreItem): number =>
  Number(a.place === 'freezer') - Number(b.place === 'freezer') || byDue(a, b);

/** The first of the days on which one of them is no longer safe. */
export function lastDayOf(bags: readonly StoreItem[]): string | null {
  const days = bags.flatMap((b) => (b.why === 'safety' ? [b.useBy] : []));
  return days.sort()[0] ?? null;
}
