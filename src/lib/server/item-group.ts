/** What lies in the stores and nobody knew: kept by the group that is chosen for it. */
import { failure, success, type Outcome } from '$core/reason';
import {
  dishIdOf,
  isRaw,
  keepingKindOf,
  kindOfDish,
  kindOfRaw,
  useByOf,
  type StoreItem,
} from '$core/storage';
import { knownName } from '$core/kitchen';
import type { Database } from './database';
import { readDish } from './dish-store';
import { rememberFood } from './food-memory';
import { rewriteItem } from './item-store';
import { readKitchen } from './kitchen-store';

/**
 * @param food whose group it is: the pack itself, or an ingredient of the dish that was packed
 * @param now ms since the epoch
 */
export async function chooseGroup(
  database: Database,
  item: StoreItem,
  food: string,
  group: string,
  now: number,
): Promise<Outcome<null>> {
  const kept = await rememberFood(database, food, group, now);
  if (!kept.ok) return kept;
  const { contents } = item;
  const dishId = dishIdOf(contents);
  const dish = dishId ? await readDish(database, dishId) : null;
  const kitchen = await readKitchen(database);
  const kind =
    contents.kind === 'pack'
      ? keepingKindOf(knownName(kitchen, contents.food))
      : dish && (isRaw(contents) ? kindOfRaw(dish) : kindOfDish(dish));
  if (!kind || kind === 'unknown') return success(null);
  const due = useByOf(kind, item.place, item.since ?? item.packedOn, kitchen);
  if (!due.ok)
    return failure({
      field: 'group',
      message: due.problems[0]?.message ?? '',
      remedy: due.problems[0]?.remedy ?? '',
    });
  await rewriteItem(database, {
    ...item,
    keepsAs: kind,
    ...due.value,
    unknownFoods: item.unknownFoods.filter((f) => f !== food),
  });
  return success(null);
}
