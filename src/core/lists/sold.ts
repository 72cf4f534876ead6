/** In what a shop sells a food: cans, packs, bunches, heads, pieces, whole, with what is over. */
import { toGrams, type ScaledIngredient } from '../dish';
import { plainName, type Food } from '../food';
import { formatQuantity, kindOf, type Quantity, type System } from '../units';
import { usPack } from './us-packs';

/** How one asks for it. */
export type SoldAs =
  'can' | 'pack' | 'bottle' | 'bunch' | 'head' | 'lemon' | 'lime' | 'egg' | 'piece';

export interface Sold {
  /** Whole ones. */
  count: number;
  as: SoldAs;
  /** What one holds, as it is usually sold; null where pieces differ. */
  each: Quantity | null;
  /** The same as the label has it, where shops have sizes of their own: “32 fl oz”. */
  label?: string;
  /** What stays of them when everything is cooked; null where nothing to speak of does. */
  over: Quantity | null;
}

/** A pack that is nearly enough is enough: nobody opens a second for a spoonful. */
const NEARLY = 0.05;
/** The usual can, and what of beans is in it once it is drained (common practice; the label decides), g. */
const CAN_G = 400;
const DRAINED_G = 250;
/** The usual one of the United States, whole and drained (common practice), g. */
const US_CAN = '15 oz';
const US_CAN_G = 425;
const US_DRAINED_G = 255;
/** Usual bunches and heads (common practice), g. */
const BUNCH_G: Readonly<Record<string, number>> = {
  'spring-onion': 100,
  radish: 200,
  asparagus: 250,
  chard: 250,
};
const HERB_BUNCH_G = 30;
const HEADS: Readonly<Record<string, number>> = { garlic: 35, celery: 400 };
/** What one gives (USDA SR, juice of one, rounded), ml. */
export const JUICE_ML = { lemon: 45, lime: 30 } as const;

/** Measures that stand in a food's own name, g; of a herb, a sprig or a leaf of it (estimates). */
const MEASURES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:large|big) bunch(?:es)?\b/, 60],
  [/\bsmall bunch(?:es)?\b/, 20],
  [/\bbunch(?:es)?\b/, HERB_BUNCH_G],
  [/\bhandfuls?\b/, 10],
  [/\bsprigs?\b/, 2],
  [/\b(?:lea(?:f|ves)|stems?)\b/, 0.5],
];

/** Leaves for a salad, as much as a hand takes (common practice), g. */
const HANDFUL_G = 30;
/** These come as leaves out of a jar, and are counted. */
const JARRED_LEAF = /\b(?:bay|curry|kaffir|makrut)\b/;

const isHerb = (food: Food, key: string): boolean =>
  food.group === 'seasoning' &&
  (food.keep === 'herb' || /^fresh /.test(key)) &&
  !/\b(?:dried|curry|powder)\b/.test(key);

/**
 * How much of it is used, g.
 *
 * @returns null where neither the amount nor a measure in its name tells
 */
export function usedGrams(item: ScaledIngredient): number | null {
  const { quantity, grams } = item;
  if (!quantity) return null;
  return measured(item) ?? grams;
}

/** g by a measure that stands in the food's own name; null where none does. */
export function measured({ ingredient, food, quantity }: ScaledIngredient): number | null {
  if (!quantity || !food || quantity.unit !== 'piece') return null;
  const name = plainName(ingredient.food);
  if (JARRED_LEAF.test(name)) return null;
  if (food.group === 'vegetable' && /\bhandfuls?\b/.test(name)) return quantity.amount * HANDFUL_G;
  if (/\bheads?\b/.test(name) && food.id in HEADS) return quantity.amount * (HEADS[food.id] ?? 0);
  const isLeafy = food.group === 'seasoning' || food.id in BUNCH_G;
  const measure = isLeafy ? MEASURES.find(([pattern]) => pattern.test(name)) : undefined;
  if (!measure) return null;
  const [, herb] = measure;
  return (
    quantity.amount * (BUNCH_G[food.id] ? (herb / HERB_BUNCH_G) * (BUNCH_G[food.id] ?? 0) : herb)
  );
}

/**
 * @param key of the product
 * @param buy what is missing, in the units of the recipes
 * @param grams the same in g; null where that is not known
 * @param as.cans the same in cans; null where the recipes don't say it so
 * @param as.system whose sizes the shops have
 * @returns null where it is sold by weight, or nobody knows how
 */
