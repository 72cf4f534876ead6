import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { bagsIn, boxesFor, mealSchema, newEntry, type Meal } from '../meal';
import { effectiveEntries } from './entries';
import { lunchFindings, placedBoxes } from './lunch-boxes';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));
const all = new Map(dishes.map((d) => [d.id, d]));
/** A Sunday. */
const SUNDAY = '2026-11-29';
const WEEK = ['2026-11-30', '2026-12-01', '2026-12-02', '2026-12-03', '2026-12-04'];
const meal = (ids: readonly string[], more: Partial<Meal['lunches']> = {}): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'lunches',
    name: 'Lunches',
    serveAt: `${SUNDAY}T15:00:00Z`,
    zone: 'Europe/Athens',
    servings: 4,
    batch: true,
    entries: ids.map((id) => newEntry(id, id)),
    lunches: { people: ['Ana', 'Ben'], days: WEEK, ...more },
  });
const places = (of: Meal, riceDays: 0 | 1 = 1) =>
  placedBoxes(of, all, SUNDAY, { riceDays }).map((b) => [b.person, b.day.slice(8), b.place]);

describe('lunches for the week', () => {
  it('a box for each person and day, in the fridge until Wednesday, frozen from then', () => {
    const boxes = places(meal(['lamb-apricots', 'beetroot-dill']));
    expect(boxes).toHaveLength(10);
    expect(boxes.filter(([who]) => who === 'Ana')).toEqual([
      ['Ana', '30', 'fridge'],
      ['Ana', '01', 'fridge'],
      ['Ana', '02', 'fridge'],
      ['Ana', '03', 'freezer'],
      ['Ana', '04', 'freezer'],
    ]);
  });

  /** UK Food Standards Agency: rice within a day; a household may be stricter and never looser. */
  it('what spoils first decides: with rice a day, and none where the household wants it so', () => {
    const fridge = (riceDays: 0 | 1): string[] =>
      places(meal(['rice-over-lentils', 'beetroot-dill']), riceDays)
        .filter(([who, , place]) => who === 'Ana' && place === 'fridge')
        .map(([, day]) => day ?? '');
    expect(fridge(1)).toEqual(['30']);
    expect(fridge(0)).toEqual([]);
  });

  it('a dish on its own days is in those boxes only, and cooked for as many', () => {
    const of = meal(['lamb-apricots', 'beetroot-dill'], {
      menu: { 'lamb-apricots': [WEEK[0] ?? ''] },
    });
    const boxes = boxesFor(of.lunches ?? { people: [], days: [], menu: {} }, of.entries);
    expect(boxes.filter((b) => b.entries.includes('lamb-apricots'))).toHaveLength(2);
    const { entries } = effectiveEntries(of, all, kitchen);
    const servings = (id: string): number =>
      entries.find((e) => e.entry.id === id)?.servings ?? NaN;
    expect(servings('lamb-apricots')).toBe(2);
    expect(servings('beetroot-dill')).toBe(10);
    expect(bagsIn(of)).toBe(10);
  });

  it('a day before it is cooked, and what neither keeps nor freezes, are said', () => {
    const codes = (of: Meal): string[] =>
      lunchFindings(of, all, SUNDAY, kitchen).map((f) => f.code);
    expect(codes(meal(['lamb-apricots']))).toEqual([]);
    expect(codes(meal(['lamb-apricots'], { days: ['2026-11-28', ...WEEK] }))).toEqual([
      'lunch-before',
    ]);
  });

  it('two of one name and a week without days are refused in words', () => {
    for (const lunches of [
      { people: ['Ana', 'Ana'], days: WEEK },
      { people: ['Ana'], days: [] },
      { people: [], days: WEEK },
    ])
      expect(mealSchema.safeParse({ ...meal(['lamb-apricots']), lunches }).success).toBe(false);
  });
});
