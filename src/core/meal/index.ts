/** The meal document: who eats what, and when. */
import { z } from 'zod';
import { failure, success, type Outcome } from '../reason';
import { isZone } from '../units';

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
});
export type MealEntry = z.infer<typeof mealEntrySchema>;

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
});
export type Meal = z.infer<typeof mealSchema>;

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
