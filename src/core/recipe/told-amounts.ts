/**
 * The words of a dish’s steps with the amounts that count for so many people: a sentence and the figures beside it
 * never disagree. “Add 2 cups stock”, for half as many again, is 3 cups.
 */
import type { Dish, ScaledDish, ScaledIngredient } from '../dish';
import { findAmounts, formatQuantity, UNITS, type FoundAmount, type System } from '../units';
import { findDurations } from './durations';
import { inMillilitres, isOfBritishPints } from './imperial';

/** Words behind an amount, as far as they can name its food. */
const NAMED_IN = 7;

const stem = (word: string): string => word.toLowerCase().replace(/(?:es|s)$/, '');
const wordsOf = (text: string): string[] => text.match(/\p{L}+/gu) ?? [];
const headOf = ({ ingredient }: ScaledIngredient): string =>
  stem(wordsOf(ingredient.food).at(-1) ?? '');

/** Where a word that begins as the head of a food does stands behind an amount; -1 where none does. */
function nounAt(words: readonly string[], head: string): number {
  return head.length < 3 ? -1 : words.findIndex((word) => stem(word) === head);
}

/** The listed food that an amount is of, by the words behind it; null where it is of none, or nobody knows. */
function foodOf(
  behind: string,
  amount: FoundAmount,
  ingredients: readonly ScaledIngredient[],
): ScaledIngredient | null {
  const [clause = ''] = behind.split(/[,.;:()+&]|\band\b/i);
  const words = wordsOf(clause).slice(0, NAMED_IN);
  const unit = amount.unit ?? 'piece';
  const fits = ingredients.filter(
    (i) =>
      i.quantity !== null &&
      i.ingredient.amount !== null &&
      UNITS[i.quantity.unit].kind === UNITS[unit].kind &&
      (UNITS[unit].kind !== 'count' || i.quantity.unit === unit) &&
      nounAt(words, headOf(i)) >= 0,
  );
  const isAll = (i: ScaledIngredient): boolean =>
    i.ingredient.amount === amount.amount && (i.ingredient.unit ?? 'piece') === unit;
  // Things that are counted are those of the list only where all of them are meant: “2 forks”, “cut 2 of the leeks”.
  const all = fits.filter(isAll);
  if (UNITS[unit].kind === 'count') return all[0] ?? null;
  const names = new Set(words.map(stem));
  const named = (i: ScaledIngredient): number =>
    wordsOf(i.ingredient.food).filter((word) => names.has(stem(word))).length;
  return (all.length > 0 ? all : fits).toSorted((a, b) => named(b) - named(a))[0] ?? null;
}

/** “6 cups (1.4 l)”: the same once more. */
const ONCE_MORE = /^\s*\((?:about |ca\.? |~ ?)?[\d½¼¾⅓⅔][\d.,/½¼¾⅓⅔ ]*\s?\p{L}+\.?\)/iu;

/** “2 onion” is “2 onions”, “1 eggs” is “1 egg”, “2 stick of cinnamon” are two sticks. */
function inNumber(clause: string, food: string, isMany: boolean): string {
  const counted = /^\s*(\p{L}+) of\b/iu.exec(clause)?.[1];
  const head = counted === undefined ? food : stem(counted);
  return clause.replace(/\p{L}+/gu, (word) => {
    if (stem(word) !== head) return word;
    if (!isMany) return word.replace(/(?<=o|sh|ch|x|ss)es$|(?<!s)s$/i, '');
    if (/s$/i.test(word)) return word;
    return /(?:o|sh|ch|x)$/i.test(word) ? `${word}es` : `${word}s`;
  });
}

/** “500 g of the beef at a time”, “a spoonful of sauce on each”: as much as it was, only more often. */
const OF_ONE =
  /\b(?:at a time|at once|per (?:batch|go|person|head|serving|portion|bowl|jar|pound|kilo)|a (?:batch|go)|each|apiece|every)\b/i;

/** A sentence with the amounts of its foods for these servings. */
function retold(text: string, { ingredients }: ScaledDish, system: System): string {
  const times = findDurations(text);
  let told = '';
  let from = 0;
  for (const amount of findAmounts(text)) {
    const isTime = times.some((t) => amount.start < t.end && amount.end > t.start);
    // A range and a pack’s size are more than one number.
    if (isTime || amount.start < from || amount.amountTo !== null || amount.packSize !== null)
      continue;
    const aside = ONCE_MORE.exec(text.slice(amount.end))?.[0] ?? '';
    const end = amount.end + aside.length;
    const found = foodOf(text.slice(end), amount, ingredients);
    const { quantity, ingredient } = found ?? {};
    if (!found || !quantity || !ingredient?.amount) continue;
    const isBritish = amount.unit === 'pint' && isOfBritishPints(ingredient.preparation);
    const unit = isBritish ? 'ml' : (amount.unit ?? 'piece');
    const own = isBritish ? inMillilitres(amount.amount) : amount.amount;
    const count = (own * quantity.amount) / ingredient.amount;
    if (Math.abs(count - amount.amount) < 1e-6) continue;
    const isThings = UNITS[unit].kind === 'count';
    // “Halve an onion” goes on being said of each.
    if (isThings && /^(?:an?|the)\b/i.test(text.slice(amount.start))) continue;
    const behind = text.slice(end);
    const clause = /^(?:(?!\band\b)[^,.;:()])*/i.exec(behind)?.[0] ?? '';
    if (OF_ONE.test(clause)) continue;
    const said = formatQuantity({ amount: count, unit }, system);
    const isOf = /\bof\s*$/i.test(text.slice(amount.start, amount.end)) ? ' of' : '';
    const gap = /^\s/.test(behind) || /\s$/.test(said) ? '' : ' ';
    told += `${text.slice(from, amount.start)}${said}${isOf}${gap}`;
    from = end;
    if (unit === 'piece') {
      told += inNumber(clause, headOf(found), count > 1);
      from += clause.length;
    }
  }
  return told + text.slice(from);
}

/** A plan asks again and again for the same dish for as many. */
const known = new WeakMap<Dish, Map<string, Dish>>();

/** The dish with what its steps say of amounts as many as its figures. @param system the household’s measures */
export function withToldAmounts(scaled: ScaledDish, system: System): ScaledDish {
  if (scaled.factor === 1) return scaled;
  const { dish, servings } = scaled;
  const before = known.get(dish) ?? new Map<string, Dish>();
  known.set(dish, before);
  const key = `${servings} ${system}`;
  const told = before.get(key) ?? {
    ...dish,
    stages: dish.stages.map((s) => ({ ...s, text: retold(s.text, scaled, system) })),
  };
  before.set(key, told);
  return { ...scaled, dish: told };
}
