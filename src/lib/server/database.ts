/** One connection to the household's file, its migrations, and one queue for all writes. */
import { mkdirSync, readFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { z } from 'zod';
import { makeCareful } from './careful-client';
import * as schema from './schema';

export type Database = LibSQLDatabase<typeof schema>;

/** So long it is waited for another program that is writing. */
const BUSY_MS = 5000;
const DEFAULT_URL = 'file:data/olive.db';

const MIGRATIONS = 'drizzle';
const journalSchema = z.object({ entries: z.array(z.object({ when: z.number() })) });

/** When the newest step of the schema that this version knows was made, ms since the epoch. */
function newestKnown(): number {
  const journal: unknown = JSON.parse(readFileSync(`${MIGRATIONS}/meta/_journal.json`, 'utf8'));
  return Math.max(...journalSchema.parse(journal).entries.map((e) => e.when));
}

/** What a household of a later version is answered, wherever it would be opened. */
export const NEWER_DATABASE =
  'This household was kept by a newer version of Olive Clock, and this one would not understand all of it. Nothing was changed. Install that version again, or bring back a copy from before it with: npm run restore.';

/** Whether a database has steps of the schema that this version does not know. */
export async function isNewerThanHere(client: Client): Promise<boolean> {
  const { rows: tables } = await client.execute(
    "select 1 from sqlite_master where name = '__drizzle_migrations'",
  );
  if (tables.length === 0) return false;
  const { rows } = await client.execute('select max(created_at) as last from __drizzle_migrations');
  return Number(rows[0]?.last ?? 0) > newestKnown();
}

/**
 * Opens the database and brings it to the current schema.
 *
 * @param busyMs how long another program that is writing is waited for
 * @throws where it is of a newer version, with words for the cook; it is left as it is
 */
export async function openDatabase(
  url = DEFAULT_URL,
  busyMs = BUSY_MS,
): Promise<Database & { $client: Client }> {
  const path = url.startsWith('file:') ? url.slice('file:'.length) : null;
  if (path !== null) mkdirSync(dirname(path), { recursive: true });
  const client = createClient({ url, timeout: busyMs });
  const file = path === null ? null : makeCareful(client, path);
  if (await isNewerThanHere(client)) {
    client.close();
    throw new Error(NEWER_DATABASE);
  }
  if (file) await client.execute('PRAGMA journal_mode = WAL');
  const database = drizzle(client, { schema });
  await migrate(database, { migrationsFolder: MIGRATIONS });
  file?.remember();
  return database;
}

let opened: Promise<Database> | null = null;

/** The server's own database, opened once; `DATABASE_URL` may name another. */
export function database(): Promise<Database> {
  opened ??= openDatabase(databaseUrl());
  return opened;
}

/** @returns where the data is: a file, or a libSQL server where the environment names one */
export function databaseUrl(): string {
  return process.env.DATABASE_URL || DEFAULT_URL;
}

let lastWrite: Promise<unknown> = Promise.resolve();

/** Runs writes one after another: libSQL rejects overlapping ones as locked. */
export function inWriteQueue<T>(write: () => Promise<T>): Promise<T> {
  const result = lastWrite.then(write, write);
  lastWrite = result.catch(() => undefined);
  return result;
}

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

/**
 * A transaction that fails with what went wrong in it: on a full disk SQLite has rolled back already, and
 * the second try to do so would hide the reason.
 */
export async function inTransaction<T>(
  database: Database,
  work: (tx: Transaction) => Promise<T>,
): Promise<T> {
  let reason: unknown;
  try {
    return await database.transaction(async (tx) => {
      try {
        return await work(tx);
      } catch (error) {
        reason = error;
        throw error;
      }
    });
  } catch (error) {
    throw reason ?? error;
  }
}
