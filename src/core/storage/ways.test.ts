import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishRefSchema, refOfFirstVersion, type Dish } from '../dish';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { finding } from '../reason';
import { sayFinding } from '../words';
import { lunchLabel } from './label';
import { lunchesToMove } from './lunches';
import { dishFor } from './plannable';
import { dishFromBag, frozenHold, microwaveMinutes, waysOf } from './reheat';
import { spotsFor } from './room';
import { fridgeDaysOf, movedTo, useByOf } from './use-by';
import { storeItemSchema, type StoreItem } from './item';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const { kitchen, dishes } = household;
const dishOf = (id: string): Dish => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};
const item = (more: Partial<StoreItem> = {}): StoreItem =>
  storeItemSchema.parse({
    id: 'a',
    code: 'KURT',
    name: 'Beef cheek in stout, to cook',
    place: 'freezer',
    portions: 4,
    packedOn: '2026-11-01',
    useBy: '2027-02-01',
    why: 'quality',
    keepsAs: 'meat',
    contents: { kind: 'kit', dishId: 'beef-cheek-stout' },
    ...more,
  });
const made = (way: 'frozen' | 'thawed' | null, dish = dishOf('beef-cheek-stout')): Dish => {
  const result = dishFromBag(item(), dish, kitchen, way);
  if (!result.ok) throw new Error('no dish');
  return result.value;
};
const hold = (dish: Dish): number => {
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  return cycle?.kind === 'pressure' ? cycle.holdMinutes : NaN;
};

describe('a bag that is still to cook', () => {
  it('goes in frozen with the longer hold, or thawed with its own: the meal that uses it chooses', () => {
    const written = hold(dishOf('beef-cheek-stout'));
    expect(hold(made('frozen'))).toBe(frozenHold(written));
    expect(hold(made('thawed'))).toBe(written);
    expect(made('thawed').ref).toEqual({ kind: 'bag', code: 'KURT', method: 'thawed' });
    expect(waysOf(item(), kitchen)).toEqual(['frozen', 'thawed']);
    // What stands in the fridge is thawed already.
    expect(waysOf(item({ place: 'fridge', why: 'safety' }), kitchen)).toEqual([]);
  });

  it('thaws as one, by the weight of all that is in it', () => {
    const thawing = made('thawed').ingredients.filter((i) => i.thaw);
    expect(thawing).toHaveLength(1);
    const inside = made('frozen').ingredients.filter((i) => i.frozen);
    expect(inside.length).toBeGreaterThan(1);
    expect(thawing[0]?.packGrams).toBeGreaterThan(900);
    expect(thawing[0]?.bag).toBe('KURT');
  });

  it('nobody says: thick pieces are thawed, small ones go in frozen', () => {
    const cut = (pieceMm: number): Dish => ({
      ...dishOf('beef-cheek-stout'),
      ingredients: dishOf('beef-cheek-stout').ingredients.map((i) =>
        i.role === 'main' ? { ...i, pieceMm } : i,
      ),
    });
    expect(made(null, cut(59)).summary).toContain('cooked from frozen');
    expect(made(null, cut(60)).summary).toContain('thawed first');
  });

  it('has no way of heating, and what is cooked goes into no pot frozen as a kit does', () => {
    const known = {
      items: new Map([
        ['KURT', item()],
        ['MARU', item({ code: 'MARU', contents: { kind: 'cooked', dishId: null } })],
      ]),
      stock: [],
      dishes: new Map(dishes.map((d) => [d.id, d])),
      kitchen,
    };
    const found = (code: string, method: 'oven' | 'frozen') =>
      dishFor({ kind: 'bag', code, method }, known) !== null;
    expect(found('KURT', 'frozen')).toBe(true);
    expect(found('KURT', 'oven')).toBe(false);
    expect(found('MARU', 'oven')).toBe(true);
    expect(found('MARU', 'frozen')).toBe(false);
    // Earlier documents had no such ways, and read as before.
    expect(refOfFirstVersion('bag-MARU.oven')).toEqual({
      kind: 'bag',
      code: 'MARU',
      method: 'oven',
    });
    expect(dishRefSchema.safeParse({ kind: 'bag', code: 'MARU', method: 'kettle' }).success).toBe(
      false,
    );
  });
});

describe('a microwave', () => {
  /**
   * Energy from 4 °C, or from −18 °C with its ice, to 74 °C: 400 g of food of three quarters water (3.7 J/(g K),
   * 334 J/g to melt) take 104 and 224 kJ; a usual one brings 480 W of its 800 into the food.
   */
  it('takes minutes by weight and state, and by what stands on its door', () => {
    expect(microwaveMinutes(400, false, null)).toBe(Math.ceil(103_600 / 480 / 60) + 2);
    const frozen = 400 * (1.9 * 18 + 0.75 * 334 + 3.7 * 74);
    expect(microwaveMinutes(400, true, 800)).toBe(Math.ceil(frozen / 480 / 60) + 2);
    expect(microwaveMinutes(400, false, 600)).toBeGreaterThan(microwaveMinutes(400, false, 800));
  });

  it('is a way where the kitchen has one, from frozen too; without one the plan says so', () => {
    const cooked = item({
      contents: { kind: 'cooked', dishId: 'lentil-squash-soup' },
      code: 'MARU',
    });
    const own: Kitchen = {
      ...kitchen,
      appliances: [{ id: 'wave', name: 'Microwave', kind: 'microwave', litres: 20, watts: 800 }],
    };
    expect(waysOf(cooked, kitchen)).not.toContain('microwave');
    expect(waysOf(cooked, own)).toContain('microwave');
    const result = dishFromBag(cooked, dishOf('lentil-squash-soup'), own, 'microwave');
    if (!result.ok) throw new Error('no dish');
    expect(result.value.ingredients.some((i) => i.thaw)).toBe(false);
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'M',
      serveAt: new Date(NOW + 86_400_000).toISOString(),
      zone: 'Europe/Athens',
      servings: 2,
      entries: [newEntry('a', { kind: 'bag', code: 'MARU', method: 'microwave' })],
    });
    const compile = (k: Kitchen) =>
      compileMeal(meal, new Map([[result.value.id, result.value]]), k, NOW);
    const planned = compile(own);
    expect(planned.ok && planned.value.problem.blocks?.map((b) => b.units)).toEqual([['wave']]);
    const refused = compile(kitchen);
    expect(!refused.ok && refused.problems.map((p) => p.message).join()).toContain('microwave');
  });
});

