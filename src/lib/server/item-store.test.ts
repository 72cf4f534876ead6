import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { byDue, newCode, storeItemSchema, useByOf } from '$core/storage';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import {
  correctItem,
  itemByCode,
  listItems,
  movesOf,
  putIn,
  takeOfStock,
  takeOut,
} from './item-store';

const folder = mkdtempSync(join(tmpdir(), 'olive-'));
let db: Database;
beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const household = demoHousehold(Date.UTC(2026, 10, 25));

it('stock is never negative: of many who take at once, as many get as there is', async () => {
  const [item] = household.stores;
  if (!item) throw new Error('no item');
  await putIn(db, { ...item, portions: 5 }, 1);
  const move = { what: 'out' as const, note: '', now: 2 };
  const got = await Promise.all(Array.from({ length: 12 }, () => takeOut(db, item.id, 1, move)));
  expect(got.filter((left) => left !== null)).toHaveLength(5);
  expect(await listItems(db)).toEqual([]);
  // The label of what is gone still says what it was.
  expect((await itemByCode(db, item.code.toLowerCase()))?.name).toBe(item.name);
});

it('use-by follows the published chart: days in the fridge for safety, months in the freezer for quality', () => {
  const soup = useByOf('soup', 'fridge', '2026-11-25');
  expect(soup.ok && soup.value).toEqual({ useBy: '2026-11-29', why: 'safety' });
  const frozen = useByOf('soup', 'freezer', '2026-11-25');
  expect(frozen.ok && frozen.value).toEqual({ useBy: '2027-02-23', why: 'quality' });
  expect(useByOf('egg', 'freezer', '2026-11-25').ok).toBe(false);
  const item = household.stores[0];
  expect(storeItemSchema.safeParse({ ...item, useBy: '2000-01-01' }).success).toBe(false);
});

it('codes are free and easy to read; first in, first out', () => {
  let n = 0;
  const random = (): number => ((n++ * 7) % 24) / 24;
  const taken = new Set<string>();
  for (let i = 0; i < 5; i++) taken.add(newCode(taken, random));
  expect(taken.size).toBe(5);
  for (const code of taken) expect(code).toMatch(/^[A-HJ-NP-Z]{4}$/);
  const sorted = [...household.stores].sort(byDue).map((i) => i.useBy);
  expect(sorted).toEqual([...sorted].sort());
});

it('food for dishes is taken out of the bags that lie there alike, due first, or not at all', async () => {
  const chickpeas = household.stores.find((i) => i.contents.kind === 'bulk');
  if (!chickpeas) throw new Error('no bulk food');
  for (const [n, code] of ['XAAA', 'XBBB', 'XCCC'].entries())
    await putIn(db, { ...chickpeas, id: code, code, portions: 2, useBy: `2027-02-0${n + 1}` }, 1);
  const move = { what: 'out' as const, note: 'eaten', now: 3 };
  expect(await takeOfStock(db, 'XBBB', 7, move)).toBeNull();
  expect(await takeOfStock(db, 'XBBB', 3, move)).toBe(3);
  const left = await Promise.all(
    ['XAAA', 'XBBB', 'XCCC'].map(async (code) => (await itemByCode(db, code))?.portions),
  );
  expect(left).toEqual([0, 1, 2]);
  // Of many at once, as many get theirs as there is.
  const got = await Promise.all(Array.from({ length: 5 }, () => takeOfStock(db, 'XCCC', 1, move)));
  expect(got.filter((n) => n !== null)).toHaveLength(3);
  const all = await listItems(db);
  expect(all.every((i) => i.portions > 0)).toBe(true);
});

it('what is corrected is a move like any other, and not over what somebody has taken meanwhile', async () => {
  const [item] = household.stores;
  if (!item) throw new Error('no item');
  await putIn(db, { ...item, id: 'fix', code: 'FXXX', portions: 4 }, 1);
  const change = { name: 'Soup', portions: 6, useBy: item.useBy, was: 4 };
  expect((await correctItem(db, 'fix', change, 5)).ok).toBe(true);
  expect((await movesOf(db, 'fix'))[0]).toMatchObject({
    what: 'in',
    portions: 2,
    note: 'corrected',
  });
  const late = await correctItem(db, 'fix', change, 6);
  expect(!late.ok && late.problems[0]?.message).toContain('in the meantime');
  const wrong = await correctItem(db, 'fix', { ...change, was: 6, useBy: '1999-01-01' }, 7);
  expect(!wrong.ok && wrong.problems[0]?.field).toBe('useBy');
  expect((await itemByCode(db, 'FXXX'))?.portions).toBe(6);
});
