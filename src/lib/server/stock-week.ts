/** A week from stock: what is planned, what lies in the house, and what that proposes. */
import { stockFoods } from '$core/lists';
import { mealSchema, newEntry } from '$core/meal';
import { stockWeek, type StockWeek, type WeekWish } from '$core/storage';
import { fromFields } from '$lib/client/moments';
import type { Database } from './database';
import { listDishes } from './dish-store';
import { listItems } from './item-store';
import { readKitchen } from './kitchen-store';
import { listLarder } from './larder-store';
import { createMeal, mealsFrom } from './meal-store';

const LATEST_SERVINGS = 20;
const SUPPER = '18:30';

/** @returns what a week from stock is asked for, as the page’s address says it */
export function readWish(params: URLSearchParams): WeekWish {
  const servings = Math.trunc(Number(params.get('for') ?? 4));
  return {
    servings: servings >= 1 && servings <= LATEST_SERVINGS ? servings : 4,
    noTime: new Set(params.getAll('busy')),
    refused: new Set(params.getAll('not')),
    placed: new Map(
      params.getAll('on').map((text): [string, string] => {
        const at = text.indexOf(':');
        return [text.slice(0, at), text.slice(at + 1)];
      }),
    ),
  };
}

/** The week of this household. */
export async function weekFromStock(
  database: Database,
  wish: WeekWish,
  now: number,
): Promise<StockWeek> {
  const [{ zone }, items, dishes, stored, larder] = await Promise.all([
    readKitchen(database),
    listItems(database),
    listDishes(database),
    mealsFrom(database, now),
    listLarder(database),
  ]);
  const dues = [...larder, ...stockFoods(items, [])];
  return stockWeek({ zone, meals: stored.map((s) => s.meal), items, dishes, dues }, wish, now);
}

/**
 * Makes meals of the proposals that were chosen, if they still stand.
 *
 * @param chosen days
 * @returns how many were made
 */
export async function takeProposals(
  database: Database,
  wish: WeekWish,
  chosen: ReadonlySet<string>,
  now: number,
): Promise<number> {
  const [{ zone }, week] = await Promise.all([
    readKitchen(database),
    weekFromStock(database, wish, now),
  ]);
  let made = 0;
  for (const { day, proposal } of week.days) {
    const serveAt = fromFields(day, SUPPER, zone);
    if (!proposal || !chosen.has(day) || !serveAt) continue;
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: crypto.randomUUID(),
      name: proposal.name.slice(0, 100),
      serveAt,
      zone,
      servings: wish.servings,
      entries: proposal.parts.map(({ dish, servings }, i) =>
        newEntry(i === 0 ? 'first' : `part-${i + 1}`, dish, {
          // Less than everybody's: said for this bag, and not changed with the meal.
          forWhom: { servings: servings === wish.servings ? null : servings },
        }),
      ),
    });
    await createMeal(database, meal, now);
    made++;
  }
  return made;
}
