/** What this installation keeps of a household, kind by kind, and removing it for good. Nothing of it leaves the machine. */
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { and, like, lt, ne, notLike, sql, type SQL } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import { unlock } from './access';
import { listBackups } from './backup';
import { inWriteQueue, type Database } from './database';
import { forgetDevices, listDevices } from './devices';
import * as schema from './schema';

export const STORED_KINDS = [
  'kitchen',
  'dishes',
  'photos',
  'meals',
  'evenings',
  'stores',
  'lists',
  'devices',
  'copies',
] as const;
export type StoredKind = (typeof STORED_KINDS)[number];

export interface Stored {
  kind: StoredKind;
  count: number;
  /** Of files and photos; null where rows of the database are all it is. */
  bytes: number | null;
}

/** An evening that is under way is not removed under the hands of its cooks. */
const UNDER_WAY_MS = 12 * 3_600_000;

async function countOf(database: Database, table: SQLiteTable): Promise<number> {
  const [row] = await database.select({ n: sql<number>`count(*)` }).from(table);
  return row?.n ?? 0;
}

/** @param folder where copies lie; null where they are not made here */
export async function whatIsStored(database: Database, folder: string | null): Promise<Stored[]> {
  const [kitchens, dishes, meals, evenings, items, larder, prices, devices] = await Promise.all([
    countOf(database, schema.kitchens),
    countOf(database, schema.dishes),
    countOf(database, schema.meals),
    countOf(database, schema.evenings),
    countOf(database, schema.storeItems),
    countOf(database, schema.larder),
    countOf(database, schema.prices),
    listDevices(database),
  ]);
  const [photos] = await database
    .select({
      count: sql<number>`count(*)`,
      bytes: sql<number>`coalesce(sum(length(${schema.dishPhotos.bytes})), 0)`,
    })
    .from(schema.dishPhotos);
  const copies = folder === null ? [] : listBackups(folder);
  const rows = (kind: StoredKind, count: number): Stored => ({ kind, count, bytes: null });
  return [
    rows('kitchen', kitchens),
    rows('dishes', dishes),
    { kind: 'photos', count: photos?.count ?? 0, bytes: photos?.bytes ?? 0 },
    rows('meals', meals),
    rows('evenings', evenings),
    rows('stores', items),
    rows('lists', larder + prices),
    rows('devices', devices.length),
    { kind: 'copies', count: copies.length, bytes: copies.reduce((sum, c) => sum + c.bytes, 0) },
  ];
}

interface Gone {
  table: SQLiteTable;
  where?: SQL;
}

/** Photos of plates are kept under their evening and its entry (`eveningPhotoId`); all others are of dishes. */
const OF_EVENING = '%/%';

/** Which rows are a kind. @param before evenings that began since then stay, ms since the epoch */
function rowsOf(kind: StoredKind, before: number): Gone[] {
  const ended = sql`select ${schema.evenings.id} from ${schema.evenings} where ${schema.evenings.startedAt} < ${before}`;
  switch (kind) {
    case 'kitchen':
      return [{ table: schema.kitchens }];
    case 'dishes':
      return [
        { table: schema.dishVersions },
        { table: schema.dishPhotos, where: notLike(schema.dishPhotos.dishId, OF_EVENING) },
        { table: schema.dishes },
      ];
    case 'photos':
      return [{ table: schema.dishPhotos }];
    case 'meals':
      return [{ table: schema.meals }];
    case 'evenings':
      return [
        {
          table: schema.eveningEvents,
          where: sql`${schema.eveningEvents.eveningId} in (${ended})`,
        },
        { table: schema.observations, where: sql`${schema.observations.eveningId} in (${ended})` },
        { table: schema.verdicts, where: sql`${schema.verdicts.eveningId} in (${ended})` },
        {
          table: schema.dishPhotos,
          where: and(
            like(schema.dishPhotos.dishId, OF_EVENING),
            sql`exists (select 1 from ${schema.evenings} where ${schema.evenings.startedAt} < ${before} and ${schema.dishPhotos.dishId} like ${schema.evenings.id} || '/%')`,
          ) as SQL,
        },
        { table: schema.evenings, where: lt(schema.evenings.startedAt, before) },
      ];
    case 'stores':
      return [{ table: schema.storeMoves }, { table: schema.storeItems }];
    case 'lists':
      return [{ table: schema.larder }, { table: schema.prices }, { table: schema.listTicks }];
    case 'devices':
    case 'copies':
      return [];
  }
}

/** What was set aside for this installation goes as well, but for the passcode: without it nobody could come in. */
export async function forgetSettings(database: Database): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(schema.settings).where(ne(schema.settings.key, 'passcode'));
  });
}

/**
 * Removes a kind for good: its rows are overwritten in the file, too. There is no way back but a copy or a household
 * file made before.
 *
 * @param folder where copies lie; null where they are not made here
 * @param now ms since the epoch
 */
export async function removeStored(
  database: Database,
  kind: StoredKind,
  folder: string | null,
  now: number,
): Promise<void> {
  if (kind === 'devices') {
    await forgetDevices(database);
    await unlock(database);
  }
  if (kind === 'copies' && folder !== null)
    for (const { name } of listBackups(folder)) rmSync(join(folder, name), { force: true });
  const gone = rowsOf(kind, now - UNDER_WAY_MS);
  if (gone.length === 0) return;
  await inWriteQueue(async () => {
    await database.transaction(async (tx) => {
      for (const { table, where } of gone) await tx.delete(table).where(where);
    });
    // What was deleted stays in the file's free pages until it is written anew.
    await database.run(sql`VACUUM`);
    await database.run(sql`PRAGMA wal_checkpoint(TRUNCATE)`);
  });
}
