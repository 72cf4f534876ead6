/**
 * Limits, from evenings that kept to one side of it and others that did not: how long a dish may wait, and how long
 * it needs under pressure.
 */
import type { Evidence, Figure, Observation } from './types';

interface Kind {
  /** Of the logarithm: how far the truth lies from what the dish says (estimate). */
  prior: number;
  /** How gradually it shows: the logistic curve's width, in logarithms (estimate). */
  width: number;
  /** Whether what is longer than the limit is the good side: it was enough. */
  longerIsGood: boolean;
}
const KINDS = {
  wait: { prior: 0.5, width: 0.2, longerIsGood: false },
  hold: { prior: 0.2, width: 0.06, longerIsGood: true },
} as const satisfies Record<string, Kind>;
/** A hold is to be enough five times in six: so many widths over its limit. */
const ENOUGH = 1.6;
/** One verdict in ten has another reason than the length (estimate). */
const LAPSE = 0.1;
/** The grid on which the figure's logarithm is looked at. */
const REACH = 2;
const STEP = 0.02;

const chance = (limit: number, { log: length, stood }: Observation, kind: Kind): number => {
  const good = 1 / (1 + Math.exp(((kind.longerIsGood ? 1 : -1) * (limit - length)) / kind.width));
  return stood ? good : 1 - good;
};

/**
 * The posterior mean over a grid: a normal prior around what the dish says, a logistic curve for whether each length
 * was good, and a lapse rate, so that one verdict among many breaks nothing.
 *
 * @param first one of those seen, for what it is about
 * @param before the factor on the dish's own minutes before any evening
 * @source psychometric functions with lapses: F. A. Wichmann, N. J. Hill, Perception & Psychophysics 63
 *   (2001) 1293–1313 (from memory)
 */
export function limitFrom(
  id: string,
  { kind: of, about }: Pick<Observation, 'kind' | 'about'>,
  seen: readonly Observation[],
  before: number,
): Figure {
  const kind = of === 'hold' ? KINDS.hold : KINDS.wait;
  const start = Math.log(before);
  let total = 0;
  let first = 0;
  let second = 0;
  for (let x = start - REACH; x <= start + REACH; x += STEP) {
    const likelihood = seen.reduce(
      (product, o) => product * ((1 - LAPSE) * chance(x, o, kind) + LAPSE / 2),
      Math.exp(-0.5 * ((x - start) / kind.prior) ** 2),
    );
    total += likelihood;
    first += likelihood * x;
    second += likelihood * x * x;
  }
  const mean = first / total;
  return {
    id,
    kind: of,
    about,
    before,
    now: Math.exp(mean + (of === 'hold' ? ENOUGH * kind.width : 0)),
    sd: Math.sqrt(Math.max(0, second / total - mean ** 2)),
    own: kind.width,
    ofEvening: 0,
    evidence: seen.map((o): Evidence => {
      const own = (1 - LAPSE) * chance(mean, o, kind);
      return { ...o, weight: own / (own + LAPSE / 2) };
    }),
  };
}
