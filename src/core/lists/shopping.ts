/** One shopping list over many dishes: by food, not by spelling; less what is in the house. */
import { cansOf, scaleDish, toGrams, type Dish, type ScaledIngredient } from '../dish';
import { AISLES, findFood, fruitsIn, productKey, type Aisle, type Food } from '../food';
import { UNITS, kindOf, type Quantity, type System, type Unit } from '../units';
import { isStoodFor } from '../storage';
import { larderKey, type LarderItem, type Price } from './larder';
import type { CookedStock } from './stock-foods';
import { JUICE_ML, measured, overGrams, soldAs, usedGrams, type Sold } from './sold';

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
  /** As this dish calls it. */
  food: string;
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
  /** In what the shop sells it, whole; null where that is by weight or not known. */
  sold: Sold | null;
  /** What is over then, for the larder, g; null where nothing to speak of is. */
  overGrams: number | null;
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

/** The household's own order; aisles that it leaves out come behind, as usual. */
export function inShopOrder(own: readonly Aisle[]): Aisle[] {
  return [...new Set([...own, ...AISLES])];
}

/** “Butter or goose fat”, where another dish says what it wants. */
const OR = /\sor\s/;
/** Comes from the tap. */
const FREE = new Set(['water']);

interface Sum {
  key: string;
  name: string;
  food: Food | null;
  items: ScaledIngredient[];
  parts: ShoppingPart[];
}

interface ShopFacts {
  /** In the order of the household's shop. */
  aisles?: readonly Aisle[];
  /** Food cooked in bulk that lies in stock. */
  cooked?: readonly CookedStock[];
  /** Whose packs the shops have. */
  system?: System;
}

/** Merges, takes off what is there, rounds to what is sold whole, and sorts by aisle. */
export function shoppingList(
  wanted: readonly Wanted[],
  larder: readonly InHouse[],
  prices: readonly Price[],
  { aisles = AISLES, cooked = [], system = 'metric' }: ShopFacts = {},
): ShoppingList {
  const sums = new Map<string, Sum>();
  for (const want of wanted) collect(want, sums);
  for (const fruit of ['lemon', 'lime'] as const) squeeze(fruit, sums, larder);
  const all = [...sums.values()].map((sum) =>
    withCooked(toLine(sum, larder, prices, system), sum, cooked),
  );
  const order = inShopOrder(aisles);
  const rank = (l: ShoppingLine): number => order.indexOf(l.aisle);
  const sorted = all.sort((a, b) => rank(a) - rank(b) || a.food.localeCompare(b.food));
  const lines = sorted.filter((l) => !isCovered(l));
  return {
    lines,
    inHouse: sorted.filter(isCovered),
    total: lines.reduce((sum, l) => sum + (l.cost ?? 0), 0),
    unpriced: lines.filter((l) => l.cost === null).length,
  };
}

/** Juice comes out of the same lemons that are sliced, unless there is a bottle of it in the house. */
function squeeze(
  fruit: 'lemon' | 'lime',
  sums: Map<string, Sum>,
  larder: readonly InHouse[],
): void {
  const [whole, juice] = [sums.get(fruit), sums.get(`${fruit} juice`)];
  if (!whole || !juice || larder.some((l) => larderKey(l) === juice.key)) return;
  const squeezed = juice.items.flatMap((item): ScaledIngredient[] => {
    if (item.grams === null || !juice.food) return [];
    const amount = item.grams / juice.food.density / JUICE_ML[fruit];
    const quantity = { amount, unit: 'piece' } as const;
    return [{ ...item, quantity, grams: toGrams(quantity, whole.food) }];
  });
  if (squeezed.length < juice.items.length) return;
  whole.items.push(...squeezed);
  whole.parts.push(...juice.parts);
  sums.delete(juice.key);
}

const ENOUGH = 'enough in the house';
const isCovered = (line: ShoppingLine): boolean =>
  line.buy !== null ? line.buy.amount <= 0 : line.because.includes(ENOUGH);

function collect({ dish, servings, meal, withDishes }: Wanted, sums: Map<string, Sum>): void {
  const scaled = scaleDish(dish, servings);
  for (const read of scaled.ingredients) {
    const item = asFruit(read, scaled.factor);
    const { ingredient, food, quantity } = item;
    if ((food && FREE.has(food.id)) || ingredient.fromStore) continue;
    if (ingredient.takes && withDishes.has(ingredient.takes.dish)) continue;
    const key = keyOf(item);
    const name = withoutMeasure(ingredient.food);
    const sum = sums.get(key) ?? { key, name, food, items: [], parts: [] };
    if (OR.test(sum.name) && !OR.test(name)) sum.name = name;
    sum.items.push(item);
    sum.parts.push({
      meal,
      dish: dish.name,
      food: ingredient.food,
      quantity,
      preparation: ingredient.preparation,
    });
    sums.set(key, sum);
  }
}

/** As it is written; bunches, handfuls and heads by weight, for a head is no clove, and “3 rocket” nothing. */
function amountOf(item: ScaledIngredient): Quantity | null {
  const grams = measured(item);
  return grams === null ? item.quantity : { amount: grams, unit: 'g' };
}

