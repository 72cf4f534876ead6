/** What is learned from evenings: figures with their spread and where they come from. */

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
  /** What was in the pot, kg, where it came up. */
  kg?: number;
  /** Natural logarithm of the figure that would have made the plan right; of a wait, of its length. */
  log: number;
  /** Of a wait: whether the dish stood it. */
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
  evidence: Evidence[];
}