export function soldAs(
  key: string,
  food: Food | null,
  buy: Quantity,
  grams: number | null,
  { cans = null, system = 'metric' }: { cans?: number | null; system?: System } = {},
): Sold | null {
  if (buy.amount <= 0) return null;
  const kind = kindOf(buy.unit);
  if (cans !== null) return wholeCans(cans, buy);
  if (/^canned\b/.test(key)) return inCans(food, buy, grams, system);
  if (!food || grams === null || grams <= 0) return null;
  const juice = /^(lemon|lime) juice$/.exec(key)?.[1] as 'lemon' | 'lime' | undefined;
  if (juice) return whole(juice, grams / food.density / JUICE_ML[juice]);
  if (food.id === 'egg-white' || food.id === 'egg-yolk')
    return food.pieceG ? whole('egg', grams / food.pieceG) : null;
  const head = HEADS[food.id];
  if (head && !/powder|paste/.test(key)) return holding('head', { amount: head, unit: 'g' }, grams);
  const bunch = BUNCH_G[food.id] ?? (isHerb(food, key) ? HERB_BUNCH_G : null);
  if (bunch) return holding('bunch', { amount: bunch, unit: 'g' }, grams);
  if (kind === 'count') return null;
  const us = system === 'us' ? usPack(food.id) : null;
  if (us) return inPack(food, us, grams);
  if (food.packG) {
    const isVolume = isPoured(food) && kind === 'volume';
    const each: Quantity = { amount: food.packG, unit: isVolume ? 'ml' : 'g' };
    const used = isVolume ? grams / food.density : grams;
    return holding(packOf(food), each, used);
  }
  const isProduce = food.aisle === 'vegetables' || food.aisle === 'fruit';
  if (isProduce && food.pieceG && food.pieceG >= LEAST_PIECE_G)
    return whole('piece', grams / food.pieceG);
  return null;
}

const isPoured = (food: Food): boolean =>
  food.form === 'thin' || (food.group === 'fat' && food.aisle !== 'dairy');
const packOf = (food: Food): SoldAs =>
  CANS.has(food.id) ? 'can' : isPoured(food) ? 'bottle' : 'pack';

/** By the label’s own measure, whatever the recipes are written in. */
function inPack(
  food: Food,
  { each, label }: { each: Quantity; label: string },
  grams: number,
): Sold {
  const used = each.unit === 'ml' ? grams / food.density : grams;
  return { ...holding(packOf(food), each, used), label };
}

/** They come in cans, whatever they are called. */
const CANS: ReadonlySet<string> = new Set([
  'canned-tomatoes',
  'coconut-milk',
  'condensed-milk',
  'tuna',
  'baked-beans',
]);
/** Smaller ones are weighed out, g. */
const LEAST_PIECE_G = 20;

/** As the recipes count them; of their size too, where they say it. */
function wholeCans(cans: number, buy: Quantity): Sold {
  const count = Math.max(1, Math.ceil(cans - NEARLY));
  const each: Quantity | null =
    kindOf(buy.unit) === 'count' ? null : { amount: buy.amount / cans, unit: buy.unit };
  const rest = count - cans;
  const over: Quantity | null =
    rest <= NEARLY
      ? null
      : each
        ? { amount: rest * each.amount, unit: each.unit }
        : { amount: rest, unit: 'can' };
  return { count, as: 'can', each, over };
}

function inCans(
  food: Food | null,
  buy: Quantity,
  grams: number | null,
  system: System,
): Sold | null {
  if (grams === null || kindOf(buy.unit) === 'count') return null;
  const isDrained = food?.group === 'pulse';
  if (system === 'us') {
    const each: Quantity = { amount: isDrained ? US_DRAINED_G : US_CAN_G, unit: 'g' };
    return { ...holding('can', each, grams), label: US_CAN };
  }
  const each: Quantity = { amount: isDrained ? DRAINED_G : (food?.packG ?? CAN_G), unit: 'g' };
  return holding('can', each, grams);
}

function holding(as: SoldAs, each: Quantity, used: number): Sold {
  const count = Math.max(1, Math.ceil(used / each.amount - NEARLY));
  const rest = count * each.amount - used;
  return {
    count,
    as,
    each,
    over: rest > NEARLY * each.amount ? { amount: Math.round(rest), unit: each.unit } : null,
  };
}

function whole(as: SoldAs, pieces: number): Sold {
  return { count: Math.max(1, Math.ceil(pieces - NEARLY)), as, each: null, over: null };
}

const MANY: Readonly<Record<SoldAs, string>> = {
  can: 'cans',
  pack: 'packs',
  bottle: 'bottles',
  bunch: 'bunches',
  head: 'heads',
  lemon: 'lemons',
  lime: 'limes',
  egg: 'eggs',
  piece: '',
};

/** @example soldWords({ count: 2, as: 'can', each: { amount: 400, unit: 'g' }, over: null }, 'metric') // '2 cans of 400 g' */
export function soldWords({ count, as, each, label }: Sold, system: System): string {
  const unit = count === 1 ? (as === 'piece' ? '' : as) : MANY[as];
  const holds =
    label ?? (each && as !== 'bunch' && as !== 'head' ? formatQuantity(each, system) : '');
  const size = holds === '' ? '' : ` of ${holds}`;
  return `${as === 'piece' ? 'about ' : ''}${count} ${unit}${size}`.trim();
}

/** The same in g where that is known: a part of a can by what a can holds. */
export function overGrams(over: Quantity, food: Food | null): number | null {
  return toGrams(over, food);
}
