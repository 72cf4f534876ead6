/** What the cook said of dishes after evenings. */
import { desc, eq } from 'drizzle-orm';
import { verdictSchema, type Verdict } from '$core/learn';
import { readable } from './readable';
import { inWriteQueue, type Database } from './database';
import { verdicts } from './schema';

export interface StoredVerdict {
  eveningId: string;
  entryId: string;
  dishId: string;
  at: number;
  verdict: Verdict;
}

function toStored(row: typeof verdicts.$inferSelect): StoredVerdict[] {
  const verdict = readable(verdictSchema, row.document, `verdict ${row.eveningId} ${row.entryId}`);
  const { eveningId, entryId, dishId, at } = row;
  return verdict ? [{ eveningId, entryId, dishId, at, verdict }] : [];
}

/** Keeps what a cook said of a dish of an evening, in place of what was said before. */
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

/** @returns what was said of the dishes of one evening */
export async function verdictsOf(database: Database, eveningId: string): Promise<StoredVerdict[]> {
  const rows = await database.select().from(verdicts).where(eq(verdicts.eveningId, eveningId));
  return rows.flatMap(toStored);
}

/** Of one dish, the latest first. */
export async function verdictsOn(database: Database, dishId: string): Promise<StoredVerdict[]> {
  const rows = await database
    .select()
    .from(verdicts)
    .where(eq(verdicts.dishId, dishId))
    .orderBy(desc(verdicts.at));
  return rows.flatMap(toStored);
}

/** @returns what was ever said, the newest first */
export async function allVerdicts(database: Database): Promise<StoredVerdict[]> {
  return (await database.select().from(verdicts).orderBy(desc(verdicts.at))).flatMap(toStored);
}
