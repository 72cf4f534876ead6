/** What is kept with a meal: the plan as it was shown. Older ones are brought to today's shape on reading. */
import { z } from 'zod';
import { finding, type Finding } from '../reason';
import { parseProblem, scheduleSchema } from '../solve';
import type { CompiledMeal } from './types';

const compiledShape = z.looseObject({
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
});

/** A finding as plans of the first version kept it: in the words it was shown in. */
const wordedSchema = z.object({
  entryId: z.string().nullable(),
  severity: z.enum(['stop', 'look', 'info']),
  text: z.string(),
  remedy: z.string().nullable(),
});

function upgradeFinding(value: unknown): Finding {
  const worded = wordedSchema.safeParse(value);
  if (!worded.success) return value as Finding;
  const { entryId, severity, text, remedy } = worded.data;
  return finding('said-before', severity, entryId, { text, remedy });
}

/** Brings what earlier versions kept to today's shape; anything else is left for the check that follows. */
function upgrade(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('notes' in value)) return value;
  return Array.isArray(value.notes) ? { ...value, notes: value.notes.map(upgradeFinding) } : value;
}

/**
 * A compiled meal as it was kept.
 *
 * @param check what it has to be beyond its shape
 */
function compiledAs(check: (value: unknown) => boolean): z.ZodType<CompiledMeal> {
  return z.unknown().transform((value, context): CompiledMeal => {
    const upgraded = upgrade(value);
    if (check(upgraded)) return upgraded as CompiledMeal;
    context.addIssue({ code: 'custom', message: 'the plan can’t be read; plan it again' });
    return z.NEVER;
  });
}

/** From elsewhere: its steps keep the engine's rules, and each meaning says which step it is and what to do. */
export const compiledSchema = compiledAs((value) => {
  const shape = compiledShape.safeParse(value);
  return shape.success && parseProblem(shape.data.problem).ok;
});

const savedPlanFormat = z
  .enum(['olive-clock/saved-plan@1', 'olive-clock/saved-plan@2'])
  .transform(() => 'olive-clock/saved-plan@2' as const);

/** A plan of this database, which was checked when it was made. */
export const savedPlanSchema = z.object({
  format: savedPlanFormat,
  compiled: compiledAs((v) => typeof v === 'object' && v !== null && 'meanings' in v),
  schedule: scheduleSchema,
});
export type SavedPlan = z.infer<typeof savedPlanSchema>;
