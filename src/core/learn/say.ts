/** What a figure means for the next plan, in words. */
import type { Figure } from './types';

/** Less than that is what it was taken for. */
const SAME = 0.02;
const percent = (share: number): string => `${Math.round(Math.abs(share) * 100)} %`;

/** @example sayFigure(power) // '12 % weaker than its label says' */
export function sayFigure({ kind, before, now }: Pick<Figure, 'kind' | 'before' | 'now'>): string {
  const change = now / before - 1;
  const by = percent(change);
  if (kind === 'hold')
    return change < SAME ? 'enough as the recipe says' : `wants ${by} more pressure time`;
  if (Math.abs(change) < SAME) return 'as it was taken for';
  if (kind === 'power') return `${by} ${change < 0 ? 'weaker' : 'stronger'} than its label says`;
  if (kind === 'loss') return `releases ${change > 0 ? 'sooner' : 'later'} by about ${by}`;
  if (kind === 'wait') return `keeps about ${by} ${change > 0 ? 'longer' : 'less'} than it says`;
  return `${by} ${change > 0 ? 'slower' : 'quicker'} than dishes say`;
}

/** How sure that is and where it comes from. @example '± 3 %, from 8 times' */
export function sayEvidence(
  { kind, sd, thick, evidence }: Figure,
  times = evidence.length,
): string {
  if (kind === 'hold' || kind === 'wait') return `from ${times} times`;
  const more = thick?.more ?? 0;
  const isTold = Math.abs(more) > 0.05;
  return `± ${percent(sd)}, from ${times} times${
    isTold
      ? `; with thick food ${percent(Math.expm1(more))} ${more > 0 ? 'slower' : 'quicker'}`
      : ''
  }`;
}
