/**
 * Figures from evenings: the physics, or the dish's own minutes, as prior; a robust mean as what was seen.
 *
 * @source K. L. Lange, R. J. A. Little, J. M. G. Taylor, Robust statistical modeling using the t
 *   distribution, Journal of the American Statistical Association 84 (1989): weights by expectation and
 *   maximisation; conjugate normal prior
 */
import { waitFrom } from './learn-wait';
import type { Evidence, Figure, FigureKind, Observation } from './types';

/** Of logarithms: how far figures lie from the prior, and how far one evening lies from its figure. */
const SPREAD: Readonly<Record<Exclude<FigureKind, 'wait'>, { prior: number; noise: number }>> = {
  power: { prior: 0.18, noise: 0.07 },
  loss: { prior: 0.35, noise: 0.12 },
  pace: { prior: 0.35, noise: 0.22 },
  stage: { prior: 0.25, noise: 0.18 },
  hold: { prior: 0.15, noise: 0.1 },
};
/** Degrees of freedom: how readily a far-off evening is passed over. */
const FREEDOM = 3;
const ROUNDS = 30;
/** No figure is learned from fewer. */
const LEAST_EVIDENCE = 2;

/**
 * @param prior the figure before any evening, by id; what is not in it is 1
 * @param since evenings before that moment no longer count, by figure id: it was set back
 * @returns figures with at least two observations, by id
 */
export function learn(
  observations: readonly Observation[],
  prior: (figure: string) => number,
  since: Readonly<Record<string, number>> = {},
): Figure[] {
  const byFigure = new Map<string, Observation[]>();
  for (const o of observations) {
    if (o.at < (since[o.figure] ?? -Infinity)) continue;
    byFigure.set(o.figure, [...(byFigure.get(o.figure) ?? []), o]);
  }
  return [...byFigure]
    .flatMap(([id, seen]) => {
      const [first] = seen;
      if (!first || seen.length < LEAST_EVIDENCE) return [];
      if (first.kind === 'wait') return [waitFrom(id, first.about, seen, prior(id))];
      // A kind that a later version has learned says nothing to this one.
      const spread = first.kind in SPREAD ? SPREAD[first.kind] : null;
      return spread ? [figureFrom(id, first, seen, prior(id), spread)] : [];
    })
    .sort((a, b) => a.id.localeCompare(b.id));
}

function figureFrom(
  id: string,
  { kind, about }: Observation,
  seen: readonly Observation[],
  before: number,
  { prior, noise }: { prior: number; noise: number },
): Figure {
  const start = Math.log(before);
  const priorWeight = 1 / prior ** 2;
  let mean = start;
  let weights = seen.map(() => 1);
  // Begun from the median, so that a far-off evening does not draw the first guess to itself.
  const middle = median(seen.map((o) => o.log));
  for (let round = 0; round < ROUNDS; round++) {
    const centre = round === 0 ? middle : mean;
    weights = seen.map((o) => (FREEDOM + 1) / (FREEDOM + ((o.log - centre) / noise) ** 2));
    const total = sum(weights) / noise ** 2;
    const pull = seen.reduce((acc, o, i) => acc + (weights[i] ?? 0) * o.log, 0) / noise ** 2;
    const next = (priorWeight * start + pull) / (priorWeight + total);
    if (round > 0 && Math.abs(next - mean) < 1e-6) break;
    mean = next;
  }
  const precision = priorWeight + sum(weights) / noise ** 2;
  const top = (FREEDOM + 1) / FREEDOM;
  return {
    id,
    kind,
    about,
    before,
    now: Math.exp(mean),
    sd: 1 / Math.sqrt(precision),
    evidence: seen.map((o, i): Evidence => ({ ...o, weight: (weights[i] ?? 0) / top })),
  };
}

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const [low = 0, high = 0] = [sorted[half - (sorted.length % 2 === 0 ? 1 : 0)], sorted[half]];
  return (low + high) / 2;
}

/** What one cycle still scatters by itself, as the logarithm's spread. */
export const CYCLE_NOISE = SPREAD.power.noise;
