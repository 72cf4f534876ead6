/** What the cook said of dishes after evenings. */
import { desc, eq } from 'drizzle-orm';
import { verdictSchema, type Verdict } from '$core/learn';
import { inWriteQueue, type Database } from './database';
import { verdicts } from './schema';

export interface StoredVerdict {
  eveningId: string;
  entryId: string;
  dishId: string;
  at: number;
  verdict: Verdict;
}

const toStored = (row: typeof verdicts.$inferSelect): StoredVerdict => ({
  eveningId: row.eveningId,
  entryId: row.entryId,
  dishId: row.dishId,
  at: row.at,
  verdict: verdictSchema.parse(row.document),
});

export async function saveVerdict(
  database: Database,
  { eveningId, entryId, dishId, at, verdict }: StoredVerdict,
): Promise<void> {
  const document = verdictSchema.parse(verdict);
  await inWriteQueue(async () => {
    await database
      .insert(verdicts)
      .values({ eveningId, entryId, dishId, at, document })
      .onConflictDoUpdate({
        target: [verdicts.eveningId, verdicts.entryId],
        set: { document, dishId },
      });
  });
}

export async function verdictsOf(database: Database, eveningId: string): Promise<StoredVerdict[]> {
  const rows = await database.select().from(verdicts).where(eq(verdicts.eveningId, eveningId));
  return rows.map(toStored);
}

/** Of one dish, the latest first. */
export async function verdictsOn(database: Database, dishId: string): Promise<StoredVerdict[]> {
  const rows = await database
    .select()
    .from(verdicts)
    .where(eq(verdicts.dishId, dishId))
    .orderBy(desc(verdicts.at));
  return rows.map(toStored);
}

export async function allVerdicts(database: Database): Promise<StoredVerdict[]> {
  return (await database.select().from(verdicts).orderBy(desc(verdicts.at))).map(toStored);
}
