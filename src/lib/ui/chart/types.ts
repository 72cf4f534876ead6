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
}

export interface Curve {
  title: string;
  xTitle: string;
  yTitle: string;
  rightTitle?: string;
  series: Series[];
  /** A point that is the answer. */
  marks?: { x: number; y: number; text: string }[];
}
