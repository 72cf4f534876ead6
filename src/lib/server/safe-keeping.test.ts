import { spawn } from 'node:child_process';
import { once } from 'node:events';
import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { householdSchema, parseHousehold } from '$core/exchange';
import { databaseTrouble } from '../../../scripts/check-database.mjs';
import { demoEvenings } from '../../demo/evenings';
import { demoHousehold } from '../../demo/household';
import {
  backUp,
  backUpDaily,
  backupFolder,
  dropOld,
  listBackups,
  saveBackupSetting,
} from './backup';
import { verdictSchema } from '$core/learn';
import { openDatabase, type Database } from './database';
import { listDishes, readDish, saveDish } from './dish-store';
import { startEvening } from './evening-store';
import { listItems, takeOut } from './item-store';
import { setBack } from './learned-store';
import { listMeals, updateMeal } from './meal-store';
import { savePhoto } from './photo-store';
import { readHousehold } from './household-read';
import { replaceHousehold } from './household-store';
import { diskTrouble } from './trouble';
import { saveVerdict } from './verdict-store';

const NOW = Date.UTC(2026, 10, 25, 9);
const DAY_MS = 86_400_000;
/** The user without rights, by custom on Linux. */
const NOBODY = 65_534;
let folder = '';
let file = '';
let database: Database;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'olive-keep-'));
  file = join(folder, 'olive.db');
  database = await openDatabase(`file:${file}`);
  const household = householdSchema.parse(demoHousehold(NOW));
  await replaceHousehold(database, household, NOW);
  for (const { evening, events } of demoEvenings(household, NOW).slice(0, 2))
    await startEvening(database, evening, evening.serveAt, { first: events });
  await saveVerdict(database, {
    eveningId: 'demo-evening-5',
    entryId: 'lamb-apricots',
    dishId: 'lamb-apricots',
    at: NOW,
    verdict: verdictSchema.parse({ tenderness: 'too firm', again: true, note: 'Again' }),
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('copies', () => {
  it('a copy holds everything that was there, and opens as a database of its own', async () => {
    const copies = backupFolder(`file:${file}`) ?? '';
    const made = await backUp(database, copies, NOW);
    if (!made.ok) throw new Error(made.problems[0]?.message);
    const copy = await openDatabase(`file:${join(copies, made.value.name)}`);
    expect(await readHousehold(copy)).toEqual(await readHousehold(database));
  });

  it('one a day, kept for so many days, and the latest always stays', async () => {
    const copies = join(folder, 'daily');
    await saveBackupSetting(database, { isDaily: true, keepDays: 3 });
    for (let day = 0; day < 6; day++) {
      const now = NOW + day * DAY_MS;
      await backUpDaily(database, copies, now);
      for (const { name } of listBackups(copies).slice(0, 1))
        utimesSync(join(copies, name), new Date(now), new Date(now));
      await backUpDaily(database, copies, now + 1000);
    }
    const kept = listBackups(copies);
    expect(kept.length).toBeGreaterThanOrEqual(3);
    expect(kept.length).toBeLessThanOrEqual(4);
    dropOld(copies, 1, NOW + 100 * DAY_MS);
    expect(listBackups(copies)).toHaveLength(1);
    await saveBackupSetting(database, { isDaily: false, keepDays: 3 });
    const none = await backUpDaily(database, copies, NOW + 200 * DAY_MS);
    expect(none).toEqual({ ok: true, value: null });
  });

  it('of those older than a week the last of each week stays, however long it goes on', async () => {
    const copies = join(folder, 'weekly');
    await saveBackupSetting(database, { isDaily: true, keepDays: 40 });
    for (let day = 0; day < 60; day++) {
      const now = NOW + day * DAY_MS;
      await backUpDaily(database, copies, now);
      const [latest] = listBackups(copies);
      if (latest) utimesSync(join(copies, latest.name), new Date(now), new Date(now));
    }
    const ages = listBackups(copies).map((b) => Math.round((NOW + 59 * DAY_MS - b.at) / DAY_MS));
    // Eight days, the seventh to the day among them; the latest of a week that is just growing old; then week by week.
    expect(ages.slice(0, 8)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    const weekly = ages.slice(8);
    expect(weekly.length).toBeGreaterThanOrEqual(4);
    for (const [i, age] of weekly.entries()) if (i > 1) expect(age - (weekly[i - 1] ?? 0)).toBe(7);
    expect(Math.max(...ages)).toBeLessThanOrEqual(40);
    await saveBackupSetting(database, { isDaily: true, keepDays: 14 });
  });

  it('one that stops half way leaves nothing that looks like a copy', async () => {
    const copies = join(folder, 'half');
    const name = `olive-${new Date(NOW).toISOString().slice(0, 19).replaceAll(':', '-')}.db`;
    const full = Object.assign(Object.create(database) as Database, {
      run: () => {
        writeFileSync(join(copies, name), 'the first pages');
        return Promise.reject(new Error('SQLITE_FULL: database or disk is full'));
      },
    });
    const made = await backUp(full, copies, NOW);
    expect(made.ok).toBe(false);
    expect(listBackups(copies)).toEqual([]);
  });

  it('a folder that can’t be written is said, with what to do', async () => {
    const blocked = join(folder, 'a-file');
    writeFileSync(blocked, '');
    const made = await backUp(database, join(blocked, 'x'), NOW);
    expect(made.ok).toBe(false);
    if (!made.ok) expect(made.problems[0]?.remedy).toContain('disk is full');
  });
});

/** Every row of every table; what only says when and in which order something was written is left out. */
async function wholeDatabase(of: Database): Promise<Record<string, Record<string, unknown>[]>> {
  const tables = await of.all<{ name: string }>(
    sql`select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '\\_\\_%' escape '\\' order by name`,
  );
  const all: Record<string, Record<string, unknown>[]> = {};
  for (const { name } of tables) {
    const rows = await of.all<Record<string, unknown>>(sql.raw(`select * from "${name}"`));
    all[name] = rows
      .map((row) => {
        const { id, seq: _, updated_at: __, revision: ___, ...rest } = row;
        return typeof id === 'number' ? rest : { id, ...rest };
      })
      .map((row) => structuredClone(row))
      .sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
  }
  return all;
}

describe('the household file', () => {
  it('everything out and in again is the same, table by table', async () => {
    const [meal] = await listMeals(database);
    const [evening] = (await readHousehold(database)).evenings ?? [];
    if (!meal || !evening) throw new Error('no meal, no evening');
    const { compiled, schedule } = evening.evening;
    const plan = { format: 'olive-clock/saved-plan@2' as const, compiled, schedule };
    await updateMeal(database, { meal: meal.meal, plan, revision: meal.revision }, NOW);
    const dish = await readDish(database, 'lamb-apricots');
    if (!dish) throw new Error('no dish');
    await saveDish(database, { ...dish, notes: 'Less salt.' }, NOW, 'too salty');
    const [bag] = await listItems(database);
    // All of it: what is used up stays known, so that its code is never given again.
    await takeOut(database, bag?.id ?? '', bag?.portions ?? 0, { what: 'out', note: '', now: NOW });
    const png = Uint8Array.of(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 73, 72);
    for (const of of ['lamb-apricots', 'demo-evening-5/lamb-apricots'])
      expect((await savePhoto(database, of, png, NOW)).ok).toBe(true);
    await setBack(database, 'hold/lamb-apricots', NOW);

    const parsed = parseHousehold(JSON.stringify(await readHousehold(database)));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.message);
    const other = await openDatabase(`file:${join(folder, 'other.db')}`);
    await replaceHousehold(other, parsed.value, NOW);
    // Passcode and daily copies are this installation's; observations are read from the evenings again; ticks are
    // for one walk through a shop.
    const [before, after] = [await wholeDatabase(database), await wholeDatabase(other)];
    for (const all of [before, after]) {
      all['settings'] = (all['settings'] ?? []).filter((s) => s['key'] === 'learned-since');
      all['observations'] = [];
      // How much is left is the column's to say; the document has what was there when it was written.
      for (const item of all['store_items'] ?? [])
        item['document'] = { ...JSON.parse(String(item['document'])), portions: item['portions'] };
    }
    const filled = Object.keys(before).filter((name) => (before[name] ?? []).length > 0);
    expect(Object.keys(before).filter((name) => !filled.includes(name))).toEqual([
      'list_ticks',
      'observations',
    ]);
    expect(after).toEqual(before);
    // Opened again where it is, it is still the same.
    await replaceHousehold(other, parsed.value, NOW);
    expect((await wholeDatabase(other))['dish_photos']).toEqual(before['dish_photos']);
  });

  it('a file without photos leaves photos alone', async () => {
    const other = await openDatabase(`file:${join(folder, 'photos.db')}`);
    await replaceHousehold(other, await readHousehold(database), NOW);
    await replaceHousehold(other, await readHousehold(database, false), NOW);
    expect((await readHousehold(other)).photos).toHaveLength(2);
  });

  it('one of version 1 is brought to this version: its stores begin their history on the day they were packed', async () => {
    const now = await readHousehold(database);
    const { plans: _, moves: __, versions: ___, photos: ____, setBack: _____, ...rest } = now;
    const old = { ...rest, format: 'olive-clock/household@1' };
    const parsed = parseHousehold(JSON.stringify(old));
    if (!parsed.ok) throw new Error(parsed.problems[0]?.message);
    expect(parsed.value.format).toBe('olive-clock/household@3');
    const other = await openDatabase(`file:${join(folder, 'first.db')}`);
    await replaceHousehold(other, parsed.value, NOW);
    const after = await readHousehold(other);
    expect(after.dishes).toEqual(now.dishes);
    expect(after.evenings).toEqual(now.evenings);
    expect(after.moves?.map((m) => m.itemId)).toEqual(now.stores.map((i) => i.id));
    expect(after.moves?.every((m) => m.what === 'in')).toBe(true);
  });

  it('an older file without evenings leaves them alone; one with a plan that is no plan is refused', async () => {
    const before = await readHousehold(database);
    const { evenings: _, verdicts: __, ...older } = before;
    const other = await openDatabase(`file:${join(folder, 'third.db')}`);
    await replaceHousehold(other, before, NOW);
    await replaceHousehold(other, householdSchema.parse(older), NOW);
    expect((await readHousehold(other)).evenings).toEqual(before.evenings);
    const broken = structuredClone(before);
    const first = broken.evenings?.[0];
    if (first) Object.assign(first.evening.compiled, { problem: { steps: 'none' } });
    const refused = parseHousehold(JSON.stringify(broken));
    expect(refused.ok).toBe(false);
    if (!refused.ok) expect(refused.problems[0]?.message).toContain('can’t be read');
  });
});

/** One file, whole; of the database itself the newest lies in its log. */
function newestCopy(): string {
  const copies = backupFolder(`file:${file}`) ?? '';
  return join(copies, listBackups(copies)[0]?.name ?? '');
}

describe('a disk that does not do what it should', () => {
  it('full: the write is refused in words, and what was there is whole', async () => {
    const path = join(folder, 'full.db');
    const full = await openDatabase(`file:${path}`);
    await replaceHousehold(full, householdSchema.parse(demoHousehold(NOW)), NOW);
    const before = await listDishes(full);
    const [dish] = before;
    if (!dish) throw new Error('no dish');
    const pages = await full.get<{ page_count: number }>(sql`PRAGMA page_count`);
    const limit = sql.raw(`PRAGMA max_page_count = ${Number(Object.values(pages)[0])}`);
    let refused: unknown = null;
    for (let i = 0; i < 200 && refused === null; i++) {
      // A transaction takes its connection with it, so the limit is set on each.
      await full.run(limit);
      refused = await saveDish(
        full,
        { ...dish, id: `copy-${i}`, notes: 'x'.repeat(4000) },
        NOW,
      ).then(
        () => null,
        (error: unknown) => error,
      );
    }
    expect(diskTrouble(refused)?.message).toBe('The disk is full, so nothing was saved.');
    // Every dish that is there is a whole document.
    const after = await listDishes(full);
    for (const { id } of before) expect(after.some((d) => d.id === id)).toBe(true);
    expect(await databaseTrouble(`file:${path}`)).toBeNull();
  });

  it('damaged at the start: said with the way back; sound or not there yet: nothing', async () => {
    expect(await databaseTrouble(`file:${file}`)).toBeNull();
    expect(await databaseTrouble(`file:${join(folder, 'none.db')}`)).toBeNull();
    const bytes = readFileSync(newestCopy());
    bytes.fill(0x5a, 4096, Math.min(bytes.length, 200_000));
    const broken = join(folder, 'broken.db');
    writeFileSync(broken, bytes);
    expect(await databaseTrouble(`file:${broken}`)).toMatch(/damaged|can't be read/);
    expect(await databaseTrouble(`file:${broken}`)).toContain('npm run restore');
    const letter = join(folder, 'letter.db');
    writeFileSync(letter, 'Dear all, see you on Sunday. '.repeat(50));
    expect(await databaseTrouble(`file:${letter}`)).toContain('npm run restore');
  });

  it('read-only at the start: said with what to do', async () => {
    const place = join(folder, 'read-only');
    mkdirSync(place);
    const path = join(place, 'olive.db');
    copyFileSync(newestCopy(), path);
    chmodSync(folder, 0o755);
    chmodSync(path, 0o444);
    chmodSync(place, 0o555);
    // Root may write everything, so it is asked as nobody.
    const isRoot = process.geteuid?.() === 0;
    try {
      if (isRoot) process.seteuid?.(NOBODY);
      expect(await databaseTrouble(`file:${path}`)).toContain('Give this program the right');
    } finally {
      if (isRoot) process.seteuid?.(0);
      chmodSync(place, 0o755);
    }
  });

  it('busy with another program’s write: waited for, not refused', async () => {
    const busy = join(folder, 'busy.db');
    await openDatabase(`file:${busy}`);
    const holder = spawn('node', [
      '--input-type=module',
      '-e',
      `import { createClient } from '@libsql/client';
       const client = createClient({ url: 'file:${busy}' });
       await client.executeMultiple('BEGIN IMMEDIATE');
       console.log('held');
       setTimeout(() => client.close(), 600);`,
    ]);
    await once(holder.stdout, 'data');
    expect(await databaseTrouble(`file:${busy}`)).toBeNull();
    await once(holder, 'exit');
  });

  it('other errors stay what they are', () => {
    expect(diskTrouble(new Error('no'))).toBeNull();
    const deep = new Error('Failed query', {
      cause: new Error('SQLITE_READONLY: attempt to write'),
    });
    expect(diskTrouble(deep)?.message).toContain('may not be written');
  });
});

describe('migrations', () => {
  const steps = readdirSync('drizzle')
    .filter((name) => name.endsWith('.sql'))
    .sort();

  it.each(steps.map((_, i) => i + 1))(
    'a database of the first %i migrations comes to the newest, with its dishes',
    async (count) => {
      const path = join(folder, `from-${count}.db`);
      const client = createClient({ url: `file:${path}` });
      await client.execute(
        'CREATE TABLE __drizzle_migrations (id INTEGER PRIMARY KEY, hash text NOT NULL, created_at numeric)',
      );
      const journal = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8')) as {
        entries: { when: number; tag: string }[];
      };
      for (const { tag, when } of journal.entries.slice(0, count)) {
        const text = readFileSync(`drizzle/${tag}.sql`, 'utf8');
        for (const statement of text.split('--> statement-breakpoint'))
          await client.execute(statement);
        await client.execute({
          sql: 'INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)',
          args: [tag, when],
        });
      }
      const [dish] = householdSchema.parse(demoHousehold(NOW)).dishes;
      await client.execute({
        sql: 'INSERT INTO dishes (id, name, document, updated_at) VALUES (?, ?, ?, ?)',
        args: [dish?.id ?? '', dish?.name ?? '', JSON.stringify(dish), NOW],
      });
      client.close();
      const opened = await openDatabase(`file:${path}`);
      expect(await listDishes(opened)).toEqual([dish]);
      expect((await readHousehold(opened)).verdicts).toEqual([]);
    },
  );
});
