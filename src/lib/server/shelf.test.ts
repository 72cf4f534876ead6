import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mealSchema } from '$core/meal';
import { cookDemoEvenings, demoAt } from '../../demo/fill';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { dishShelf } from './find-dishes';
import { eveningShelf } from './evening-store';
import { replaceHousehold } from './household-store';
import { createMeal, listPatterns, mealsBehind, mealsBetween } from './meal-store';
import { saveDish } from './dish-store';
import { placeOf, readShelfWish } from './shelf';

const NOW = Date.UTC(2026, 10, 25, 9);
const DAY = 86_400_000;
const folder = mkdtempSync(join(tmpdir(), 'olive-'));
const household = demoAt(NOW);
let db: Database;
beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
  await replaceHousehold(db, household, NOW);
  await cookDemoEvenings(db, household, NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const meal = (id: string, at: number, template = false) =>
  mealSchema.parse({
    ...{ format: 'olive-clock/meal@2', id, name: `Supper ${id}`, zone: 'Europe/Athens' },
    ...{ serveAt: new Date(at).toISOString(), servings: 4, entries: [], template },
  });

describe('lists page by page', () => {
  it('reads what an address asks for, and takes nonsense for the first page', () => {
    const wish = (text: string) => readShelfWish(new URLSearchParams(text), 10);
    expect(wish('find=lamb&page=3')).toEqual({ find: 'lamb', page: 3, size: 10 });
    for (const page of ['0', '-1', 'two', '1e9', '', 'NaN'])
      expect(wish(`page=${page}`).page, page).toBe(1);
    expect(wish(`find=${'x'.repeat(900)}`).find).toHaveLength(200);
  });

  it.each([
    [0, 1, { page: 1, pages: 1, skipped: 0 }],
    [10, 1, { page: 1, pages: 1, skipped: 0 }],
    [11, 2, { page: 2, pages: 2, skipped: 10 }],
    [11, 9, { page: 2, pages: 2, skipped: 10 }],
  ])('of %i found, page %i of ten', (found, wanted, shown) => {
    expect(placeOf(found, wanted, 10)).toEqual(shown);
  });

  it('shows every dish once, by name, page after page', async () => {
    const names: string[] = [];
    const first = await dishShelf(db, { find: '', page: 1, size: 5 });
    expect(first.pages).toBe(Math.ceil(household.dishes.length / 5));
    for (let page = 1; page <= first.pages; page++)
      names.push(...(await dishShelf(db, { find: '', page, size: 5 })).items.map((d) => d.name));
    expect(names).toEqual(
      household.dishes
        .map((d) => d.name)
        .sort((a, b) => (a.toLowerCase() < b.toLowerCase() ? -1 : 1)),
    );
  });

  it('finds by name, by what is said of it and by what is in it, all words together', async () => {
    const find = async (text: string) =>
      (await dishShelf(db, { find: text, page: 1, size: 50 })).items.map((d) => d.id);
    expect(await find('LAMB apricots')).toContain('lamb-apricots');
    const byFood = household.dishes.filter((d) =>
      d.ingredients.some((i) => /fennel/i.test(i.food)),
    );
    for (const { id } of byFood) expect(await find('fennel')).toContain(id);
    expect(await find('lamb fennel')).toEqual([]);
    expect(await find('100%')).toEqual([]);
    const [dish] = household.dishes;
    if (!dish) throw new Error('the demo has dishes');
    await saveDish(db, { ...dish, id: 'oeuf', name: 'Étouffée de fenouil' }, NOW);
    expect(await find('étouffée')).toEqual(['oeuf']);
    expect(await find('ÉTOUFFÉE')).toEqual(['oeuf']);
  });

  it('meals behind and ahead part at the moment itself; patterns are neither', async () => {
    await createMeal(db, meal('at', NOW), NOW);
    await createMeal(db, meal('after', NOW + 1), NOW);
    await createMeal(db, meal('pattern', NOW - DAY, true), NOW);
    const behind = await mealsBehind(db, NOW, { find: 'supper', page: 1, size: 10 });
    expect(behind.items.map((m) => m.id)).toContain('at');
    expect(behind.items.map((m) => m.id)).not.toContain('after');
    expect(behind.items.map((m) => m.id)).not.toContain('pattern');
    const ahead = (await mealsBetween(db, NOW + 1)).map((s) => s.meal.id);
    expect(ahead).toContain('after');
    expect(ahead).not.toContain('at');
    expect((await mealsBetween(db, NOW, NOW)).map((s) => s.meal.id)).toEqual(['at']);
    expect((await listPatterns(db)).map((m) => m.id)).toContain('pattern');
  });

  it('evenings come the latest first, and are found by their name', async () => {
    const all = await eveningShelf(db, { find: '', page: 1, size: 3 });
    expect(all.items.map((e) => e.startedAt)).toEqual(
      all.items.map((e) => e.startedAt).sort((a, b) => b - a),
    );
    const lamb = await eveningShelf(db, { find: 'lamb', page: 1, size: 3 });
    expect(lamb.items.map((e) => e.name).sort()).toEqual(['Lamb again', 'Lamb and bulgur']);
    expect(lamb).toMatchObject({ found: 2, all: all.found });
  });
});
