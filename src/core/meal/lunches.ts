/** Lunches for the week: who, on which days, and what is in each box. */
import { z } from 'zod';
import { says } from '../reason';
import type { MealEntry } from './entry';

const person = z
  .string()
  .trim()
  .min(1, says('a name is needed', 'write whose lunch it is'))
  .max(40, 'at most 40 letters');

export const lunchesSchema = z.object({
  people: z
    .array(person)
    .min(1, says('somebody eats them', 'write a name'))
    .max(12, 'at most twelve people')
    .refine(
      (names) => new Set(names).size === names.length,
      says('two have the same name', 'add a letter to one of them'),
    ),
  /** `2026-11-30`, in order. */
  days: z
    .array(z.iso.date('a day is written as 2026-11-30'))
    .min(1, says('on some day they are eaten', 'tick a day'))
    .max(14, 'at most two weeks')
    .transform((days) => [...new Set(days)].sort()),
  /** By entry: its days only. What is not here is in every box. */
  menu: z.record(z.string(), z.array(z.iso.date())).default({}),
});
export type Lunches = z.infer<typeof lunchesSchema>;

/** One lunch of one person. */
export interface LunchBox {
  person: string;
  day: string;
  /** Ids of the entries of which it has a portion. */
  entries: string[];
}

/** The days on which an entry is eaten. */
export function daysOf(lunches: Lunches, entryId: string): string[] {
  const own = lunches.menu[entryId];
  return own ? lunches.days.filter((d) => own.includes(d)) : lunches.days;
}

/**
 * Every box of the week, day by day.
 *
 * @param entries what is cooked for them, bags aside
 */
export function boxesFor(lunches: Lunches, entries: readonly Pick<MealEntry, 'id'>[]): LunchBox[] {
  return lunches.days.flatMap((day) =>
    lunches.people.map((name) => ({
      person: name,
      day,
      entries: entries.flatMap(({ id }) => (daysOf(lunches, id).includes(day) ? [id] : [])),
    })),
  );
}
