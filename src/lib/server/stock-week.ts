/** A week from stock: what is planned, what lies in the house, and what that proposes. */
import { stockFoods } from '$core/lists';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import {
  addDays,
  bagDishId,
  bagOf,
  bulkOf,
  stocksOf,
  suggestWeek,
  type Proposal,
} from '$core/stores';
import { dayKey } from '$core/units';
import { fromFields } from '$lib/client/moments';
import type { Database } from './database';
import { listDishes } from './dish-store';
import { listItems } from './item-store';
import { readKitchen } from './kitchen-store';
import { listLarder } from './larder-store';
import { mealsAhead, reservedBy } from './reserved';
import { createMeal, listMeals, type StoredMeal } from './meal-store';

const DAYS = 7;
const LATEST_SERVINGS = 20;
const SUPPER = '18:30';

export interface StockWeek {
  servings: number;
  days: {
    day: string;
    /** Meals that are there already. */
    planned: { id: string; name: string }[];
    hasNoTime: boolean;
    proposal: Proposal | null;
  }[];
}

/** What the address asks for. */
export interface WeekWish {
  servings: number;
  noTime: ReadonlySet<string>;
  refused: ReadonlySet<string>;
  /** What was put on another day, by day. */
  placed: ReadonlyMap<string, string>;
}

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

export async function stockWeek(
  database: Database,
  { servings, noTime, refused, placed }: WeekWish,
  now: number,
): Promise<StockWeek> {
  const [kitchen, items, dishes, stored, larder] = await Promise.all([
    readKitchen(database),
    listItems(database),
    listDishes(database),
    listMeals(database),
    listLarder(database),
  ]);
  // Days of the calendar: where clocks change, one has 23 hours or 25.
  const today = dayKey(now, kitchen.zone);
  const days = Array.from({ length: DAYS }, (_, i) => addDays(today, i + 1));
  const ahead = stored.filter(
    ({ meal }) => !meal.template && !meal.batch && Date.parse(meal.serveAt) > now,
  );
  const byDay = new Map<string, StoredMeal[]>();
  for (const s of ahead) {
    const key = dayKey(Date.parse(s.meal.serveAt), kitchen.zone);
    byDay.set(key, [...(byDay.get(key) ?? []), s]);
  }
  const codes = new Map(items.map((i) => [i.code, i.dishId ?? '']));
  // What keeps for months does not press.
  const lastDue = addDays(days.at(-1) ?? '', DAYS);
  const proposals = suggestWeek({
    days,
    planned: new Map(
      [...byDay].map(([day, meals]) => [day, meals.flatMap(({ meal }) => dishIds(meal, codes))]),
    ),
    noTime,
    servings,
    items,
    reserved: reservedBy(
      await mealsAhead(database, now),
      stocksOf(items),
      new Map(dishes.map((d) => [d.id, d])),
    ),
    dishes: dishes.filter((d) => !d.bulk),
    dueFoods: new Map(
      [...larder, ...stockFoods(items, [])].flatMap((i) =>
        i.useBy && i.useBy >= (days[0] ?? '') && i.useBy <= lastDue ? [[i.food, i.useBy]] : [],
      ),
    ),
    refused,
    placed,
  });
  return {
    servings,
    days: days.map((day) => ({
      day,
      planned: (byDay.get(day) ?? []).map(({ meal }) => ({ id: meal.id, name: meal.name })),
      hasNoTime: noTime.has(day),
      proposal: proposals.find((p) => p.day === day) ?? null,
    })),
  };
}

/** Dishes of a meal, with a bag read as what it was packed from. */
function dishIds(meal: Meal, codes: ReadonlyMap<string, string>): string[] {
  return meal.entries.map((e) => {
    const bag = bagOf(e.dishId);
    return (bag ? codes.get(bag.code) : bulkOf(e.dishId)?.dishId) ?? e.dishId;
  });
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
  const [{ zone }, items, week] = await Promise.all([
    readKitchen(database),
    listItems(database),
    stockWeek(database, wish, now),
  ]);
  let made = 0;
  for (const { day, proposal } of week.days) {
    const serveAt = fromFields(day, SUPPER, zone);
    if (!proposal || !chosen.has(day) || !serveAt) continue;
    const item = items.find((i) => i.id === proposal.id);
    const dishId = proposal.kind === 'fresh' || !item ? proposal.id : bagDishId(item.code);
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@1',
      id: crypto.randomUUID(),
      name: proposal.name,
      serveAt,
      zone,
      servings: wish.servings,
      entries: [newEntry('first', dishId)],
    });
    await createMeal(database, meal, now);
    made++;
  }
  return made;
}
