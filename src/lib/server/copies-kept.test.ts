/** Which copies stay, on the edges of the rule; and that making and reading one leaves nothing else behind. */
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  backUp,
  backUpDaily,
  backupFolder,
  dropOld,
  listBackups,
  readBackupSetting,
} from './backup';
import { openInstead, readCopy } from './bring-back';
import { openDatabase, type Database } from './database';
import { readHousehold } from './household-read';

/** A Wednesday; weeks are counted from a Thursday, 1 January 1970. */
const NOW = Date.UTC(2026, 10, 25, 9);
const DAY_MS = 86_400_000;
let place = '';
let database: Database;

beforeAll(async () => {
  place = mkdtempSync(join(tmpdir(), 'olive-kept-'));
  database = await openDatabase(`file:${join(place, 'olive.db')}`);
});
afterAll(() => rmSync(place, { recursive: true, force: true }));

/** Copies that were made at some moments, in a folder of their own. */
function made(moments: readonly number[]): string {
  const folder = mkdtempSync(join(place, 'copies-'));
  for (const at of moments) {
    const path = join(
      folder,
      `olive-${new Date(at).toISOString().slice(0, 19).replaceAll(':', '-')}.db`,
    );
    writeFileSync(path, '');
    utimesSync(path, new Date(at), new Date(at));
  }
  return folder;
}
const kept = (folder: string): number[] => listBackups(folder).map((b) => b.at - NOW);

it('where nobody has said, one is made each day and kept for a fortnight', async () =>
  expect(await readBackupSetting(database)).toEqual({ isDaily: true, keepDays: 14 }));

it('they lie beside the file; a database elsewhere has none here', () => {
  expect(backupFolder('file:/srv/olive/olive.db')).toBe('/srv/olive/backups');
  expect(backupFolder('http://larder.local:8080')).toBeNull();
});

describe('which stay', () => {
  it('of exactly so many days stays, a moment older goes', () => {
    const edge = NOW - 20 * DAY_MS;
    for (const [at, count] of [
      [edge, 2],
      [edge - 1000, 1],
    ] as const) {
      const folder = made([NOW, at]);
      dropOld(folder, 20, NOW);
      expect(kept(folder)).toHaveLength(count);
    }
  });

  it('two of one day stay until they are a week old to the moment', () => {
    const week = NOW - 7 * DAY_MS;
    const both = made([NOW, week + 2000, week]);
    expect(dropOld(both, 30, NOW)).toEqual([]);
    const older = made([NOW, week - 1000, week - 2000]);
    expect(dropOld(older, 30, NOW)).toHaveLength(1);
    expect(kept(older)).toEqual([0, -7 * DAY_MS - 1000]);
  });

  it('the last of each week of the calendar, from Thursday to Wednesday', () => {
    const wednesday = NOW - 14 * DAY_MS;
    const folder = made([NOW, wednesday, wednesday - 6 * DAY_MS, wednesday - 7 * DAY_MS]);
    dropOld(folder, 60, NOW);
    expect(kept(folder)).toEqual([0, -14 * DAY_MS, -21 * DAY_MS]);
  });
});

it('the second of one second is told by the next one, and is the later', async () => {
  const folder = join(place, 'two', 'deep');
  await backUp(database, folder, NOW);
  await backUp(database, folder, NOW);
  expect(listBackups(folder).map((b) => b.name)).toEqual([
    'olive-2026-11-25T09-00-01.db',
    'olive-2026-11-25T09-00-00.db',
  ]);
});

it('where today’s can’t be made, none of the old ones goes, and what stood in the way is said', async () => {
  const folder = made([NOW - 40 * DAY_MS, NOW - 41 * DAY_MS]);
  for (const refusal of [new Error('database or disk is full'), 'no space']) {
    const full = Object.assign(Object.create(database) as Database, {
      run: () => Promise.reject(refusal as Error),
    });
    const daily = await backUpDaily(full, folder, NOW);
    expect(daily.ok || daily.problems[0]?.message).toMatch(/(?:is full|no space)\)$/);
  }
  expect(kept(folder)).toHaveLength(2);
});

describe('another household', () => {
  it('is opened without a copy where there is no folder for one', async () => {
    const here = await readHousehold(database);
    expect(await openInstead(database, null, here, NOW)).toEqual({ ok: true, value: null });
  });

  it('a copy is read aside, and what was aside is gone again, read or not', async () => {
    const folder = join(place, 'aside');
    const copy = await backUp(database, folder, NOW);
    if (!copy.ok) throw new Error('no copy');
    const aside = (): string[] => readdirSync(tmpdir()).filter((n) => n.startsWith('olive-copy-'));
    const before = aside();
    expect((await readCopy(folder, copy.value.name)).ok).toBe(true);
    writeFileSync(join(folder, copy.value.name), 'See you on Sunday. '.repeat(60));
    const damaged = await readCopy(folder, copy.value.name);
    expect(damaged.ok || damaged.problems[0]?.message).toMatch(/can’t be read \(.*\w.*\)$/);
    expect(aside()).toEqual(before);
    expect(existsSync(folder)).toBe(true);
  });
});

it('what is no copy is none, whatever lies there', () => {
  const folder = made([NOW]);
  mkdirSync(join(folder, 'other'));
  writeFileSync(join(folder, 'olive-yesterday.db'), '');
  expect(listBackups(folder)).toHaveLength(1);
});
