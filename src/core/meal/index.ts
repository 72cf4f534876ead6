/** The meal document: who eats what, and when. */
import { fault } from '../words';
import { z } from 'zod';
import { failure, success, type Outcome, says } from '../reason';
import { isZone } from '../units';
import { DIETS } from '../dish';
import { ALLERGENS } from '../food';

import { mealEntrySchema, servingsSchema } from './entry';
import { lunchesSchema } from './lunches';

export { bagSizeSchema, changedEntry, MOST_BAGS, newEntry, runId, servingsSchema } from './entry';
export type { BagSize, EntryChange, MealEntry } from './entry';
export { boxesFor, daysOf, lunchesSchema } from './lunches';
export type { LunchBox, Lunches } from './lunches';
export type { DishPick } from './pick';

const id = z.string().min(1).max(60);
const moment = z.iso.datetime({ offset: true, error: 'a day and a time are needed' });

/** Somebody at the table. */
const eaterSchema = z.object({
  id,
  name: z.string().trim().min(1, says('a name is needed', '“guest” will do')).max(60),
  /** Portions: a child eats half of one. */
  appetite: z
    .number('the appetite is a number of portions')
    .min(0.25, 'a quarter of a portion at least')
    .max(3, 'three portions at most'),
  diets: z.array(z.enum(DIETS)).default([]),
  allergens: z.array(z.enum(ALLERGENS)).default([]),
});
export type Eater = z.infer<typeof eaterSchema>;

/** From one moment to another. */
const span = z
  .object({ from: moment, to: moment })
  .refine(
    (s) => Date.parse(s.to) > Date.parse(s.from),
    says('it ends before it begins', 'swap the times'),
  );

export const mealSchema = z.object({
  format: z
    .enum(['olive-clock/meal@1', 'olive-clock/meal@2'])
    .transform(() => 'olive-clock/meal@2' as const),
  id,
  name: z
    .string()
    .trim()
    .min(1, says('a name is needed', 'write what the meal is called'))
    .max(100),
  /** The moment of serving, with its zone for reading. */
  serveAt: z.iso.datetime({ offset: true, error: 'a date and a time are needed' }),
  zone: z
    .string()
    .refine(isZone, says('not a time zone this machine knows', 'write it like Europe/Athens')),
  servings: servingsSchema,
  /** How sure it should be ready by serving: an even chance, likely, sure. */
  sure: z.enum(['even', 'likely', 'sure']).default('likely'),
  entries: z.array(mealEntrySchema).max(40, 'at most 40 dishes in one meal'),
  /** Who eats, where that is said; the servings follow. */
  eaters: z.array(eaterSchema).max(60, 'at most 60 people by name').default([]),
  /** Pairs of hands this time; null: as in the kitchen. */
  hands: z.int().min(1).max(4).nullable().default(null),
  /** When a cook is away. */
  away: z.array(span).max(10).default([]),
  /** When a cooker, the oven or a burner is taken by something else. */
  busy: z
    .array(z.intersection(span, z.object({ unit: id })))
    .max(20)
    .default([]),
  /** A day of cooking ahead: dishes go into bags, not onto the table. */
  batch: z.boolean().default(false),
  /** On such a day: dishes that go into no bags of their own fill so many boxes, a portion of each. */
  boxes: z
    .int('a whole number of boxes')
    .min(1, 'one box at least')
    .max(30, 'at most 30 boxes of one set')
    .nullable()
    .default(null),
  /** On such a day: lunches for named people on named days, one box each. */
  lunches: lunchesSchema.nullable().default(null),
  /** A pattern for other meals, with no evening of its own. */
  template: z.boolean().default(false),
});
export type Meal = z.infer<typeof mealSchema>;

/** Bags and boxes that a batch day fills. */
export function bagsIn(meal: Pick<Meal, 'entries' | 'boxes' | 'lunches'>): number {
  return meal.entries.reduce((sum, e) => sum + (e.what.bags?.copies ?? 0), boxesOf(meal) ?? 0);
}

/** How many boxes a day fills: a set of them, or one for each person and day; null where it fills none. */
export function boxesOf({ boxes, lunches }: Pick<Meal, 'boxes' | 'lunches'>): number | null {
  return lunches ? lunches.people.length * lunches.days.length : boxes;
}

/** The chance of being ready by serving that each word stands for. */
export const SURENESS: Readonly<Record<Meal['sure'], number>> = {
  even: 0.5,
  likely: 0.8,
  sure: 0.95,
};

/** A serving time must lie ahead for the meal to be planned. */
export function checkServingTime(serveAt: string, now: number): Outcome<string> {
  const at = Date.parse(serveAt);
  if (Number.isNaN(at)) return failure(fault('serveAt', 'serving-time-unreadable', {}));
  if (at <= now) return failure(fault('serveAt', 'serving-time-past', {}));
  return success(serveAt);
}

/** How many portions the named eaters make; null where nobody is named. */
export function portionsOf(eaters: readonly Eater[]): number | null {
  if (eaters.length === 0) return null;
  const sum = eaters.reduce((total, e) => total + e.appetite, 0);
  return Math.max(1, Math.round(sum * 4) / 4);
}
