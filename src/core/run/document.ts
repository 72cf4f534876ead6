/** The evening document: the plan that it began with. */
import { z } from 'zod';
import { isCompiled } from '../plan';
import { scheduleSchema } from '../solve';
import type { Evening } from './live';
import type { Practice } from './practice';

export const eveningSchema = z.object({
  id: z.string(),
  mealId: z.string(),
  name: z.string(),
  serveAt: z.number(),
  compiled: z.custom<Evening['compiled']>(isCompiled, 'the plan of this evening can’t be read'),
  schedule: scheduleSchema,
  practice: z.custom<Practice>((v) => typeof v === 'object' && v !== null).optional(),
});
