/** A first cycle with nothing but water: lid, time to pressure, both releases, explained step by step. */
import { success, type Outcome } from '../reason';
import type { Kitchen } from '../kitchen';
import type { Evening } from './document';
import { onePot } from './one-pot';
import { truthOf } from './practice';

const MINUTE = 60_000;
/** Under pressure for so long: enough to see it count. */
const HOLD_MIN = 2;
/** Until the lid is on, min: time to read. */
const READING_MIN = 3;

/**
 * @param wish which cooker; simulated, or the real one beside the screen
 * @param now ms since the epoch
 * @returns an evening in which nothing has been tapped yet, or what to choose instead
 */
export function waterTest(
  kitchen: Kitchen,
  wish: { cooker: string; isSimulated: boolean },
  now: number,
): Outcome<Evening> {
  const pot = onePot(kitchen, { cooker: wish.cooker, minutes: HOLD_MIN, release: 'timed' }, now);
  if (!pot.ok) return pot;
  const { lidOn: _, ...evening } = pot.value;
  const name = kitchen.cookers.find((c) => c.id === wish.cooker)?.name ?? '';
  return success({
    ...evening,
    name: `${name}, first with water`,
    serveAt: evening.serveAt + READING_MIN * MINUTE,
    isGuided: true,
    ...(wish.isSimulated
      ? { practice: { truth: truthOf(evening.compiled), isByItself: false, pace: 1, seed: 1 } }
      : {}),
  });
}
