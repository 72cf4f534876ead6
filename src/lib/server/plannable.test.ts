import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { dishKey, dishRef, type DishRef, type ReheatMethod } from '$core/dish';
import { isRaw, type StoreItem } from '$core/storage';
import { demoHousehold } from '../../demo/household';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { replaceHousehold } from './household-store';
import { putIn, takeOut } from './item-store';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import { createMeal } from './meal-store';
import { dishesNamed, listPicks, plannableFor } from './plannable';
import { mealsAhead } from './meals-ahead';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-plannable-'));
const household = householdSchema.parse(demoHousehold(NOW));
let database: Database;
let count = 0;

beforeEach(async () => {
  database = await openTestDatabase(join(folder, `${count++}.db`));
  await replaceHousehold(database, household, NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const inBag = (code: string, method: ReheatMethod | null = null): DishRef => ({
  kind: 'bag',
  code,
  method,
});
const madeOf = (code: string, id: string) => ({ kind: 'bulk' as const, id, code });

const ids = (dishes: readonly { id: string }[]): string[] => dishes.map((d) => d.id).sort();
function cooked(code: string, more: Partial<StoreItem> = {}): StoreItem {
  const item = household.stores.find((i) => !isRaw(i.contents));
  if (!item) throw new Error('the demo has something cooked');
  return { ...item, id: code.toLowerCase(), code, portions: 4, place: 'freezer', ...more };
}

it('names everything there is, and works none of it out', async () => {
  await putIn(database, cooked('XYAB'), NOW);
  const picks = await listPicks(database);
  expect(picks.filter((p) => p.portions === null)).toHaveLength(household.dishes.length);
  expect(picks.find((p) => p.id === 'bag-XYAB')).toMatchObject({ portions: 4 });
  await takeOut(database, 'xyab', 4, { what: 'out', note: '', now: NOW });
  expect((await listPicks(database)).some((p) => p.id === 'bag-XYAB')).toBe(false);
});

it('a bag comes with the ways that this kitchen heats it, also once it is used up', async () => {
  await putIn(database, cooked('XYAB'), NOW);
  await takeOut(database, 'xyab', 4, { what: 'out', note: '', now: NOW });
  expect(ids(await plannableFor(database, [inBag('XYAB')]))).toEqual([
    'bag-XYAB',
    'bag-XYAB.burner',
    'bag-XYAB.cooker',
    'bag-XYAB.oven',
  ]);
  expect(
    ids(
      await dishesNamed(database, [
        inBag('XYAB', 'oven'),
        dishRef('saffron-bulgur'),
        inBag('ZZZZ'),
      ]),
    ),
  ).toEqual(['bag-XYAB.oven', 'saffron-bulgur']);
});

it('a dish comes with what was cooked in bulk for it, due first and no more than can be looked at', async () => {
  const letters = 'ABCDEFGHJKLMNPQ';
  const chickpeas = household.stores.find((i) => i.code === 'ZAPU')?.contents;
  if (chickpeas?.kind !== 'bulk') throw new Error('the demo has chickpeas in bulk');
  for (const [i, letter] of [...letters].entries())
    await putIn(
      database,
      cooked(`XYZ${letter}`, {
        // Bags of one size are one stock; these are all of their own.
        contents: { ...chickpeas, rawGrams: 200 + i },
        useBy: `2026-12-${String(28 - i).padStart(2, '0')}`,
      }),
      NOW,
    );
  const made = (await plannableFor(database, [dishRef('chickpeas-lemon')])).map((d) => d.id);
  const bulk = made.filter((id) => id !== 'chickpeas-lemon');
  expect(made).toContain('chickpeas-lemon');
  expect(bulk).toHaveLength(12);
  expect(bulk[0]).toBe(dishKey(madeOf('XYZQ', 'chickpeas-lemon')));
  // One that is not among them, but in the meal already, is there as well.
  const named = madeOf('XYZA', 'chickpeas-lemon');
  expect(bulk).not.toContain(dishKey(named));
  expect((await plannableFor(database, [named])).map((d) => d.id)).toContain(dishKey(named));
});

it('what another meal ahead has taken is not free, of bags and of packs', async () => {
  const other = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'other',
    name: 'Other',
    serveAt: '2026-12-01T17:00:00Z',
    zone: 'Europe/Athens',
    servings: 3,
    entries: [
      newEntry('a', inBag('MARU')),
      newEntry('b', madeOf('DAKE', 'hake-fennel')),
      newEntry('c', madeOf('ZAPU', 'chickpeas-lemon')),
    ],
  });
  await createMeal(database, other, NOW);
  const named = (meals: readonly Meal[]): Meal | undefined => meals.find((m) => m.id === 'other');
  const ahead = named(await mealsAhead(database, NOW));
  if (!ahead) throw new Error('no meal ahead');
  const most = async (ref: DishRef, others: readonly Meal[]): Promise<number | undefined> =>
    (await plannableFor(database, [ref], others)).find((d) => d.id === dishKey(ref))?.atMost;
  // Six portions of soup, three of them taken.
  expect(await most(inBag('MARU'), [ahead])).toBe(3);
  expect(await most(inBag('MARU'), [])).toBeUndefined();
  for (const ref of [madeOf('DAKE', 'hake-fennel'), madeOf('ZAPU', 'chickpeas-lemon')]) {
    const [all, rest] = [await most(ref, []), await most(ref, [ahead])];
    expect(rest, ref.code).toBeGreaterThanOrEqual((all ?? 0) - 3.5);
    expect(rest, ref.code).toBeLessThanOrEqual((all ?? 0) - 2.5);
  }
  // A meal that is over takes nothing more.
  expect(named(await mealsAhead(database, Date.parse('2026-12-02T00:00:00Z')))).toBeUndefined();
});
