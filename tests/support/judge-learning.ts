/** How well ways up and releases are foretold: errors, and whether intervals hold what they say. */
import type { Kitchen } from '$core/kitchen';
import type { Learner } from './learners';
import { TrueHousehold, type Habits, type Passage } from './true-households';

export interface Judged {
  /** Of |foretold / real − 1|: the middle one, and the one that 19 of 20 keep under. */
  median: number;
  most: number;
  /** Share of what really was under the 90th percentile, and inside the middle 90 %. */
  underP90: number;
  inside: number;
  /** Share of households whose own middle error is over a point higher than without learning. */
  worse: number;
}

const Z90 = 1.2816;
const Z95 = 1.6449;

export interface Question {
  households: number;
  evenings: number;
  habits: Habits;
  kind: Passage['kind'];
}

/** @param make a learner for a household that has seen nothing */
export function judge(
  kitchen: Kitchen,
  make: () => Learner,
  reference: () => Learner,
  { households, evenings, habits, kind }: Question,
): Judged {
  const errors: number[] = [];
  let under = 0;
  let inside = 0;
  let worse = 0;
  for (let seed = 1; seed <= households; seed++) {
    // One pot each, of any of its sizes: an evening is then an evening with it.
    const cooker = kitchen.cookers[seed % kitchen.cookers.length];
    const one = { ...kitchen, cookers: cooker ? [cooker] : [] };
    const household = new TrueHousehold(one, seed, habits);
    const learner = make();
    for (let e = 0; e < evenings; e++) learner.see(household.evening(e));
    const own: number[] = [];
    const before: number[] = [];
    const plain = reference();
    for (const p of household.comingEvenings(evenings).filter((c) => c.kind === kind)) {
      const { minutes, spread } = learner.foretell(p);
      own.push(Math.abs(minutes / p.real - 1));
      before.push(Math.abs(plain.foretell(p).minutes / p.real - 1));
      const z = Math.log(p.real / minutes) / spread;
      if (z <= Z90) under++;
      if (Math.abs(z) <= Z95) inside++;
    }
    errors.push(...own);
    if (quantile(own, 0.5) > quantile(before, 0.5) + 0.01) worse++;
  }
  return {
    median: quantile(errors, 0.5),
    most: quantile(errors, 0.95),
    underP90: under / errors.length,
    inside: inside / errors.length,
    worse: worse / households,
  };
}

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}
