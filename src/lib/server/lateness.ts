/** How late evenings were: one figure for the list, the charts and the evening’s own page. */
import { accountOf, eveningNow } from '$core/run';
import type { Database } from './database';
import { newestEvents, readEvening } from './evening-store';

/** What was reckoned, by the evening and its newest event. */
const reckoned = new Map<string, number | null>();
const MOST_KEPT = 2000;

/**
 * @param ids of evenings
 * @param now ms since the epoch
 * @returns minutes by which the latest dish missed its time, by the evening's id; null where it is not served
 */
export async function latenessOf(
  database: Database,
  ids: readonly string[],
  now: number,
): Promise<ReadonlyMap<string, number | null>> {
  const newest = await newestEvents(database, ids);
  const found = new Map<string, number | null>();
  for (const id of ids) {
    const key = `${id} ${newest.get(id) ?? 0}`;
    const known = reckoned.get(key);
    if (known !== undefined) {
      found.set(id, known);
      continue;
    }
    const stored = await readEvening(database, id);
    if (!stored) continue;
    const { evening, events } = stored;
    const account = accountOf(evening, events, new Map(), eveningNow(events, now));
    const late = account.isServed ? account.late : null;
    found.set(id, late);
    // Before it is served the clock alone may change it.
    if (late === null) continue;
    if (reckoned.size >= MOST_KEPT) reckoned.clear();
    reckoned.set(key, late);
  }
  return found;
}
