/** Frozen lunches go down into the fridge the evening before they are eaten. */
import { addDays } from './days';
import type { StoreItem } from './item';

/** A lunch that lies in the freezer still. */
export type FrozenLunch = StoreItem & { lunch: NonNullable<StoreItem['lunch']> };

const isFrozenLunch = (item: StoreItem): item is FrozenLunch =>
  item.lunch !== undefined && item.place === 'freezer' && item.portions > 0;

/** Every frozen lunch with the day on whose evening it is moved. */
export function lunchMoves(items: readonly StoreItem[]): { item: FrozenLunch; on: string }[] {
  return items
    .filter(isFrozenLunch)
    .map((item) => ({ item, on: addDays(item.lunch.day, -1) }))
    .sort((a, b) => a.on.localeCompare(b.on) || a.item.name.localeCompare(b.item.name));
}

/** Those that go down today: tomorrow’s, and what was forgotten for today. @param today `2026-11-28` */
export function lunchesToMove(items: readonly StoreItem[], today: string): FrozenLunch[] {
  return lunchMoves(items)
    .filter(({ item, on }) => on <= today && item.lunch.day >= today && item.packedOn <= today)
    .map(({ item }) => item);
}
