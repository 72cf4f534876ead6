import { dishKey } from '../dish';
import { describe, expect, it } from 'vitest';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry, type Meal } from '../meal';
import { HARD_MIN } from '../review';
import { demoHousehold } from '../../demo/household';
import { tryWaysOut } from './ways';
import { entryOf } from '../../../tests/support/entries';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));

function ask(
  dishIds: string[],
  hoursAhead: number,
  more: Partial<Meal> = {},
  inKitchen: Kitchen = kitchen,
) {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + hoursAhead * 3_600_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: dishIds.map((id) => newEntry(id, id)),
    ...more,
  });
  return tryWaysOut({ meal, dishes, kitchen: inKitchen, now: NOW });
}

describe('fixes, tried', () => {
  it('what no single change mends is tried in pairs, and a pair is better than its best part', () => {
    const entries = ['lamb-apricots', 'beef-cheek-stout'].map((id) =>
      entryOf({ dishId: id, otherRelease: false }),
    );
    const { now, ways } = ask([], 4, { servings: 13, entries });
    expect(now?.stops).toBe(2);
    const solved = ways.filter((w) => w.outlook.stops === 0);
    expect(solved.length).toBeGreaterThan(0);
    expect(solved[0]?.text).toContain('; and ');
    for (const way of ways) expect(way.outlook.stops).toBeLessThan(2);
  });

  it('several dishes over the line: all in runs at once, and what is left over the line is counted', () => {
    const { ways } = ask(['lamb-apricots', 'beef-cheek-stout'], 8, { servings: 14 });
    expect(ways[0]).toMatchObject({
      text: 'Everything over the line in even runs',
      outlook: { stops: 0, delay: 0 },
    });
    expect(ways[0]?.meal.entries.map((e) => e.what.inRuns)).toEqual([true, true]);
    const one = ways.find((w) => /: in 2 even runs$/.test(w.text));
    expect(one?.outlook.stops).toBe(1);
    // A dish that is left out goes with all its runs.
    for (const way of ways.filter((w) => w.text.includes('Leave out')))
      expect(new Set(way.meal.entries.map((e) => dishKey(e.what.dish))).size).toBe(1);
  });

  it('cut smaller is among what is tried, and is kept by the meal', () => {
    const entries = [entryOf({ dishId: 'beef-cheek-stout', otherRelease: false })];
    const { now, ways } = ask([], 1.5, { entries });
    const smaller = ways.find((w) => w.meal.entries[0]?.what.smaller);
    expect(smaller?.text).toMatch(/cut to 25 mm instead of 50/);
    expect(smaller?.outlook.delay).toBeLessThan(now?.delay ?? 0);
  });

  it('too hard on one pair of hands: what spares them, hands beside them among it', () => {
    const slow = { ...kitchen, cooks: [{ id: 'ana', name: 'Ana', pace: 2 }] };
    const dishIds = ['lentil-squash-soup', 'red-cabbage', 'beef-cheek-stout'];
    const { now, ways } = ask(dishIds, 10, { servings: 6, sure: 'even' }, slow);
    expect(now?.longestWork).toBeGreaterThanOrEqual(HARD_MIN);
    expect(now).toMatchObject({ stops: 0, delay: 0 });
    expect(ways.map((w) => w.text)).toContain('A second pair of hands');
    for (const way of ways) expect(way.outlook.longestWork).toBeLessThan(now?.longestWork ?? 0);
  });

  it('a meal that is on time but not surely so is helped only by what makes it surer, the surest first', () => {
    const ids = ['hake-fennel', 'green-beans-almonds', 'saffron-bulgur', 'beetroot-dill'];
    const { now, ways } = ask(ids, 1.2, { sure: 'sure' });
    expect(now).toMatchObject({ stops: 0, delay: 0 });
    expect(now?.chance).toBeLessThan(0.9);
    expect(ways.length).toBeGreaterThan(1);
    for (const { outlook } of ways)
      expect(outlook.chance).toBeGreaterThan((now?.chance ?? 1) + 0.04);
    const shortfall = ways
      .filter((w) => !w.isLess)
      .map(({ outlook }) => Math.round(Math.max(0, 0.95 - outlook.chance) * 20));
    expect(shortfall).toEqual([...shortfall].sort((a, b) => a - b));
  });

  it('two hundred at a supper: no plan as it stands, and as many as the pots take instead', () => {
    const { now, ways } = ask(['lamb-apricots', 'saffron-bulgur'], 8, { servings: 200 });
    expect(now?.stops ?? 1).toBeGreaterThan(0);
    expect(ways.some((w) => /^Cook for \d+/.test(w.text) && w.outlook.stops === 0)).toBe(true);
  });

  it('where one change is enough, no pairs are offered', () => {
    const entries = ['lamb-apricots', 'beef-cheek-stout'].map((id) =>
      entryOf({ dishId: id, cooker: 'middle' }),
    );
    const { now, ways } = ask([], 3, { entries });
    expect(now?.delay).toBeGreaterThan(0);
    expect(ways[0]).toMatchObject({ outlook: { delay: 0, stops: 0 } });
    expect(ways.every((w) => !w.text.includes('; and '))).toBe(true);
  });

  it('of a late meal only what makes it sooner is a way out, and two only for more than one', () => {
    const { now, ways } = ask(['chickpeas-lemon', 'lamb-apricots', 'saffron-bulgur'], 4);
    const delay = now?.delay ?? 0;
    expect(delay).toBeGreaterThan(0);
    expect(ways.length).toBeGreaterThan(0);
    const least = Math.min(
      ...ways.filter((w) => !w.text.includes('; and ')).map((w) => w.outlook.delay),
    );
    for (const { text, outlook, isLess } of ways) {
      expect(outlook.delay).toBeLessThan(delay);
      if (text.includes('; and ') && isLess) expect(outlook.delay).toBeLessThan(least);
    }
  });
});
