/** A week of suppers proposed from stock: what is due first, varied, and quick on days with no time. */
import { mainIngredient, scaleDish, type Dish } from '../dish';
import { addDays } from './days';
import { daysLeft, type StoreItem } from './item';
import { kindOfDish } from './keeping-kind';

export interface WeekQuestion {
  /** Days to fill, in order, `2026-11-28`. */
  days: readonly string[];
  /** What is planned already, by day: dish ids. */
  planned: ReadonlyMap<string, readonly string[]>;
  /** Days on which nobody has time to cook. */
  noTime: ReadonlySet<string>;
  servings: number;
  items: readonly StoreItem[];
  /** Portions that meals ahead have taken already, by code. */
  reserved: ReadonlyMap<string, number>;
  /** Dishes that may be cooked fresh. */
  dishes: readonly Dish[];
  /** Foods in the house that are due, by food id, with their day. */
  dueFoods: ReadonlyMap<string, string>;
  /** Proposals that were refused, `day:id`. */
  refused: ReadonlySet<string>;
}

export interface Proposal {
  day: string;
  kind: 'stock' | 'fresh';
  /** Of the item, or of the dish. */
  id: string;
  name: string;
  because: string[];
}

interface Candidate {
  kind: Proposal['kind'];
  id: string;
  name: string;
  dishId: string | null;
  food: string | null;
  score: number;
  because: string[];
}

/** Days before its day in which an item presses. */
const PRESSING = { freezer: 21, fridge: 3 } as const;
/** Days around one in which a dish was eaten lately, or will be. */
const NEAR = [-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6];
/** How much speaks for or against a choice. */
/** What is due for safety is eaten or thrown away: it comes before any change of dish. */
const WEIGHT = { due: 10, safety: 60, noTime: 12, sameDish: 40, sameFood: 6, dueFood: 8 } as const;

/**
 * One proposal for each day that has no meal; days for which nothing is left stay empty. Nothing is proposed
 * twice beyond what there is of it.
 */
export function suggestWeek(question: WeekQuestion): Proposal[] {
  const left = new Map(
    question.items.map((i) => [i.id, i.portions - (question.reserved.get(i.code) ?? 0)]),
  );
  const eaten = new Map<string, { dishId: string | null; food: string | null }[]>();
  const byId = new Map(question.dishes.map((d) => [d.id, d]));
  for (const [day, ids] of question.planned)
    eaten.set(
      day,
      ids.map((id) => ({ dishId: id, food: mainFoodOf(byId.get(id) ?? null) })),
    );
  const proposals: Proposal[] = [];
  for (const day of question.days) {
    if ((eaten.get(day) ?? []).length > 0) continue;
    const near = NEAR.flatMap((d) =>
      (eaten.get(addDays(day, d)) ?? []).map((e) => ({ ...e, distance: Math.abs(d) })),
    );
    const best = [...stockFor(day, question, left, byId), ...freshFor(day, question)]
      .filter((c) => !question.refused.has(`${day}:${c.id}`))
      .map((c) => withVariety(c, near))
      .sort((a, b) => b.score - a.score || a.name.localeCompare(b.name))[0];
    if (!best) continue;
    if (best.kind === 'stock') left.set(best.id, (left.get(best.id) ?? 0) - question.servings);
    eaten.set(day, [{ dishId: best.dishId, food: best.food }]);
    const { kind, id, name, because } = best;
    proposals.push({ day, kind, id, name, because });
  }
  return proposals;
}

function stockFor(
  day: string,
  { items, servings, noTime }: WeekQuestion,
  left: ReadonlyMap<string, number>,
  byId: ReadonlyMap<string, Dish>,
): Candidate[] {
  return items.flatMap((item): Candidate[] => {
    const days = daysLeft(item, day);
    // Past its day for safety it is not eaten; past its best it is still good.
    if (item.why === 'safety' && days < 0) return [];
    if (item.bulk || (item.pack && item.isRaw) || (left.get(item.id) ?? 0) < servings) return [];
    const dish = byId.get(item.dishId ?? '') ?? null;
    const because: string[] = [];
    let score = 0;
    const presses = PRESSING[item.place];
    if (days <= presses) {
      const weight = item.why === 'safety' ? WEIGHT.safety : WEIGHT.due;
      score += weight * (1 + (presses - days) / presses);
      because.push(days < 0 ? 'past its best' : days === 0 ? 'due that day' : `due in ${days} d`);
    }
    if (noTime.has(day)) {
      score += item.isRaw ? WEIGHT.noTime / 2 : WEIGHT.noTime;
      because.push(item.isRaw ? 'cut and ready for the pot' : 'only to be heated');
    }
    if (item.place === 'freezer' && !because.length) because.push('in the freezer, first in');
    return [
      {
        kind: 'stock',
        id: item.id,
        name: item.name,
        dishId: item.dishId,
        food: mainFoodOf(dish),
        score,
        because,
      },
    ];
  });
}

function freshFor(day: string, { dishes, noTime, dueFoods }: WeekQuestion): Candidate[] {
  if (noTime.has(day)) return [];
  return dishes.map((dish): Candidate => {
    const uses = [...dueFoods].filter(
      ([food, due]) => due >= day && dish.ingredients.some((i) => i.food.includes(food)),
    );
    return {
      kind: 'fresh',
      id: dish.id,
      name: dish.name,
      dishId: dish.id,
      food: mainFoodOf(dish),
      score: 1 + (uses.length > 0 ? WEIGHT.dueFood : 0),
      because:
        uses.length > 0
          ? [`takes the ${uses.map(([food]) => food).join(' and the ')}`]
          : [`fresh: ${kindOfDish(dish).replace(/-/g, ' ')}`],
    };
  });
}

function withVariety(
  candidate: Candidate,
  near: readonly { dishId: string | null; food: string | null; distance: number }[],
): Candidate {
  let { score } = candidate;
  for (const { dishId, food, distance } of near) {
    if (dishId !== null && dishId === candidate.dishId) score -= WEIGHT.sameDish / distance;
    if (food !== null && food === candidate.food) score -= WEIGHT.sameFood / distance;
  }
  return { ...candidate, score };
}

/** Id of the food that a dish is about; null where there is none. */
function mainFoodOf(dish: Dish | null): string | null {
  return (dish && mainIngredient(scaleDish(dish, dish.servings))?.food?.id) ?? null;
}
