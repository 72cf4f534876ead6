/** What was learned, as the kitchen that plans are reckoned with. */
import { defaultParameters } from '../cooker';
import { paceOf, type Kitchen, type WorkKind } from '../kitchen';
import { CYCLE_NOISE } from './learn';
import type { Figure } from './types';

/** The figure before any evening: the calibration or the label, the pace that was given. */
export function priorFor(kitchen: Kitchen): (figure: string) => number {
  return (figure) => {
    const [kind, id, work] = figure.split('.');
    const cooker = kitchen.cookers.find((c) => c.id === id);
    if (cooker && (kind === 'power' || kind === 'loss')) {
      const heat = cooker.heat ?? defaultParameters(cooker);
      return kind === 'power' ? heat.efficiency : heat.lossWPerK;
    }
    if (kind === 'pace' && work !== undefined)
      return kitchen.cooks.find((c) => c.id === id)?.pace ?? paceOf(kitchen);
    return 1;
  };
}

/** The kitchen with what was learned in place of labels and given paces. */
export function withLearned(kitchen: Kitchen, figures: readonly Figure[]): Kitchen {
  const found = new Map(figures.map((f) => [f.id, f]));
  const paces: Record<string, Partial<Record<WorkKind, number>>> = {};
  const stages: Record<string, number> = {};
  const waits: Record<string, number> = {};
  const holds: Record<string, number> = {};
  for (const { id, kind, now } of figures) {
    if (kind === 'stage') stages[id.slice('stage.'.length)] = now;
    // Longer where it was opened and not done; nothing is ever held shorter than it says.
    if (kind === 'hold') holds[id.slice('hold.'.length)] = Math.max(1, now);
    if (kind === 'wait') waits[id.slice('wait.'.length)] = now;
    if (kind !== 'pace') continue;
    const [, cook = 'all', work = 'prep'] = id.split('.');
    paces[cook] = { ...paces[cook], [work]: now };
  }
  return {
    ...kitchen,
    cookers: kitchen.cookers.map((cooker) => {
      const power = found.get(`power.${cooker.id}`);
      const loss = found.get(`loss.${cooker.id}`);
      if (!power && !loss) return cooker;
      const heat = cooker.heat ?? defaultParameters(cooker);
      return {
        ...cooker,
        heat: {
          efficiency: power?.now ?? heat.efficiency,
          lossWPerK: loss?.now ?? heat.lossWPerK,
          on: cooker.heat?.on ?? new Date(0).toISOString(),
          ...(power ? { spread: Math.hypot(power.sd, CYCLE_NOISE) } : {}),
          evenings: new Set(
            [...(power?.evidence ?? []), ...(loss?.evidence ?? [])].map((e) => e.evening),
          ).size,
        },
      };
    }),
    learned: { paces, stages, waits, holds },
  };
}
