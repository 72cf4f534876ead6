/** How full the places of the kitchen are by what is written down. */
import type { Kitchen } from '$core/kitchen';
import { portionGrams, roomTaken, type RoomTaken, type StoreItem } from '$core/stores';
import type { Database } from './database';
import { dishesById } from './dish-store';
import { listItems } from './item-store';

export async function roomsOf(
  database: Database,
  kitchen: Kitchen,
  items: readonly StoreItem[],
): Promise<RoomTaken[]> {
  const dishes = await dishesById(
    database,
    items.flatMap((i) => i.dishId ?? []),
  );
  const grams = new Map([...dishes].map(([id, dish]) => [id, portionGrams(dish)]));
  return roomTaken(
    items,
    kitchen,
    (i) => i.pack?.grams ?? grams.get(i.dishId ?? '') ?? portionGrams(null),
  );
}

/** Litres that are free in all freezers together; null where the kitchen has none. */
export async function freezerRoom(database: Database, kitchen: Kitchen): Promise<number | null> {
  const freezers = (await roomsOf(database, kitchen, await listItems(database))).filter(
    (r) => r.place.kind === 'freezer',
  );
  if (freezers.length === 0) return null;
  return freezers.reduce((sum, { place, taken }) => sum + Math.max(0, place.litres - taken), 0);
}
