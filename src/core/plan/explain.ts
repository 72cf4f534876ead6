/** An impossible plan in words: which things contradict each other. */
import type { CompiledMeal, StepMeaning } from './types';

/**
 * Turns the ids of a conflict into sentences, one for each step or dish that takes part.
 *
 * @param conflict ids as the engine gives them
 */
export function explainConflict(compiled: CompiledMeal, conflict: readonly string[]): string[] {
  const byStep = new Map(compiled.meanings.map((m) => [m.id, m]));
  const name = (m: StepMeaning): string => `${m.dishName}: ${m.text}`;
  const lines: string[] = [];
  const toolIds = new Set(compiled.problem.tools?.map((t) => t.id));
  for (const id of conflict) {
    const meaning = byStep.get(id);
    if (meaning) lines.push(name(meaning));
    else if (toolIds.has(id))
      lines.push(`only ${compiled.problem.tools?.find((t) => t.id === id)?.count} of ${id}`);
  }
  return lines;
}
