/** Settings of this installation, each a small document of its own. */
import { eq } from 'drizzle-orm';
import type { z } from 'zod';
import { inTransaction, inWriteQueue, type Database } from './database';
import { settings } from './schema';

/** @returns null where it was never set, or is no longer of its shape */
export async function readSetting<T>(
  database: Database,
  key: string,
  shape: z.ZodType<T>,
): Promise<T | null> {
  const [row] = await database.select().from(settings).where(eq(settings.key, key));
  const parsed = row && shape.safeParse(row.value);
  return parsed?.success ? parsed.data : null;
}

/** Keeps a setting in place of what it was. */
export async function writeSetting(database: Database, key: string, value: unknown): Promise<void> {
  await inWriteQueue(async () => {
    await database
      .insert(settings)
      .values({ key, value })
      .onConflictDoUpdate({ target: settings.key, set: { value } });
  });
}

/** Forgets a setting; reading it gives null from then on. */
export async function removeSetting(database: Database, key: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(settings).where(eq(settings.key, key));
  });
}

/**
 * Reads, changes and writes in one turn, so that nothing comes in between, of another program neither.
 *
 * @returns what is kept now
 */
export async function changeSetting<T>(
  database: Database,
  key: string,
  shape: z.ZodType<T>,
  change: (now: T | null) => T,
): Promise<T> {
  return inWriteQueue(() =>
    inTransaction(database, async (tx) => {
      const [row] = await tx.select().from(settings).where(eq(settings.key, key));
      const value = change(row ? (shape.safeParse(row.value).data ?? null) : null);
      await tx
        .insert(settings)
        .values({ key, value })
        .onConflictDoUpdate({ target: settings.key, set: { value } });
      return value;
    }),
  );
}
