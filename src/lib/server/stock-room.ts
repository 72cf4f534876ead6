/** How full the places of the kitchen are by what is written down. */
import type { Kitchen } from '$core/kitchen';
import { dishIdOf, gramsOfItem, roomTaken, type RoomTaken, type StoreItem } from '$core/storage';
import type { Database } from './database';
import { dishesById } from './dish-store';
import { listItems } from './item-store';
import { isOfDay } from './day-items';

/** @returns how full each place is with those things */
export async function roomsOf(
  database: Database,
  kitchen: Kitchen,
  items: readonly StoreItem[],
): Promise<RoomTaken[]> {
  const dishes = await dishesById(
    database,
    items.flatMap((i) => dishIdOf(i.contents) ?? []),
  );
  return roomTaken(items, kitchen, (item) =>
    gramsOfItem(item, dishes.get(dishIdOf(item.contents) ?? '') ?? null),
  );
}

/**
 * Litres that are free in all freezers together; null where the kitchen has none.
 *
 * @param batchId a batch day whose bags don't count, for they are what asks for the room
 */
export async function freezerRoom(
  database: Database,
  kitchen: Kitchen,
  batchId: string,
): Promise<number | null> {
  const others = (await listItems(database)).filter((i) => !isOfDay(i.id, batchId));
  const freezers = (await roomsOf(database, kitchen, others)).filter(
    (r) => r.place.kind === 'freezer',
  );
  if (freezers.length === 0) return null;
  return freezers.reduce((sum, { place, taken }) => sum + Math.max(0, place.litres - taken), 0);
}
