/** What is kept with a meal: the plan as it was shown. */
import { z } from 'zod';
import { parseProblem, scheduleSchema } from '../solve';
import type { CompiledMeal } from './types';

/** Its steps keep the engine's rules, and each meaning says which step it is and what to do. */
export function isCompiled(value: unknown): value is CompiledMeal {
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

export const savedPlanSchema = z.object({
  format: z.literal('olive-clock/saved-plan@1'),
  compiled: z.custom<CompiledMeal>((v) => typeof v === 'object' && v !== null && 'meanings' in v),
  schedule: scheduleSchema,
});
export type SavedPlan = z.infer<typeof savedPlanSchema>;
