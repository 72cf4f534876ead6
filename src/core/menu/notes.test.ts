import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish, type Ingredient, type Stage } from '../dish';
import { altitudeRule } from '../doneness';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry, type EntryChange, type Meal } from '../meal';
import { entryOf } from '../../../tests/support/entries';
import { freezesInADay, portionGrams, kitGrams } from '../storage';
import { altitudeNotes, atAltitude, partCookedNotes, tinNotes, unknownNotes } from './dish-notes';
import { bagThickness, FLAT_MM, freezerNotes, moundFor } from './bag-sheet';
import { looksAtEaters } from './eaters';
import { effectiveEntries } from './entries';
import { openChoices } from './choices';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const { kitchen } = household;
const demo = (id: string): Dish => {
  const found = household.dishes.find((d) => d.id === id);
  if (!found) throw new Error(id);
  return found;
};

function dish(ingredients: Partial<Ingredient>[], stages: Stage[], more: Partial<Dish> = {}): Dish {
  return dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: 'tried',
    name: 'Tried',
    servings: 4,
    ingredients: ingredients.map((i, n) => ({
      id: `i${n}`,
      role: 'main',
      scaling: 'proportional',
      amount: 500,
      unit: 'g',
      ...i,
    })),
    stages,
    wait: { maxMinutes: 30, cost: 0 },
    ...more,
  });
}
const step = (kind: 'prep' | 'brown' | 'finish', uses: string[]): Stage =>
  kind === 'finish'
    ? { id: kind, kind, minutes: 2, text: 'Stir in', inCooker: false, uses }
    : { id: kind, kind, minutes: 5, text: kind, uses };
const cycle = (holdMinutes: number, uses: string[], more: object = {}): Stage => ({
  id: 'cook',
  kind: 'pressure',
  text: 'Pressure cook',
  level: 'high',
  holdMinutes,
  release: { kind: 'natural' },
  tools: [],
  uses,
  ...more,
});
const meal = (entries: Meal['entries'], more: object = {}): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: '2026-12-01T18:00:00Z',
    zone: 'UTC',
    servings: 4,
    entries,
    ...more,
  });
const settled = (d: Dish, change: EntryChange = {}, more: object = {}, k: Kitchen = kitchen) =>
  effectiveEntries(meal([newEntry('a', d.id, change)], more), new Map([[d.id, d]]), k);
const codes = (found: { code: string }[]): string[] => found.map((f) => f.code);

describe('what is made in a tin', () => {
  const tin = { inPan: { diameterMm: 180, heightMm: 75 } };
  const eggs = { food: 'eggs', amount: 2, unit: 'piece' } as const;
  const cake = dish([{ food: 'flour' }, eggs], [cycle(50, ['i0', 'i1'], tin)]);
  const entry = entryOf({ dishId: 'tried' });

  it('is made in whole tins: for a part of one, the next whole number is offered', () => {
    expect(tinNotes(entry, cake, 3)).toMatchObject([
      {
        code: 'part-of-a-tin',
        values: { servings: 3, whole: 4 },
        edits: [{ kind: 'servings', entry: entry.id, servings: 4 }],
      },
    ]);
    expect(tinNotes(entry, cake, 5)[0]?.values).toMatchObject({ whole: 8 });
  });

  it('says nothing of whole tins, of what no egg sets, and of eggs that are in no tin', () => {
    expect(tinNotes(entry, cake, 4)).toEqual([]);
    expect(tinNotes(entry, cake, 8)).toEqual([]);
    const rice = dish([{ food: 'rice' }], [cycle(8, ['i0'], tin)]);
    expect(tinNotes(entry, rice, 3)).toEqual([]);
    const loose = dish([{ food: 'flour' }, eggs], [cycle(8, ['i0', 'i1'])]);
    expect(tinNotes(entry, loose, 3)).toEqual([]);
  });
});

