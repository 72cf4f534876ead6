/** What shoppers have ticked off, so that several phones go through one list in step. */
import { eq, lt, sql } from 'drizzle-orm';
import type { Tick } from '$lib/client/ticks.svelte';
import { inTransaction, inWriteQueue, type Database } from './database';
import { listTicks } from './schema';

/** Nobody shops by a list for longer, ms. */
const KEPT_FOR_MS = 60 * 86_400_000;

/** @returns what is known of each line of the list */
export async function readTicks(database: Database, list: string): Promise<Tick[]> {
  const rows = await database.select().from(listTicks).where(eq(listTicks.list, list));
  return rows.map(({ key, isDone, at }) => ({ key, isDone, at }));
}

/**
 * Takes in what a shopper has said, also hours later; what somebody has said after it stays.
 *
 * @param now ms since the epoch: no word is from later, whatever a phone’s clock says
 * @returns the whole list as it stands
 */
export async function saveTicks(
  database: Database,
  list: string,
  ticks: readonly Tick[],
  now: number,
): Promise<Tick[]> {
  if (ticks.length > 0)
    await inWriteQueue(() =>
      inTransaction(database, async (tx) => {
        await tx.delete(listTicks).where(lt(listTicks.at, now - KEPT_FOR_MS));
        for (const { key, isDone, at } of ticks)
          await tx
            .insert(listTicks)
            .values({ list, key, isDone, at: Math.min(at, now) })
            .onConflictDoUpdate({
              target: [listTicks.list, listTicks.key],
              set: { isDone, at: Math.min(at, now) },
              // The later word; of two at one moment the tick stands.
              setWhere: sql`excluded.at > ${listTicks.at} or (excluded.at = ${listTicks.at} and excluded.is_done)`,
            });
      }),
    );
  return readTicks(database, list);
}
