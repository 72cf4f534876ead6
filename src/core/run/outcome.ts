/** How an evening came out, in two figures: what a list of evenings shows. */
import type { RunEvent } from './events';
import { effective } from './facts';

export interface EveningOutcome {
  /** ms since the epoch; null where nobody said that it was on the table. */
  servedAt: number | null;
  /** Minutes after the hour that it was wanted at, guests who came later or sooner counted; below 0 before it. */
  late: number | null;
}

const MINUTE = 60_000;

/**
 * @param serveAt as the meal had it, ms since the epoch
 * @param events those that tell when it was served, of guests, and what was taken back or corrected of them
 */
export function outcomeOf(serveAt: number, events: readonly RunEvent[]): EveningOutcome {
  const counted = effective(events);
  const served = counted.findLast((e) => e.kind === 'served');
  if (!served) return { servedAt: null, late: null };
  const moved = counted.reduce(
    (sum, e) => sum + (e.kind === 'guests' && e.at <= served.at ? e.minutes : 0),
    0,
  );
  const late = Math.round((served.at - serveAt) / MINUTE) - moved;
  return { servedAt: served.at, late };
}
