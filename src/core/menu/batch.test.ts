import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, scaleDish } from '../dish';
import { householdSchema } from '../exchange';
import { bagContents } from '../storage';
import { mealSchema } from '../meal';
import { solve } from '../solve';
import { verifySchedule } from '../../../tests/support/verify-schedule';
import { runsFor, batchDish } from './batch';
import { bagSheet } from './bag-sheet';
import { BOXES, isBatchDay } from './boxes';
import { compileMeal, planOf } from '../plan';
import { toRunSheet } from '../run';
import { sayFinding } from '../words';
import type { Finding } from '../reason';
import { entryOf, type WrittenEntry } from '../../../tests/support/entries';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes: all } = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(all.map((d) => [d.id, d]));
const dishOf = (id: string) => {
  const dish = dishes.get(id);
  if (!dish) throw new Error(id);
  return dish;
};
interface BagsMade {
  copies: number;
  state: 'raw' | 'browned' | 'cooked';
  shape?: 'flat' | 'mound';
  inFridge?: number;
}

function day(
  entries: readonly (Omit<WrittenEntry, 'bags'> & { bags?: BagsMade })[],
  more: object = {},
) {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'freezer-day',
    name: 'Freezer day',
    serveAt: new Date(NOW + 30 * 3_600_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    batch: true,
    ...more,
    entries: entries.map(({ bags, ...e }) =>
      entryOf({ ...e, bags: bags ? { shape: 'flat', inFridge: 0, ...bags } : null }),
    ),
  });
  const compiled = compileMeal(meal, dishes, kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  return compiled.value;
}

