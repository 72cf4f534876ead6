/** The meal document: who eats what, and when. */
import { z } from 'zod';
import { failure, success, type Outcome } from '../reason';
import { isZone } from '../units';
import { DIETS } from '../dish';
import { ALLERGENS } from '../food';

export type { DishPick } from './pick';

const id = z.string().min(1).max(60);
const servings = z
  .number('for how many is a number')
  .min(1, 'at least one person eats; give 1 or more')
  .max(200, 'at most 200 servings; plan larger parties as several meals');

export const mealEntrySchema = z.object({
  id,
  dishId: id,
  /** Null: as many as the meal. */
  servings: servings.nullable(),
  /** Null: the planner chooses. */
  cooker: id.nullable(),
  /** Minutes after the meal's own time; a pudding may come later. */
  later: z.int().min(-240).max(240).default(0),
  /** In a pan above this other entry, in one cycle with it. */
  over: id.nullable().default(null),
  /** Never put into a stack by the plan. */
  alone: z.boolean().default(false),
  /** Where the dish allows two releases: the other one, the first one, or null, let the plan choose. */
  otherRelease: z.boolean().nullable().default(null),
  /** The pressure of its cycles; null: as written, or let the plan choose. */
  level: z.enum(['low', 'high', 'max']).nullable().default(null),
  /** Its main pieces are cut half as large: a shorter hold, more work with the knife. */
  smaller: z.boolean().default(false),
  /** What the dish allows to be made the day before is made then. */
  ahead: z.boolean().default(false),
  /** Who does the work of it; null: whoever is free. */
  cook: id.nullable().default(null),
  /** Steps the cook has put to a moment of their own: minutes from serving, by the end of their id. */
  pins: z.record(z.string(), z.int().min(-4320).max(1440)).default({}),
  /** Made into bags or boxes: so many, each of the entry's servings. */
  bags: z
    .object({
      copies: z
        .int('a whole number of bags')
        .min(1, 'one bag at least')
        .max(24, 'at most 24 bags of one dish; make two entries'),
      state: z.enum(['raw', 'browned', 'cooked']),
      /** Flat, or a round mound for the liner. */
      shape: z.enum(['flat', 'mound']).default('flat'),
      /** Of them, so many stand in the fridge, for the days ahead; the rest is frozen. */
      inFridge: z.int('a whole number of bags').min(0, 'none or more').max(24).default(0),
    })
    .refine((bags) => bags.inFridge <= bags.copies, {
      path: ['inFridge'],
      message: 'no more bags in the fridge than there are; choose fewer',
    })
    .nullable()
    .default(null),
  /** Portions kept back for somebody who eats later. */
  keep: z
    .object({
      portions: z.number().min(0.5, 'keep half a portion at least').max(20),
      /** Minutes after the meal's own time. */
      later: z.int().min(5, 'later than the meal').max(480, 'at most eight hours later'),
    })
    .nullable()
    .default(null),
});
export type MealEntry = z.infer<typeof mealEntrySchema>;

const moment = z.iso.datetime({ offset: true, error: 'a day and a time are needed' });

/** Somebody at the table. */
const eaterSchema = z.object({
  id,
  name: z.string().trim().min(1, 'a name is needed; “guest” will do').max(60),
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
  .refine((s) => Date.parse(s.to) > Date.parse(s.from), 'it ends before it begins; swap the times');

/** A dish as it is first put into a meal. */
export function newEntry(entryId: string, dishId: string): MealEntry {
  return mealEntrySchema.parse({ id: entryId, dishId, servings: null, cooker: null });
}

export const mealSchema = z.object({
  format: z.literal('olive-clock/meal@1'),
  id,
  name: z.string().trim().min(1, 'a name is needed; write what the meal is called').max(100),
  /** The moment of serving, with its zone for reading. */
  serveAt: z.iso.datetime({ offset: true, error: 'a date and a time are needed' }),
  zone: z
    .string()
    .refine(isZone, 'not a time zone this machine knows; write it like Europe/Athens'),
  servings,
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
  /** A pattern for other meals, with no evening of its own. */
  template: z.boolean().default(false),
});
export type Meal = z.infer<typeof mealSchema>;

/** Bags and boxes that a batch day fills. */
export function bagsIn({ entries, boxes }: Pick<Meal, 'entries' | 'boxes'>): number {
  return entries.reduce((sum, e) => sum + (e.bags?.copies ?? 0), boxes ?? 0);
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
  if (Number.isNaN(at))
    return failure({
      field: 'serveAt',
      message: 'the serving time is not a date and a time',
      remedy: 'choose a day and a time',
    });
  if (at <= now)
    return failure({
      field: 'serveAt',
      message: 'the serving time is in the past',
      remedy: 'choose a later day or time',
    });
  return success(serveAt);
}

/** How many portions the named eaters make; null where nobody is named. */
export function portionsOf(eaters: readonly Eater[]): number | null {
  if (eaters.length === 0) return null;
  const sum = eaters.reduce((total, e) => total + e.appetite, 0);
  return Math.max(1, Math.round(sum * 4) / 4);
}
