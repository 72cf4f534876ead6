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
import { says } from '../reason';
import { photoRecordSchema } from './photo';

export const VERSION = 3;
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

/** What the lists of a file are of. */
export const MEMBERS = {
  dishes: dishSchema,
  meals: mealSchema,
  plans: planRecordSchema,
  larder: larderItemSchema,
  prices: priceSchema,
  stores: storeItemSchema,
  moves: moveRecordSchema,
  evenings: eveningRecordSchema,
  verdicts: verdictRecordSchema,
  versions: versionRecordSchema,
  photos: photoRecordSchema,
} as const;
export type ListKey = keyof typeof MEMBERS;

export const fileSchema = z.object({
  format: z.literal(HOUSEHOLD_FORMAT),
  kitchen: kitchenSchema,
  dishes: z.array(MEMBERS.dishes),
  meals: z.array(MEMBERS.meals),
  /** Plans of meals; one that is missing is made when it is looked at. */
  plans: z.array(MEMBERS.plans).default([]),
  /** What is in the house, and what foods cost; older files have neither. */
  larder: z.array(MEMBERS.larder).default([]),
  prices: z.array(MEMBERS.prices).default([]),
  /** Freezer and fridge, with what is used up: its code is never given again. */
  stores: z.array(MEMBERS.stores).default([]),
  /** Not there: each thing was put in on the day it was packed. */
  moves: z.array(MEMBERS.moves).optional(),
  /** What follows leaves what is here alone where a file has none of it. */
  evenings: z.array(MEMBERS.evenings).optional(),
  verdicts: z.array(MEMBERS.verdicts).optional(),
  versions: z.array(MEMBERS.versions).optional(),
  photos: z.array(MEMBERS.photos).optional(),
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

/** What is in a list twice, where everything has a name of its own. */
export function twiceIn(file: Household): { list: string; name: string }[] {
  return NAMES.flatMap(([list, namesOf]) => {
    const seen = new Set<string>();
    return namesOf(file).flatMap((name) => {
      const isTwice = seen.has(name);
      seen.add(name);
      return isTwice ? [{ list, name }] : [];
    });
  });
}
export const sayTwice = (name: string): string => says(`“${name}” is there twice`, 'leave one out');

export const householdSchema = fileSchema.superRefine((file, context) => {
  for (const { list, name } of twiceIn(file))
    context.addIssue({ code: 'custom', path: [list], message: sayTwice(name) });
});
