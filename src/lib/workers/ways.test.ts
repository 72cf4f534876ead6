import { describe, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import { demoHousehold } from '../../demo/household';
import { tryWaysOut } from './ways';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));

function ask(dishIds: string[], hoursAhead: number, more: Partial<Meal> = {}) {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@1',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + hoursAhead * 3_600_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: dishIds.map((id) => newEntry(id, id)),
    ...more,
  });
  return tryWaysOut({ meal, dishes, kitchen, now: NOW });
}

describe('ways out, tried', () => {
  it('what no single change mends is tried in pairs, and a pair is better than its best part', () => {
    const entries = ['lamb-apricots', 'beef-cheek-stout'].map((id) => ({
      ...newEntry(id, id),
      otherRelease: false,
    }));
    const { now, ways } = ask([], 8, { servings: 14, entries });
    expect(now?.stops).toBe(2);
    const solved = ways.filter((w) => w.outlook.stops === 0);
    expect(solved.length).toBeGreaterThan(0);
    expect(solved[0]?.text).toContain('; and ');
    for (const way of ways) expect(way.outlook.stops).toBeLessThan(2);
  });

  it('two hundred at a supper: no plan as it stands, and as many as the pots take instead', () => {
    const { now, ways } = ask(['lamb-apricots', 'saffron-bulgur'], 8, { servings: 200 });
    expect(now?.stops ?? 1).toBeGreaterThan(0);
    expect(ways.some((w) => /^Cook for \d+/.test(w.text) && w.outlook.stops === 0)).toBe(true);
  });

  it('where one change is enough, no pairs are offered', () => {
    const entries = ['lamb-apricots', 'beef-cheek-stout'].map((id) => ({
      ...newEntry(id, id),
      cooker: 'middle',
    }));
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
