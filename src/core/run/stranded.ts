/** Work that no pot or appliance is left for, and all that comes of it. */
import type { StepMeaning } from '../plan';
import { isPast, type LiveState } from './live';

export interface StrandedDish {
  /** The dish, as a whole. */
  name: string;
  /** What can't be done first. */
  text: string;
  /** Nothing of it is on the heat or can still be: there is nothing to finish by hand. */
  isWhole: boolean;
}

export interface Stranded {
  /** Ids of the steps that are out of the plan. */
  steps: ReadonlySet<string>;
  /** By entry. */
  dishes: ReadonlyMap<string, StrandedDish>;
}

/** Steps that can't be done any more: what is in a pot stays in the plan until it is out of it. */
export function strandedIn(state: LiveState): Stranded {
  const steps = new Set<string>();
  const dishes = new Map<string, StrandedDish>();
  if (state.lost.size === 0) return { steps, dishes };
  const { problem, meanings } = state.compiled;
  const meaningOf = new Map(meanings.map((m) => [m.id, m]));
  const live = new Map(state.steps.map((s) => [s.operation.id, s]));
  const isOver = (id: string): boolean => {
    const own = live.get(id);
    return own !== undefined && isPast(own);
  };
  const first = new Map<string, StepMeaning>();
  for (const { id, units } of problem.blocks ?? []) {
    if (units.some((u) => !state.lost.has(u))) continue;
    for (const step of problem.steps) {
      const meaning = step.block === id ? meaningOf.get(step.id) : undefined;
      if (!meaning || meaning.phase === 'rinse' || state.dropped.has(meaning.entryId)) continue;
      const own = live.get(step.id);
      const isHere = own !== undefined && own.operation.unit !== null;
      const isElsewhere = isHere && !state.lost.has(own.operation.unit ?? '');
      if (own?.status === 'done' || isElsewhere) continue;
      steps.add(step.id);
      if (meaning.phase !== 'preheat' && !first.has(meaning.entryId))
        first.set(meaning.entryId, meaning);
    }
  }
  withFollowers(steps, problem.links ?? [], (id) => meaningOf.get(id)?.entryId, isOver);
  const blockOf = new Map(problem.steps.map((s) => [s.id, s.block]));
  for (const [entry, { wholeName: name, text }] of first) {
    const others = meanings.filter((m) => m.entryId === entry && !steps.has(m.id));
    const goesOn = others.some((m) => blockOf.get(m.id) != null || isOver(m.id));
    dishes.set(entry, { name, text, isWhole: !goesOn });
    if (!goesOn) for (const m of others) steps.add(m.id);
  }
  return { steps, dishes };
}

/** What waits for one of the steps, in the same dish, can't be done either. */
function withFollowers(
  steps: Set<string>,
  links: readonly { from: string; to: string }[],
  entryOf: (id: string) => string | undefined,
  isOver: (id: string) => boolean,
): void {
  const queue = [...steps];
  for (let from = queue.pop(); from !== undefined; from = queue.pop())
    for (const link of links) {
      const isNext = link.from === from && entryOf(link.to) === entryOf(from);
      if (!isNext || steps.has(link.to) || isOver(link.to)) continue;
      steps.add(link.to);
      queue.push(link.to);
    }
}
