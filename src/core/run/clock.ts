/** The clock of an evening: the real one, or in practice one that runs faster, slower or stands. */
import type { RunEvent } from './events';

/**
 * @param real ms since the epoch
 * @returns ms since the epoch on the evening's clock
 */
export function eveningNow(events: readonly RunEvent[], real: number): number {
  const paced = events.findLast((e) => e.kind === 'paced');
  return paced ? paced.at + Math.max(0, real - paced.real) * paced.speed : real;
}

/** How many times as fast it runs. */
export function speedOf(events: readonly RunEvent[]): number {
  return events.findLast((e) => e.kind === 'paced')?.speed ?? 1;
}