describe('what nobody knows of a dish', () => {
  const entry = newEntry('a', 'tried');

  it('an unknown food, an ingredient of no step and unread text are each said, with the dish to open', () => {
    const odd = dish([{ food: 'zork' }, { food: 'carrot' }], [step('prep', ['i0'])], {
      unread: ['until it sings'],
    });
    expect(unknownNotes(entry, odd)).toMatchObject([
      { code: 'food-unknown', severity: 'look', values: { foods: ['zork'] } },
      { code: 'ingredient-nowhere', values: { foods: ['carrot'] } },
      { code: 'text-unread', values: { pieces: 1 }, edits: [{ kind: 'open-dish', dish: 'tried' }] },
    ]);
  });

  it('of a dish that is wholly known nothing is said', () => {
    expect(unknownNotes(entry, dish([{ food: 'carrot' }], [step('prep', ['i0'])]))).toEqual([]);
  });
});

describe('meat browned for a bag', () => {
  const browned = (food: string, state: 'raw' | 'browned' | 'cooked') =>
    partCookedNotes(
      newEntry('a', 'tried', {
        what: { bags: { copies: 2, state, shape: 'flat', inFridge: 0 } },
      }),
      dish([{ food }, { food: 'beef' }], [step('brown', ['i0']), cycle(20, ['i1'])]),
    );

  it('is said where it is browned only, with raw and cooked as the ways out (USDA FSIS)', () => {
    expect(browned('pork shoulder', 'browned')).toMatchObject([
      {
        values: { foods: ['pork shoulder'] },
        edits: [
          { kind: 'pack-as', state: 'raw' },
          { kind: 'pack-as', state: 'cooked' },
        ],
      },
    ]);
    expect(browned('pork shoulder', 'raw')).toEqual([]);
    expect(browned('pork shoulder', 'cooked')).toEqual([]);
  });

  it('vegetables and what is cooked already may be browned', () => {
    expect(browned('onion', 'browned')).toEqual([]);
    expect(browned('cooked ham', 'browned')).toEqual([]);
  });
});

describe('altitude', () => {
  const high: Kitchen = { ...kitchen, altitudeM: 2000 };
  const long = dish([{ food: 'beef' }], [cycle(20, ['i0'], { minutesPerLb: 10 })]);

  it('pressure times are longer by the rule, in whole minutes, and no longer than a pot counts', () => {
    const factor = altitudeRule(2000);
    expect(factor).toBeGreaterThan(1);
    expect(atAltitude(long, high).stages[0]).toMatchObject({
      holdMinutes: Math.ceil(20 * factor),
      minutesPerLb: 10 * factor,
    });
    const longest = dish([{ food: 'beef' }], [cycle(479, ['i0'])]);
    expect(atAltitude(longest, high).stages[0]).toMatchObject({ holdMinutes: 480 });
    expect(atAltitude(long, { ...kitchen, altitudeM: 0 })).toBe(long);
  });

  it('a dish whose times are for this place already stays as it is', () => {
    const here = { ...long, heldHere: true };
    expect(atAltitude(here, high)).toBe(here);
    expect(altitudeNotes([here], high)).toEqual([]);
  });

  it('is told once, and only where something is pressure-cooked for a time', () => {
    expect(altitudeNotes([long, long], high)).toHaveLength(1);
    expect(altitudeNotes([dish([{ food: 'beef' }], [cycle(0, ['i0'])])], high)).toEqual([]);
    expect(altitudeNotes([dish([{ food: 'beef' }], [step('prep', ['i0'])])], high)).toEqual([]);
    expect(altitudeNotes([long], { ...kitchen, altitudeM: 0 })).toEqual([]);
  });
});

