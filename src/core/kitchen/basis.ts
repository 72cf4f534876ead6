/** What plans are reckoned with: heat, paces and stage lengths, as given or as learned. */
import { defaultParameters } from '../cooker';
import { paceOf, type Kitchen } from './document';

/** Kinds of work of the hands whose pace is learned by itself. */
export const WORK_KINDS = ['prep', 'brown', 'finish'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** What a plan was reckoned with, kept with it so that its evening can be read afterwards. */
export interface Basis {
  heats: Record<
    string,
    {
      efficiency: number;
      lossWPerK: number;
      /** The label and the size at that time; older plans were made without. */
      watts?: number;
      litres?: number;
    }
  >;
  /** By cook id, or `all`, then by kind of work. */
  paces: Record<string, Partial<Record<WorkKind, number>>>;
  /** By `dish/stage`. */
  stages: Record<string, number>;
  /** The same of minutes under pressure; older plans were made without. */
  holds?: Record<string, number>;
}

/** The factor on a dish's minutes for somebody's work: learned, or as given; finishing only as learned. */
export function paceFor(kitchen: Kitchen, cook: string, work: WorkKind): number {
  const [only, another] = kitchen.cooks;
  // Where one cook does everything, theirs is everybody's.
  const same = only && !another ? [cook, 'all', only.id] : [cook];
  for (const id of same) {
    const learned = kitchen.learned?.paces[id]?.[work];
    if (learned !== undefined) return learned;
  }
  if (work === 'finish') return 1;
  return kitchen.cooks.find((c) => c.id === cook)?.pace ?? paceOf(kitchen);
}

/** A dish is never taken to stand longer than so many times what it says, nor less than such a share. */
const WAIT_RANGE = { least: 0.25, most: 2 } as const;

/** How long a dish may wait, min: as it says, or as evenings have taught; null for as long as one likes. */
export function waitFor(
  kitchen: Kitchen,
  dish: { id: string; wait: { maxMinutes: number | null } },
): number | null {
  const written = dish.wait.maxMinutes;
  if (written === null) return null;
  const learned = kitchen.learned?.waits[dish.id] ?? 1;
  return Math.round(written * Math.min(WAIT_RANGE.most, Math.max(WAIT_RANGE.least, learned)));
}

/** What a plan is reckoned with, for reading its evening afterwards. */
export function basisOf(kitchen: Kitchen): Basis {
  const cooks = ['all', ...kitchen.cooks.map((c) => c.id)];
  return {
    heats: Object.fromEntries(
      kitchen.cookers.map((c) => {
        const { efficiency, lossWPerK } = c.heat ?? defaultParameters(c);
        return [c.id, { efficiency, lossWPerK, watts: c.watts, litres: c.litres }];
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
    holds: { ...kitchen.learned?.holds },
  };
}
