import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { listDishes, saveDish } from './dish-store';
import { listItems, putIn, takeOut } from './item-store';
import { warmUp } from './warm-up';

const folder = mkdtempSync(join(tmpdir(), 'olive-'));
let db: Database;
const { dishes, stores } = demoHousehold(Date.UTC(2026, 10, 25));
const [dish] = dishes;
const [item] = stores;
if (!dish || !item) throw new Error('no demo');
/** More than are read in one go, and no multiple of it. */
const DISHES = 45;

beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
  for (let i = 0; i < DISHES; i++)
    await saveDish(db, { ...dish, id: `${dish.id}-${i}`, name: `${dish.name} ${i}` }, 1);
  await putIn(db, { ...item, portions: 5 }, 1);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

it('reads every dish and item, and pages get the very same documents', async () => {
  expect(await warmUp(db)).toBe(DISHES + 1);
  const [first] = await listDishes(db);
  expect((await listDishes(db))[0]).toBe(first);
  const [stored] = await listItems(db);
  expect((await listItems(db))[0]).toBe(stored);
});

it('what was taken out meanwhile is not shown as it was', async () => {
  await warmUp(db);
  await takeOut(db, item.id, 2, { what: 'out', note: '', now: 2 });
  expect((await listItems(db))[0]?.portions).toBe(3);
});

it('a row that is none does not keep it from the others', async () => {
  await db.run(sql`update dishes set document = '{"format":"none"}' where id = ${`${dish.id}-7`}`);
  expect(await warmUp(db)).toBe(DISHES + 1);
  expect(await listDishes(db)).toHaveLength(DISHES - 1);
});
