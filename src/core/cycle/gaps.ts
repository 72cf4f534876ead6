/** How long one stage may be kept waiting after another. */
import type { Stage } from '../dish';
import { placeOf } from './stays';

/** Longest waits between two stages that must follow each other, minutes (common practice). */
const GAP = {
  inPot: 5,
  justInTime: 10,
  afterOpening: 15,
  toOven: 10,
  toTable: 20,
  toCooling: 15,
} as const;

/** The stage that spreads cooked food out to cool. */
export const SPREAD_STAGE = 'spread-out';

/** How long the later stage may be kept waiting; undefined: as long as it likes. */
export function longestGap(before: Stage, after: Stage): number | undefined {
  // Cooked food is cold within two hours of the heat: it goes into its boxes at once.
  if (after.id === SPREAD_STAGE) return GAP.toCooling;
  if (before.id === SPREAD_STAGE) return 0;
  if (before.kind === 'soak' && before.maxMinutes !== undefined)
    return before.maxMinutes - before.minutes;
  if (before.justInTime) return GAP.justInTime;
  const [from, to] = [placeOf(before), placeOf(after)];
  if (from === 'counter') return before.kind === 'rest' ? GAP.toTable : undefined;
  if (from === to && before.kind !== 'pressure') return GAP.inPot;
  if (from === to) return GAP.afterOpening;
  return to === 'counter' ? GAP.toTable : GAP.toOven;
}
