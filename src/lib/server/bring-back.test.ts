import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../../demo/household';
import { backUp, backupFolder, listBackups } from './backup';
import { openInstead, readCopy } from './bring-back';
import { openDatabase, type Database } from './database';
import { readHousehold } from './household-read';
import { replaceHousehold } from './household-store';

const NOW = Date.UTC(2026, 10, 25, 9);
let place = '';
let copies = '';
let database: Database;

beforeAll(async () => {
  place = mkdtempSync(join(tmpdir(), 'olive-back-'));
  const url = `file:${join(place, 'olive.db')}`;
  copies = backupFolder(url) ?? '';
  database = await openDatabase(url);
  await replaceHousehold(database, householdSchema.parse(demoHousehold(NOW)), NOW);
});
afterAll(() => rmSync(place, { recursive: true, force: true }));

it('what is here is kept, and comes back as it was; its copy stays untouched', async () => {
  const before = await readHousehold(database);
  const opened = await openInstead(database, copies, { ...before, dishes: [], meals: [] }, NOW);
  if (!opened.ok || opened.value === null) throw new Error('no copy');
  expect((await readHousehold(database)).dishes).toEqual([]);
  const bytes = readFileSync(join(copies, opened.value));
  const copy = await readCopy(copies, opened.value);
  expect(copy).toEqual({ ok: true, value: before });
  expect(readFileSync(join(copies, opened.value))).toEqual(bytes);
  if (copy.ok) await openInstead(database, copies, copy.value, NOW + 5000);
  expect(await readHousehold(database)).toEqual(before);
});

it('two in one second are two copies, each of what was here then', async () => {
  const before = await readHousehold(database);
  const none = await openInstead(database, copies, { ...before, meals: [] }, NOW + 90_000);
  const back = await openInstead(database, copies, before, NOW + 90_000);
  if (!none.ok || !back.ok) throw new Error('no copy');
  const [first, second] = [none.value ?? '', back.value ?? ''];
  expect(await readCopy(copies, first)).toEqual({ ok: true, value: before });
  expect(await readCopy(copies, second)).toMatchObject({ ok: true, value: { meals: [] } });
});

it('where no copy can be made, nothing is replaced', async () => {
  const before = await readHousehold(database);
  const blocked = join(place, 'a-file');
  writeFileSync(blocked, '');
  const opened = await openInstead(database, join(blocked, 'x'), { ...before, dishes: [] }, NOW);
  expect(opened.ok).toBe(false);
  expect(await readHousehold(database)).toEqual(before);
});

it.each(['none.db', '../olive.db', ''])(
  'a copy “%s” that is not listed is refused',
  async (name) => {
    const copy = await readCopy(copies, name);
    expect(copy.ok || copy.problems[0]?.message).toContain('there is no copy');
  },
);

it('a damaged copy is told of, and nothing is left behind', async () => {
  const made = await backUp(database, copies, NOW + 60_000);
  if (!made.ok) throw new Error('no copy');
  writeFileSync(join(copies, made.value.name), 'Dear all, see you on Sunday. '.repeat(50));
  const copy = await readCopy(copies, made.value.name);
  expect(copy.ok || copy.problems[0]?.message).toContain('can’t be read');
  expect(listBackups(copies).length).toBeGreaterThan(1);
});
