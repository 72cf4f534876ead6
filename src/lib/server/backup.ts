/** Copies of the database: whole and consistent, made by SQLite itself, the older ones removed. */
import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { failure, success, type Outcome } from '$core/reason';
import { inWriteQueue, type Database } from './database';
import { readSetting, writeSetting } from './settings-store';

export const BACKUP_SETTING = 'backups';
export const backupSettingSchema = z.object({
  isDaily: z.boolean(),
  keepDays: z
    .int('a whole number of days')
    .min(1, 'keep copies for a day at least')
    .max(365, 'keep copies for a year at most'),
});
export type BackupSetting = z.infer<typeof backupSettingSchema>;

const USUAL: BackupSetting = { isDaily: true, keepDays: 14 };
const NAME = /^olive-\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}\.db$/;
const DAY_MS = 86_400_000;

export interface Backup {
  name: string;
  /** ms since the epoch. */
  at: number;
  bytes: number;
}

/** Beside the database; null where that is no file on this machine. */
export function backupFolder(url: string): string | null {
  if (!url.startsWith('file:')) return null;
  return join(dirname(resolve(url.slice('file:'.length))), 'backups');
}

/** @returns whether a copy is made each day and how many are kept; the usual where nobody has said */
export async function readBackupSetting(database: Database): Promise<BackupSetting> {
  return (await readSetting(database, BACKUP_SETTING, backupSettingSchema)) ?? USUAL;
}

/** Daily copies are made and kept so from now on. */
export async function saveBackupSetting(database: Database, value: BackupSetting): Promise<void> {
  await writeSetting(database, BACKUP_SETTING, backupSettingSchema.parse(value));
}

/** Copies that are there, the latest first. */
export function listBackups(folder: string): Backup[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => NAME.test(name))
    .map((name) => {
      const { mtimeMs, size } = statSync(join(folder, name));
      return { name, at: Math.round(mtimeMs), bytes: size };
    })
    .sort((a, b) => b.name.localeCompare(a.name));
}

const nameAt = (moment: number): string =>
  `olive-${new Date(moment).toISOString().slice(0, 19).replaceAll(':', '-')}.db`;

/**
 * Copies the database while it is in use (`VACUUM INTO`).
 *
 * @param now ms since the epoch
 * @returns the copy, or why there is none
 */
export async function backUp(
  database: Database,
  folder: string,
  now: number,
): Promise<Outcome<Backup>> {
  // Each copy is of its own moment, also where two are made in one second.
  let at = now;
  while (existsSync(join(folder, nameAt(at)))) at += 1000;
  const name = nameAt(at);
  const path = join(folder, name);
  try {
    mkdirSync(folder, { recursive: true });
    await inWriteQueue(async () => {
      await database.run(sql`VACUUM INTO ${path}`);
    });
    return success({ name, at: now, bytes: statSync(path).size });
  } catch (error) {
    if (existsSync(path)) rmSync(path);
    return failure({
      field: 'backup',
      message: `the copy could not be written to ${folder} (${error instanceof Error ? error.message : String(error)})`,
      remedy: 'look whether the disk is full and whether the folder may be written',
    });
  }
}

const WEEK_MS = 7 * DAY_MS;

/**
 * Removes copies older than so many days, and of those older than a week all but the last of each week: a household of
 * ten years has some hundred megabytes. The latest always stays.
 */
export function dropOld(folder: string, keepDays: number, now: number): string[] {
  const [, ...older] = listBackups(folder);
  const weeks = new Set<number>();
  const isKept = ({ at }: Backup): boolean => {
    if (at < now - keepDays * DAY_MS) return false;
    if (at >= now - WEEK_MS) return true;
    // Weeks of the calendar, whose ends stay where they are while the copies grow older.
    const week = Math.floor(at / WEEK_MS);
    const isLast = !weeks.has(week);
    weeks.add(week);
    return isLast;
  };
  const dropped = older.filter((b) => !isKept(b)).map((b) => b.name);
  for (const name of dropped) rmSync(join(folder, name), { force: true });
  return dropped;
}

/** One copy a day, if that is wanted and the last one is a day old. */
export async function backUpDaily(
  database: Database,
  folder: string,
  now: number,
): Promise<Outcome<Backup | null>> {
  const { isDaily, keepDays } = await readBackupSetting(database);
  const [last] = listBackups(folder);
  if (!isDaily || (last && now - last.at < DAY_MS)) return success(null);
  const made = await backUp(database, folder, now);
  if (made.ok) dropOld(folder, keepDays, now);
  return made;
}
