import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoAt } from '../../demo/fill';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import {
  cookersOf,
  emptyHousehold,
  exampleDishes,
  firstMeal,
  firstRun,
  isPlaying,
  isUnderWay,
  setPlaying,
} from './first-run';
import { readHousehold } from './household-read';
import { replaceHousehold } from './household-store';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-'));
let db: Database;
beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('the first run', () => {
  it('is over once there are a cooker, a dish and a meal ahead that has one', async () => {
    const nothing = await firstRun(db, NOW);
    expect(isUnderWay(nothing)).toBe(false);
    await replaceHousehold(db, demoAt(NOW), NOW);
    const all = await firstRun(db, NOW);
    expect(isUnderWay(all)).toBe(true);
    for (const missing of [
      { kitchen: { ...all.kitchen, cookers: [] } },
      { dishes: [] },
      { meal: null },
    ])
      expect(isUnderWay({ ...all, ...missing })).toBe(false);
    // All its meals lie behind.
    expect((await firstRun(db, NOW + 90 * 86_400_000)).meal).toBeNull();
  });

  it('cookers come by size, the largest first, each with a name of its own', () => {
    const made = cookersOf(
      new Map([
        [3, 1],
        [6, 2],
      ]),
    );
    expect(made.map((c) => [c.id, c.name, c.litres])).toEqual([
      ['middle', 'Middle', 5.7],
      ['middle-2', 'Middle 2', 5.7],
      ['small', 'Small', 2.8],
    ]);
    expect(cookersOf(new Map())).toEqual([]);
  });

  it('a meal of a thousand people is refused, one of chosen dishes is a meal', () => {
    const typed = { name: 'Friday', serveAt: new Date(NOW).toISOString(), dishes: ['a', 'b'] };
    expect(firstMeal({ ...typed, servings: 1000 }, 'UTC').success).toBe(false);
    const made = firstMeal({ ...typed, servings: 4 }, 'UTC');
    expect(made.success && made.data.entries.map((e) => e.what.dish)).toEqual([
      { kind: 'dish', id: 'a' },
      { kind: 'dish', id: 'b' },
    ]);
  });

  it('the examples are three whole dishes', () => {
    expect(exampleDishes(NOW).map((d) => d.stages.length > 0)).toEqual([true, true, true]);
  });

  it('an empty household keeps the words and the zone of the one before, and nothing else', async () => {
    const { kitchen } = demoAt(NOW);
    await replaceHousehold(db, emptyHousehold({ ...kitchen, system: 'us', hours: 12 }), NOW);
    const now = await readHousehold(db);
    expect(now.kitchen).toMatchObject({ cookers: [], system: 'us', hours: 12, zone: kitchen.zone });
    expect([now.dishes, now.meals, now.stores, now.evenings]).toEqual([[], [], [], []]);
  });

  it('remembers that it is the made-up one', async () => {
    expect(await isPlaying(db)).toBe(false);
    await setPlaying(db, true);
    expect(await isPlaying(db)).toBe(true);
  });
});