describe('who eats what', () => {
  const eater = (more: object) => ({ eaters: [{ id: 'e', name: 'Ada', appetite: 1, ...more }] });
  const said = (d: Dish, more: object) =>
    looksAtEaters(meal([newEntry('a', d.id)], eater(more)), [
      { entry: newEntry('a', d.id), dish: d, servings: 4, dishIds: [d.id] },
    ]);
  const late = dish(
    [{ food: 'carrot' }, { food: 'butter' }],
    [cycle(3, ['i0']), step('finish', ['i1'])],
  );

  it('what somebody can’t eat is named with the food; stirred in at the end, a portion can be taken before', () => {
    expect(said(late, { allergens: ['milk'] })).toMatchObject([
      {
        code: 'eater-cannot',
        severity: 'look',
        values: {
          eater: 'Ada',
          foods: ['butter'],
          contains: ['milk'],
          breaks: [],
          apartBefore: 'Stir in',
        },
      },
    ]);
  });

  it('what is in from the start can’t be kept apart', () => {
    const early = dish([{ food: 'carrot' }, { food: 'butter' }], [cycle(3, ['i0', 'i1'])]);
    expect(said(early, { allergens: ['milk'] })).toMatchObject([
      { values: { foods: ['butter'], apartBefore: null } },
    ]);
    const cold = dish([{ food: 'butter' }], [step('prep', ['i0']), cycle(3, [])]);
    expect(said(cold, { allergens: ['milk'] })).toMatchObject([{ values: { apartBefore: null } }]);
  });

  it('by diet as by allergen, each food once', () => {
    const found = said(late, { allergens: ['milk'], diets: ['vegan'] });
    expect(found).toMatchObject([{ values: { breaks: ['vegan'], foods: ['butter'] } }]);
  });

  it('somebody who eats everything, or nothing of what is in it, is not spoken of', () => {
    expect(said(late, {})).toEqual([]);
    expect(said(late, { allergens: ['nuts'], diets: ['vegetarian'] })).toEqual([]);
  });

  it('an unknown food is never safe: the dish has to be opened', () => {
    const odd = dish([{ food: 'zork' }], [cycle(3, ['i0'])]);
    expect(said(odd, { allergens: ['nuts'] })).toMatchObject([
      {
        code: 'eater-unknown',
        severity: 'look',
        values: { without: ['nuts'], foods: ['zork'] },
        edits: [{ kind: 'open-dish', dish: 'tried' }],
      },
    ]);
    expect(said(odd, {})).toEqual([]);
  });
});

describe('room in the freezer', () => {
  const soup = demo('lentil-squash-soup');
  const kg = (copies: number): number => (portionGrams(soup) * 4 * copies) / 1000;
  const notes = (copies: number, k: Kitchen = kitchen) =>
    freezerNotes([{ dish: soup, servings: 4, copies, state: 'cooked' }], k);

  it('up to what it freezes in a day nothing is said; beyond, in how many days', () => {
    const fits = Math.floor(freezesInADay(kitchen) / kg(1));
    expect(notes(fits)).toEqual([]);
    expect(notes(fits + 1)).toMatchObject([
      { code: 'freezer-slow', values: { days: 2, kg: kg(fits + 1), mostDays: 3 } },
    ]);
  });

  it('without a freezer bags are refused; without bags it does not matter', () => {
    const none: Kitchen = {
      ...kitchen,
      places: kitchen.places.filter((p) => p.kind !== 'freezer'),
    };
    expect(codes(notes(1, none))).toEqual(['no-freezer']);
    expect(notes(0, none)).toEqual([]);
  });
});

