/** What the household says of a food that is not known: kept in the kitchen and in every dish that has it. */
import { groupChoice } from '$core/food';
import { withGroups } from '$core/dish';
import { withGroup } from '$core/kitchen';
import { failure, success, type Outcome } from '$core/reason';
import type { Database } from './database';
import { listDishes, saveDish } from './dish-store';
import { readKitchen, saveKitchen } from './kitchen-store';

/** @param now ms since the epoch */
export async function rememberFood(
  database: Database,
  name: string,
  group: string,
  now: number,
): Promise<Outcome<null>> {
  if (name.trim() === '')
    return failure({ field: 'food', message: 'the food has no name', remedy: 'write what it is' });
  if (!groupChoice(group))
    return failure({
      field: 'group',
      message: 'what it is has not been chosen',
      remedy: 'choose a group for it',
    });
  await saveKitchen(database, withGroup(await readKitchen(database), name, group));
  for (const dish of await listDishes(database)) {
    const known = withGroups(dish, [{ name, group }]);
    if (known !== dish) await saveDish(database, known, now, `${name} is ${group}`);
  }
  return success(null);
}
