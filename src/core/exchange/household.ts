/** The household file: everything that is the household's, in one documented JSON document. */
import { z } from 'zod';
import { dishSchema } from '../dish';
import { kitchenSchema } from '../kitchen';
import { larderItemSchema, larderName, priceSchema } from '../lists';
import { verdictSchema } from '../learn';
import { mealSchema } from '../meal';
import { compiledSchema, savedPlanSchema } from '../plan';
import { eveningSchema, runEventSchema } from '../run';
import { storeItemSchema } from '../storage';
import { failure, success, type Outcome, type Fault, says } from '../reason';
import { photoRecordSchema } from './photo';

const VERSION = 3;
export const HOUSEHOLD_FORMAT = `olive-clock/household@${VERSION}` as const;

const moment = z.int('a moment is a whole number of ms since 1970');

/** An evening as it was planned, and its events in order. */
export const eveningRecordSchema = z.object({
  startedAt: moment,
  evening: eveningSchema,
  events: z.array(runEventSchema).max(20_000),
});
export type EveningRecord = z.infer<typeof eveningRecordSchema>;

export const verdictRecordSchema = z.object({
  eveningId: z.string().max(100),
  entryId: z.string().max(60),
  dishId: z.string().max(60),
  at: moment,
  verdict: verdictSchema,
});

/** What a dish was before a change. */
export const versionRecordSchema = z.object({
  dishId: z.string().max(60),
  replacedAt: moment,
  /** Why it was changed, in the cook's words. */
  why: z.string().max(300).default(''),
  dish: dishSchema,
});
export type VersionRecord = z.infer<typeof versionRecordSchema>;

/** What was put in, taken out, moved or thrown away. */
export const moveRecordSchema = z.object({
  itemId: z.string().max(60),
  at: moment,
  what: z.enum(['in', 'out', 'moved', 'thrown']),
  portions: z.number().min(0),
  note: z.string().max(1000).default(''),
});
export type MoveRecord = z.infer<typeof moveRecordSchema>;

/** A meal's plan as it was shown last. */
const planRecordSchema = z.object({
  mealId: z.string().max(60),
  plan: savedPlanSchema.extend({ compiled: compiledSchema }),
});

const fileSchema = z.object({
  format: z.literal(HOUSEHOLD_FORMAT),
  kitchen: kitchenSchema,
  dishes: z.array(dishSchema),
  meals: z.array(mealSchema),
  /** Plans of meals; one that is missing is made when it is looked at. */
  plans: z.array(planRecordSchema).default([]),
  /** What is in the house, and what foods cost; older files have neither. */
  larder: z.array(larderItemSchema).default([]),
  prices: z.array(priceSchema).default([]),
  /** Freezer and fridge, with what is used up: its code is never given again. */
  stores: z.array(storeItemSchema).default([]),
  /** Not there: each thing was put in on the day it was packed. */
  moves: z.array(moveRecordSchema).optional(),
  /** What follows leaves what is here alone where a file has none of it. */
  evenings: z.array(eveningRecordSchema).optional(),
  verdicts: z.array(verdictRecordSchema).optional(),
  versions: z.array(versionRecordSchema).optional(),
  photos: z.array(photoRecordSchema).optional(),
  /** Learned figures that were set back: only evenings after the moment count for them. */
  setBack: z.record(z.string().max(200), z.number()).optional(),
});
export type Household = z.infer<typeof fileSchema>;

/** Lists whose members are told apart by a name of their own, and that name. */
const NAMES: readonly (readonly [keyof Household, (file: Household) => string[]])[] = [
  ['dishes', (f) => f.dishes.map((d) => d.id)],
  ['meals', (f) => f.meals.map((m) => m.id)],
  ['plans', (f) => f.plans.map((p) => p.mealId)],
  ['larder', (f) => f.larder.map((i) => larderName(i.food))],
  ['prices', (f) => f.prices.map((p) => larderName(p.food))],
  ['stores', (f) => f.stores.map((i) => i.id)],
  ['stores', (f) => f.stores.map((i) => i.code)],
  ['evenings', (f) => (f.evenings ?? []).map((e) => e.evening.id)],
  ['evenings', (f) => (f.evenings ?? []).flatMap((e) => e.events.map((x) => x.id))],
  ['verdicts', (f) => (f.verdicts ?? []).map((v) => `${v.eveningId} ${v.entryId}`)],
  ['photos', (f) => (f.photos ?? []).map((p) => p.of)],
];

export const householdSchema = fileSchema.superRefine((file, context) => {
  for (const [list, namesOf] of NAMES) {
    const seen = new Set<string>();
    for (const name of namesOf(file)) {
      if (seen.has(name))
        context.addIssue({
          code: 'custom',
          path: [list],
          message: says(`“${name}” is there twice`, 'leave one out'),
        });
      seen.add(name);
    }
  }
});

/** From each version to the next, of the document as it was read. */
const MIGRATIONS: Readonly<Record<number, (file: object) => object>> = {
  // Version 1 had no plans, moves, versions, photos and figures set back; all of them may be missing.
  1: (file) => ({ ...file, format: 'olive-clock/household@2' }),
  // Version 2 had meals and items of their first version, which bring themselves to today's shape.
  2: (file) => ({ ...file, format: 'olive-clock/household@3' }),
};

function refused(problem: Omit<Fault, 'remedy'>, remedy: string): Outcome<never> {
  return failure({ ...problem, remedy });
}

const ANOTHER = 'choose a household file that Olive Clock has written';

/** Reads a household file's text. Older versions are brought to this one; a later one is refused in words. */
export function parseHousehold(text: string): Outcome<Household> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const why = (error instanceof Error ? error.message : String(error)).replace(/\s+/g, ' ');
    return refused({ field: 'file', message: `not readable as JSON (${why})` }, ANOTHER);
  }
  const format = z.looseObject({ format: z.string() }).safeParse(data);
  const version = Number(
    /^olive-clock\/household@([1-9]\d*)$/.exec(format.success ? format.data.format : '')?.[1],
  );
  if (!format.success || Number.isNaN(version)) {
    const message = `this is not a household file; its format should be ${HOUSEHOLD_FORMAT}`;
    return refused({ field: 'format', message }, ANOTHER);
  }
  if (version > VERSION) {
    const message = `this file is of version ${version}, written by a later Olive Clock; this one reads versions up to ${VERSION}`;
    return refused({ field: 'format', message }, 'update Olive Clock, then open the file again');
  }
  let file: object = format.data;
  for (let from = version; from < VERSION; from++) file = MIGRATIONS[from]?.(file) ?? file;
  const parsed = householdSchema.safeParse(file);
  if (parsed.success) return success(parsed.data);
  return failure(
    ...parsed.error.issues.map((issue) => ({
      field: issue.path.map(String).join('.') || 'file',
      message: issue.message,
      remedy: 'correct it in the file, or export the household again',
    })),
  );
}
