/** The lists of some meals: what to buy, what to lay out, which tools, what to use up. */
import { planOf } from '$core/plan';
import {
  cookedStock,
  layOut,
  mergedCuts,
  shoppingList,
  stockFoods,
  toolsFor,
  useUp,
  type Wanted,
} from '$core/lists';
import { dishKey, type Dish } from '$core/dish';
import type { MealEntry } from '$core/meal';
import { batchDish, servingsOf } from '$core/menu';
import { bagContents, byDue, daysLeft, type StoreItem } from '$core/storage';
import { dayKey } from '$core/units';
import { database } from './database';
import { listDishes } from './dish-store';
import { listItems } from './item-store';
import { dishesNamed, refsIn } from './plannable';
import { readKitchen } from './kitchen-store';
import { listLarder, listPrices } from './larder-store';
import { mealsBetween } from './meal-store';

const DAY_MS = 86_400_000;
/** Meals of the coming week are on the list unless others are chosen. */
const USUAL_DAYS = 7;

/** @param asked meal ids, comma between them; null for the coming week */
export async function listsFor(asked: string | null, now: number) {
  const store = await database();
  const [kitchen, own, stored, larder, prices, items] = await Promise.all([
    readKitchen(store),
    listDishes(store),
    mealsBetween(store, now - DAY_MS),
    listLarder(store),
    listPrices(store),
    listItems(store),
  ]);
  const ahead = stored.toReversed();
  const wantedIds = asked === null ? null : new Set(asked.split(',').filter(Boolean));
  const chosen = ahead.filter(({ meal }) =>
    wantedIds ? wantedIds.has(meal.id) : Date.parse(meal.serveAt) < now + USUAL_DAYS * DAY_MS,
  );
  const named = await dishesNamed(store, refsIn(chosen.map(({ meal }) => meal)));
  const dishes = new Map(named.map((d) => [d.id, d]));
  const entriesOf = ({ meal }: (typeof stored)[number]) =>
    meal.entries.flatMap((e) => {
      const dish = dishes.get(dishKey(e.what.dish));
      if (!dish) return [];
      const servings = servingsOf(e, meal, dish);
      return [
        e.what.bags
          ? {
              entryId: e.id,
              dish: onlyUsed(dish, e.what.bags, servings),
              servings: servings * e.what.bags.copies,
            }
          : { entryId: e.id, dish, servings },
      ];
    });
  const wanted: Wanted[] = chosen.flatMap((s) => {
    const entries = entriesOf(s);
    const withDishes = new Set(entries.map((e) => e.dish.id));
    return entries.map(({ dish, servings }) => ({ dish, servings, meal: s.meal.name, withDishes }));
  });
  const inHouse = [...larder, ...stockFoods(items, wanted)];
  return {
    kitchen,
    larder,
    prices,
    meals: ahead.map(({ meal }) => ({
      id: meal.id,
      name: meal.name,
      serveAt: meal.serveAt,
      isChosen: chosen.some((c) => c.meal.id === meal.id),
    })),
    portions: chosen.reduce((sum, { meal }) => sum + meal.servings, 0),
    shopping: shoppingList(wanted, inHouse, prices, {
      aisles: kitchen.aisles,
      system: kitchen.system,
      cooked: cookedStock(items),
    }),
    dishes: [...new Map(wanted.map((w) => [w.dish.id, w.dish])).values()],
    merged: mergedCuts(wanted, kitchen),
    evenings: chosen.map((s) => ({
      id: s.meal.id,
      name: s.meal.name,
      serveAt: s.meal.serveAt,
      /** Null where the meal has no plan yet. */
      lists: s.plan
        ? {
            groups: layOut(entriesOf(s), planOf(s.plan.compiled, s.plan.schedule), kitchen),
            tools: toolsFor(planOf(s.plan.compiled, s.plan.schedule), kitchen),
          }
        : null,
    })),
    useUp: useUp([...larder, ...stockFoods(items, [])], own, dayKey(now, kitchen.zone)),
    dueBags: dueBags(items, dayKey(now, kitchen.zone)),
  };
}

/** Bags and boxes that are due soon: within ten days, or three weeks in the freezer. */
function dueBags(items: readonly StoreItem[], today: string) {
  return items
    .filter((i) => !(i.contents.kind === 'pack' && i.contents.isRaw))
    .filter((i) => daysLeft(i, today) <= (i.place === 'freezer' ? 21 : 10))
    .sort(byDue)
    .map((i) => ({
      code: i.code,
      name: i.name,
      place: i.place,
      portions: i.portions,
      days: daysLeft(i, today),
    }));
}

/** What goes into bags that are still to cook; what stays out of them is bought when it is eaten. */
function onlyUsed(
  dish: Dish,
  bags: NonNullable<MealEntry['what']['bags']>,
  servings: number,
): Dish {
  const made = batchDish(dish, bags, servings);
  if (bags.state === 'cooked') return { ...made, name: dish.name };
  const { staysOut } = bagContents(dish);
  return {
    ...made,
    name: dish.name,
    ingredients: dish.ingredients.filter((i) => !staysOut.includes(i.food)),
  };
}
