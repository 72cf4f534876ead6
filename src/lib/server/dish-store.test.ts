import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { listVersions, readDish, saveDish } from './dish-store';
import { photoDate, readPhoto, savePhoto } from './photo-store';

const folder = mkdtempSync(join(tmpdir(), 'olive-'));
let db: Database;
beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const [dish] = demoHousehold(Date.parse('2026-10-01T12:00:00Z')).dishes;
if (!dish) throw new Error('no dish');

describe('versions of a dish', () => {
  it('each change keeps what was there, with its reason; a save that changes nothing keeps nothing', async () => {
    await saveDish(db, dish, 1000);
    expect(await listVersions(db, dish.id)).toEqual([]);
    await saveDish(db, { ...dish, notes: 'More salt.' }, 2000, 'it was bland');
    await saveDish(db, { ...dish, notes: 'More salt.' }, 3000);
    const versions = await listVersions(db, dish.id);
    expect(versions).toHaveLength(1);
    expect(versions[0]).toMatchObject({ replacedAt: 2000, why: 'it was bland' });
    expect(versions[0]?.dish.notes).toBe(dish.notes);
    expect((await readDish(db, dish.id))?.notes).toBe('More salt.');
  });

  it('keeps the last fifty', async () => {
    for (let i = 0; i < 60; i++) await saveDish(db, { ...dish, notes: `Note ${i}` }, 5000 + i);
    const versions = await listVersions(db, dish.id);
    expect(versions).toHaveLength(50);
    expect(versions[0]?.dish.notes).toBe('Note 58');
  });
});

describe('photos', () => {
  const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3]);

  it('are kept by what they are, not by what they are called', async () => {
    expect((await savePhoto(db, dish.id, png, 9)).ok).toBe(true);
    expect(await photoDate(db, dish.id)).toBe(9);
    expect(await readPhoto(db, dish.id)).toEqual({ type: 'image/png', bytes: png });
    const script = new TextEncoder().encode('<svg onload="alert(1)"/>');
    const refused = await savePhoto(db, dish.id, script, 10);
    expect(refused.ok || refused.problems[0]?.remedy).toContain('JPEG, PNG or WebP');
    expect((await readPhoto(db, dish.id))?.bytes).toEqual(png);
  });

  it('over 5 MB are refused with their size', async () => {
    const large = new Uint8Array(5_000_001);
    large.set(png);
    const refused = await savePhoto(db, dish.id, large, 11);
    expect(refused.ok || refused.problems[0]?.message).toContain('6 MB');
  });
});
