/** Dishes that nothing is left for. */
import type { LiveState } from './live';

/** Entries with something under way or still to come that no pot or appliance is left for, with its name. */
export function strandedIn(state: LiveState): Map<string, string> {
  const stranded = new Map<string, string>();
  if (state.lost.size === 0) return stranded;
  const { problem, meanings } = state.compiled;
  const meaningOf = new Map(meanings.map((m) => [m.id, m]));
  const live = new Map(state.steps.map((s) => [s.operation.id, s]));
  for (const { id, units } of problem.blocks ?? []) {
    if (units.some((u) => !state.lost.has(u))) continue;
    for (const step of problem.steps) {
      const meaning = step.block === id ? meaningOf.get(step.id) : undefined;
      if (!meaning || meaning.phase === 'rinse' || state.dropped.has(meaning.entryId)) continue;
      // What is no longer in the plan was taken out of it for this.
      const own = live.get(step.id);
      const isHere = own !== undefined && own.operation.unit !== null;
      const isElsewhere = isHere && !state.lost.has(own.operation.unit ?? '');
      if (own?.status === 'done' || isElsewhere) continue;
      stranded.set(meaning.entryId, meaning.wholeName);
    }
  }
  return stranded;
}
