/** One shopping list over many dishes: by food, not by spelling; less what is in the house. */
import { scaleDish, toGrams, type Dish, type ScaledIngredient } from '../dish';
import { findFood, type Aisle, type Food } from '../food';
import { UNITS, kindOf, type Quantity, type Unit } from '../units';
import { foodKey, type LarderItem, type Price } from './larder';

/** A dish that is to be cooked. */
export interface Wanted {
  dish: Dish;
  servings: number;
  /** Shown with each amount: the meal. */
  meal: string;
  /** Dishes of the same meal: what they hand over is not bought. */
  withDishes: ReadonlySet<string>;
}

export interface ShoppingPart {
  meal: string;
  dish: string;
  quantity: Quantity | null;
  preparation: string;
}

export interface ShoppingLine {
  key: string;
  food: string;
  aisle: Aisle;
  /** What to buy; null where no amount is given. */
  buy: Quantity | null;
  /** Needed in all, before the house was looked at. */
  needed: Quantity | null;
  /** Packs as they are usually sold, of food that is weighed or measured; null where it is sold loose. */
  packs: { count: number; each: Quantity } | null;
  /** Why it is less or more than needed. */
  because: string[];
  parts: ShoppingPart[];
  cost: number | null;
}

export interface ShoppingList {
  lines: ShoppingLine[];
  /** What the house holds enough of. */
  inHouse: ShoppingLine[];
  /** Over the lines whose price is known. */
  total: number;
  unpriced: number;
}

/** What is in the house; `where` names the bag or pack. What is frozen is told of, and taken off by no one. */
export type InHouse = LarderItem & { where?: string; isFrozen?: boolean };

/** In the order in which one walks through a shop (common practice). */
export const AISLES: readonly Aisle[] = [
  'vegetables',
  'fruit',
  'herbs and spices',
  'meat',
  'fish',
  'dairy',
  'dry goods',
  'larder',
  'baking',
];
/** Comes from the tap. */
const FREE = new Set(['water']);

interface Sum {
  key: string;
  name: string;
  food: Food | null;
  items: ScaledIngredient[];
  parts: ShoppingPart[];
}

/** Merges, takes off what is there, rounds to what is sold whole, and sorts by aisle. */
export function shoppingList(
  wanted: readonly Wanted[],
  larder: readonly InHouse[],
  prices: readonly Price[],
): ShoppingList {
  const sums = new Map<string, Sum>();
  for (const want of wanted) collect(want, sums);
  const all = [...sums.values()].map((sum) => toLine(sum, larder, prices));
  const rank = (l: ShoppingLine): number => AISLES.indexOf(l.aisle);
  const sorted = all.sort((a, b) => rank(a) - rank(b) || a.food.localeCompare(b.food));
  const lines = sorted.filter((l) => !isCovered(l));
  return {
    lines,
    inHouse: sorted.filter(isCovered),
    total: lines.reduce((sum, l) => sum + (l.cost ?? 0), 0),
    unpriced: lines.filter((l) => l.cost === null).length,
  };
}

const isCovered = (line: ShoppingLine): boolean =>
  line.buy !== null ? line.buy.amount <= 0 : line.because.length > 0;

function collect({ dish, servings, meal, withDishes }: Wanted, sums: Map<string, Sum>): void {
  for (const item of scaleDish(dish, servings).ingredients) {
    const { ingredient, food, quantity } = item;
    if ((food && FREE.has(food.id)) || ingredient.fromStore) continue;
    if (ingredient.takes && withDishes.has(ingredient.takes.dish)) continue;
    const key = foodKey(ingredient.food);
    const sum = sums.get(key) ?? { key, name: ingredient.food, food, items: [], parts: [] };
    sum.items.push(item);
    sum.parts.push({ meal, dish: dish.name, quantity, preparation: ingredient.preparation });
    sums.set(key, sum);
  }
}

