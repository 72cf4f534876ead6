/** How long food keeps in a place, and whether that is for safety or for quality. */
import { KEEPING } from '../food';
import { failure, success, type Outcome } from '../reason';
import { keepingKindOf } from './keeping-kind';

export type KeepingPlace = 'fridge' | 'freezer' | 'counter';

export interface KeepingAnswer {
  /** From and to; null where it does not keep there at all. */
  days: [number, number] | null;
  why: 'safety' | 'quality';
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
export function keeps(what: string, place: KeepingPlace): Outcome<KeepingAnswer> {
  const kind = keepingKindOf(what);
  if (!kind)
    return failure({
      field: 'food',
      message: `“${what}” is neither a food of the table nor a kind of the keeping chart`,
      remedy: `name a food, or one of ${Object.keys(KEEPING).join(', ')}`,
    });
  const row = KEEPING[kind];
  const about = `“${what}” keeps as ${row.name} (${row.source})`;
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
        `${span(row.freezerMonths)} months at −18 °C: after that it is safe and loses quality`,
      ],
    });
  }
  if (place === 'fridge')
    return success({
      days: [...row.fridgeDays],
      why: row.fridgeWhy,
      because: [
        about,
        'at 4 °C or less; when in doubt, throw it out',
        ...(row.strict ? [row.strict.words] : []),
      ],
    });
  if (row.counterDays)
    return success({
      days: [...row.counterDays],
      why: 'quality',
      because: [about, 'whole, dry and cool, as bought; once cut or cooked two hours are the most'],
    });
  return success({
    days: [0, TWO_HOURS],
    why: 'safety',
    because: [about, 'no longer than two hours out of the fridge, one above 32 °C (USDA FSIS)'],
  });
}
