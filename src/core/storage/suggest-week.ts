/** A week of suppers proposed from stock: what is due first, varied, and quick on days with no time. */
import { refOf, type Dish, type DishRef } from '../dish';
import { mainFoodOf } from './as-written';
import { addDays } from './days';
import { withBulk } from './bulk';
import { dishIdOf, isRaw } from './contents';
import { gathered, isEdible, larderOn, lastDayOf } from './gather';
import { daysLeft, type StoreItem } from './item';
import { isSide, sideFor } from './sides';
import { stocksOf } from './stock';

export interface WeekQuestion {
  /** Days to fill, in order, `2026-11-28`. */
  days: readonly string[];
  /** What is planned already, by day: dish ids; null for one that is none of the household's. */
  planned: ReadonlyMap<string, readonly (string | null)[]>;
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
  /** What the cook has put on a day: the id of an item or of a dish, by day. */
  placed: ReadonlyMap<string, string>;
}

export interface ProposedPart {
  dish: DishRef;
  /** Of the people who eat; together they are enough for all. */
  servings: number;
}

export interface Proposal {
  day: string;
  kind: 'stock' | 'fresh';
  /** Of the item, or of the dish. */
  id: string;
  /** What a meal of it is made of: several bags where one is not enough, and a side. */
  parts: ProposedPart[];
  name: string;
  because: string[];
  /** After this day it is not eaten any more; null where it may be put on any. */
  lastDay: string | null;
}

interface Candidate {
  kind: Proposal['kind'];
  id: string;
  parts: ProposedPart[];
  /** Portions of bags that it takes, by the id of the bag. */
  takes: ReadonlyMap<string, number>;
  name: string;
  dishId: string | null;
  food: string | null;
  /** Of the bag or pack that it is made from. */
  code: string | null;
  lastDay: string | null;
  score: number;
  because: string[];
}

/** Days before its day in which an item presses. */
const PRESSING = { freezer: 21, fridge: 3 } as const;
/** Days around one in which a dish was eaten lately, or will be. */
const NEAR = [-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6];
/** How much speaks for or against a choice. */
/** What is due for safety is eaten or thrown away: it comes before any change of dish. */
const WEIGHT = {
  due: 10,
  safety: 60,
  noTime: 12,
  sameDish: 40,
  sameFood: 6,
  dueFood: 8,
  /** It stands in the fridge, where nothing keeps for months. */
  fridge: 4,
  /** Vegetables or grain alone, where there is a supper to be had. */
  side: -9,
  /** In stock and not pressing, before anything is bought. */
  inStock: 3,
  /** Cooked fresh with an ingredient that lies in stock. */
  fromStock: 2,
  /** Cooked fresh while bags of it lie in the freezer. */
  inFreezer: -6,
} as const;
/** So many bags and packs are looked at as ingredients, due first. */
const MOST_INGREDIENTS = 40;

/**
 * One proposal for each day that has no meal; days for which nothing is left stay empty. Nothing is proposed
 * twice beyond what there is of it.
 */
export function suggestWeek(question: WeekQuestion): Proposal[] {
  const left = new Map(
    question.items.map((i) => [i.id, i.portions - (question.reserved.get(i.code) ?? 0)]),
  );
  const made = madeFromStock(question);
  const eaten = new Map<string, { dishId: string | null; food: string | null }[]>();
  const byId = new Map(question.dishes.map((d) => [d.id, d]));
  for (const [day, ids] of question.planned)
    eaten.set(
      day,
      ids.map((id) => ({ dishId: id, food: mainFoodOf(byId.get(id ?? '') ?? null) })),
    );
  const proposals: Proposal[] = [];
  // What the cook has placed comes first: its portions are gone for the days around it.
  const isPlaced = (day: string): boolean => question.placed.has(day);
  const order = [...question.days.filter(isPlaced), ...question.days.filter((d) => !isPlaced(d))];
  for (const day of order) {
    if ((eaten.get(day) ?? []).length > 0) continue;
    const near = NEAR.flatMap((d) =>
      (eaten.get(addDays(day, d)) ?? []).map((e) => ({ ...e, distance: Math.abs(d) })),
    );
    const all = [...stockFor(day, question, left, byId), ...freshFor(day, question, made)];
    const placed = all.filter((c) => c.id === question.placed.get(day));
    const best = (placed.length > 0 ? placed : all)
      .filter((c) => placed.length > 0 || !question.refused.has(`${day}:${c.id}`))
      .map((c) => withVariety(c, near))
      .reduce<Candidate | null>((a, b) => (a && isBefore(a, b) ? a : b), null);
    if (!best) continue;
    if (best.code !== null) made.delete(best.code);
    take(left, best.takes);
    const side = sideFor(best, day, question, left, byId, near);
    if (side) take(left, side.takes);
    eaten.set(
      day,
      [best, ...(side ? [side] : [])].map(({ dishId, food }) => ({ dishId, food })),
    );
    const { kind, id, because, lastDay } = best;
    proposals.push({
      day,
      kind,
      id,
      parts: [...best.parts, ...(side?.parts ?? [])],
      name: side ? `${best.name} with ${side.name}` : best.name,
      because: [...because, ...(side?.because ?? [])],
      lastDay,
    });
  }
  return proposals.sort((a, b) => a.day.localeCompare(b.day));
}