function toLine(sum: Sum, larder: readonly InHouse[], prices: readonly Price[]): ShoppingLine {
  const amounts = sum.items.flatMap((i) => (i.quantity ? [i.quantity] : []));
  const needed = addUp(amounts, sum.food);
  const because: string[] = [];
  let buy = needed;
  const have = larder.filter((l) => foodKey(l.food) === sum.key);
  if (have.some((h) => h.amount === null)) {
    because.push('enough in the house');
    buy = needed && { ...needed, amount: 0 };
  } else if (needed) {
    for (const h of have) {
      const there = sameUnit(
        { amount: h.amount ?? 0, unit: h.unit ?? 'piece' },
        needed.unit,
        sum.food,
      );
      if (there === null || !buy) continue;
      if (h.isFrozen) {
        because.push(`or ${h.where}: choose it under the dish, and it is thawed in time`);
        continue;
      }
      const left = Math.max(0, buy.amount - there);
      const what = h.where ?? 'in the house';
      because.push(
        left === 0 ? (h.where ? `enough: ${what}` : 'enough in the house') : `less what is ${what}`,
      );
      buy = { ...buy, amount: left };
    }
  }
  if (buy && kindOf(buy.unit) === 'count' && buy.amount > 0) {
    const whole = Math.ceil(buy.amount - 1e-9);
    if (whole - buy.amount > 0.01) because.push('sold whole');
    buy = { ...buy, amount: whole };
  }
  return {
    key: sum.key,
    food: sum.name,
    aisle: sum.food?.aisle ?? 'larder',
    buy,
    needed,
    packs: buy && packsOf(buy, sum.food),
    because: [...new Set(because)],
    parts: sum.parts,
    cost: buy && costOf(buy, sum, prices),
  };
}

/** A pack that is nearly enough is enough: nobody opens a second for a spoonful. */
const NEARLY = 0.05;

function packsOf(buy: Quantity, food: Food | null): ShoppingLine['packs'] {
  const kind = kindOf(buy.unit);
  const grams = toGrams(buy, food);
  if (!food?.packG || kind === 'count' || !grams || grams <= 0) return null;
  const count = Math.max(1, Math.ceil(grams / food.packG - NEARLY));
  const isPoured = food.form === 'thin' || food.group === 'fat';
  return {
    count,
    each:
      isPoured && kind === 'volume'
        ? { amount: food.packG, unit: 'ml' }
        : { amount: food.packG, unit: 'g' },
  };
}

/** Adds across units: counts of one kind stay counts, the rest becomes weight, or volume for liquids. */
function addUp(amounts: readonly Quantity[], food: Food | null): Quantity | null {
  const [first] = amounts;
  if (!first) return null;
  if (amounts.every((q) => q.unit === first.unit) && kindOf(first.unit) === 'count')
    return { amount: amounts.reduce((sum, q) => sum + q.amount, 0), unit: first.unit };
  const kinds = new Set(amounts.map((q) => kindOf(q.unit)));
  const [only] = kinds;
  if (kinds.size === 1 && only !== 'count') {
    const base = amounts.reduce((sum, q) => sum + q.amount * UNITS[q.unit].size, 0);
    return { amount: base, unit: only === 'mass' ? 'g' : 'ml' };
  }
  const grams = amounts.map((q) => toGrams(q, food));
  if (grams.every((g) => g !== null))
    return { amount: grams.reduce((sum, g) => sum + g, 0), unit: 'g' };
  // Nothing is lost where a weight is unknown: the largest kind stands, the parts say the rest.
  return first;
}

function sameUnit(q: Quantity, unit: Unit, food: Food | null): number | null {
  if (q.unit === unit) return q.amount;
  if (kindOf(q.unit) === kindOf(unit) && kindOf(unit) !== 'count')
    return (q.amount * UNITS[q.unit].size) / UNITS[unit].size;
  const [have, one] = [toGrams(q, food), toGrams({ amount: 1, unit }, food)];
  return have !== null && one ? have / one : null;
}

const PER: Readonly<Record<Price['per'], Unit>> = {
  kg: 'kg',
  l: 'l',
  piece: 'piece',
  package: 'package',
  can: 'can',
};

function costOf(buy: Quantity, sum: Sum, prices: readonly Price[]): number | null {
  for (const price of prices.filter((p) => foodKey(p.food) === sum.key)) {
    const units = sameUnit(buy, PER[price.per], sum.food ?? findFood(sum.name));
    if (units !== null) return Math.round(units * price.price * 100) / 100;
  }
  return null;
}
