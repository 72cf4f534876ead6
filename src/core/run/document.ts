/** The evening document: the plan that it began with. */
import { z } from 'zod';
import { parseProblem, scheduleSchema } from '../solve';
import type { Evening } from './live';
import type { Practice } from './practice';

/** Its steps keep the engine's rules, and each meaning says which step it is and what to do. */
function isCompiled(value: unknown): boolean {
  const compiled = z
    .looseObject({
      problem: z.unknown(),
      meanings: z.array(
        z.looseObject({
          id: z.string(),
          entryId: z.string(),
          dishId: z.string(),
          dishName: z.string(),
          stageId: z.string(),
          phase: z.string(),
          text: z.string(),
          isHands: z.boolean(),
        }),
      ),
    })
    .safeParse(value);
  return compiled.success && parseProblem(compiled.data.problem).ok;
}

export const eveningSchema = z.object({
  id: z.string(),
  mealId: z.string(),
  name: z.string(),
  serveAt: z.number(),
  compiled: z.custom<Evening['compiled']>(isCompiled, 'the plan of this evening can’t be read'),
  schedule: scheduleSchema,
  practice: z.custom<Practice>((v) => typeof v === 'object' && v !== null).optional(),
});