describe('rice, as a household keeps it', () => {
  /** UK Food Standards Agency: within a day. */
  it('a day at most; stricter where it is said, also out of the freezer', () => {
    expect(fridgeDaysOf('cooked-rice')).toBe(1);
    expect(fridgeDaysOf('cooked-rice', { riceDays: 0 })).toBe(0);
    expect(fridgeDaysOf('cooked-meat', { riceDays: 0 })).toBe(4);
    const due = useByOf('cooked-rice', 'fridge', '2026-11-25', { riceDays: 0 });
    expect(due.ok && due.value.useBy).toBe('2026-11-25');
    const rice = item({ keepsAs: 'cooked-rice', contents: { kind: 'cooked', dishId: null } });
    // Thawed, it is eaten that day or the next in any case.
    const thawed = movedTo(rice, { place: 'fridge', spot: null }, '2026-11-25', { riceDays: 0 });
    expect(thawed.ok && thawed.value.useBy).toBe('2026-11-26');
  });
});

describe('freezers', () => {
  const rooms = (...free: number[]) =>
    free.map((litres, i) => ({
      place: { id: `f${i}`, name: 'F', kind: 'freezer' as const, litres },
      taken: 0,
      share: 0,
    }));

  it('are filled in order, each as far as it has room, and no further', () => {
    expect(spotsFor(rooms(5, 3), [2, 2, 2, 1, 1])).toEqual(['f0', 'f0', 'f1', 'f0', 'f1']);
    expect(spotsFor(rooms(4), [2, 2, 2])).toEqual(['f0', 'f0', null]);
    expect(spotsFor([], [1])).toEqual([null]);
  });
});

describe('lunches in the freezer', () => {
  const lunch = (id: string, day: string, more: Partial<StoreItem> = {}): StoreItem =>
    item({
      id,
      portions: 1,
      packedOn: '2026-11-29',
      contents: { kind: 'cooked', dishId: null },
      lunch: { person: 'Ana', day },
      ...more,
    });
  const moved = (today: string, ...items: StoreItem[]): string[] =>
    lunchesToMove(items, today).map((i) => i.id);

  it('go down the evening before; forgotten, on the day itself; not earlier, and not once it is past', () => {
    const thursday = lunch('thu', '2026-12-03');
    expect(moved('2026-12-01', thursday)).toEqual([]);
    expect(moved('2026-12-02', thursday)).toEqual(['thu']);
    expect(moved('2026-12-03', thursday)).toEqual(['thu']);
    expect(moved('2026-12-04', thursday)).toEqual([]);
  });

  it('what is in the fridge, eaten, still to be packed, or nobody’s lunch stays where it is', () => {
    const today = '2026-12-02';
    expect(
      moved(
        today,
        lunch('a', '2026-12-03', { place: 'fridge' }),
        lunch('b', '2026-12-03', { portions: 0 }),
        lunch('c', '2026-12-03', { packedOn: '2026-12-03' }),
        item({ id: 'd' }),
      ),
    ).toEqual([]);
  });

  it('its label has the microwave first, thawed and frozen, and rice once only', () => {
    const text = lunchLabel([dishOf('rice-over-lentils')], 'freezer', kitchen);
    expect(text.split('\n')[0]).toMatch(
      /^Microwave: \d+ min thawed, \d+ min frozen at 800 W, .*74 °C/,
    );
    expect(text).toContain('the evening before');
    expect(text).toContain('heated once only');
    expect(lunchLabel([dishOf('beetroot-dill')], 'fridge', kitchen)).not.toMatch(/frozen|Rice/);
    expect(lunchLabel([dishOf('beetroot-dill')], 'fridge', { ...kitchen, scale: 'F' })).toContain(
      '165 °F',
    );
  });
});

describe('what the plan says of it', () => {
  it('findings of bags and lunches are sentences with a figure and a remedy', () => {
    const says = (...of: Parameters<typeof sayFinding>): string =>
      Object.values(sayFinding(...of)).join(' ');
    const big = finding('bag-too-big', 'look', null, { dish: 'Stew', servings: 9, most: 6 });
    expect(says(big, { system: 'metric' })).toContain('a bag for 9 when it is cooked; one takes 6');
    const days = { days: ['2026-12-03'], lastDay: '2026-12-02' };
    const late = finding('lunch-too-late', 'stop', null, { dish: 'Salad', ...days });
    expect(says(late, { system: 'metric' })).toMatch(
      /Thu 3.Dec.*until Wed 2.Dec and does not freeze/,
    );
  });
});
