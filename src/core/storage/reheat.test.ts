import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { allergensOf, dishKey, dishSchema, scaleDish, slowVersion } from '../dish';
import { householdSchema } from '../exchange';
import { shoppingList } from '../lists';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { solve } from '../solve';
import { dishFromBag, reheatHold, usualMethod } from './reheat';
import { dishIdOf, isRaw } from './contents';
import type { StoreItem } from './item';
import { sayFinding } from '../words';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const { kitchen } = household;
const dishOf = (id: string) => household.dishes.find((d) => d.id === id) ?? null;
const itemOf = (code: string): StoreItem => {
  const item = household.stores.find((i) => i.code === code);
  if (!item) throw new Error(code);
  return item;
};
const bag = (code: string, method: Parameters<typeof dishFromBag>[3] = null) => {
  const item = itemOf(code);
  const made = dishFromBag(item, dishOf(dishIdOf(item.contents) ?? ''), kitchen, method);
  if (!made.ok) throw new Error(made.problems[0]?.message);
  return made.value;
};

describe('a bag as a dish', () => {
  it('says which bag it is, and the way it was asked to be heated', () => {
    const oven = { kind: 'bag', code: 'MARU', method: 'oven' } as const;
    expect(bag('MARU', 'oven')).toMatchObject({ id: dishKey(oven), ref: oven });
    expect(bag('MARU').ref).toEqual({ ...oven, method: null });
    expect(bag('KURT').ref).toEqual({ kind: 'bag', code: 'KURT', method: null });
  });

  it.each(['MARU', 'TRKA', 'VELA', 'KURT', 'ZAPU', 'HELA'])('%s is a whole document', (code) => {
    const dish = bag(code);
    expect(dishSchema.safeParse(dish).error).toBeUndefined();
    expect(dish.stages.map((s) => s.text).join()).not.toMatch(/slow cook/i);
    if (!isRaw(itemOf(code).contents))
      expect(dish.stages.at(-1)?.text).toContain('74 °C all through');
  });

  it('a soup goes on a burner, a solid dish above water; the fridge is quicker than the freezer', () => {
    expect(usualMethod(dishOf('lentil-squash-soup'), kitchen)).toBe('burner');
    expect(usualMethod(dishOf('beef-cheek-stout'), kitchen)).toBe('cooker');
    const flat = { name: 'stew', thicknessMm: 40 };
    const cold = reheatHold(flat, 700, 4, kitchen);
    const frozen = reheatHold(flat, 700, -18, kitchen);
    expect(frozen).toBeGreaterThan(cold);
    // Thickness counts about squared: twice as thick is well over twice as long.
    expect(reheatHold({ ...flat, thicknessMm: 80 }, 700, -18, kitchen)).toBeGreaterThan(
      2.2 * frozen,
    );
  });

  it('what is in it is known to those who can’t eat it, and nobody buys it', () => {
    const dish = bag('HELA');
    const contains = allergensOf(scaleDish(dish, 2)).contains.map((a) => a.allergen);
    expect(contains).toEqual(expect.arrayContaining(['gluten', 'milk']));
    const list = shoppingList(
      [{ dish, servings: 2, meal: 'M', withDishes: new Set([dish.id]) }],
      [],
      [],
    );
    expect(list.lines).toEqual([]);
  });

  it('a bag that is still to cook has its cutting done, and a longer hold from frozen', () => {
    const [fresh, frozen] = [dishOf('beef-cheek-stout'), bag('KURT')];
    expect(frozen.stages.some((s) => s.kind === 'prep' || s.kind === 'brown')).toBe(false);
    const hold = (d: typeof frozen | null): number =>
      d?.stages.find((s) => s.kind === 'pressure')?.holdMinutes ?? 0;
    expect(hold(frozen)).toBe(Math.ceil(hold(fresh) * 1.5));
    expect(scaleDish(frozen, 6).ingredients.some((i) => i.ingredient.frozen)).toBe(true);
    expect(dishFromBag(itemOf('KURT'), null, kitchen).ok).toBe(false);
  });

  it('frozen meat never goes into a slow cooker: it is thawed first (USDA FSIS)', () => {
    const stout = dishOf('beef-cheek-stout');
    const slow = stout && slowVersion(stout);
    if (!slow?.ok) throw new Error('no slow version');
    const made = dishFromBag(itemOf('KURT'), slow.value, kitchen);
    if (!made.ok) throw new Error('not made');
    const frozen = made.value.ingredients.filter((i) => i.frozen);
    expect(frozen.length).toBeGreaterThan(0);
    expect(frozen.every((i) => i.thaw)).toBe(true);
  });

  it('two from the freezer and fresh greens are one plan; what thaws comes out the day before', () => {
    const dishes = new Map(
      [bag('MARU'), bag('VELA', 'oven'), ...household.dishes].map((d) => [d.id, d]),
    );
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'From the freezer',
      serveAt: new Date(NOW + 34 * 3_600_000).toISOString(),
      zone: 'Europe/Athens',
      servings: 4,
      entries: [
        newEntry('soup', { kind: 'bag', code: 'MARU', method: null }),
        newEntry('cabbage', { kind: 'bag', code: 'VELA', method: 'oven' }),
        newEntry('beetroot', 'beetroot-dill'),
      ],
    });
    const compiled = compileMeal(meal, dishes, kitchen, NOW);
    if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
    const schedule = solve(compiled.value.problem, { work: 3_000_000 });
    expect(schedule.delay).toBe(0);
    const thaws = schedule.steps.filter((s) => s.id.includes('.thaw-'));
    expect(thaws).toHaveLength(2);
    for (const thaw of thaws) expect(thaw.end - thaw.start).toBeGreaterThanOrEqual(1440);
    const many = compileMeal({ ...meal, servings: 20 }, dishes, kitchen, NOW);
    expect(
      many.ok &&
        many.value.notes.some((n) => n.code === 'more-than-in-stock' && n.values.free === 6),
    ).toBe(true);
  });

  it('what stands in the fridge past its day for safety is stopped in the plan of that day; past its best it is not', () => {
    const notes = (item: StoreItem, days: number): string => {
      const made = dishFromBag(item, null, kitchen);
      if (!made.ok) throw new Error('no dish');
      const meal = mealSchema.parse({
        format: 'olive-clock/meal@2',
        id: 'm',
        name: 'Late',
        serveAt: new Date(NOW + days * 86_400_000).toISOString(),
        zone: 'Europe/Athens',
        servings: 2,
        entries: [newEntry('a', made.value.id)],
      });
      const compiled = compileMeal(meal, new Map([[made.value.id, made.value]]), kitchen, NOW);
      if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
      const stops = compiled.value.notes.filter((n) => n.severity === 'stop');
      return stops.map((n) => Object.values(sayFinding(n, { system: 'metric' })).join(' ')).join();
    };
    const box = itemOf('HELA');
    expect(box).toMatchObject({ why: 'safety', place: 'fridge' });
    expect(notes(box, 2)).not.toContain('past its date');
    expect(notes(box, 9)).toMatch(/past its date by then: use by .* throw it away/);
    expect(notes({ ...itemOf('MARU'), useBy: '2026-11-20' }, 9)).not.toContain('past its date');
  });
});
