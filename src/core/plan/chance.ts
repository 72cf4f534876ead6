/** What chance does to the lengths of a plan's steps, and what of it all steps of one evening share. */
import { commonShare, firstSpread, LOSS_SPREAD, POWER_SPREAD, Z90, type Spread } from '../cooker';
import {
  figureId,
  PACE_SPREAD,
  STAGE_SPREAD,
  WORK_KINDS,
  type FigureRef,
  type Kitchen,
} from '../kitchen';
import type { PerUnit, ProblemStep } from '../solve';
import type { Phase, StepMeaning } from './types';

/** What the stove and the food decide, and is over when it is seen to be. */
const BY_SIGHT = new Set<Phase>(['simmer', 'burner', 'thicken', 'oven', 'crisp', 'rest']);
/** However long it lies there: what rests for hours is fetched within so many minutes. */
const LATEST_MIN = 12;
/** A minute is a minute: the next whole one would be twice as long. */
const SHORTEST_MIN = 1;

interface Chance {
  spread: number;
  /** Share of it, as a variance, that the whole evening has in common. */
  common: number;
}

/**
 * Steps with their 90th percentile, where they had none, and with the draw that they share: a pot's power and loss,
 * and the pace of hands, are the same all evening.
 */
export function withChance(
  steps: readonly ProblemStep[],
  meanings: readonly StepMeaning[],
  kitchen: Kitchen,
): ProblemStep[] {
  const meaningOf = new Map(meanings.map((m) => [m.id, m]));
  // Of what is turned in between, only the last part is over when it looks so; the others go by the clock.
  const lastOf = new Map(
    meanings.filter((m) => BY_SIGHT.has(m.phase)).map((m) => [`${m.entryId}/${m.stageId}`, m.id]),
  );
  const of = (ref: FigureRef, usual: Spread): Chance =>
    kitchen.learned?.chances[figureId(ref)] ?? {
      spread: firstSpread(usual),
      common: commonShare(usual),
    };
  return steps.map((step): ProblemStep => {
    const meaning = meaningOf.get(step.id);
    if (!meaning || step.aside) return step;
    const { phase } = meaning;
    if (phase === 'come-up' || phase === 'release') {
      if (!step.p90) return step;
      const [kind, usual] =
        phase === 'come-up' ? (['power', POWER_SPREAD] as const) : (['loss', LOSS_SPREAD] as const);
      const share = (cooker: string): number => of({ kind, cooker }, usual).common;
      return { ...step, common: { with: kind, inUnit: true, share: perCooker(kitchen, share) } };
    }
    const work = WORK_KINDS.find((k) => k === phase);
    if (work) {
      const cook = meaning.cook ?? 'all';
      const own = figureId({ kind: 'pace', cook, work });
      // Somebody of whom evenings have told nothing is one of the household.
      const told = kitchen.learned?.chances[own] ? cook : 'all';
      const chance = of({ kind: 'pace', cook: told, work }, PACE_SPREAD);
      return {
        ...step,
        ...slower(step, chance.spread, Infinity),
        common: { with: `hands ${cook}`, share: chance.common },
      };
    }
    if (lastOf.get(`${meaning.entryId}/${meaning.stageId}`) !== step.id) return step;
    const key = `${meaning.dishId}/${meaning.stageId}`;
    return {
      ...step,
      ...slower(step, of({ kind: 'stage', key }, STAGE_SPREAD).spread, LATEST_MIN),
    };
  });
}

/** The 90th percentile of a step that has none. */
function slower(
  { minutes, p90 }: ProblemStep,
  spread: number,
  most: number,
): Pick<ProblemStep, 'p90'> {
  const late = (length: number): number =>
    length <= SHORTEST_MIN
      ? length
      : Math.round(Math.min(length * Math.exp(Z90 * spread), length + most));
  const own = each(minutes, late);
  if (p90 === undefined) return { p90: own };
  // Where a check may send it back, the longer of the two.
  if (typeof p90 === 'number' && typeof own === 'number') return { p90: Math.max(p90, own) };
  return { p90 };
}

function each(value: PerUnit, change: (n: number) => number): PerUnit {
  return typeof value === 'number'
    ? change(value)
    : Object.fromEntries(Object.entries(value).map(([unit, n]) => [unit, change(n)]));
}

/** One number where all cookers have the same. */
function perCooker(
  kitchen: Kitchen,
  share: (id: string) => number,
): number | Record<string, number> {
  const all = kitchen.cookers.map((c) => [c.id, share(c.id)] as const);
  return all.every(([, s]) => s === all[0]?.[1]) ? (all[0]?.[1] ?? 0) : Object.fromEntries(all);
}
