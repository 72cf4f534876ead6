/** How long food keeps in a place, and whether that is for safety or for quality. */
import { KEEPING, findFood, type KeepingKind } from '../food';
import { failure, success, type Outcome } from '../reason';

export type KeepingPlace = 'fridge' | 'freezer' | 'counter';

export interface KeepingAnswer {
  /** From and to; null where it does not keep there at all. */
  days: [number, number] | null;
  why: 'safety' | 'quality';
  because: string[];
}

const DAYS_IN_MONTH = 30;
/** Two hours, as days. */
const TWO_HOURS = 2 / 24;
/** What keeps at room temperature for a while (FoodKeeper, from memory). */
const COUNTER_DAYS: Partial<Record<KeepingKind, readonly [number, number]>> = {
  dry: [180, 360],
  root: [7, 30],
  vegetable: [1, 3],
};

/** Words that are no food of the table but a kind of dish. */
const KIND_WORDS: readonly (readonly [RegExp, KeepingKind])[] = [
  [/\b(?:cooked|boiled|leftover)\b.*\brice\b/i, 'cooked-rice'],
  [/\b(?:cooked|canned)\b.*\b(?:beans?|chickpeas?|lentils?|pulses?)\b/i, 'cooked-pulse'],
  [/\b(?:soup|stew|broth|curry|chowder)\b/i, 'soup'],
  [/\b(?:cooked|braised|roasted|leftover)\b/i, 'cooked-meat'],
];

/**
 * @param what a food of the table, a dish in words, or a kind of the keeping chart
 * @source FoodSafety.gov, Cold Food Storage Chart; FoodKeeper; both from memory
 */
export function keeps(what: string, place: KeepingPlace): Outcome<KeepingAnswer> {
  const kind = kindOf(what);
  if (!kind)
    return failure({
      field: 'food',
      message: `“${what}” is neither a food of the table nor a kind of the keeping chart`,
      remedy: `name a food, or one of ${Object.keys(KEEPING).join(', ')}`,
    });
  const row = KEEPING[kind];
  const about = `“${what}” keeps as ${kind.replace(/-/g, ' ')} (${row.source})`;
  if (place === 'freezer') {
    if (!row.freezerMonths)
      return success({
        days: null,
        why: 'quality',
        because: [about, 'freezing does it no good: not in the freezer'],
      });
    const [from, to] = row.freezerMonths;
    return success({
      days: [from * DAYS_IN_MONTH, to * DAYS_IN_MONTH],
      why: 'quality',
      because: [
        about,
        `${from} to ${to} months at −18 °C: after that it is safe and loses quality`,
      ],
    });
  }
  if (place === 'fridge')
    return success({
      days: [...row.fridgeDays],
      why: kind === 'dry' ? 'quality' : 'safety',
      because: [
        about,
        'at 4 °C or less; when in doubt, throw it out',
        ...(kind === 'cooked-rice'
          ? ['rice: cool it within an hour, and eat it within a day by UK advice (UK FSA)']
          : []),
      ],
    });
  const counter = COUNTER_DAYS[kind];
  if (counter)
    return success({
      days: [...counter],
      why: 'quality',
      because: [about, 'dry and cool, as bought'],
    });
  return success({
    days: [0, TWO_HOURS],
    why: 'safety',
    because: [about, 'no longer than two hours out of the fridge, one above 32 °C (USDA FSIS)'],
  });
}

function kindOf(what: string): KeepingKind | null {
  const text = what.trim().toLowerCase();
  if (Object.hasOwn(KEEPING, text.replace(/ /g, '-')))
    return text.replace(/ /g, '-') as KeepingKind;
  const food = findFood(text);
  if (food && food.names.includes(text)) return food.keep;
  return KIND_WORDS.find(([pattern]) => pattern.test(text))?.[1] ?? food?.keep ?? null;
}