describe('a mound for the pot', () => {
  const pots = (...diameters: number[]): Kitchen => ({
    ...kitchen,
    cookers: diameters.map((diameterMm, n) => ({
      ...(kitchen.cookers[0] as Kitchen['cookers'][number]),
      id: `c${n}`,
      diameterMm,
    })),
  });
  const litres = (acrossMm: number, heightMm: number): number =>
    ((Math.PI / 4) * acrossMm ** 2 * heightMm) / 1000;

  it('goes into the smallest pot in which it is no higher than 70 mm', () => {
    expect(moundFor(litres(155, 70), pots(240, 180))).toEqual({ acrossMm: 155, heightMm: 70 });
    expect(moundFor(litres(155, 71), pots(240, 180))).toMatchObject({ acrossMm: 215 });
  });

  it('too much for any is for the widest; a little is no thinner than a flat bag can be', () => {
    expect(moundFor(litres(215, 90), pots(180, 240))).toEqual({ acrossMm: 215, heightMm: 90 });
    expect(moundFor(100, pots(240)).heightMm).toBe(15);
    expect(moundFor(1000, pots()).acrossMm).toBe(195);
  });

  it('a flat bag is as thick as flat bags are, a mound as high as it comes', () => {
    const soup = demo('lentil-squash-soup');
    const bags = { copies: 1, state: 'cooked', inFridge: 0 } as const;
    expect(bagThickness({ ...bags, shape: 'flat' }, soup, 4, kitchen)).toBe(FLAT_MM);
    const mound = bagThickness({ ...bags, shape: 'mound' }, soup, 4, kitchen);
    expect(mound).toBeGreaterThan(FLAT_MM);
    expect(mound).toBeLessThanOrEqual(70);
  });
});

describe('an entry as it is cooked', () => {
  const beef = dish(
    [{ food: 'beef', pieceMm: 50 }],
    [cycle(20, ['i0'], { orRelease: { kind: 'quick' } })],
  );

  it('for as many as the meal, or its own number, and for those who eat later as well', () => {
    expect(settled(beef).entries[0]?.servings).toBe(4);
    expect(settled(beef, { forWhom: { servings: 6 } }).entries[0]?.servings).toBe(6);
    const kept = settled(beef, { forWhom: { keep: { portions: 2, later: 20 } } });
    expect(kept.entries[0]?.servings).toBe(6);
  });

  it('portions for later: kept warm as long as it keeps, beyond that to be heated again', () => {
    const note = (later: number, d: Dish = beef) =>
      settled(d, { forWhom: { keep: { portions: 1, later } } }).notes.find((n) =>
        n.code.startsWith('kept'),
      );
    expect(note(30)).toMatchObject({ code: 'kept-warm', severity: 'info' });
    expect(note(31)).toMatchObject({
      code: 'kept-too-long',
      severity: 'look',
      values: { keeps: 30, later: 31 },
    });
    expect(note(400, { ...beef, wait: { maxMinutes: null, cost: 0 } })?.code).toBe('kept-warm');
  });

  it('the other release only where it was asked for', () => {
    const release = (otherRelease: boolean | null) =>
      settled(beef, { what: { otherRelease } }).entries[0]?.dish.stages[0];
    expect(release(true)).toMatchObject({ release: { kind: 'quick' } });
    expect(release(false)).toMatchObject({ release: { kind: 'natural' } });
    expect(release(null)).toMatchObject({ release: { kind: 'natural' } });
  });

  it('longer where evenings taught it, and said; no longer than a pot counts', () => {
    const taught = (factor: number) =>
      settled(
        beef,
        {},
        {},
        {
          ...kitchen,
          learned: {
            paces: {},
            stages: {},
            waits: {},
            chances: {},
            holds: { 'tried/cook': factor },
          },
        },
      );
    expect(taught(1.5).entries[0]?.dish.stages[0]).toMatchObject({ holdMinutes: 30 });
    expect(taught(1.5).notes).toMatchObject([
      { code: 'taught-pressure-time', values: { minutes: 30, written: 20 } },
    ]);
    expect(taught(1).notes).toEqual([]);
    // Less than half a minute more is no change.
    expect(taught(1.01).notes).toEqual([]);
    expect(taught(100).entries[0]?.dish.stages[0]).toMatchObject({ holdMinutes: 480 });
  });

  it('from stock past its day it is a stop, on the day itself not', () => {
    const on = (eatBy: string) =>
      settled({ ...beef, eatBy }).notes.filter((n) => n.code === 'past-use-by');
    expect(on('2026-12-01')).toEqual([]);
    expect(on('2026-11-30')).toMatchObject([
      { severity: 'stop', edits: [{ kind: 'leave-out', entry: 'a' }] },
    ]);
  });

  it('more than there is in stock: said beyond it, with as many as there are', () => {
    const made: Dish = { ...beef, ref: { kind: 'bulk', id: 'tried', code: 'ZAPU' }, atMost: 4 };
    expect(codes(settled(made).notes)).not.toContain('stock-too-small');
    const short = settled({ ...made, atMost: 3.5 }).notes.find((n) => n.code === 'stock-too-small');
    expect(short).toMatchObject({
      values: { servings: 4, enoughFor: 3.5 },
      edits: [{ kind: 'servings', servings: 3.5 }],
    });
    const none = settled({ ...made, atMost: 0 }).notes.find((n) => n.code === 'stock-too-small');
    expect(none?.edits).toEqual([]);
  });

  it('two entries of one bag share what is in it', () => {
    const bag: Dish = { ...beef, ref: { kind: 'bag', code: 'MARU', method: null }, servings: 6 };
    const both = (first: number, second: number, d: Dish = bag) =>
      effectiveEntries(
        meal([
          entryOf({ id: 'a', dishId: 'tried', servings: first }),
          entryOf({ id: 'b', dishId: 'tried', servings: second }),
        ]),
        new Map([['tried', d]]),
        kitchen,
      ).notes.filter((n) => n.code === 'more-than-in-stock');
    expect(both(3, 3)).toEqual([]);
    expect(both(3, 4)).toMatchObject([
      { subject: { id: 'a' }, values: { wanted: 7, free: 6, areOthersTaken: false } },
    ]);
    expect(both(3, 3, { ...bag, atMost: 5 })).toMatchObject([
      { values: { free: 5, areOthersTaken: true } },
    ]);
  });

  it('a dish that is gone is a fault of its entry', () => {
    const gone = effectiveEntries(meal([newEntry('a', 'nowhere')]), new Map(), kitchen);
    expect(gone.entries).toEqual([]);
    expect(gone.faults).toMatchObject([{ field: 'entries.a', entry: 'a' }]);
  });

  it('of no use is said where its pieces can’t be cut smaller', () => {
    expect(codes(settled(beef, { what: { smaller: true } }).notes)).toEqual(['cut-smaller']);
    const soft = dish([{ food: 'rice' }], [cycle(6, ['i0'])]);
    expect(codes(settled(soft, { what: { smaller: true } }).notes)).toEqual(['cut-of-no-use']);
    expect(settled(beef).notes).toEqual([]);
  });
});

