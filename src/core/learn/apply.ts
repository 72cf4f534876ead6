/** What was learned, as the kitchen that plans are reckoned with. */
import { defaultParameters } from '../cooker';
import { figureId, figureOf, paceOf, type Kitchen, type WorkKind } from '../kitchen';
import type { Figure } from './types';

/** The figure before any evening: the calibration or the label, the pace that was given. */
export function priorFor(kitchen: Kitchen): (figure: string) => number {
  return (id) => {
    const of = figureOf(id);
    if (of?.kind === 'power' || of?.kind === 'loss') {
      const cooker = kitchen.cookers.find((c) => c.id === of.cooker);
      if (!cooker) return 1;
      const heat = cooker.heat ?? defaultParameters(cooker);
      return of.kind === 'power' ? heat.efficiency : heat.lossWPerK;
    }
    if (of?.kind === 'pace')
      return kitchen.cooks.find((c) => c.id === of.cook)?.pace ?? paceOf(kitchen);
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
  const chances: NonNullable<Kitchen['learned']>['chances'] = {};
  for (const { id, now, kind, sd, own, ofEvening } of figures) {
    if (kind !== 'wait' && kind !== 'hold') {
      const variance = sd ** 2 + own ** 2 + ofEvening ** 2;
      chances[id] = {
        spread: Math.sqrt(variance),
        common: (sd ** 2 + ofEvening ** 2) / variance,
      };
    }
    const of = figureOf(id);
    if (of?.kind === 'stage') stages[of.key] = now;
    // Longer where it was opened and not done; nothing is ever held shorter than it says.
    if (of?.kind === 'hold') holds[of.key] = Math.max(1, now);
    if (of?.kind === 'wait') waits[of.dish] = now;
    if (of?.kind === 'pace') paces[of.cook] = { ...paces[of.cook], [of.work]: now };
  }
  return {
    ...kitchen,
    cookers: kitchen.cookers.map((cooker) => {
      const power = found.get(figureId({ kind: 'power', cooker: cooker.id }));
      const loss = found.get(figureId({ kind: 'loss', cooker: cooker.id }));
      if (!power && !loss) return cooker;
      const heat = cooker.heat ?? defaultParameters(cooker);
      return {
        ...cooker,
        heat: {
          ...cooker.heat,
          efficiency: power?.now ?? heat.efficiency,
          lossWPerK: loss?.now ?? heat.lossWPerK,
          on: cooker.heat?.on ?? new Date(0).toISOString(),
          ...(power ? { spread: chances[power.id]?.spread } : {}),
          ...(loss ? { fallSpread: chances[loss.id]?.spread } : {}),
          ...(power?.thick
            ? {
                thick: power.thick.more,
                thickVariance: power.thick.variance,
                thickCovariance: power.thick.covariance,
              }
            : {}),
          evenings: new Set(
            [...(power?.evidence ?? []), ...(loss?.evidence ?? [])].map((e) => e.evening),
          ).size,
        },
      };
    }),
    learned: { paces, stages, waits, holds, chances },
  };
}
