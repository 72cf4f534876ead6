/** A week of suppers from stock: what is planned, what lies in the house, and what that proposes. */
import type { Dish } from '../dish';
import type { Meal } from '../meal';
import { dayKey } from '../units';
import { dishIdOf } from './contents';
import { addDays } from './days';
import type { StoreItem } from './item';
import { reservedBy } from './reserved';
import { stocksOf } from './stock';
import { suggestWeek, type Proposal } from './suggest-week';

const DAYS = 7;

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

/** What a household has in a week: its meals (patterns among them), its freezer and fridge, its dishes. */
export interface WeekStock {
  zone: string;
  meals: readonly Meal[];
  items: StoreItem[];
  dishes: readonly Dish[];
  /** Foods of the larder and of the places with the day by which they are to be used. */
  dues: readonly { food: string; useBy: string | null }[];
}

/** @param now ms since the epoch; the week begins on the day after */
export function stockWeek(
  { zone, meals, items, dishes, dues }: WeekStock,
  { servings, noTime, refused, placed }: WeekWish,
  now: number,
): StockWeek {
  // Days of the calendar: where clocks change, one has 23 hours or 25.
  const today = dayKey(now, zone);
  const days = Array.from({ length: DAYS }, (_, i) => addDays(today, i + 1));
  const ahead = meals.filter((m) => !m.template && Date.parse(m.serveAt) > now);
  const byDay = new Map<string, Meal[]>();
  for (const meal of ahead.filter((m) => !m.batch)) {
    const key = dayKey(Date.parse(meal.serveAt), zone);
    byDay.set(key, [...(byDay.get(key) ?? []), meal]);
  }
  const packedFrom = new Map(items.map((i) => [i.code, dishIdOf(i.contents)]));
  // What keeps for months does not press.
  const lastDue = addDays(days.at(-1) ?? '', DAYS);
  const proposals = suggestWeek({
    days,
    planned: new Map(
      [...byDay].map(([day, planned]) => [
        day,
        planned.flatMap((meal) => dishIds(meal, packedFrom)),
      ]),
    ),
    noTime,
    servings,
    items,
    reserved: reservedBy(ahead, stocksOf(items), new Map(dishes.map((d) => [d.id, d]))),
    dishes: dishes.filter((d) => !d.bulk),
    dueFoods: new Map(
      dues.flatMap((i) =>
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
      planned: (byDay.get(day) ?? []).map(({ id, name }) => ({ id, name })),
      hasNoTime: noTime.has(day),
      proposal: proposals.find((p) => p.day === day) ?? null,
    })),
  };
}

/** Dishes of a meal, with a bag read as what it was packed from. */
function dishIds(meal: Meal, packedFrom: ReadonlyMap<string, string | null>): (string | null)[] {
  return meal.entries.map(({ what: { dish } }) =>
    dish.kind === 'bag' ? (packedFrom.get(dish.code) ?? null) : dish.id,
  );
}