/** The better one, and of two as good the first by name. */
const isBefore = (a: Candidate, b: Candidate): boolean =>
  a.score > b.score || (a.score === b.score && a.name.localeCompare(b.name) <= 0);

function take(left: Map<string, number>, takes: Candidate['takes']): void {
  for (const [id, portions] of takes) left.set(id, (left.get(id) ?? 0) - portions);
}

function stockFor(
  day: string,
  question: WeekQuestion,
  left: ReadonlyMap<string, number>,
  byId: ReadonlyMap<string, Dish>,
): Candidate[] {
  const { items, noTime, servings } = question;
  const larder = larderOn(day, items, left);
  return items.flatMap((item): Candidate[] => {
    const days = daysLeft(item, day);
    if (!isEdible(item, day) || (left.get(item.id) ?? 0) <= 0) return [];
    const bags = gathered(item, servings, larder);
    if (!bags) return [];
    const dishId = dishIdOf(item.contents);
    const dish = byId.get(dishId ?? '') ?? null;
    const because: string[] = [];
    let score: number = WEIGHT.inStock;
    const presses = PRESSING[item.place];
    if (days <= presses) {
      const weight = item.why === 'safety' ? WEIGHT.safety : WEIGHT.due;
      score += weight * (1 + (presses - days) / presses);
      because.push(days < 0 ? 'past its best' : days === 0 ? 'due that day' : `due in ${days} d`);
    }
    if (noTime.has(day)) {
      score += isRaw(item.contents) ? WEIGHT.noTime / 2 : WEIGHT.noTime;
      because.push(isRaw(item.contents) ? 'cut and ready for the pot' : 'only to be heated');
    }
    if (item.place === 'fridge') {
      score += WEIGHT.fridge;
      if (!because.length) because.push('in the fridge');
    }
    if (item.place === 'freezer' && !because.length) because.push('in the freezer, first in');
    if (bags.length > 1)
      because.push(`${bags.length} bags together: ${bags.map((b) => b.item.code).join(', ')}`);
    return [
      {
        kind: 'stock',
        id: item.id,
        parts: bags.map(({ item: bag, portions }) => ({
          dish: { kind: 'bag', code: bag.code, method: null },
          servings: portions,
        })),
        takes: new Map(bags.map((b) => [b.item.id, b.portions])),
        name: [...new Set(bags.map((b) => b.item.name))].join(' and '),
        dishId,
        food: mainFoodOf(dish),
        code: null,
        lastDay: lastDayOf(bags.map((b) => b.item)),
        score: score + (dish && isSide(dish) ? WEIGHT.side : 0),
        because,
      },
    ];
  });
}

/** Dishes that can be made with what lies in stock as an ingredient, by the code of the bag or pack and their own id. */
function madeFromStock({
  items,
  dishes,
  servings,
  reserved,
  days,
}: WeekQuestion): Map<string, Map<string, Dish>> {
  const [first = ''] = days;
  const ingredients = stocksOf(items.filter((i) => i.packedOn <= first))
    .map((i) => ({ ...i, portions: i.portions - (reserved.get(i.code) ?? 0) }))
    .filter((i) => i.portions > 0)
    .slice(0, MOST_INGREDIENTS);
  return new Map(
    ingredients.map((item) => [
      item.code,
      new Map(
        dishes.flatMap((dish): [string, Dish][] => {
          const made = withBulk(dish, item);
          return made.ok && (made.value.atMost ?? 0) >= servings ? [[dish.id, made.value]] : [];
        }),
      ),
    ]),
  );
}

function freshFor(
  day: string,
  { dishes, noTime, dueFoods, items, servings }: WeekQuestion,
  made: ReadonlyMap<string, ReadonlyMap<string, Dish>>,
): Candidate[] {
  if (noTime.has(day)) return [];
  const dueThen = [...dueFoods].filter(([, due]) => due >= day);
  const placeOf = new Map(items.map((i) => [i.code, i.place]));
  const inStock = new Set(
    items.flatMap(({ contents }) => (contents.kind === 'bulk' ? [] : (dishIdOf(contents) ?? []))),
  );
  return dishes.map((dish): Candidate => {
    const uses = dueThen.filter(([food]) => dish.ingredients.some((i) => i.food.includes(food)));
    const [code, from] = takenFrom(dish, made);
    const because = [
      ...(uses.length > 0 ? [`takes the ${uses.map(([food]) => food).join(' and the ')}`] : []),
      ...(code ? [`made from ${code} in the ${placeOf.get(code)}`] : []),
    ];
    return {
      kind: 'fresh',
      id: from?.id ?? dish.id,
      parts: [{ dish: refOf(from ?? dish), servings }],
      takes: new Map(),
      name: dish.name,
      dishId: dish.id,
      food: mainFoodOf(dish),
      code,
      lastDay: null,
      score:
        1 +
        (uses.length > 0 ? WEIGHT.dueFood : 0) +
        (code ? WEIGHT.fromStock : 0) +
        (isSide(dish) ? WEIGHT.side : 0) +
        (inStock.has(dish.id) ? WEIGHT.inFreezer : 0),
      because: because.length > 0 ? because : ['cooked fresh, for a change'],
    };
  });
}

function takenFrom(
  dish: Dish,
  made: ReadonlyMap<string, ReadonlyMap<string, Dish>>,
): [string, Dish] | [null, null] {
  for (const [code, list] of made) {
    const from = list.get(dish.id);
    if (from) return [code, from];
  }
  return [null, null];
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
