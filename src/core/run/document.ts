/** The evening document: the plan that it began with. */
import { z } from 'zod';
import { compiledSchema, type CompiledMeal } from '../plan';
import { scheduleSchema, type Schedule } from '../solve';
import type { Practice } from './practice';

/** What an evening starts from; never changed afterwards. */
export interface Evening {
  id: string;
  mealId: string;
  name: string;
  /** ms since the epoch of the wanted moment of serving. */
  serveAt: number;
  compiled: CompiledMeal;
  schedule: Schedule;
  /** Where it is played with virtual cookers: what they do, and at whose hands. */
  practice?: Practice;
  /** A first cycle with water: every phase is explained. */
  isGuided?: boolean;
}

export const eveningSchema = z.object({
  id: z.string(),
  mealId: z.string(),
  name: z.string(),
  serveAt: z.number(),
  compiled: compiledSchema,
  schedule: scheduleSchema,
  practice: z.custom<Practice>((v) => typeof v === 'object' && v !== null).optional(),
  isGuided: z.boolean().optional(),
});
