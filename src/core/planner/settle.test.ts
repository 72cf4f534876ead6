import { describe, expect, it } from 'vitest';
import type { Dish, PressureStage } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, type Meal } from '../meal';
import { demoHousehold } from '../../demo/household';
import { atLevel, holdAt } from '../menu';
import { settleChoices } from './settle';
import { entryOf, type WrittenEntry } from '../../../tests/support/entries';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes: all } = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(all.map((d) => [d.id, d]));

function meal(entries: WrittenEntry[], minutesAhead: number, more: Partial<Meal> = {}): Meal {
  return mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + minutesAhead * 60_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: entries.map(entryOf),
    ...more,
  });
}

function cycleOf(id: string): PressureStage {
  const found = dishes.get(id)?.stages.find((s) => s.kind === 'pressure');
  if (!found) throw new Error(`no cycle in ${id}`);
  return found;
}

describe('what a meal leaves open', () => {
  it('a release within the dish’s range is taken for what it gains, with the gain said', () => {
    const { meal: settled, reasons } = settleChoices(
      meal([{ dishId: 'beef-cheek-stout' }], 300),
      dishes,
      kitchen,
      NOW,
    );
    expect(settled.entries[0]?.what.otherRelease).toBe(true);
    expect(reasons[0]?.values).toMatchObject({
      choice: { kind: 'release', release: 'quick' },
      gain: { kind: 'starts-later' },
    });
  });

  it('what the cook has said is kept', () => {
    for (const otherRelease of [false, true]) {
      const asked = meal([{ dishId: 'beef-cheek-stout', otherRelease }], 300);
      const { meal: settled, reasons } = settleChoices(asked, dishes, kitchen, NOW);
      expect(settled).toEqual(asked);
      expect(reasons).toEqual([]);
    }
  });

  it('two dishes go into a stack only where the meal would be late without, and never where told apart', () => {
    const [only] = kitchen.cookers.filter((c) => c.id === 'large');
    if (!only) throw new Error('no large cooker');
    const one = { ...kitchen, cookers: [only] };
    // Soaked already: else the soak alone decides how late it is.
    const soaked = new Map(dishes);
    const chickpeas = dishes.get('chickpeas-lemon') as Dish;
    soaked.set(chickpeas.id, {
      ...chickpeas,
      stages: chickpeas.stages.filter((s) => s.kind !== 'soak'),
    });
    const two = [{ dishId: 'mushroom-barley' }, { dishId: 'chickpeas-lemon' }];
    const soon = meal(two, 70, { servings: 4 });
    const settled = settleChoices(soon, soaked, one, NOW);
    expect(settled.meal.entries.filter((e) => e.where.over !== null)).toHaveLength(1);
    expect(
      settled.reasons.some(
        (r) =>
          r.code === 'plan-chose' &&
          r.values.choice.kind === 'stack' &&
          r.values.gain.kind === 'ready-sooner',
      ),
    ).toBe(true);
    const early = settleChoices(meal(two, 2000, { servings: 4 }), soaked, one, NOW);
    expect(early.meal.entries.every((e) => e.where.over === null)).toBe(true);
    const apart = meal(
      two.map((e) => ({ ...e, alone: true })),
      70,
      { servings: 4 },
    );
    expect(
      settleChoices(apart, soaked, one, NOW).meal.entries.every((e) => e.where.over === null),
    ).toBe(true);
  });

  it('what is cooked low is never raised for the sake of time: low is low on purpose (common practice)', () => {
    const asked = meal([{ dishId: 'semolina-pudding' }], 30);
    const { meal: settled } = settleChoices(asked, dishes, kitchen, NOW);
    expect(settled.entries[0]?.what.level).toBeNull();
  });

  it('a level that no cooker has is replaced by the one they have; 20 min are about 12 at the highest (common practice)', () => {
    const stage = { ...cycleOf('beef-cheek-stout'), holdMinutes: 20 };
    expect(holdAt(stage, 'high', 0)).toBe(20);
    expect(holdAt(stage, 'max', 0)).toBeGreaterThanOrEqual(11);
    expect(holdAt(stage, 'max', 0)).toBeLessThanOrEqual(13);
    const there = atLevel(dishes.get('beef-cheek-stout') as Dish, 'low', 0);
    const back = atLevel(there, 'high', 0);
    const holds = (d: Dish): number[] =>
      d.stages.flatMap((s) => (s.kind === 'pressure' ? [s.holdMinutes] : []));
    expect(holds(back)).toEqual(holds(dishes.get('beef-cheek-stout') as Dish));

    const low = {
      ...kitchen,
      cookers: kitchen.cookers.map((c) => ({ ...c, levels: ['low' as const] })),
    };
    const { meal: settled, reasons } = settleChoices(
      meal([{ dishId: 'beef-cheek-stout', otherRelease: false }], 400),
      dishes,
      low,
      NOW,
    );
    expect(settled.entries[0]?.what.level).toBe('low');
    expect(reasons[0]?.values).toMatchObject({ choice: { kind: 'level', level: 'low' } });
  });
});
