/** Everything that can be put into a meal: the household's dishes, and what lies in its stores. */
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import type { Meal } from '$core/meal';
import { bagOf, bulkOf, dishFromBag, REHEAT_METHODS, withBulk, type StoreItem } from '$core/stores';
import type { Database } from './database';
import { listDishes } from './dish-store';
import { listAllItems } from './item-store';
import { readKitchen } from './kitchen-store';

/** Bags as dishes: each the usual way, and those that a meal names in another. */
export function bagDishes(
  items: readonly StoreItem[],
  dishes: readonly Dish[],
  kitchen: Kitchen,
): Dish[] {
  const byId = new Map(dishes.map((d) => [d.id, d]));
  return items.flatMap((item) =>
    [null, ...(item.isRaw ? [] : REHEAT_METHODS)].flatMap((method) => {
      if (method === 'oven' && !kitchen.oven) return [];
      if (method === 'burner' && kitchen.burners === 0) return [];
      const made = dishFromBag(item, byId.get(item.dishId ?? '') ?? null, kitchen, method);
      return made.ok ? [made.value] : [];
    }),
  );
}

/** Dishes that can be made with what was cooked in bulk, in place of the raw food. */
export function bulkDishes(items: readonly StoreItem[], dishes: readonly Dish[]): Dish[] {
  return items
    .filter((item) => item.bulk)
    .flatMap((item) =>
      dishes.flatMap((dish) => {
        const made = dish.id === item.dishId && dish.bulk ? null : withBulk(dish, item);
        return made?.ok ? [made.value] : [];
      }),
    );
}

/**
 * @param meals whose bags are wanted even if they are used up by now
 * @returns dishes, then bags, then dishes made with what was cooked in bulk
 */
export async function listPlannable(
  database: Database,
  meals: readonly Meal[] = [],
): Promise<Dish[]> {
  const [dishes, items, kitchen] = await Promise.all([
    listDishes(database),
    listAllItems(database),
    readKitchen(database),
  ]);
  const named = new Set(
    meals.flatMap((m) =>
      m.entries.flatMap((e) => (bagOf(e.dishId) ?? bulkOf(e.dishId))?.code ?? []),
    ),
  );
  const wanted = items.filter((i) => i.portions > 0 || named.has(i.code));
  return [...dishes, ...bagDishes(wanted, dishes, kitchen), ...bulkDishes(wanted, dishes)];
}
