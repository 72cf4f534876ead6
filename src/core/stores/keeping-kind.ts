/** Which row of the keeping chart a food, a dish in words or a whole dish belongs to. */
import { scaleDish, type Dish } from '../dish';
import { KEEPING, findFood, type Food, type KeepingKind } from '../food';
import { bagContents } from './bag-contents';

/** Said of a food, it is no longer the raw one. */
const COOKED =
  /\b(?:cooked|boiled|braised|roast(?:ed)?|leftovers?|mashed|steamed|baked|fried|stewed|grilled|poached|puree|pureed|sauteed|scrambled)\b/;

/** Words of the chart that the food table has under another row. */
const FIRST: readonly (readonly [RegExp, KeepingKind])[] = [
  [/\bstew(?:ing)? (?:meat|beef|lamb|pork|veal)\b/, 'ground-meat'],
];

/** Words that are no food of the table but a row of the chart. */
const WORDS: readonly (readonly [RegExp, KeepingKind])[] = [
  [/\b(?:hard|soft)[- ](?:boiled|cooked) eggs?\b|\bboiled eggs?\b/, 'cooked-egg'],
  [/\b(?:egg|chicken|turkey|ham|tuna|meat|fish|pasta|macaroni|potato|rice) salad\b/, 'salad'],
  [/\bpizzas?\b/, 'pizza'],
  [/\b(?:casseroles?|gratins?|lasagne|lasagna|moussaka|quiche)\b/, 'casserole'],
  [/\b(?:hot ?dogs?|frankfurters?)\b/, 'hot-dogs'],
  [/\b(?:luncheon meat|lunch meat|cold cuts|deli meat)\b/, 'lunch-meat'],
  [/\b(?:hamburgers?|burgers?|ground (?:poultry|lamb|veal|pork|turkey))\b/, 'ground-meat'],
  [/\b(?:giblets|offal|sweetbreads)\b/, 'giblets'],
  [/\b(?:steaks?|chops?|roasts?)\b/, 'meat'],
  [/\b(?:whole|entire) (?:chicken|turkey|duck|bird|goose)\b/, 'whole-poultry'],
  [/\b(?:chicken|turkey|poultry|duck) (?:pieces|parts|portions)\b/, 'poultry-pieces'],
  [/\braw poultry\b|\bpoultry\b/, 'poultry'],
  [/\b(?:shellfish|scallops?|lobster|crab|oysters?)\b/, 'shellfish'],
  [/\b(?:fatty|oily) fish\b/, 'fatty-fish'],
  [/\b(?:soups?|stews?|broths?|curry|curries|chowder|gravy|ragout)\b/, 'soup'],
  [/\bleftovers?\b/, 'cooked-meat'],
];

const wordIn = (list: typeof WORDS, text: string): KeepingKind | null =>
  list.find(([pattern]) => pattern.test(text))?.[1] ?? null;

/**
 * The row of the keeping chart for what is called so; what is said to be cooked keeps as cooked.
 *
 * @param what a food of the table, a dish in words, or a kind of the chart
 * @returns null where nothing in it is known
 */
export function keepingKindOf(what: string): KeepingKind | null {
  // Accents are left off so that word borders are found: “purée” and “puree” are one.
  const text = what.normalize('NFD').replace(/\p{M}/gu, '').trim().toLowerCase();
  const asKind = text.replace(/[ _]+/g, '-');
  if (Object.hasOwn(KEEPING, asKind)) return asKind as KeepingKind;
  const first = wordIn(FIRST, text);
  if (first) return first;
  const food = findFood(text);
  if (food?.names.includes(text)) return food.keep;
  if (COOKED.test(text) && !/\bbroths?\b|\bsoups?\b|\begg/.test(text)) {
    if (!food) return wordIn(WORDS, text) ?? 'cooked-meat';
    return cookedKind(food);
  }
  return wordIn(WORDS, text) ?? food?.keep ?? null;
}

/** Cooked already: it is only heated, or eaten cold. */
export function isReady(kind: KeepingKind): boolean {
  return kind.startsWith('cooked-') || ['soup', 'casserole', 'pizza', 'salad'].includes(kind);
}

/** What a food keeps as when it is cooked. */
function cookedKind(food: Food): KeepingKind {
  if (food.id === 'rice' || food.id.endsWith('-rice')) return 'cooked-rice';
  switch (food.group) {
    case 'pulse':
      return 'cooked-pulse';
    case 'fish':
      return 'cooked-fish';
    case 'egg':
      return 'cooked-egg';
    case 'grain':
    case 'vegetable':
    case 'fruit':
      return 'cooked-vegetable';
    default:
      return food.keep === 'ham' || food.keep === 'bacon' ? food.keep : 'cooked-meat';
  }
}

/** The kind of the keeping chart a cooked dish belongs to: by what spoils first in it. */
export function kindOfDish(dish: Dish): KeepingKind {
  const foods = scaleDish(dish, dish.servings).ingredients.flatMap((i) => i.food ?? []);
  const has = (test: (f: Food) => boolean): boolean => foods.some(test);
  if (has((f) => f.id === 'rice' || f.id.endsWith('-rice'))) return 'cooked-rice';
  if (has((f) => f.group === 'fish')) return 'cooked-fish';
  if (has((f) => ['meat', 'poultry'].includes(f.group))) return 'cooked-meat';
  return has((f) => f.group === 'pulse') ? 'cooked-pulse' : 'soup';
}

/** Of a bag still to cook, by what in it spoils first; dry goods and seasonings don't count. */
export function kindOfRaw(dish: Dish): KeepingKind {
  const { order } = bagContents(dish);
  const inside = scaleDish(dish, dish.servings).ingredients.flatMap((i) =>
    i.food && order.includes(i.ingredient.food) ? [i.food] : [],
  );
  const perishable = inside.filter(
    (f) => f.form === 'solid' && f.keep !== 'dry' && f.keep !== 'herb',
  );
  const rank = (kind: KeepingKind): number =>
    KEEPING[kind].fridgeDays[1] * 100 + (KEEPING[kind].freezerMonths?.[1] ?? 0);
  return (
    perishable.map(({ keep }) => keep).sort((a, b) => rank(a) - rank(b))[0] ?? 'cooked-vegetable'
  );
}