describe('what a dish leaves open', () => {
  const open = (d: Dish, change: EntryChange = {}, isTrouble = false, k: Kitchen = kitchen) =>
    openChoices(meal([newEntry('a', d.id, change)]), new Map([[d.id, d]]), k, isTrouble).map(
      (c) => c.what,
    );
  const pots = (levels: Kitchen['cookers'][number]['levels']): Kitchen => ({
    ...kitchen,
    cookers: kitchen.cookers.map((c) => ({ ...c, levels })),
  });
  const either = dish([{ food: 'beef' }], [cycle(5, ['i0'], { orRelease: { kind: 'quick' } })]);

  it('a second release, unless the cook has chosen', () => {
    expect(open(either)).toMatchObject([{ kind: 'release', release: 'quick' }]);
    expect(open(either, { what: { otherRelease: false } })).toEqual([]);
  });

  it('another level from ten minutes on: high to the highest, and any where the written one is missing', () => {
    const of = (minutes: number, level: 'low' | 'high' = 'high'): Dish =>
      dish([{ food: 'beef' }], [cycle(minutes, ['i0'], { level })]);
    const all = pots(['low', 'high', 'max']);
    expect(open(of(10), {}, false, all)).toMatchObject([{ kind: 'level', level: 'max' }]);
    expect(open(of(9), {}, false, all)).toEqual([]);
    expect(open(of(20, 'low'), {}, false, all)).toEqual([]);
    expect(open(of(20, 'low'), {}, false, pots(['high']))).toMatchObject([
      { level: 'high', wasLevel: 'low', wasMinutes: 20 },
    ]);
    expect(open(of(10), { what: { level: 'high' } }, false, all)).toEqual([]);
  });
});

