/** How long food keeps in a place, and whether that is for safety or for quality. */
import { ASK_GROUPS, KEEPING, type KeepingKind } from '../food';
import { keepingKindOf } from './keeping-kind';

export type KeepingPlace = 'fridge' | 'freezer' | 'counter';

export interface KeepingAnswer {
  /** From and to; null where it does not keep there at all. */
  days: [number, number] | null;
  why: 'safety' | 'quality';
  because: string[];
}

/** Nobody knows what it is: no days, but the groups to choose from. */
export interface UnknownKeeping {
  unknown: true;
  ask: readonly string[];
  because: string[];
}

export const DAYS_IN_MONTH = 30;
/** Two hours, as days. */
const TWO_HOURS = 2 / 24;

/** One number, or from and to. */
const span = ([from, to]: readonly [number, number]): string =>
  from === to ? `${from}` : `${from} to ${to}`;

/**
 * @param what a food of the table, a dish in words, or a kind of the keeping chart
 * @source FoodSafety.gov, Cold Food Storage Chart; FoodKeeper; both from memory
 */
export function keeps(what: string, place: KeepingPlace): KeepingAnswer | UnknownKeeping {
  const kind = keepingKindOf(what);
  if (kind) return keepsAs(kind, place, `“${what}”`);
  return {
    unknown: true,
    ask: ASK_GROUPS,
    because: [
      `what “${what}” is, is not known: choose its group; until then it keeps no longer than the strictest row, a day in the fridge`,
    ],
  };
}

/**
 * By a row of the keeping chart.
 *
 * @param what as it stands at the beginning of a sentence
 */
export function keepsAs(kind: KeepingKind, place: KeepingPlace, what = 'It'): KeepingAnswer {
  const row = KEEPING[kind];
  const about = `${what} keeps as ${row.name} (${row.source})`;
  if (place === 'freezer') {
    if (!row.freezerMonths)
      return {
        days: null,
        why: 'quality',
        because: [about, 'freezing does it no good: not in the freezer'],
      };
    const [from, to] = row.freezerMonths;
    return {
      days: [from * DAYS_IN_MONTH, to * DAYS_IN_MONTH],
      why: 'quality',
      because: [
        about,
        `${span(row.freezerMonths)} months at −18 °C: after that it is safe and loses quality`,
      ],
    };
  }
  if (place === 'fridge')
    return {
      days: [...row.fridgeDays],
      why: row.fridgeWhy,
      because: [
        about,
        'at 4 °C or less; when in doubt, throw it out',
        ...(row.strict ? [row.strict.words] : []),
      ],
    };
  if (row.counterDays)
    return {
      days: [...row.counterDays],
      why: 'quality',
      because: [about, 'whole, dry and cool, as bought; once cut or cooked two hours are the most'],
    };
  return {
    days: [0, TWO_HOURS],
    why: 'safety',
    because: [about, 'no longer than two hours out of the fridge, one above 32 °C (USDA FSIS)'],
  };
}
