import { isDeepStrictEqual } from 'node:util';
import { asc, desc, eq, inArray } from 'drizzle-orm';
import { dishSchema, type Dish } from '$core/dish';
import type { VersionRecord } from '$core/exchange';
import { readable } from './readable';
import { inTransaction, inWriteQueue, type Database } from './database';
import { dishes, dishVersions } from './schema';

/** @returns every dish, by name */
export async function listDishes(database: Database): Promise<Dish[]> {
  const rows = await database.select().from(dishes).orderBy(asc(dishes.name));
  return rows.flatMap((row) => readable(dishSchema, row.document, `dish ${row.id}`) ?? []);
}

/** @returns the dish, or null where there is none of that id */
export async function readDish(database: Database, id: string): Promise<Dish | null> {
  const [row] = await database.select().from(dishes).where(eq(dishes.id, id));
  return row ? readable(dishSchema, row.document, `dish ${row.id}`) : null;
}

/** Older versions than this many are dropped. */
const MOST_VERSIONS = 50;

/**
 * Writes a dish; one of the same id is replaced and kept as a version.
 *
 * @param now ms since the epoch
 * @param why what the change is for, in the cook's words
 */
export async function saveDish(
  database: Database,
  dish: Dish,
  now: number,
  why = '',
): Promise<void> {
  const document = dishSchema.parse(dish);
  const row = { id: document.id, name: document.name, document, updatedAt: now };
  await inWriteQueue(() =>
    inTransaction(database, async (tx) => {
      const [old] = await tx.select().from(dishes).where(eq(dishes.id, row.id));
      if (old && !isDeepStrictEqual(old.document, document)) {
        await tx.insert(dishVersions).values({
          dishId: row.id,
          replacedAt: now,
          why: why.slice(0, 300),
          document: old.document,
        });
        const kept = await tx
          .select({ id: dishVersions.id })
          .from(dishVersions)
          .where(eq(dishVersions.dishId, row.id))
          .orderBy(desc(dishVersions.id));
        const dropped = kept.slice(MOST_VERSIONS).map((v) => v.id);
        if (dropped.length > 0)
          await tx.delete(dishVersions).where(inArray(dishVersions.id, dropped));
      }
      await tx
        .insert(dishes)
        .values(row)
        .onConflictDoUpdate({
          target: dishes.id,
          set: { name: row.name, document, updatedAt: now },
        });
    }),
  );
}

export interface DishVersion {
  id: number;
  replacedAt: number;
  why: string;
  dish: Dish;
}

/** What the dish was before, the latest first. */
export async function listVersions(database: Database, dishId: string): Promise<DishVersion[]> {
  const rows = await database
    .select()
    .from(dishVersions)
    .where(eq(dishVersions.dishId, dishId))
    .orderBy(desc(dishVersions.id));
  return rows.flatMap(({ id, replacedAt, why, document }) => {
    const dish = readable(dishSchema, document, `version ${id}`);
    return dish ? [{ id, replacedAt, why, dish }] : [];
  });
}

/** What every dish was before each change, the oldest first. */
export async function allVersions(database: Database): Promise<VersionRecord[]> {
  const rows = await database.select().from(dishVersions).orderBy(asc(dishVersions.id));
  return rows.flatMap(({ id, dishId, replacedAt, why, document }) => {
    const dish = readable(dishSchema, document, `version ${id}`);
    return dish ? [{ dishId, replacedAt, why, dish }] : [];
  });
}

/** Ids that are taken. */
export async function dishIds(database: Database): Promise<Set<string>> {
  return new Set((await dishNames(database)).keys());
}

/** What every dish is called, by id, in the order of the names. */
export async function dishNames(database: Database): Promise<Map<string, string>> {
  const rows = await database
    .select({ id: dishes.id, name: dishes.name })
    .from(dishes)
    .orderBy(asc(dishes.name));
  return new Map(rows.map((row) => [row.id, row.name]));
}

/** Removes a dish; meals that have it say so themselves. */
export async function removeDish(database: Database, id: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(dishes).where(eq(dishes.id, id));
  });
}

/** Those of the ids that are there, by id. */
export async function dishesById(
  database: Database,
  ids: readonly string[],
): Promise<Map<string, Dish>> {
  if (ids.length === 0) return new Map();
  const rows = await database
    .select()
    .from(dishes)
    .where(inArray(dishes.id, [...new Set(ids)]));
  return new Map(
    rows.flatMap((row) => {
      const dish = readable(dishSchema, row.document, `dish ${row.id}`);
      return dish ? [[row.id, dish] as const] : [];
    }),
  );
}
