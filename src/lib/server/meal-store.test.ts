import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, expect, it } from 'vitest';
import { mealSchema } from '$core/meal';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { createMeal, moveMeal, readMeal } from './meal-store';

const NOW = Date.UTC(2026, 9, 20, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-meals-'));
let database: Database;
let count = 0;
beforeEach(async () => {
  database = await openTestDatabase(join(folder, `${count++}.db`));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const meal = mealSchema.parse({
  format: 'olive-clock/meal@2',
  id: 'supper',
  name: 'Supper',
  // Half past six in Athens, in summer time.
  serveAt: '2026-10-23T15:30:00.000Z',
  zone: 'Europe/Athens',
  servings: 4,
  entries: [],
  away: [{ from: '2026-10-23T13:00:00.000Z', to: '2026-10-23T14:00:00.000Z' }],
  busy: [{ unit: 'oven', from: '2026-10-23T14:00:00.000Z', to: '2026-10-23T15:00:00.000Z' }],
});

it('a meal put on another day keeps its time of day over a change of the clocks, and its facts with it', async () => {
  await createMeal(database, meal, NOW);
  const moved = await moveMeal(database, 'supper', '2026-10-26', NOW);
  expect(moved.ok && moved.value).toBe('2026-10-23');
  const there = (await readMeal(database, 'supper'))?.meal;
  // The clocks went back on the 25th: the same half past six is an hour later by the world's clock.
  expect(there?.serveAt).toBe('2026-10-26T16:30:00.000Z');
  expect(there?.away[0]?.from).toBe('2026-10-26T14:00:00.000Z');
  expect(there?.busy[0]?.to).toBe('2026-10-26T16:00:00.000Z');
});

it('it does not go into the past, and what is gone says so', async () => {
  await createMeal(database, meal, NOW);
  const past = await moveMeal(database, 'supper', '2026-10-19', NOW);
  expect(!past.ok && past.problems[0]?.message).toContain('past');
  expect((await readMeal(database, 'supper'))?.meal.serveAt).toBe(meal.serveAt);
  expect((await moveMeal(database, 'nobody', '2026-10-26', NOW)).ok).toBe(false);
});
