/** Ways to foretell how long a pot takes from what was tapped: ours, and three simple ones beside it. */
import {
  comeUp,
  defaultParameters,
  naturalRelease,
  thickShare,
  type HeatParameters,
} from '$core/cooker';
import type { Kitchen } from '$core/kitchen';
import { learn, priorFor, withLearned, type Observation } from '$core/learn';
import type { Passage } from './true-households';

/** Minutes, and the spread of their logarithm. */
export interface Foretold {
  minutes: number;
  spread: number;
}

export interface Learner {
  name: string;
  /** After one more evening. */
  see(evening: readonly Passage[]): void;
  foretell(passage: Passage): Foretold;
}

const Z90 = 1.2816;

function modelled(passage: Passage, parameters: HeatParameters): Foretold {
  const { input, holdMinutes, kind } = passage;
  const found =
    kind === 'up' ? comeUp(input, parameters) : naturalRelease(input, holdMinutes, parameters);
  if (!found.ok) return { minutes: Number.NaN, spread: Number.NaN };
  const { minutes, p90 } = found.value;
  return { minutes, spread: Math.log(p90 / minutes) / Z90 };
}

const untaught = (passage: Passage): Foretold =>
  modelled(passage, defaultParameters(passage.cooker));

export function noLearning(): Learner {
  return { name: 'no learning', see: () => undefined, foretell: untaught };
}

/** One factor for each pot and kind, from `blend` of what was seen. */
function byFactor(name: string, blend: (seen: readonly number[]) => number): Learner {
  const seen = new Map<string, number[]>();
  const key = (p: Passage): string => `${p.kind}.${p.cooker.id}`;
  return {
    name,
    see(evening) {
      for (const p of evening) {
        if (p.tapped === null) continue;
        const ratio = p.tapped / untaught(p).minutes;
        seen.set(key(p), [...(seen.get(key(p)) ?? []), ratio]);
      }
    },
    foretell(passage) {
      const own = seen.get(key(passage)) ?? [];
      const { minutes, spread } = untaught(passage);
      return { minutes: minutes * (own.length === 0 ? 1 : blend(own)), spread };
    },
  };
}

export const meanRatio = (): Learner =>
  byFactor('mean ratio', (seen) => seen.reduce((a, b) => a + b, 0) / seen.length);

export const smoothing = (): Learner =>
  byFactor('smoothing, 0.3', (seen) => seen.reduce((level, r) => level + 0.3 * (r - level), 1));

/** The program's own. */
export function ours(kitchen: Kitchen): Learner {
  const observations: Observation[] = [];
  let known = kitchen;
  const heatOf = (id: string): HeatParameters => {
    const cooker = known.cookers.find((c) => c.id === id) as Kitchen['cookers'][number];
    return { ...defaultParameters(cooker), ...cooker.heat };
  };
  return {
    name: 'ours',
    see(evening) {
      for (const p of evening) {
        if (p.tapped === null) continue;
        const used = heatOf(p.cooker.id);
        const planned = Math.max(1, Math.round(modelled(p, used).minutes));
        const figure = p.kind === 'up' ? used.efficiency : used.lossWPerK;
        observations.push({
          figure: `${p.kind === 'up' ? 'power' : 'loss'}.${p.cooker.id}`,
          kind: p.kind === 'up' ? 'power' : 'loss',
          about: p.cooker.name,
          evening: String(p.evening),
          eveningName: String(p.evening),
          at: p.evening,
          planned,
          real: p.tapped,
          log: Math.log(figure) - Math.log(p.tapped / planned),
          ...(p.kind === 'up' ? { thick: thickShare(p.input.contents) } : {}),
        });
      }
      known = withLearned(kitchen, learn(observations, priorFor(kitchen)));
    },
    foretell: (passage) => modelled(passage, heatOf(passage.cooker.id)),
  };
}
