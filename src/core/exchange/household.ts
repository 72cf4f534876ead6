/** The household file: kitchen, dishes and meals in one documented JSON document. */
import { z } from 'zod';
import { dishSchema } from '../dish';
import { kitchenSchema } from '../kitchen';
import { larderItemSchema, priceSchema } from '../lists';
import { verdictSchema } from '../learn';
import { mealSchema } from '../meal';
import { eveningSchema, runEventSchema } from '../run';
import { storeItemSchema } from '../stores';
import { failure, success, type Outcome } from '../reason';

export const HOUSEHOLD_FORMAT = 'olive-clock/household@1';

/** An evening as it was planned, and its events in order. */
export const eveningRecordSchema = z.object({
  startedAt: z.int(),
  evening: eveningSchema,
  events: z.array(runEventSchema).max(20_000),
});
export type EveningRecord = z.infer<typeof eveningRecordSchema>;

export const verdictRecordSchema = z.object({
  eveningId: z.string().max(100),
  entryId: z.string().max(60),
  dishId: z.string().max(60),
  at: z.int(),
  verdict: verdictSchema,
});

export const householdSchema = z.object({
  format: z.literal(HOUSEHOLD_FORMAT),
  kitchen: kitchenSchema,
  dishes: z.array(dishSchema),
  meals: z.array(mealSchema),
  /** What is in the house, and what foods cost; older files have neither. */
  larder: z.array(larderItemSchema).default([]),
  prices: z.array(priceSchema).default([]),
  /** Freezer and fridge. */
  stores: z.array(storeItemSchema).default([]),
  /** Evenings that were cooked, with all that happened, and what was said of their dishes; not in older files. */
  evenings: z.array(eveningRecordSchema).optional(),
  verdicts: z.array(verdictRecordSchema).optional(),
});
export type Household = z.infer<typeof householdSchema>;

/** Reads a household file's text. A file of a later version is refused in words. */
export function parseHousehold(text: string): Outcome<Household> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return failure({
      field: 'file',
      message: `not readable as JSON (${(error instanceof Error ? error.message : String(error)).replace(/\s+/g, ' ')})`,
      remedy: 'choose a household file that Olive Clock has written',
    });
  }
  const format = z.object({ format: z.string() }).safeParse(data);
  const version = /^olive-clock\/household@(\d+)$/.exec(format.success ? format.data.format : '');
  if (!version)
    return failure({
      field: 'format',
      message: `this is not a household file; its format should be ${HOUSEHOLD_FORMAT}`,
      remedy: 'choose a household file that Olive Clock has written',
    });
  if (Number(version[1]) > 1)
    return failure({
      field: 'format',
      message: `this file is of version ${version[1]}, written by a later Olive Clock; this one reads version 1`,
      remedy: 'update Olive Clock, then open the file again',
    });
  const parsed = householdSchema.safeParse(data);
  if (parsed.success) return success(parsed.data);
  return failure(
    ...parsed.error.issues.map((issue) => ({
      field: issue.path.map(String).join('.') || 'file',
      message: issue.message,
      remedy: 'correct it in the file, or export the household again',
    })),
  );
}