describe('a batch', () => {
  const bags = (copies: number, state: 'raw' | 'cooked', inFridge = 0): EntryChange => ({
    what: { bags: { copies, state, shape: 'flat', inFridge } },
    when: { pins: { 'cook.seal': -60 } },
  });
  const soup = demo('lentil-squash-soup');
  const runs = (copies: number, state: 'raw' | 'cooked', inFridge = 0) =>
    settled(soup, bags(copies, state, inFridge)).entries;

  it('raw it is packed in one go; cooked in the fewest even runs, each with an id of its own', () => {
    expect(runs(9, 'raw')).toHaveLength(1);
    const cooked = runs(9, 'cooked');
    expect(cooked.length).toBeGreaterThan(1);
    expect(cooked.map((e) => e.entry.id)).toEqual(
      cooked.map((_, i) => (i === 0 ? 'a' : `a-run-${i + 1}`)),
    );
    expect(cooked.reduce((sum, e) => sum + e.servings, 0)).toBeCloseTo(36, 9);
    // A step that was moved is moved in the first of them only.
    expect(cooked.map((e) => Object.keys(e.entry.when.pins).length)).toEqual(
      cooked.map((_, i) => (i === 0 ? 1 : 0)),
    );
    expect(new Set(cooked.map((e) => e.dish.wholeName))).toEqual(new Set([soup.name]));
  });

  it('what goes into the fridge is said once, where the last of them are packed', () => {
    const said = runs(9, 'cooked', 2).map((e) =>
      e.dish.stages.at(-1)?.text.includes('2 into the fridge'),
    );
    expect(said).toEqual(said.map((_, i) => i === said.length - 1));
  });

  it('bags for the fridge don’t count against the freezer', () => {
    const slow = (copies: number, inFridge: number): boolean =>
      codes(settled(soup, bags(copies, 'raw', inFridge)).notes).includes('freezer-slow');
    // A bag that is still to cook weighs what is in it, without the broth that is added later.
    expect(kitGrams(soup)).toBeLessThan(portionGrams(soup));
    const fits = Math.floor(freezesInADay(kitchen) / ((kitGrams(soup) * 4) / 1000));
    expect(slow(fits + 1, 0)).toBe(true);
    expect(slow(fits + 1, 1)).toBe(false);
  });

  it('a set of boxes: parts for all of them, cooled and handed over; what has bags of its own is apart', () => {
    const parts = [demo('chickpeas-lemon'), demo('beetroot-dill')];
    const of = (boxes: number | null) =>
      effectiveEntries(
        meal(
          [
            ...parts.map((d) => newEntry(d.id, d.id)),
            newEntry('bagged', soup.id, { what: bags(1, 'raw').what ?? {} }),
          ],
          { boxes },
        ),
        new Map([...parts, soup].map((d) => [d.id, d])),
        kitchen,
      ).entries;
    const made = of(5);
    expect(made.map((e) => e.entry.id)).toEqual([
      'bagged',
      'chickpeas-lemon',
      'beetroot-dill',
      'boxes',
    ]);
    const [, first, , fill] = made;
    expect(first?.servings).toBe(5);
    expect(first?.dish.stages.slice(-2).map((s) => s.id)).toEqual(['spread-out', 'cool-down']);
    expect(first?.dish.products.at(-1)).toMatchObject({ ml: 1250, from: 'cool-down' });
    expect(fill?.dish).toMatchObject({ name: '5 boxes', servings: 5 });
    expect(fill?.dish.stages).toMatchObject([{ minutes: 8, inCooker: false }]);
    expect(fill?.dish.ingredients.map((i) => i.takes?.dish)).toEqual(parts.map((d) => d.id));
    expect(of(1).at(-1)?.dish.name).toBe('1 box');
    expect(of(1).at(-1)?.dish.stages[0]).toMatchObject({ minutes: 2 });
    expect(of(null).map((e) => e.entry.id)).not.toContain('boxes');
    // Beans and beetroot keep for three days, rice for one.
    expect(fill?.dish.stages[0]?.text).toContain('within 3 days');
  });
});

