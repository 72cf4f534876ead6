import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { demoEvenings } from '../../demo/evenings';
import { demoHousehold } from '../../demo/household';
import { backUp, listBackups } from './backup';
import { openTestDatabase } from '../../../tests/support/test-database';
import { isNewerThanHere, NEWER_DATABASE, openDatabase } from './database';
import { readCopy } from './bring-back';
import { addDevice } from './devices';
import { listEvenings, startEvening } from './evening-store';
import { freshFigures } from './learned-store';
import { replaceHousehold } from './household-store';
import { eveningPhotoId, readPhoto, savePhoto } from './photo-store';
import { settings } from './schema';
import { writeSetting } from './settings-store';
import {
  forgetSettings,
  removeStored,
  STORED_KINDS,
  whatIsStored,
  type StoredKind,
} from './stored';

const NOW = Date.UTC(2026, 10, 25, 9);
const HOUR = 3_600_000;
const folder = mkdtempSync(join(tmpdir(), 'olive-stored-'));
const copies = join(folder, 'copies');
let file = '';
let database: Awaited<ReturnType<typeof openDatabase>>;
let made = 0;

beforeEach(async () => {
  file = join(folder, `${made++}.db`);
  database = await openTestDatabase(file);
  await replaceHousehold(database, householdSchema.parse(demoHousehold(NOW)), NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const counts = async (): Promise<Record<string, number>> =>
  Object.fromEntries((await whatIsStored(database, copies)).map((s) => [s.kind, s.count]));
const remove = (kind: StoredKind): Promise<void> => removeStored(database, kind, copies, NOW);

describe('what is stored', () => {
  it('is counted kind by kind, and each goes without the others', async () => {
    const household = householdSchema.parse(demoHousehold(NOW));
    for (const { evening, events } of demoEvenings(household, NOW).slice(0, 2))
      await startEvening(database, evening, evening.serveAt, { first: events });
    await addDevice(database, { name: 'Phone', role: 'full' }, NOW);
    expect((await backUp(database, copies, NOW)).ok).toBe(true);
    let before = await counts();
    expect(before).toMatchObject({ kitchen: 1, evenings: 2, devices: 1, copies: 1 });
    expect(before.dishes).toBe(household.dishes.length);
    for (const kind of STORED_KINDS) {
      await remove(kind);
      const after = await counts();
      // Photos of dishes go with them; nothing else touches another kind.
      expect(after, kind).toEqual({
        ...before,
        [kind]: 0,
        ...(kind === 'dishes' ? { photos: after.photos } : {}),
      });
      before = after;
    }
    expect(listBackups(copies)).toEqual([]);
    // And with nothing there the pages still open.
    expect(await freshFigures(database, NOW)).toEqual([]);
  });

  it('an evening of the last twelve hours stays, and its plates with it', async () => {
    const household = householdSchema.parse(demoHousehold(NOW));
    const [one, two] = demoEvenings(household, NOW);
    if (!one || !two) throw new Error('no evenings');
    await startEvening(database, one.evening, NOW - 12 * HOUR - 1, { first: one.events });
    await startEvening(database, two.evening, NOW - 12 * HOUR, { first: two.events });
    const photo = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1]);
    for (const { evening } of [one, two])
      await savePhoto(database, eveningPhotoId(evening.id, 'x'), photo, NOW);
    await savePhoto(database, 'lamb-apricots', photo, NOW);
    await remove('evenings');
    expect((await listEvenings(database)).map((e) => e.id)).toEqual([two.evening.id]);
    expect(await readPhoto(database, eveningPhotoId(one.evening.id, 'x'))).toBeNull();
    expect(await readPhoto(database, eveningPhotoId(two.evening.id, 'x'))).not.toBeNull();
    expect(await readPhoto(database, 'lamb-apricots')).not.toBeNull();
  });

  it('settings go with everything, and only the passcode stays', async () => {
    await writeSetting(database, 'playing', true);
    await writeSetting(database, 'failures', { '192.0.2.9': { count: 1, since: NOW } });
    await writeSetting(database, 'passcode', { salt: 's', hash: 'h', secret: 'x' });
    const keys = async (): Promise<string[]> =>
      (await database.select({ key: settings.key }).from(settings)).map((s) => s.key).toSorted();
    // Who tried a wrong passcode is forgotten with the devices.
    await remove('devices');
    expect(await keys()).toEqual(['passcode', 'playing']);
    await forgetSettings(database);
    expect(await keys()).toEqual(['passcode']);
  });

  it('leaves no trace in the file', async () => {
    const word = Buffer.from('apricots');
    await database.$client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
    expect(readFileSync(file).includes(word)).toBe(true);
    for (const kind of STORED_KINDS) await remove(kind);
    expect(readFileSync(file).includes(word)).toBe(false);
  });
});

describe('a household of a newer version', () => {
  it('is left alone, and said to be one, wherever it would be opened', async () => {
    expect(await isNewerThanHere(database.$client)).toBe(false);
    const { rows } = await database.$client.execute(
      'select max(created_at) as last from __drizzle_migrations',
    );
    const last = Number(rows[0]?.last);
    await database.$client.execute(
      `insert into __drizzle_migrations (hash, created_at) values ('later', ${last + 1})`,
    );
    expect(await isNewerThanHere(database.$client)).toBe(true);
    const copy = await backUp(database, copies, NOW);
    if (!copy.ok) throw new Error('no copy');
    database.$client.close();
    await expect(openDatabase(`file:${file}`)).rejects.toThrow(NEWER_DATABASE);
    const read = await readCopy(copies, copy.value.name);
    expect(read.ok ? '' : read.problems[0]?.message).toContain('of a newer version');
  });
});
