import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { mealSchema, newEntry } from '$core/meal';
import { demoHousehold } from '../../demo/household';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { replaceHousehold } from './household-store';
import { createMeal, listMeals } from './meal-store';
import { readWish, takeProposals, weekFromStock } from './stock-week';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-week-'));
let database: Database;
let count = 0;

beforeEach(async () => {
  database = await openTestDatabase(join(folder, `${count++}.db`));
  const household = householdSchema.parse(demoHousehold(NOW));
  await replaceHousehold(database, { ...household, meals: [] }, NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const wish = (text: string) => readWish(new URLSearchParams(text));

it('what is taken becomes meals of bags, once: those days and portions are not proposed again', async () => {
  const asked = wish('for=4&busy=2026-11-26&busy=2026-11-27');
  const before = await weekFromStock(database, asked, NOW);
  const chosen = before.days.filter((d) => d.proposal?.kind === 'stock').map((d) => d.day);
  expect(chosen).toEqual(expect.arrayContaining(['2026-11-26', '2026-11-27']));
  expect(await takeProposals(database, asked, new Set(chosen), NOW)).toBe(chosen.length);
  const meals = await listMeals(database);
  expect(meals.map((m) => m.meal.entries[0]?.what.dish)).toEqual(
    expect.arrayContaining([expect.objectContaining({ kind: 'bag', method: null })]),
  );
  const after = await weekFromStock(database, asked, NOW);
  for (const day of chosen) {
    const found = after.days.find((d) => d.day === day);
    expect(found?.proposal).toBeNull();
    expect(found?.planned).toHaveLength(1);
  }
  // Asked for once more, nothing is made twice.
  expect(await takeProposals(database, asked, new Set(chosen), NOW)).toBe(0);
});

it('portions that a meal ahead has taken already are not there', async () => {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'big',
    name: 'Big',
    serveAt: '2026-12-20T18:00:00Z',
    zone: 'Europe/Athens',
    servings: 6,
    entries: [newEntry('a', { kind: 'bag', code: 'VELA', method: null })],
  });
  const proposed = async (): Promise<boolean> =>
    (await weekFromStock(database, wish('for=4'), NOW)).days.some(
      (d) => d.proposal?.id === 'demo-vela',
    );
  expect(await proposed()).toBe(true);
  await createMeal(database, meal, NOW);
  expect(await proposed()).toBe(false);
});

it('an address that asks for nonsense is read as the usual', () => {
  for (const text of ['for=abc', 'for=-3', 'for=1e9', ''])
    expect(wish(text).servings, text).toBe(4);
  expect(wish('for=2&busy=x&not=y').servings).toBe(2);
});
