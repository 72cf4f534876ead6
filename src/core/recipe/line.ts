/** One ingredient line, as people write them, taken apart. */
import { findFood, mentionedFood } from '../food';
import { parseAmount, type Quantity, type Unit } from '../units';

export type IngredientState = 'frozen' | 'canned' | 'drained' | 'dried' | 'cooked' | 'fresh';

export interface IngredientLine {
  amount: number | null;
  amountTo: number | null;
  unit: Unit | null;
  packSize: Quantity | null;
  /** The food in the line's own words, without amount, preparation and state. */
  food: string;
  preparation: string | null;
  state: IngredientState | null;
  optional: boolean;
  because: string[];
}

const STATES: readonly (readonly [RegExp, IngredientState])[] = [
  [/\bfrozen\b/i, 'frozen'],
  [/\bdrained\b/i, 'drained'],
  [/\b(canned|tinned)\b/i, 'canned'],
  [/\bdried\b/i, 'dried'],
  [/\bcooked\b/i, 'cooked'],
  [/\bfresh\b/i, 'fresh'],
];
/** Words about cutting and cleaning that may stand before the food. */
const LEADING_PREPARATION =
  /^((?:finely|coarsely|roughly|thinly|freshly)\s+)?(chopped|diced|sliced|minced|grated|crushed|shredded|peeled|cubed|halved|quartered|rinsed|toasted|ground)\s+(?=\S)/i;
const TO_TASTE = /,?\s*\b(to taste|as needed|for serving|to serve|optional)\b\.?/i;

/** @returns every part that could be found; the rest stays in `food`, nothing is dropped */
export function parseLine(text: string): IngredientLine {
  const clean = text
    .replace(/^(?:[\s•*–·]+|-\s+)/u, '')
    .replace(/\s+/g, ' ')
    .trim();
  const { amount, amountTo, unit, packSize, rest } = parseAmount(clean);
  const because: string[] = [];
  const notes: string[] = [];
  let food = rest;
  let optional = false;
  const taste = TO_TASTE.exec(food);
  if (taste) {
    optional = /optional/i.test(taste[1] ?? '');
    notes.push((taste[1] ?? '').toLowerCase());
    food = food.replace(taste[0], '');
  }
  food = food.replace(/\s*\(([^()]*)\)/g, (_whole, inner: string) => {
    notes.push(inner.trim());
    return '';
  });
  const comma = food.indexOf(',');
  if (comma >= 0) {
    const [first = '', second = '', ...further] = food.split(',').map((part) => part.trim());
    // “Boneless, skinless chicken thighs”: the food comes after words that only describe it.
    const isDescribed = mentionedFood(first) === null && mentionedFood(second) !== null;
    food = isDescribed ? `${first} ${second}` : first;
    notes.push((isDescribed ? further : [second, ...further]).join(', '));
  }
  const leading = LEADING_PREPARATION.exec(food);
  if (leading && !findFood(food.trim())?.names.includes(food.trim().toLowerCase())) {
    notes.unshift(leading[0].trim());
    food = food.slice(leading[0].length);
  }
  const state =
    STATES.find(([pattern]) => pattern.test(clean))?.[1] ?? (unit === 'can' ? 'canned' : null);
  // “dried apricots” is a food of its own; “frozen peas” are peas.
  if (state && !(findFood(food)?.names.includes(food.trim().toLowerCase()) ?? false))
    food = food.replace(/\b(frozen|canned|tinned|drained|fresh|cooked|dried)\b\s*/i, '');
  if (/^[-−]\s*[\d¼-¾⅓-⅞]|^\d+\s*\/\s*0\b/u.test(clean))
    because.push(
      'the amount is not a positive number, so it is left in the text; correct it there',
    );
  else if (amount === null)
    because.push(
      taste ? `no amount: “${(taste[1] ?? '').toLowerCase()}”` : 'no amount in the line',
    );
  else because.push('amount and unit as written');
  if (packSize) because.push(`one pack holds ${packSize.amount} ${packSize.unit}`);
  return {
    amount,
    amountTo,
    unit,
    packSize,
    food: food.trim(),
    preparation: notes.filter(Boolean).join(', ') || null,
    state,
    optional,
    because,
  };
}
