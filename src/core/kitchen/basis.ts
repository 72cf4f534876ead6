/** What plans are reckoned with: heat, paces and stage lengths, as given or as learned. */
import { defaultParameters } from '../cooker';
import { paceOf, type Kitchen } from './document';

/** Kinds of work of the hands whose pace is learned by itself. */
export const WORK_KINDS = ['prep', 'brown', 'finish'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** What a plan was reckoned with, kept with it so that its evening can be read afterwards. */
export interface Basis {
  heats: Record<string, { efficiency: number; lossWPerK: number }>;
  /** By cook id, or `all`, then by kind of work. */
  paces: Record<string, Partial<Record<WorkKind, number>>>;
  /** By `dish/stage`. */
  stages: Record<string, number>;
}

/** The factor on a dish's minutes for somebody's work: learned, or as given; finishing only as learned. */
export function paceFor(kitchen: Kitchen, cook: string, work: WorkKind): number {
  const learned = kitchen.learned?.paces[cook]?.[work];
  if (learned !== undefined) return learned;
  if (work === 'finish') return 1;
  return kitchen.cooks.find((c) => c.id === cook)?.pace ?? paceOf(kitchen);
}

/** What a plan is reckoned with, for reading its evening afterwards. */
export function basisOf(kitchen: Kitchen): Basis {
  const cooks = ['all', ...kitchen.cooks.map((c) => c.id)];
  return {
    heats: Object.fromEntries(
      kitchen.cookers.map((c) => {
        const { efficiency, lossWPerK } = c.heat ?? defaultParameters(c);
        return [c.id, { efficiency, lossWPerK }];
      }),
    ),
    paces: Object.fromEntries(
      cooks.map((cook) => [
        cook,
        {
          prep: paceFor(kitchen, cook, 'prep'),
          brown: paceFor(kitchen, cook, 'brown'),
          finish: paceFor(kitchen, cook, 'finish'),
        },
      ]),
    ),
    stages: { ...kitchen.learned?.stages },
  };
}
