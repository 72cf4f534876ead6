/** A drawing with lines, points or bars. */

export interface Series {
  name: string;
  /** Numbers, or days. */
  x: number[] | string[];
  y: number[];
  /** Against a second axis at the right. */
  right?: boolean;
  dash?: boolean;
  /** As points or bars instead of a line. */
  as?: 'points' | 'bars';
  /** Said of each point, where it is pointed at. */
  text?: string[];
  /** Which of the colours and shapes is its own, whatever else is drawn; by its place where not given. */
  look?: number;
  /** Only to compare with: a line without a colour of its own. */
  faint?: boolean;
}

export interface Curve {
  title: string;
  xTitle: string;
  yTitle: string;
  rightTitle?: string;
  series: Series[];
  /** What stands under places of the x axis, where that is not what is at them. */
  ticks?: { at: string[]; say: string[] };
  /** A point that is the answer. */
  marks?: { x: number; y: number; text: string }[];
}
