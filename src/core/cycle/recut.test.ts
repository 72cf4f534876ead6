import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { recutOf, withRecut } from './recut';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));
const dishOf = (id: string): Dish => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};

/** Common practice: time under pressure follows the thickness of the piece, and smaller pieces are done sooner. */
describe('pieces cut smaller', () => {
  it('halving 5 cm cubes of a braise saves a quarter or so; halving beetroot more than half', () => {
    const lamb = recutOf(dishOf('lamb-apricots'), kitchen);
    expect(lamb).toMatchObject({ fromMm: 50, toMm: 25, was: 45 });
    expect(lamb?.hold).toBeGreaterThan(25);
    expect(lamb?.hold).toBeLessThan(40);
    const beet = recutOf(dishOf('beetroot-dill'), kitchen);
    expect((beet?.hold ?? Infinity) / (beet?.was ?? 1)).toBeLessThan(0.5);
  });

  it('thin slices, whole legs and short holds gain nothing', () => {
    for (const id of ['red-cabbage', 'duck-prunes', 'hake-fennel', 'chickpeas-lemon'])
      expect(recutOf(dishOf(id), kitchen), id).toBeNull();
  });

  it('law: a smaller piece never needs longer, and one that is cut once more less still', () => {
    const lamb = dishOf('lamb-apricots');
    const holds = [80, 60, 50, 40].map((pieceMm) => {
      const dish = {
        ...lamb,
        ingredients: lamb.ingredients.map((i) => (i.id === 'lamb' ? { ...i, pieceMm } : i)),
      };
      const recut = recutOf(dish, kitchen);
      return recut ? recut.was - recut.hold : 0;
    });
    for (let i = 1; i < holds.length; i++)
      expect(holds[i]).toBeLessThanOrEqual(holds[i - 1] as number);
    expect(holds[0]).toBeGreaterThan(0);
  });

  it('in a meal the hold is shorter, the cutting longer, and both are said', () => {
    const compile = (smaller: boolean) => {
      const meal = mealSchema.parse({
        format: 'olive-clock/meal@2',
        id: 'm',
        name: 'M',
        serveAt: new Date(NOW + 8 * 3_600_000).toISOString(),
        zone: 'Europe/Athens',
        servings: 6,
        entries: [newEntry('lamb-apricots', 'lamb-apricots', { what: { smaller } })],
      });
      const compiled = compileMeal(meal, new Map(dishes.map((d) => [d.id, d])), kitchen, NOW);
      if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
      return compiled.value;
    };
    const minutes = (smaller: boolean, phase: string): number => {
      const { problem, meanings } = compile(smaller);
      const ids = meanings.filter((m) => m.phase === phase).map((m) => m.id);
      return problem.steps
        .filter((s) => ids.includes(s.id))
        .reduce((sum, s) => sum + (typeof s.minutes === 'number' ? s.minutes : 0), 0);
    };
    expect(minutes(true, 'prep')).toBeGreaterThan(minutes(false, 'prep'));
    expect(compile(true).notes).toContainEqual(
      expect.objectContaining({
        code: 'cut-smaller',
        values: expect.objectContaining({ toMm: 25, fromMm: 50 }),
      }),
    );
    const recut = recutOf(dishOf('lamb-apricots'), kitchen);
    if (!recut) throw new Error('nothing to cut');
    const made = dishSchema.parse(withRecut(dishOf('lamb-apricots'), recut));
    const cycle = made.stages.find((s) => s.kind === 'pressure');
    expect(cycle?.kind === 'pressure' && cycle.holdMinutes).toBe(recut.hold);
  });
});
