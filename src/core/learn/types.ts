/** What is learned from evenings: figures with their spread and where they come from. */

import type { Change } from './change';

export type FigureKind = 'power' | 'loss' | 'pace' | 'stage' | 'hold' | 'wait';

/** One thing that an evening says of a figure. */
export interface Observation {
  /** Which figure, by its id: see `figureId`. */
  figure: string;
  kind: FigureKind;
  /** In words: what it is about. */
  about: string;
  evening: string;
  eveningName: string;
  /** ms since the epoch. */
  at: number;
  /** min. */
  planned: number;
  real: number;
  /** What was in the pot, kg, where it came up, and how much of what flows in it was thick, 0 to 1. */
  kg?: number;
  thick?: number;
  /** The cooker's label and size at that time, W and litres. */
  label?: number;
  litres?: number;
  /** Natural logarithm of the figure that would have made the plan right; of a wait, of its length. */
  log: number;
  /** Of a wait: whether the dish stood it. Of a hold: whether it was enough. */
  stood?: boolean;
}

export interface Evidence extends Observation {
  /** From 1, as good as any, down to 0: far off everything else. */
  weight: number;
}

export interface Figure {
  id: string;
  kind: FigureKind;
  about: string;
  /** What it was taken for before any evening. */
  before: number;
  /** What it is taken for now. */
  now: number;
  /** Of the figure's logarithm: what is still not known of it. */
  sd: number;
  /** How far the next one lies from the figure by itself: of one cycle, and common to its evening. */
  own: number;
  ofEvening: number;
  /** Of a pot's power: how much slower it is with something thick, and what is not known of that. */
  thick?: { more: number; variance: number; covariance: number };
  /** Since when it is another one than before, where that is clear. */
  change?: Change;
  evidence: Evidence[];
}