/** Of what is bought raw or in cans, what lies there cooked and would do. */
function withCooked(
  line: ShoppingLine,
  { key, food }: Sum,
  cooked: readonly CookedStock[],
): ShoppingLine {
  const instead = cooked.filter((c) => isStoodFor(key, food, c.food) !== null);
  if (instead.length === 0) return line;
  const because = instead.map((c) => `or ${c.where}, cooked: choose it under the dish`);
  return { ...line, because: [...line.because, ...because] };
}

/** “Juice of 2 lemons” is two lemons, whatever else it is in the pot. */
function asFruit(item: ScaledIngredient, factor: number): ScaledIngredient {
  const fruits = item.quantity ? null : fruitsIn(item.ingredient.food);
  if (!fruits) return item;
  const food = findFood(fruits.food);
  const quantity = { amount: fruits.amount * factor, unit: 'piece' } as const;
  return { ...item, food, quantity, grams: toGrams(quantity, food) };
}

/** What an ingredient is bought as. */
function keyOf({ ingredient }: ScaledIngredient): string {
  const { food, unit, preparation, frozen, thaw } = ingredient;
  return productKey(food, { unit, preparation, isFrozen: frozen === true && thaw !== true });
}

/** @example withoutMeasure('bunch of parsley') // 'parsley' */
function withoutMeasure(food: string): string {
  const fruit = fruitsIn(food)?.food;
  if (fruit) return fruit;
  return food.replace(
    /^(?:fresh )?(?:(?:small|medium|large|big|ripe) )*(?:(?:bunch(?:es)?|heads?|sprigs?|stalks?|sticks?|handfuls?|bulbs?|cloves?|thumbs?|knobs?) (?:of )?)?(?=\S)/i,
    '',
  );
}

function toLine(
  sum: Sum,
  larder: readonly InHouse[],
  prices: readonly Price[],
  system: System,
): ShoppingLine {
  const amounts = sum.items.flatMap((i) => amountOf(i) ?? []);
  const needed = addUp(amounts, sum.food);
  const because: string[] = [];
  let buy = needed;
  const have = larder.filter((l) => larderKey(l) === sum.key);
  if (have.some((h) => h.amount === null)) {
    because.push(ENOUGH);
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
      because.push(left === 0 ? (h.where ? `enough: ${what}` : ENOUGH) : `less what is ${what}`);
      buy = { ...buy, amount: left };
    }
  }
  const sold =
    buy &&
    soldAs(sum.key, sum.food, buy, missing(sum.items, buy, needed, usedGrams), {
      cans: missing(sum.items, buy, needed, cansOf),
      system,
    });
  if (buy && kindOf(buy.unit) === 'count' && buy.unit !== 'pinch' && buy.amount > 0) {
    const whole = Math.ceil(buy.amount - 1e-9);
    if (whole - buy.amount > 0.01 && !sold) because.push('sold whole');
    buy = { ...buy, amount: whole };
  }
  return {
    key: sum.key,
    food: named(sum),
    aisle: aisleOf(sum),
    buy,
    needed,
    sold,
    overGrams: sold?.over ? overGrams(sold.over, sum.food) : null,
    because: [...new Set(because)],
    parts: sum.parts,
    cost: buy && costOf(buy, sum, prices),
  };
}

/** With its form where the recipes say that in other places: “tomatoes” from a can are canned tomatoes. */
function named({ key, name }: Sum): string {
  // Beside a jar of thyme, the bunch is told by its name.
  if (/^fresh\b/.test(key) && !/\bfresh\b/i.test(name)) return `fresh ${name}`;
  const form = /^(canned|frozen)\b/.exec(key)?.[1];
  const isSaid =
    form === undefined || /\b(?:canned|tinned|jarred|frozen|cans?|tins?|jars?)\b/i.test(name);
  return isSaid ? name : `${form} ${name}`;
}

/** What of the need is missing, measured in another way; null where some of it has no such measure. */
function missing(
  items: readonly ScaledIngredient[],
  buy: Quantity,
  needed: Quantity | null,
  measure: (item: ScaledIngredient) => number | null,
): number | null {
  const each = items.filter((i) => i.quantity).map(measure);
  if (!needed || needed.amount <= 0 || each.some((g) => g === null)) return null;
  const all = each.reduce<number>((sum, g) => sum + (g ?? 0), 0);
  return (all * Math.min(buy.amount, needed.amount)) / needed.amount;
}

/** Cans and frozen things have a shelf of their own, wherever the fresh ones lie. */
function aisleOf({ key, food }: Sum): Aisle {
  if (/^canned\b/.test(key)) return 'larder';
  if (/^frozen\b/.test(key)) return 'frozen';
  if (/^dried\b/.test(key) && food?.aisle === 'vegetables') return 'dry goods';
  return food?.aisle ?? 'larder';
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
  for (const price of prices.filter((p) => productKey(p.food) === sum.key)) {
    const units = sameUnit(buy, PER[price.per], sum.food ?? findFood(sum.name));
    if (units !== null) return Math.round(units * price.price * 100) / 100;
  }
  return null;
}
