/** How long a dish may wait, from evenings on which it stood a wait and others on which it suffered. */
import type { Evidence, Figure, Observation } from './types';

/** Of the logarithm: how far the truth lies from what the dish says (estimate). */
const PRIOR = 0.5;
/** How gradually a dish suffers: the logistic curve's width, in logarithms (estimate). */
const WIDTH = 0.2;
/** One verdict in ten has another reason than the wait (estimate). */
const LAPSE = 0.1;
/** The grid on which the figure's logarithm is looked at. */
const REACH = 2;
const STEP = 0.02;

const chance = (log: number, { log: waited, stood }: Observation): number => {
  const stands = 1 / (1 + Math.exp(-(log - waited) / WIDTH));
  return stood ? stands : 1 - stands;
};

/**
 * The posterior mean over a grid: a normal prior around what the dish says, a logistic curve for whether it
 * stood each wait, and a lapse rate, so that one verdict among many breaks nothing.
 *
 * @param about in words
 * @param before the factor on the dish's own minutes before any evening
 * @source psychometric functions with lapses: F. A. Wichmann, N. J. Hill, Perception & Psychophysics 63
 *   (2001) 1293–1313 (from memory)
 */
export function waitFrom(
  id: string,
  about: string,
  seen: readonly Observation[],
  before: number,
): Figure {
  const start = Math.log(before);
  let total = 0;
  let first = 0;
  let second = 0;
  for (let x = start - REACH; x <= start + REACH; x += STEP) {
    const likelihood = seen.reduce(
      (product, o) => product * ((1 - LAPSE) * chance(x, o) + LAPSE / 2),
      Math.exp(-0.5 * ((x - start) / PRIOR) ** 2),
    );
    total += likelihood;
    first += likelihood * x;
    second += likelihood * x * x;
  }
  const mean = first / total;
  return {
    id,
    kind: 'wait',
    about,
    before,
    now: Math.exp(mean),
    sd: Math.sqrt(Math.max(0, second / total - mean ** 2)),
    evidence: seen.map((o): Evidence => {
      const own = (1 - LAPSE) * chance(mean, o);
      return { ...o, weight: own / (own + LAPSE / 2) };
    }),
  };
}