describe('two dishes in one cycle', () => {
  const pair = (upper: EntryChange, lower: EntryChange = {}) =>
    effectiveEntries(
      meal([newEntry('low', 'mushroom-barley', lower), newEntry('up', 'chickpeas-lemon', upper)]),
      new Map(household.dishes.map((d) => [d.id, d])),
      kitchen,
    );
  const soup = (over: string, more: EntryChange = {}) =>
    effectiveEntries(
      meal([
        newEntry('low', 'lentil-squash-soup', more),
        newEntry('up', 'hake-fennel', { where: { over } }),
      ]),
      new Map(household.dishes.map((d) => [d.id, d])),
      kitchen,
    );

  it('where a pot takes both they are one, and why it works is said', () => {
    const both = [pair({ where: { over: 'low' } }), soup('low')].find((r) =>
      codes(r.notes).includes('stack-kept'),
    );
    if (!both) throw new Error('no stack of the demo is kept');
    expect(both.entries).toHaveLength(1);
    expect(both.entries[0]?.entry.id).toBe('low');
    expect(both.entries[0]?.dishIds).toHaveLength(2);
    expect(both.notes.find((n) => n.code === 'stack-kept')).toMatchObject({
      severity: 'info',
      subject: { id: 'low' },
    });
  });

  it('where none does, each has its own cycle, with the reason and the way out', () => {
    const apart = [pair({ where: { over: 'low' } }), soup('low')].find((r) =>
      codes(r.notes).includes('stack-refused'),
    );
    if (!apart) throw new Error('no stack of the demo is refused');
    expect(apart.entries.map((e) => e.entry.id)).toEqual(['low', 'up']);
    expect(apart.notes.find((n) => n.code === 'stack-refused')).toMatchObject({
      severity: 'look',
      subject: { id: 'up' },
      values: { why: expect.stringMatching(/\w/) },
      edits: [{ kind: 'own-cycle', entry: 'up' }],
    });
  });

  it('over nothing, over itself or over what is gone it stands alone, and nothing is said', () => {
    for (const over of [null, 'up', 'gone']) {
      const alone = pair({ where: { over } });
      expect(alone.entries, String(over)).toHaveLength(2);
      expect(codes(alone.notes).filter((c) => c.startsWith('stack'))).toEqual([]);
    }
  });

  it('is looked for only in trouble, and never with what was told apart, is in bags or in a stack already', () => {
    const all = new Map(household.dishes.map((d) => [d.id, d]));
    const stacks = (isTrouble: boolean, low: EntryChange = {}, up: EntryChange = {}) =>
      openChoices(
        meal([newEntry('low', 'mushroom-barley', low), newEntry('up', 'chickpeas-lemon', up)]),
        all,
        kitchen,
        isTrouble,
      ).filter((c) => c.what.kind === 'stack');
    const found = stacks(true);
    expect(found.length).toBeGreaterThan(0);
    expect(found.every((c) => c.isBold)).toBe(true);
    for (const { meal: changed, entryId } of found) {
      const over = changed.entries.filter((e) => e.where.over !== null);
      expect(over.map((e) => e.id)).toEqual([entryId]);
    }
    expect(stacks(false)).toEqual([]);
    expect(stacks(true, { where: { alone: true } })).toEqual([]);
    expect(stacks(true, {}, bagsOf(2))).toEqual([]);
    expect(stacks(true, {}, { where: { over: 'low' } })).toEqual([]);
  });
  const bagsOf = (copies: number): EntryChange => ({
    what: { bags: { copies, state: 'raw', shape: 'flat', inFridge: 0 } },
  });
});
