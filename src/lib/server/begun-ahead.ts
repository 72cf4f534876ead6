/** What a planned meal begins on days before: soaks, thaws, work done ahead. */
import { dishOfRun } from '$core/menu';
import type { SavedPlan } from '$core/plan';

export interface BegunAhead {
  stepId: string;
  /** Minutes on the plan's axis. */
  start: number;
  text: string;
  dish: string;
}

/** In the plan's order; runs of one dish that are begun at the same moment are one. */
export function begunAhead(plan: SavedPlan | null): BegunAhead[] {
  if (!plan) return [];
  const { compiled, schedule } = plan;
  const found = new Map<string, BegunAhead>();
  for (const step of compiled.problem.steps) {
    if (!step.aside) continue;
    const time = schedule.steps.find((s) => s.id === step.id);
    const meaning = compiled.meanings.find((m) => m.id === step.id);
    if (!time || !meaning || meaning.phase === 'rinse') continue;
    const dish = dishOfRun(meaning.dishName);
    const key = `${time.start}|${meaning.text}|${dish}`;
    if (!found.has(key))
      found.set(key, { stepId: step.id, start: time.start, text: meaning.text, dish });
  }
  return [...found.values()];
}
