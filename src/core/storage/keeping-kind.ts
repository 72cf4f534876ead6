/** Which row of the keeping chart a food, a dish in words or a whole dish belongs to. */
import { scaleDish, type Dish, type ScaledIngredient } from '../dish';
import {
  isRice,
  KEEPING,
  kindOf,
  plainName,
  type Food,
  type FoodKind,
  type KeepingKind,
} from '../food';
import { bagContents } from './bag-contents';

/** As a dish it is a stew and as a food a hot pepper: the shorter days count. */
const STEW_OR_PEPPER = /^(?:chil(?:l)?i(?:es)?|chile)$/;

/**
 * The row of the keeping chart for what is called so; what is said to be cooked keeps as cooked, and what
 * doesn’t say keeps for the shorter days.
 *
 * @param what a food of the table, a dish in words, or a kind of the chart
 * @returns null where nothing in it is known: it is asked for then
 */
export function keepingKindOf(what: string): KeepingKind | null {
  const text = plainName(what);
  const asKind = text.replace(/[ _]+/g, '-');
  if (Object.hasOwn(KEEPING, asKind) && asKind !== 'unknown') return asKind as KeepingKind;
  if (STEW_OR_PEPPER.test(text)) return 'soup';
  return kindOf(text)?.keep ?? null;
}

/** Cooked already: it is only heated, or eaten cold. */
export function isReady(kind: KeepingKind): boolean {
  return kind.startsWith('cooked-') || ['soup', 'casserole', 'pizza', 'salad'].includes(kind);
}

/** An ingredient that nobody knows, a pinch of spice aside: it may be what spoils first. */
const isUnknown = ({ kind, ingredient }: ScaledIngredient): boolean =>
  kind === null && ingredient.role !== 'seasoning';

/**
 * The kind of the keeping chart a cooked dish belongs to: by what spoils first in it. A dish that nobody knows
 * the ingredients of, or one of them, keeps as the strictest.
 */
export function kindOfDish(dish: Dish): KeepingKind {
  const { ingredients } = scaleDish(dish, dish.servings);
  const has = (test: (k: FoodKind, f: Food | null) => boolean): boolean =>
    ingredients.some(({ kind, food }) => kind !== null && test(kind, food));
  if (ingredients.length === 0 || ingredients.some(isUnknown)) return 'unknown';
  if (has((_, f) => f !== null && isRice(f))) return 'cooked-rice';
  if (has((k) => k.class === 'fish' || k.class === 'shellfish')) return 'cooked-fish';
  if (has((k) => FLESH.has(k.class))) return 'cooked-meat';
  if (has((k) => k.class === 'egg')) return 'casserole';
  return has((_, f) => f?.group === 'pulse') ? 'cooked-pulse' : 'soup';
}

const FLESH: ReadonlySet<FoodKind['class']> = new Set([
  'poultry',
  'ground',
  'whole-cut',
  'game',
  'casserole',
]);

/** Of a bag still to cook, by what in it spoils first; dry goods and seasonings don't count. */
export function kindOfRaw(dish: Dish): KeepingKind {
  const { order } = bagContents(dish);
  const inside = scaleDish(dish, dish.servings).ingredients.filter((i) =>
    order.includes(i.ingredient.food),
  );
  if (inside.length === 0 || inside.some(isUnknown)) return 'unknown';
  const perishable = inside.filter(
    ({ food, kind }) =>
      kind &&
      food?.form !== 'thin' &&
      food?.form !== 'thick' &&
      !['dry', 'herb'].includes(kind.keep),
  );
  const rank = (kind: KeepingKind): number =>
    KEEPING[kind].fridgeDays[1] * 100 + (KEEPING[kind].freezerMonths?.[1] ?? 0);
  return (
    perishable.map(({ kind }) => kind?.keep ?? 'unknown').sort((a, b) => rank(a) - rank(b))[0] ??
    'cooked-vegetable'
  );
}
