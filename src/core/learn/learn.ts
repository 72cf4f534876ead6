/**
 * Figures from evenings: the physics, or the dish's own minutes, as prior; what was tapped as evidence, with the
 * terms that stand beside the figure.
 */
import { LOSS_SPREAD, POWER_SPREAD, THICK_PRIOR, type Spread } from '../cooker';
import { PACE_SPREAD, STAGE_SPREAD } from '../kitchen';
import { estimateNow } from './change';
import { MOST_EVENINGS, type Row, type Terms } from './estimate';
import { limitFrom } from './limit';
import type { Evidence, Figure, FigureKind, Observation } from './types';

const SPREAD: Readonly<Record<Exclude<FigureKind, 'wait' | 'hold'>, Spread>> = {
  power: POWER_SPREAD,
  loss: LOSS_SPREAD,
  pace: PACE_SPREAD,
  stage: STAGE_SPREAD,
};
/** No figure is learned from fewer evenings. */
const LEAST_EVENINGS = 2;
/** A tap comes so much later at the end of something than at its beginning, min (estimate). */
const DELAY = { mean: 0.3, sd: 0.5 };
/** And so much sooner or later than that, with what rounding to minutes adds, min (estimate). */
const TAP_MIN = 0.8;

/**
 * What evenings have taught, a figure at a time: ten years of them take most of a second.
 *
 * @param prior the figure before any evening, by id; what is not in it is 1
 * @param since evenings before that moment no longer count, by figure id: it was set back
 * @param steady until when a cook said that a figure had not changed, by figure id
 * @returns figures of at least two evenings, by id
 * @yields after each figure
 */
export function* learning(
  observations: readonly Observation[],
  prior: (figure: string) => number,
  since: Readonly<Record<string, number>> = {},
  steady: Readonly<Record<string, number>> = {},
): Generator<undefined, Figure[], undefined> {
  const byFigure = new Map<string, Observation[]>();
  for (const o of observations) {
    if (o.at < (since[o.figure] ?? -Infinity)) continue;
    const own = byFigure.get(o.figure);
    if (own) own.push(o);
    else byFigure.set(o.figure, [o]);
  }
  const figures: Figure[] = [];
  for (const [id, all] of byFigure) {
    const seen = [...all].sort(
      (a, b) => a.at - b.at || (a.evening < b.evening ? -1 : a.evening > b.evening ? 1 : 0),
    );
    const [first] = seen;
    if (!first || new Set(seen.map((o) => o.evening)).size < LEAST_EVENINGS) continue;
    if (first.kind === 'wait' || first.kind === 'hold')
      figures.push(limitFrom(id, first, seen, prior(id)));
    else {
      // A kind that a later version has learned says nothing to this one.
      const spread = first.kind in SPREAD ? SPREAD[first.kind] : null;
      if (spread) figures.push(figureFrom(id, lately(seen), prior(id), spread, steady[id]));
    }
    yield;
  }
  return figures.sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** As `learning`, in one go. */
export function learn(...evidence: Parameters<typeof learning>): Figure[] {
  const working = learning(...evidence);
  for (;;) {
    const { value, done } = working.next();
    if (done) return value;
  }
}

/** Those of the latest evenings, as many as still count. @param seen in order of time */
function lately(seen: readonly Observation[]): readonly Observation[] {
  const evenings = new Set<string>();
  let from = seen.length;
  while (from > 0) {
    const { evening } = seen[from - 1] as Observation;
    if (!evenings.has(evening) && evenings.size >= MOST_EVENINGS) break;
    evenings.add(evening);
    from--;
  }
  return seen.slice(from);
}

/** The terms of each kind, the figure's own first. */
function termsOf(kind: FigureKind, { prior, own, evening }: Spread): Terms {
  const itself = { mean: 0, sd: prior };
  const terms =
    kind === 'power'
      ? [itself, DELAY, { mean: 0, sd: THICK_PRIOR }]
      : kind === 'loss'
        ? [itself, DELAY]
        : [itself];
  return { prior: terms, own, evening };
}

function rowOf(o: Observation, before: number): Row {
  // A pot's figure is the smaller, the longer it took; of hands and stages it is the longer, the larger.
  const each = 1 / Math.max(o.planned, 1);
  return {
    evening: o.evening,
    at: o.at,
    y: o.log - Math.log(before),
    h: o.kind === 'power' ? [1, -each, -(o.thick ?? 0)] : o.kind === 'loss' ? [1, -each] : [1],
    tapVariance: (TAP_MIN * each) ** 2,
  };
}

function figureFrom(
  id: string,
  seen: readonly Observation[],
  before: number,
  spread: Spread,
  steadyUntil: number | undefined,
): Figure {
  const { kind, about } = seen[0] as Observation;
  const { belief, change } = estimateNow(
    seen.map((o) => rowOf(o, before)),
    termsOf(kind, spread),
    steadyUntil,
  );
  const [mean = 0] = belief.mean;
  const [[variance = 0] = []] = belief.covariance;
  return {
    id,
    kind,
    about,
    before,
    now: before * Math.exp(mean),
    sd: Math.sqrt(variance),
    own: belief.own,
    ofEvening: belief.evening,
    ...(kind === 'power'
      ? {
          thick: {
            more: belief.mean[2] ?? 0,
            variance: belief.covariance[2]?.[2] ?? 0,
            covariance: belief.covariance[0]?.[2] ?? 0,
          },
        }
      : {}),
    ...(change ? { change } : {}),
    evidence: seen.map((o, i): Evidence => ({
      ...o,
      // What was before a change says nothing of the figure now.
      weight: change && o.at < change.at ? 0 : (belief.weights[i] ?? 0),
    })),
  };
}
