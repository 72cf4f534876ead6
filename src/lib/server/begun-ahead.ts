/** What a planned meal begins on days before: soaks, thaws, work done ahead. */
import { planOf, type SavedPlan } from '$core/plan';

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
  const found = new Map<string, BegunAhead>();
  for (const o of planOf(plan.compiled, plan.schedule).operations) {
    if (!o.isAside || o.phase === 'rinse') continue;
    const dish = o.wholeName;
    const key = `${o.start}|${o.text}|${dish}`;
    if (!found.has(key)) found.set(key, { stepId: o.id, start: o.start, text: o.text, dish });
  }
  return [...found.values()];
}
