/** Every station of an evening with what it is at: pots, oven, burners, what stands on the counter. */
import type { Kitchen } from '../kitchen';
import { BURNER_UNIT, OVEN_UNIT } from '../plan';
import { isPast, type LiveState, type LiveStep } from './live';
import { placeName } from './sheet';

export interface Station {
  /** A unit's id, or that of a stay or step where several lie side by side. */
  id: string;
  name: string;
  kind: 'pot' | 'appliance' | 'oven' | 'burner' | 'counter';
  /** What it is at, or is to do next; null where nothing is left. */
  step: LiveStep | null;
}

/** Food whose time in the heat has passed comes first, then what goes on, is due, is next. */
function nextOf(steps: readonly LiveStep[]): LiveStep | null {
  const by = (status: LiveStep['status']): LiveStep | undefined =>
    steps.find((s) => s.status === status);
  return by('over') ?? by('running') ?? by('due') ?? by('ahead') ?? null;
}

/**
 * @returns each cooker; then appliances, oven and burners that the plan still uses, each dish on them apart; then what
 *   rests on the counter right now
 */
export function stationsOf(fold: Pick<LiveState, 'steps'>, kitchen: Kitchen): Station[] {
  // Once only the washing-up is left, the evening is over, and nothing is at work.
  const isOver = fold.steps.every((s) => isPast(s) || s.operation.phase === 'rinse');
  const open = isOver ? [] : fold.steps.filter((s) => !isPast(s));
  const on = (unit: string): LiveStep[] => open.filter((s) => s.operation.unit === unit);
  const pots = kitchen.cookers.map(({ id, name }): Station => ({
    ...{ id, name, kind: 'pot', step: nextOf(on(id)) },
  }));
  const appliances = kitchen.appliances.flatMap(({ id, name }): Station[] => {
    const step = nextOf(on(id));
    return step ? [{ id, name, kind: 'appliance', step }] : [];
  });
  const shared = ([OVEN_UNIT, BURNER_UNIT] as const).flatMap((unit): Station[] => {
    const steps = on(unit);
    const stays = [...new Set(steps.map((s) => s.operation.stay ?? s.operation.id))];
    const name = placeName(unit, kitchen) ?? unit;
    const found = stays.flatMap((stay): Station[] => {
      const step = nextOf(steps.filter((s) => (s.operation.stay ?? s.operation.id) === stay));
      return step ? [{ id: stay, name, kind: unit, step }] : [];
    });
    // What is going on or due, each for itself; of what is still to come, the first.
    const now = found.filter((s) => s.step?.status !== 'ahead');
    return now.length > 0 ? now : found.slice(0, 1);
  });
  const resting = open
    .filter(
      (s) => s.operation.phase === 'rest' && s.operation.unit === null && s.status === 'running',
    )
    .map((step): Station => ({
      ...{ id: step.operation.id, name: 'Counter', kind: 'counter', step },
    }));
  return [...pots, ...appliances, ...shared, ...resting];
}
