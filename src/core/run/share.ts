/** Who does what: hands-on steps shared out to the cooks of an evening. */
import type { Kitchen } from '../kitchen';
import type { Meal } from '../meal';
import type { Plan } from '../plan';

export interface Cook {
  id: string;
  name: string;
}

/** The cooks of an evening: those who are named, then as many more as there are hands. */
export function cooksOf(kitchen: Kitchen, hands: number): Cook[] {
  const named = kitchen.cooks.map(({ id, name }) => ({ id, name }));
  const rest = ['You', 'Second cook', 'Third cook', 'Fourth cook'];
  return Array.from({ length: hands }, (_, i) => {
    const cook = named[i];
    return cook ?? { id: `hands-${i}`, name: rest[i] ?? `Cook ${i + 1}` };
  });
}

/**
 * Shares the steps out: work that was given to somebody to them, the rest of a dish to whoever has
 * it already, else to whoever has had less to do.
 *
 * @returns cook's number by step id, from 0; steps without hands are not in it
 */
export function shareSteps(
  plan: Plan,
  cooks: readonly Cook[],
  given: ReadonlyMap<string, string>,
): Map<string, number> {
  const busy = plan.operations
    .filter((o) => o.isHands && o.end > o.start)
    .sort((a, b) => a.start - b.start || b.end - a.end);
  const freeFrom = cooks.map(() => -Infinity);
  const load = cooks.map(() => 0);
  const has = new Map<string, number>();
  const shares = new Map<string, number>();
  for (const step of busy) {
    const wanted = cooks.findIndex((c) => c.id === given.get(step.entryId));
    const isFree = (i: number): boolean => (freeFrom[i] ?? Infinity) <= step.start;
    const free = cooks.map((_, i) => i).filter(isFree);
    const owner = has.get(step.entryId);
    const lazy = [...free].sort((a, b) => (load[a] ?? 0) - (load[b] ?? 0))[0];
    // The plan never needs more hands than there are; a given cook may leave one order without a free one.
    const cook =
      wanted >= 0 && isFree(wanted)
        ? wanted
        : owner !== undefined && isFree(owner)
          ? owner
          : (lazy ?? earliest(freeFrom));
    shares.set(step.id, cook);
    freeFrom[cook] = Math.max(freeFrom[cook] ?? 0, step.end);
    load[cook] = (load[cook] ?? 0) + step.end - step.start;
    has.set(step.entryId, cook);
  }
  return shares;
}

function earliest(freeFrom: readonly number[]): number {
  return freeFrom.indexOf(Math.min(...freeFrom));
}

/** Which dish was given to whom, by entry id. */
export function givenTo(meal: Meal): Map<string, string> {
  return new Map(
    meal.entries.flatMap((e) => (e.where.cook ? [[e.id, e.where.cook] as const] : [])),
  );
}
