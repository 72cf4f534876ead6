/** What is kept with a meal: the plan as it was shown. Older ones are brought to today's shape on reading. */
import { refOfFirstVersion } from '../dish';
import { z } from 'zod';
import { finding, type Finding, says } from '../reason';
import { parseProblem, scheduleSchema } from '../solve';
import { cookResource } from './step-writer';
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

const stepsSchema = z.object({
  steps: z.array(
    z.looseObject({ id: z.string(), uses: z.record(z.string(), z.unknown()).optional() }),
  ),
});

/** Whom each step was given to: the first version told it by the resource that the step used only. */
function cooksBySteps(problem: unknown): Map<string, string> {
  const parsed = stepsSchema.safeParse(problem);
  const given = parsed.success ? parsed.data.steps : [];
  const mark = cookResource('');
  return new Map(
    given.flatMap(({ id, uses = {} }) =>
      Object.keys(uses)
        .filter((resource) => resource.startsWith(mark))
        .map((resource) => [id, resource.slice(mark.length)] as const),
    ),
  );
}

/** Runs of a batch said which dish they are of in their name only. @example 'Soup' of 'Soup, 1½ × 4' */
const wholeOf = (name: string): string => name.replace(/, [^,×]+ × [\d.]+$/, '');

/** Brings what the first version kept to today's shape; anything else is left for the check that follows. */
function upgrade(value: unknown): unknown {
  if (!compiledShape.safeParse(value).success) return value;
  // As it stands, not as the schema gives it back: nothing of it changes but what is brought up to date.
  const kept = value as z.infer<typeof compiledShape>;
  const { problem, meanings, notes } = kept;
  const cooks = cooksBySteps(problem);
  return {
    ...kept,
    ...(Array.isArray(notes) ? { notes: notes.map(upgradeFinding) } : {}),
    meanings: meanings.map((m) => {
      const cook = cooks.get(m.id);
      const named = {
        ...m,
        ...('ref' in m ? {} : { ref: refOfFirstVersion(m.dishId) }),
        ...('wholeName' in m ? {} : { wholeName: wholeOf(m.dishName) }),
      };
      return cook === undefined || !m.isHands || 'cook' in m ? named : { ...named, cook };
    }),
  };
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
    context.addIssue({ code: 'custom', message: says('the plan can’t be read', 'plan it again') });
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
  compiled: compiledAs((value) => compiledShape.safeParse(value).success),
  schedule: scheduleSchema,
});
export type SavedPlan = z.infer<typeof savedPlanSchema>;
