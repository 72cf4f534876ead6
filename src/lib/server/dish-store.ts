import { asc, eq } from 'drizzle-orm';
import { dishSchema, type Dish } from '$core/dish';
import { inWriteQueue, type Database } from './database';
import { dishes } from './schema';

export async function listDishes(database: Database): Promise<Dish[]> {
  const rows = await database.select().from(dishes).orderBy(asc(dishes.name));
  return rows.map((row) => dishSchema.parse(row.document));
}

export async function readDish(database: Database, id: string): Promise<Dish | null> {
  const [row] = await database.select().from(dishes).where(eq(dishes.id, id));
  return row ? dishSchema.parse(row.document) : null;
}

/**
 * Writes a dish; one of the same id is replaced.
 *
 * @param now ms since the epoch
 */
export async function saveDish(database: Database, dish: Dish, now: number): Promise<void> {
  const document = dishSchema.parse(dish);
  const row = { id: document.id, name: document.name, document, updatedAt: now };
  await inWriteQueue(async () => {
    await database
      .insert(dishes)
      .values(row)
      .onConflictDoUpdate({ target: dishes.id, set: { name: row.name, document, updatedAt: now } });
  });
}

/** Ids that are taken. */
export async function dishIds(database: Database): Promise<Set<string>> {
  const rows = await database.select({ id: dishes.id }).from(dishes);
  return new Set(rows.map((row) => row.id));
}

/** Removes a dish; meals that have it say so themselves. */
export async function removeDish(database: Database, id: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(dishes).where(eq(dishes.id, id));
  });
}
