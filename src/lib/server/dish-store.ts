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

/** @param now ms since the epoch */
export async function saveDish(database: Database, dish: Dish, now: number): Promise<void> {
  const document = dishSchema.parse(dish);
  const values = { id: dish.id, name: dish.name, document, updatedAt: now };
  await inWriteQueue(async () => {
    await database
      .insert(dishes)
      .values(values)
      .onConflictDoUpdate({ target: dishes.id, set: values });
  });
}
