/** The evening document: the plan that it began with. */
import { z } from 'zod';
import { compiledSchema } from '../plan';
import { scheduleSchema } from '../solve';
import type { Practice } from './practice';

export const eveningSchema = z.object({
  id: z.string(),
  mealId: z.string(),
  name: z.string(),
  serveAt: z.number(),
  compiled: compiledSchema,
  schedule: scheduleSchema,
  practice: z.custom<Practice>((v) => typeof v === 'object' && v !== null).optional(),
});
