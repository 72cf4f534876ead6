/** One dish of a meal: what it is, for whom, where and when it is made. */
import { z } from 'zod';
import { says } from '../reason';
import { dishRef, dishRefSchema, refOfFirstVersion, type DishRef } from '../dish';

const id = z.string().min(1).max(60);

/** For how many. */
export const servingsSchema = z
  .number('for how many is a number')
  .min(1, says('at least one person eats', 'give 1 or more'))
  .max(200, says('at most 200 servings', 'plan larger parties as several meals'));

/** More of one dish on one day than any kitchen packs. */
export const MOST_BAGS = 60;

/** A bag measured otherwise than in people: two cups, a pound, 500 g. */
export const bagSizeSchema = z.object({
  amount: z
    .number('the size is a number')
    .positive(says('a bag holds something', 'write it as 2 cups, 1 lb, 500 g or 4 people'))
    .max(20_000, says('a bag holds less', 'write it as 2 cups, 1 lb or 500 g')),
  unit: z.enum(
    ['g', 'kg', 'oz', 'lb', 'ml', 'l', 'cup', 'pint', 'quart'],
    says('a bag is measured by weight or volume', 'write it as 2 cups, 1 lb or 500 g'),
  ),
});
export type BagSize = z.infer<typeof bagSizeSchema>;

const bags = z
  .object({
    copies: z
      .int('a whole number of bags')
      .min(1, 'one bag at least')
      .max(MOST_BAGS, says(`at most ${MOST_BAGS} bags of one dish`, 'make two entries')),
    state: z.enum(['raw', 'browned', 'cooked']),
    /** Flat, or a round mound for the inner pot. */
    shape: z.enum(['flat', 'mound']).default('flat'),
    /** Of them, so many are for the fridge, for the days ahead; the rest is frozen. */
    inFridge: z.int('a whole number of bags').min(0, 'none or more').max(MOST_BAGS).default(0),
    /** What goes into one, by weight or volume; without it, as many people as the entry is for. */
    size: bagSizeSchema.optional(),
  })
  .refine((made) => made.inFridge <= made.copies, {
    path: ['inFridge'],
    message: says('no more bags in the fridge than there are', 'choose fewer'),
  });

const keep = z.object({
  portions: z.number().min(0.5, 'keep half a portion at least').max(20),
  /** Minutes after the meal's own time. */
  later: z.int().min(5, 'later than the meal').max(480, 'at most eight hours later'),
});

const entrySchema = z.object({
  id,
  what: z.object({
    dish: dishRefSchema,
    /** Where the dish allows two releases: the other one, the first one, or null, let the plan choose. */
    otherRelease: z.boolean().nullable().default(null),
    /** The pressure of its cycles; null: as written, or let the plan choose. */
    level: z.enum(['low', 'high', 'max']).nullable().default(null),
    /** Its main pieces are cut half as large: less time under pressure, more work with the knife. */
    smaller: z.boolean().default(false),
    /** What a pot can’t take at once is cooked in runs; everything else of it once. */
    inRuns: z.boolean().default(false),
    /** Made into bags or boxes: so many, each of the entry's servings. */
    bags: bags.nullable().default(null),
  }),
  forWhom: z
    .object({
      /** Null: as many as the meal. */
      servings: servingsSchema.nullable().default(null),
      /** Portions kept back for somebody who eats later. */
      keep: keep.nullable().default(null),
    })
    .prefault({}),
  where: z
    .object({
      /** Null: the planner chooses. */
      cooker: id.nullable().default(null),
      /** In a pan above this other entry, in one cycle with it. */
      over: id.nullable().default(null),
      /** Never put into a stack by the plan. */
      alone: z.boolean().default(false),
      /** Kept hot in the oven from when it is cooked until it is served, however long that is. */
      keepHot: z.boolean().default(false),
      /** Who does the work of it; null: whoever is free. */
      cook: id.nullable().default(null),
    })
    .prefault({}),
  when: z
    .object({
      /** Minutes after the meal's own time; a pudding may come later. */
      later: z.int().min(-240).max(240).default(0),
      /** What the dish allows to be made the day before is made then. */
      ahead: z.boolean().default(false),
      /** Steps the cook has put to a moment of their own: minutes from serving, by the end of their id. */
      pins: z.record(z.string(), z.int().min(-4320).max(1440)).default({}),
    })
    .prefault({}),
});
export type MealEntry = z.infer<typeof entrySchema>;

/** Entries of the first version: one flat record, the dish by the name that stood for its reference. */
const firstVersion = z.looseObject({ id: z.unknown(), dishId: z.string() });

function upgradeEntry(entry: unknown): unknown {
  const read = firstVersion.safeParse(entry);
  if (!read.success) return entry;
  const { id: own, dishId, ...flat } = read.data;
  const only = (...names: string[]): Record<string, unknown> =>
    Object.fromEntries(names.flatMap((n) => (flat[n] === undefined ? [] : [[n, flat[n]]])));
  return {
    id: own,
    what: {
      dish: refOfFirstVersion(dishId),
      ...only('otherRelease', 'level', 'smaller', 'bags'),
    },
    forWhom: only('servings', 'keep'),
    where: only('cooker', 'over', 'alone', 'cook'),
    when: only('later', 'ahead', 'pins'),
  };
}

/** Entries of the first version are brought to this one. */
export const mealEntrySchema = z.preprocess(upgradeEntry, entrySchema);

/** Some of an entry's matters, answered anew. */
export type EntryChange = {
  [Part in Exclude<keyof MealEntry, 'id'>]?: Partial<MealEntry[Part]>;
};

/** @returns the entry with some of its matters answered anew */
export function changedEntry(entry: MealEntry, change: EntryChange): MealEntry {
  return {
    ...entry,
    what: { ...entry.what, ...change.what },
    forWhom: { ...entry.forWhom, ...change.forWhom },
    where: { ...entry.where, ...change.where },
    when: { ...entry.when, ...change.when },
  };
}

/** The id of an entry's run, counted from 1: the first keeps the entry's own. */
export function runId(entryId: string, run: number): string {
  return run === 1 ? entryId : `${entryId.slice(0, 50)}-run-${run}`;
}

/**
 * A dish as it is put into a meal.
 *
 * @param dish the reference, or the id of a dish as it is written
 */
export function newEntry(
  entryId: string,
  dish: DishRef | string,
  change: EntryChange = {},
): MealEntry {
  const ref = typeof dish === 'string' ? dishRef(dish) : dish;
  return changedEntry(entrySchema.parse({ id: entryId, what: { dish: ref } }), change);
}
