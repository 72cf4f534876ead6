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

/** What bags are of: the same dish, in the same state. */
const kindOf = ({ contents, name }: StoreItem): string =>
  `${contents.kind} ${dishIdOf(contents) ?? name}`;

/** Bags that can be eaten on a day, and what is left of each. */
export interface Larder {
  left: ReadonlyMap<string, number>;
  /** Due first, by what they are of. */
  byKind: ReadonlyMap<string, readonly StoreItem[]>;
  /** The first of each kind, what spoils first before the others. */
  firsts: readonly StoreItem[];
}

/** @param left portions that nobody has taken yet, by the id of the bag */
export function larderOn(
  day: string,
  items: readonly StoreItem[],
  left: ReadonlyMap<string, number>,
): Larder {
  const byKind = new Map<string, StoreItem[]>();
  for (const item of items) {
    if (!isEdible(item, day) || (left.get(item.id) ?? 0) < LEAST) continue;
    const own = byKind.get(kindOf(item));
    if (own) own.push(item);
    else byKind.set(kindOf(item), [item]);
  }
  const firsts = [...byKind.values()].flatMap((own) => own.toSorted(byPlaceAndDue)[0] ?? []);
  for (const own of byKind.values()) own.sort(byDue);
  return { left, byKind, firsts: firsts.sort(byPlaceAndDue) };
}

/**
 * Bags that are enough together: of the same dish first, due first, then of one other dish that is eaten beside it.
 *
 * @returns null where all of them are too few
 */
export function gathered(
  item: StoreItem,
  servings: number,
  { left, byKind, firsts }: Larder,
): { item: StoreItem; portions: number }[] | null {
  const taken: { item: StoreItem; portions: number }[] = [];
  let wanted = servings;
  /** Takes of these bags; whether that is enough. */
  const takeOf = (bags: Iterable<StoreItem>): boolean => {
    for (const bag of bags) {
      const portions = Math.min(wanted, left.get(bag.id) ?? 0);
      if (portions < LEAST || taken.some((t) => t.item.id === bag.id)) continue;
      taken.push({ item: bag, portions });
      wanted -= portions;
      if (wanted <= 1e-9) return true;
    }
    return false;
  };
  const own = kindOf(item);
  if (takeOf([item]) || takeOf(byKind.get(own) ?? [])) return taken;
  const second = firsts.find((i) => kindOf(i) !== own && i.contents.kind === item.contents.kind);
  if (!second) return null;
  return takeOf([second]) || takeOf(byKind.get(kindOf(second)) ?? []) ? taken : null;
}

/** The fridge first, for there it spoils. */
export const byPlaceAndDue = (a: StoreItem, b: StoreItem): number =>
  Number(a.place === 'freezer') - Number(b.place === 'freezer') || byDue(a, b);

/** The first of the days on which one of them is no longer safe. */
export function lastDayOf(bags: readonly StoreItem[]): string | null {
  const days = bags.flatMap((b) => (b.why === 'safety' ? [b.useBy] : []));
  return days.sort()[0] ?? null;
}
