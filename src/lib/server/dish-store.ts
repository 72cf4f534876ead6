import { asc, eq } from 'drizzle-orm';
import { dishSchema, type Dish } from '$core/dish';
import type { Database } from './database';
import { dishes } from './schema';

export async function listDishes(database: Database): Promise<Dish[]> {
  const rows = await database.select().from(dishes).orderBy(asc(dishes.name));
  return rows.map((row) => dishSchema.parse(row.document));
}

export async function readDish(database: Database, id: string): Promise<Dish | null> {
  const [row] = await database.select().from(dishes).where(eq(dishes.id, id));
  return row ? dishSchema.parse(row.document) : null;
}
