import { copyFileSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { afterAll, expect, it } from 'vitest';
import { z } from 'zod';
import { openDatabase } from './database';
import { readSetting, writeSetting } from './settings-store';
import { diskTrouble } from './trouble';

const folder = mkdtempSync(join(tmpdir(), 'olive-busy-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Waits a moment only: the other program goes on when this one has been refused. */
const WAIT_MS = 50;

it('what is acknowledged after another program held the file is there for every program', async () => {
  const url = `file:${join(folder, 'olive.db')}`;
  const here = await openDatabase(url, WAIT_MS);
  const there = await openDatabase(url, WAIT_MS);
  const holder = createClient({ url });

  const held = await holder.transaction('write');
  await expect(writeSetting(here, 'refused', 1)).rejects.toThrow();
  await expect(here.transaction(async () => undefined)).rejects.toThrow();
  await held.rollback();

  await writeSetting(here, 'kept', 1);
  expect(await readSetting(there, 'kept', z.number())).toBe(1);
  expect(await readSetting(there, 'refused', z.number())).toBeNull();
  // Nothing holds the file any more.
  await writeSetting(there, 'theirs', 2);
  expect(await readSetting(here, 'theirs', z.number())).toBe(2);
});

it('who reads while that happens is answered', async () => {
  const url = `file:${join(folder, 'readers.db')}`;
  const here = await openDatabase(url, WAIT_MS);
  const holder = createClient({ url });
  await writeSetting(here, 'kept', 1);

  const held = await holder.transaction('write');
  const refused = writeSetting(here, 'kept', 2).catch(() => 'refused');
  const reads = Array.from({ length: 50 }, () => readSetting(here, 'kept', z.number()));
  expect(await Promise.all(reads)).toEqual(Array.from({ length: 50 }, () => 1));
  expect(await refused).toBe('refused');
  await held.rollback();
});

const GONE = 'moved, deleted or replaced';
const refusalOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => diskTrouble(error)?.message ?? 'something else',
  );

it.each(['moved.db', 'moved.db-wal'])(
  '%s taken away while the program runs: nothing is acknowledged',
  async (name) => {
    const inside = mkdtempSync(join(folder, 'gone-'));
    const here = await openDatabase(`file:${join(inside, 'moved.db')}`, WAIT_MS);
    await writeSetting(here, 'kept', 1);
    renameSync(join(inside, name), join(inside, 'aside'));
    expect(await refusalOf(writeSetting(here, 'lost', 1))).toContain(GONE);
    expect(await refusalOf(here.transaction(async () => undefined))).toContain(GONE);
    expect(await refusalOf(readSetting(here, 'kept', z.number()))).toContain(GONE);
    // Another one of the same name is another one.
    copyFileSync(join(inside, 'aside'), join(inside, name));
    expect(await refusalOf(writeSetting(here, 'lost', 1))).toContain(GONE);
    // Put back, it goes on.
    renameSync(join(inside, 'aside'), join(inside, name));
    await writeSetting(here, 'found', 1);
    expect(await readSetting(here, 'found', z.number())).toBe(1);
  },
);
