/**
 * How far ways up and releases lie from the model, as spreads of logarithms: before any evening a cooker is one of
 * many of its kind; one evening differs from another (mains, room, how cold the water is), and one cycle from the
 * next.
 *
 * @source estimates, held against simulated households that share nothing with the model: docs/learning.md
 */
export interface Spread {
  /** Between one cooker, cook or stove and the next. */
  prior: number;
  /** Of one cycle, whatever the evening. */
  own: number;
  /** Common to all of one evening. */
  evening: number;
}

export const POWER_SPREAD: Spread = { prior: 0.17, own: 0.08, evening: 0.05 };
export const LOSS_SPREAD: Spread = { prior: 0.3, own: 0.1, evening: 0.05 };
/** Of how much slower something thick comes up. */
export const THICK_PRIOR = 0.2;

/** Of what comes next, nothing being known yet. */
export const firstSpread = ({ prior, own, evening }: Spread): number =>
  Math.hypot(prior, own, evening);

/** The share of that which all of one evening has in common. */
export const commonShare = ({ prior, own, evening }: Spread): number =>
  (prior ** 2 + evening ** 2) / (prior ** 2 + evening ** 2 + own ** 2);

/** Of the normal distribution: nine of ten lie below. */
export const Z90 = 1.2816;