describe('a batch day', () => {
  it('every dish of the demo can be bagged in every state, and stays a whole document', () => {
    for (const dish of all)
      for (const state of ['raw', 'browned', 'cooked'] as const) {
        const made = batchDish(dish, { copies: 3, state }, 4);
        expect(dishSchema.safeParse(made).error, `${dish.id} ${state}`).toBeUndefined();
        expect(made.stages.at(-1)?.id).toBe('pack-bags');
      }
  });

  /** Common practice: 15 lb of meat on offer is cooked 5 lb at a time, in pieces with steam around them. */
  it('fifteen pounds in pieces on a rack are cooked in three even runs, in their own liquid in fewer', () => {
    const pieces = (rackMm: number | undefined) =>
      dishSchema.parse({
        format: 'olive-clock/dish@1',
        id: 'lamb-in-bulk',
        name: 'Lamb in bulk',
        servings: 5,
        ingredients: [
          {
            id: 'lamb',
            food: 'lamb shoulder',
            amount: 2268,
            unit: 'g',
            scaling: 'proportional',
            role: 'main',
          },
          {
            id: 'water',
            food: 'water',
            amount: 1,
            unit: 'cup',
            scaling: 'with-pot',
            role: 'liquid',
          },
        ],
        stages: [
          {
            id: 'cook',
            kind: 'pressure',
            text: 'Pieces in, with room between them',
            level: 'high',
            holdMinutes: 35,
            release: { kind: 'natural' },
            uses: ['lamb', 'water'],
            rackMm,
          },
        ],
        wait: { maxMinutes: null, cost: 0 },
      });
    const large = { ...kitchen, cookers: kitchen.cookers.filter((c) => c.id === 'large') };
    const runs = (rackMm?: number) => runsFor(pieces(rackMm), 5, 3, large);
    expect(large.cookers).toHaveLength(1);
    expect(runs(20)).toEqual([1, 1, 1]);
    expect(runs().length).toBeLessThan(3);
  });

  it('raw bags are cut and packed, never cooked; cooked ones are cooled before they are packed', () => {
    const raw = batchDish(dishOf('beef-cheek-stout'), { copies: 3, state: 'raw' }, 4);
    expect(raw.stages.every((s) => ['prep', 'soak', 'finish'].includes(s.kind))).toBe(true);
    const cooked = batchDish(dishOf('beef-cheek-stout'), { copies: 3, state: 'cooked' }, 4);
    const cool = cooked.stages.find((s) => s.id === 'cool-down');
    expect(cool?.kind === 'rest' && cool.minutes).toBeLessThanOrEqual(120);
    expect(cooked.stages.find((s) => s.id === 'spread-out')?.text).toContain(
      'FDA Food Code 3-501.14',
    );
  });

  it('the bag is filled as it meets the pot: thin liquid first; what spoils or drinks stays out (common practice)', () => {
    for (const dish of all) {
      const { order, staysOut } = bagContents(dish);
      const foods = new Map(
        scaleDish(dish, 4).ingredients.map((i) => [i.ingredient.food, i.food] as const),
      );
      const thin = order.map((name) => foods.get(name)?.form === 'thin');
      expect(thin.lastIndexOf(true), dish.id).toBeLessThan(
        thin.includes(false) ? Math.max(1, thin.indexOf(false) + 0.5) : thin.length,
      );
      for (const name of order)
        expect(['dairy', 'grain']).not.toContain(foods.get(name)?.group ?? 'none');
      expect(order.filter((name) => staysOut.includes(name))).toEqual([]);
    }
  });

  it('four dishes times three: one plan that the checker accepts, packed by the wanted time', () => {
    const plan = day([
      { dishId: 'lentil-squash-soup', bags: { copies: 3, state: 'cooked' } },
      { dishId: 'beef-cheek-stout', bags: { copies: 3, state: 'browned' } },
      { dishId: 'red-cabbage', bags: { copies: 3, state: 'cooked' } },
      { dishId: 'lamb-apricots', bags: { copies: 3, state: 'raw' } },
    ]);
    const schedule = solve(plan.problem, { work: 6_000_000 });
    expect(schedule.delay).toBe(0);
    expect(
      verifySchedule(plan.problem, { ...schedule, delay: 0, cost: schedule.cost ?? 0 }),
    ).toEqual([]);
    expect(plan.meanings.filter((m) => m.stageId === 'pack-bags').length).toBeGreaterThanOrEqual(4);
  });

  it('each bag has its amounts in order, and what is made once is divided among them', () => {
    const bags = { copies: 3, state: 'raw', shape: 'flat', inFridge: 0 } as const;
    const sheet = bagSheet(dishOf('lamb-apricots'), 4, bags, kitchen);
    expect(sheet.contents.length).toBeGreaterThan(3);
    expect(sheet.contents.map((c) => c.food)).toEqual(bagContents(dishOf('lamb-apricots')).order);
    expect(sheet.madeOnce.length).toBeGreaterThan(0);
    expect(bagSheet(dishOf('lamb-apricots'), 4, { ...bags, copies: 1 }, kitchen).madeOnce).toEqual(
      [],
    );
    // A mound drops into a liner of the household, and takes longer than a flat bag.
    const [flat, mound] = sheet.shapes;
    const liner = Math.max(...kitchen.cookers.map((c) => c.diameterMm));
    expect(mound?.acrossMm).toBeLessThan(liner);
    expect(
      ((Math.PI / 4) * (mound?.acrossMm ?? 0) ** 2 * (mound?.thicknessMm ?? 0)) / 1000,
    ).toBeCloseTo(sheet.mlEach, -2);
    expect(mound?.thawHours ?? 0).toBeGreaterThan(flat?.thawHours ?? Infinity);
    expect(mound?.freezeHours ?? 0).toBeGreaterThan(flat?.freezeHours ?? Infinity);
  });

  it('a bag of bulk food says its cups and what it stands for: two cups of crumbled meat are a pound raw (common practice)', () => {
    const meat = dishSchema.parse({
      format: 'olive-clock/dish@1',
      id: 'bulk-meat',
      name: 'Ground meat in bulk',
      servings: 1,
      bulk: true,
      wait: { maxMinutes: null, cost: 0 },
      ingredients: [
        {
          id: 'meat',
          food: 'ground meat',
          amount: 1,
          unit: 'lb',
          role: 'main',
          scaling: 'proportional',
        },
        {
          id: 'water',
          food: 'water',
          amount: 240,
          unit: 'ml',
          role: 'liquid',
          scaling: 'with-pot',
        },
      ],
      stages: [
        {
          id: 'cook',
          kind: 'pressure',
          level: 'high',
          holdMinutes: 18,
          release: { kind: 'quick' },
          rackMm: 20,
          text: 'In pieces on the rack; lid on',
          uses: ['meat', 'water'],
        },
      ],
    });
    const bags = { copies: 15, state: 'cooked', shape: 'flat', inFridge: 0 } as const;
    const { standsFor, gramsEach } = bagSheet(meat, 1, bags, { ...kitchen, system: 'us' });
    expect(standsFor).toMatch(/^a bag is about 2 cups and stands for 1 lb ground meat, raw$/);
    // 70 to 75 % of it are left (USDA Table of Cooking Yields), and none of the water.
    expect(gramsEach / 453.6).toBeGreaterThan(0.7);
    expect(gramsEach / 453.6).toBeLessThan(0.75);
    expect(bagSheet(dishOf('red-cabbage'), 4, bags, kitchen).standsFor).toBeNull();
  });

  it('runs of one dish that soak at the same moment are one line of the schedule, with all amounts', () => {
    const plan = day([
      { dishId: 'bulk-chickpeas', servings: 1, bags: { copies: 16, state: 'cooked' } },
    ]);
    const schedule = { ...solve(plan.problem, { work: 400_000 }), milliseconds: 0 };
    const lines = toRunSheet(planOf(plan, schedule), kitchen, Date.UTC(2026, 10, 28, 16));
    const soaks = lines.filter((l) => l.action.startsWith('Soak'));
    expect(soaks).toHaveLength(1);
    expect(soaks[0]?.dish).toMatch(/^Chickpeas in bulk, \d runs$/);
    expect(isBatchDay(plan)).toBe(true);
    expect(isBatchDay(day([{ dishId: 'red-cabbage' }], { batch: false }))).toBe(false);
    // Its runs are still cooked one by one.
    expect(lines.filter((l) => l.setting !== null).length).toBeGreaterThan(1);
    expect(new Set(plan.meanings.map((m) => m.wholeName))).toEqual(new Set(['Chickpeas in bulk']));
  });

  it('bags for the fridge are not frozen: only the others count against the freezer, and the pack step says it', () => {
    const [note] = day([
      { dishId: 'lentil-squash-soup', bags: { copies: 12, state: 'cooked' } },
    ]).notes.filter((n) => n.code === 'freezer-slow');
    const kg = (found: Finding | undefined): number =>
      found?.code === 'freezer-slow' ? found.values.kg : NaN;
    const some = day([
      { dishId: 'lentil-squash-soup', bags: { copies: 12, state: 'cooked', inFridge: 4 } },
    ]);
    const [less] = some.notes.filter((n) => n.code === 'freezer-slow');
    expect(kg(less)).toBeCloseTo((kg(note) * 8) / 12, 6);
    expect(
      some.meanings.some((m) => m.text.includes('4 into the fridge, the rest into the freezer')),
    ).toBe(true);
    // More than three days' freezing is too much for one day of cooking.
    expect(note && sayFinding(note, { system: 'metric' }).remedy).toMatch(
      /plan no more than [\d.]+ kg for one day|over [23] days/,
    );
  });

  it('more than the freezer takes in a day is said, with the days it takes', () => {
    const note = (copies: number): Finding | undefined =>
      day([{ dishId: 'lentil-squash-soup', bags: { copies, state: 'cooked' } }]).notes.find(
        (n) => n.code === 'freezer-slow',
      );
    const slow = note(12);
    expect(note(1)).toBeUndefined();
    expect(slow && sayFinding(slow, { system: 'metric' }).text).toContain(
      'it freezes about 7 kg in a day',
    );
  });

  it('a set of boxes: each part is cooked for all of them and cooled, and they are filled together', () => {
    const plan = day(
      ['chickpeas-lemon', 'saffron-bulgur', 'beetroot-dill'].map((dishId) => ({ dishId })),
      { boxes: 6 },
    );
    const schedule = solve(plan.problem, { work: 6_000_000 });
    expect(
      verifySchedule(plan.problem, {
        ...schedule,
        delay: schedule.delay ?? 0,
        cost: schedule.cost ?? 0,
      }),
    ).toEqual([]);
    const fill = plan.meanings.find((m) => m.dishId === BOXES);
    const filled = schedule.steps.find((s) => s.id === fill?.id);
    const cooled = plan.meanings.filter((m) => m.stageId === 'cool-down');
    expect(cooled).toHaveLength(3);
    for (const { id } of cooled)
      expect(schedule.steps.find((s) => s.id === id)?.end).toBeLessThanOrEqual(filled?.start ?? -1);
    expect(plan.meanings.find((m) => m.dishId === 'beetroot-dill')?.because).toBeDefined();
  });

  it('what no pot takes at once is cooked in runs that fit, none too full or too dry', () => {
    for (const [dishId, copies] of [
      ['lentil-squash-soup', 7],
      ['red-cabbage', 3],
      ['mushroom-barley', 2],
    ] as const) {
      const plan = day([{ dishId, bags: { copies, state: 'cooked' } }]);
      const runs = new Set(plan.meanings.map((m) => m.entryId)).size;
      expect(runs, dishId).toBeGreaterThan(1);
      expect(plan.notes.filter((n) => n.severity === 'stop')).toEqual([]);
    }
  });

  it('as quick in fewer runs it is cooked in fewer, of bags and a half', () => {
    // Three bags, one and a half to the pot: two runs in one, where whole bags would be three in two.
    const soup = dishOf('lentil-squash-soup');
    const runs = runsFor(soup, 4, 3, kitchen);
    expect(runs).toEqual([1.5, 1.5]);
    // Three kilos of chickpeas have the pots for themselves: two rounds in two of them instead of three in one.
    const chickpeas = dishOf('bulk-chickpeas');
    const alone = runsFor(chickpeas, 1, 16, kitchen);
    expect(alone.reduce((sum, n) => sum + n, 0)).toBe(16);
    expect(new Set(alone).size).toBe(2);
    expect(alone.every(Number.isInteger)).toBe(true);
    // Beside other dishes it takes the fewest even runs, and leaves them the other pots.
    expect(runsFor(chickpeas, 1, 16, kitchen, false)).toEqual([16 / 3, 16 / 3, 16 / 3]);
  });

  it('all pots are filled at once, each as far as it goes; no pot more than saves a round', () => {
    const soup = dishOf('lentil-squash-soup');
    const runs = (copies: number, pots = kitchen.cookers): number[] =>
      runsFor(soup, 4, copies, { ...kitchen, cookers: pots });
    const [large] = kitchen.cookers.toSorted((a, b) => b.litres - a.litres);
    if (!large) throw new Error('no cooker');
    const most = Math.max(...[1, 2, 3, 4, 5, 6].filter((n) => runs(n, [large]).length === 1));
    // One more than the largest pot takes: two rounds in it alone, one where there are others.
    expect(runs(most + 1, [large])).toHaveLength(2);
    const together = runs(most + 1);
    expect(together[0]).toBe(most);
    expect(together.reduce((sum, n) => sum + n, 0)).toBe(most + 1);
    expect(runs(most)).toEqual([most]);
    // Two pots alike share evenly.
    const twin = { ...large, id: 'twin' };
    expect(runs(2 * most, [large, twin])).toEqual([most, most]);
  });
});
