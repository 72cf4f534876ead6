import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish, type Ingredient, type Stage } from '../dish';
import { householdSchema } from '../exchange';
import { KEEPING } from '../food';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry, type Meal } from '../meal';
import { withBulk } from './bulk';
import { dishIdOf, isIngredient, isRaw, type Contents } from './contents';
import { addDays, daysBetween } from './days';
import {
  amountWords,
  byDue,
  daysLeft,
  newCode,
  packedWords,
  storeItemSchema,
  type StoreItem,
} from './item';
import { keeps, keepsAs } from './keep';
import { isReady, keepingKindOf, kindOfDish, kindOfRaw } from './keeping-kind';
import { labelText } from './label';
import { bulkDishes, dishFor, isDish, isThere } from './plannable';
import { dishFromBag, frozenHold, heatingTimes, usualMethod, waysToHeat } from './reheat';
import { reservedBy } from './reserved';
import { gramsOfItem, placeOfItem, portionGrams, roomTaken } from './room';
import { packedTogether, stocksOf } from './stock';
import { stockWeek } from './stock-week';
import { boxesInFridge, fridgeDaysOf, movedTo, safeUntil, useByOf } from './use-by';

const { kitchen } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
const COOKED: Contents = { kind: 'cooked', dishId: 'tried' };
const HAKE: Contents = { kind: 'pack', food: 'hake', grams: 450, isRaw: true };
const BEANS: Contents = { kind: 'bulk', dishId: 'beans', food: 'chickpea', rawGrams: 175 };

function item(more: Partial<StoreItem> = {}): StoreItem {
  return storeItemSchema.parse({
    id: 'a',
    code: 'MARU',
    name: 'Soup',
    contents: COOKED,
    place: 'freezer',
    portions: 4,
    packedOn: '2026-11-01',
    useBy: '2027-01-30',
    why: 'quality',
    keepsAs: 'soup',
    ...more,
  });
}
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
      amount: 400,
      unit: 'g',
      ...i,
    })),
    stages,
    wait: { maxMinutes: 30, cost: 0 },
    ...more,
  });
}
const cycle = (uses: string[], more: object = {}): Stage => ({
  id: 'cook',
  kind: 'pressure',
  text: 'Cook',
  level: 'high',
  holdMinutes: 20,
  release: { kind: 'natural' },
  tools: [],
  uses,
  ...more,
});
const stage = (id: string, kind: 'prep' | 'soak' | 'brown', uses: string[]): Stage => ({
  id,
  kind,
  minutes: 10,
  text: id,
  uses,
});
const beef = dish(
  [{ food: 'beef chuck' }, { food: 'broth', amount: 500, unit: 'ml', role: 'liquid' }],
  [stage('cut', 'prep', ['i0']), stage('sear', 'brown', ['i0']), cycle(['i0', 'i1'])],
);

describe('days', () => {
  it('are counted over the end of a year and of winter time, and back', () => {
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(addDays('2026-03-28', 2)).toBe('2026-03-30');
    expect(daysBetween('2026-12-31', '2027-01-02')).toBe(2);
    expect(daysBetween('2027-01-02', '2026-12-31')).toBe(-2);
    expect(daysLeft({ useBy: '2026-11-28' }, '2026-11-30')).toBe(-2);
  });
});

describe('an item', () => {
  it('is due before another by its day, then by when it was packed', () => {
    const late = item({ useBy: '2027-02-01' });
    const early = item({ packedOn: '2026-10-01' });
    expect([late, item(), early].sort(byDue)).toEqual([early, item(), late]);
  });

  it('says how much there is in portions, in packs, or as it was measured', () => {
    const words = (of: Partial<StoreItem>, system: 'us' | 'metric' = 'metric'): string =>
      amountWords({ portions: 1, contents: COOKED, ...of }, system);
    expect(words({})).toBe('1 portion');
    expect(words({ portions: 2 })).toBe('2 portions');
    expect(words({ contents: { ...HAKE, grams: 450 } })).toBe('1 pack of 450 g');
    expect(words({ contents: { ...HAKE, grams: 454 } }, 'us')).toBe('1 pack of 1 lb');
    expect(words({ portions: 3, contents: { ...HAKE, grams: 1000 } })).toBe('3 packs of 1 kg');
    const size = { amount: 2, unit: 'cup' as const, portions: 0.94 };
    expect(words({ portions: 0.94, size })).toBe('2 cups, 0.9 portions');
    // What is left of it is no longer two cups.
    expect(words({ portions: 0.5, size })).toBe('0.5 portions');
    expect(words({ lunch: { person: 'Ana', day: '2026-12-02' } })).toBe('1 lunch');
  });

  it('of a day ahead will be packed, raw food was put in', () => {
    const words = (more: Partial<StoreItem>) => packedWords(item(more), '2026-11-01').split(' ')[0];
    expect(words({})).toBe('packed');
    expect(words({ contents: HAKE })).toBe('put');
    expect(words({ packedOn: '2026-11-02' })).toBe('to');
  });

  it('can’t be due before it was packed, on that day it can', () => {
    const on = (useBy: string) => storeItemSchema.safeParse({ ...item(), useBy }).success;
    expect(on('2026-11-01')).toBe(true);
    expect(on('2026-10-31')).toBe(false);
  });

  it('gets a code that no other ever had', () => {
    const taken = new Set(['AAAA']);
    const numbers = [0, 0, 0, 0, 0.99, 0, 0, 0];
    expect(newCode(taken, () => numbers.shift() ?? 0)).toBe('ZAAA');
  });

  it('its kinds say what they are', () => {
    const kit: Contents = { kind: 'kit', dishId: 'tried' };
    const ham: Contents = { ...HAKE, isRaw: false };
    const all = [COOKED, kit, BEANS, HAKE, ham];
    expect(all.map(isRaw)).toEqual([false, true, false, true, false]);
    expect(all.map(isIngredient)).toEqual([false, false, true, true, false]);
    expect(all.map(dishIdOf)).toEqual(['tried', 'tried', 'beans', null, null]);
    expect(isDish(item({ contents: HAKE }))).toBe(false);
    expect(isDish(item({ contents: ham }))).toBe(true);
    expect(isDish(item())).toBe(true);
  });
});

describe('until when', () => {
  it('is it there: from the day it is packed to its last safe one; past its best it still is', () => {
    const box = item({
      place: 'fridge',
      why: 'safety',
      packedOn: '2026-11-10',
      useBy: '2026-11-13',
    });
    expect(['09', '10', '13', '14'].map((d) => isThere(box, `2026-11-${d}`))).toEqual([
      false,
      true,
      true,
      false,
    ]);
    expect(isThere(item({ useBy: '2026-11-02' }), '2026-12-01')).toBe(true);
    expect(isThere(box, null)).toBe(true);
    expect(safeUntil(box)).toBe('2026-11-13');
    expect(safeUntil(item())).toBeNull();
  });

  it('in the fridge by the strictest rule, in the freezer by the later end, in months of thirty days', () => {
    const due = (kind: Parameters<typeof useByOf>[0], place: StoreItem['place']) => {
      const made = useByOf(kind, place, '2026-11-01');
      return made.ok ? made.value : null;
    };
    expect(due('cooked-rice', 'fridge')).toEqual({ useBy: '2026-11-02', why: 'safety' });
    expect(due('soup', 'fridge')?.useBy).toBe(addDays('2026-11-01', KEEPING.soup.fridgeDays[1]));
    expect(due('soup', 'freezer')).toEqual({
      useBy: addDays('2026-11-01', (KEEPING.soup.freezerMonths?.[1] ?? 0) * 30),
      why: 'quality',
    });
    expect(fridgeDaysOf('cooked-rice')).toBe(1);
  });

  it('boxes: one a day while it is safe, three at most; with rice one', () => {
    expect(boxesInFridge(['soup'])).toBe(3);
    expect(boxesInFridge(['soup', 'cooked-rice'])).toBe(1);
    expect(boxesInFridge([])).toBe(3);
  });

  it('within a place only its shelf changes; frozen on its last safe day, not after', () => {
    const box = item({
      place: 'fridge',
      why: 'safety',
      packedOn: '2026-11-10',
      useBy: '2026-11-13',
      spot: null,
    });
    const moved = (to: StoreItem['place'], today: string, of = box) =>
      movedTo(of, { place: to, spot: 'door' }, today);
    expect(moved('fridge', '2026-11-20')).toMatchObject({
      ok: true,
      value: { ...box, spot: 'door' },
    });
    expect(moved('freezer', '2026-11-13')).toMatchObject({
      ok: true,
      value: { place: 'freezer', since: '2026-11-13', fridgeDaysBefore: 3, why: 'quality' },
    });
    expect(moved('freezer', '2026-11-14').ok).toBe(false);
    // A day that is only one of quality does not keep it out.
    const cheese = { ...box, why: 'quality' as const, keepsAs: 'soup' as const };
    expect(moved('freezer', '2026-11-20', cheese).ok).toBe(true);
    // Days since it lies there count, not since it was packed.
    expect(moved('freezer', '2026-11-13', { ...box, since: '2026-11-12' })).toMatchObject({
      value: { fridgeDaysBefore: 1 },
    });
    // Put in tomorrow by its label, it has not lain there a day less than none.
    expect(moved('freezer', '2026-11-09')).toMatchObject({ value: { fridgeDaysBefore: 0 } });
  });

  it('thawed it has what days are left of the fridge, one at least', () => {
    const frozen = (fridgeDaysBefore: number) =>
      movedTo(item({ fridgeDaysBefore }), { place: 'fridge', spot: null }, '2026-11-20');
    const days = KEEPING.soup.fridgeDays[1];
    expect(frozen(0)).toMatchObject({ value: { useBy: addDays('2026-11-20', days) } });
    expect(frozen(days - 1)).toMatchObject({ value: { useBy: '2026-11-21' } });
    expect(frozen(days + 5)).toMatchObject({ value: { useBy: '2026-11-21', why: 'safety' } });
  });
});

describe('how long it keeps', () => {
  it('on the counter two hours, but for what is bought whole and dry', () => {
    expect(keepsAs('soup', 'counter')).toMatchObject({ days: [0, 2 / 24], why: 'safety' });
    const whole = Object.entries(KEEPING).find(([, row]) => row.counterDays);
    expect(keepsAs(whole?.[0] as 'soup', 'counter')).toMatchObject({
      days: whole?.[1].counterDays,
      why: 'quality',
    });
  });

  it('what freezing does no good has no days there', () => {
    const none = Object.entries(KEEPING).find(([, row]) => !row.freezerMonths);
    expect(keepsAs(none?.[0] as 'soup', 'freezer')).toMatchObject({ days: null });
    expect(keepsAs('soup', 'freezer').days).toEqual(
      KEEPING.soup.freezerMonths?.map((months) => months * 30),
    );
  });

  it('rice says its stricter rule, soup has none; what nobody knows is asked for', () => {
    expect(keepsAs('cooked-rice', 'fridge').because).toHaveLength(3);
    expect(keepsAs('soup', 'fridge').because).toHaveLength(2);
    expect(keeps('zork', 'fridge')).toMatchObject({ unknown: true });
    expect(keeps('soup', 'fridge')).toMatchObject({ days: [...KEEPING.soup.fridgeDays] });
  });

  it('a dish keeps by what in it spoils first', () => {
    const of = (...foods: string[]): string =>
      kindOfDish(
        dish(
          foods.map((food) => ({ food })),
          [cycle(foods.map((_, n) => `i${n}`))],
        ),
      );
    expect(of('rice', 'salmon')).toBe('cooked-rice');
    expect(of('brown rice')).toBe('cooked-rice');
    expect(of('salmon', 'beef chuck')).toBe('cooked-fish');
    expect(of('beef chuck', 'carrot')).toBe('cooked-meat');
    expect(of('egg', 'carrot')).toBe('casserole');
    expect(of('chickpea', 'carrot')).toBe('cooked-pulse');
    expect(of('carrot')).toBe('soup');
    expect(of('carrot', 'zork')).toBe('unknown');
    expect(kindOfDish(dish([], []))).toBe('unknown');
    expect(
      kindOfDish(dish([{ food: 'carrot' }, { food: 'zork', role: 'seasoning' }], [cycle(['i0'])])),
    ).toBe('soup');
  });

  it('raw it keeps as the raw food in it; what is ready is only heated', () => {
    expect(kindOfRaw(beef)).toBe(keepingKindOf('beef chuck'));
    expect(isReady('soup')).toBe(true);
    expect(isReady('cooked-meat')).toBe(true);
    expect(isReady('meat')).toBe(false);
    expect(keepingKindOf('cooked rice')).toBe('cooked-rice');
    expect(keepingKindOf('zork')).toBeNull();
    expect(keepingKindOf('unknown')).toBeNull();
  });
});

describe('heating', () => {
  const without = (more: Partial<Kitchen>): Kitchen => ({ ...kitchen, ...more });
  const bag = item({ place: 'fridge', portions: 2 });

  it('in the ways that the kitchen has', () => {
    expect(waysToHeat(kitchen)).toEqual(['cooker', 'burner', 'oven']);
    expect(waysToHeat(without({ burners: 0 }))).toEqual(['cooker', 'oven']);
    expect(waysToHeat(without({ oven: null }))).toEqual(['cooker', 'burner']);
    const high = kitchen.cookers.map((c) => ({ ...c, levels: ['high' as const] }));
    expect(waysToHeat(without({ cookers: high }))).toEqual(['burner', 'oven']);
  });

  it('a thin dish on a burner if there is one, else above water, else in the oven, else on a burner', () => {
    const soup = dish([{ food: 'carrot' }], [cycle(['i0'])]);
    expect(usualMethod(soup, kitchen)).toBe('burner');
    expect(usualMethod(soup, without({ burners: 0 }))).toBe('cooker');
    expect(usualMethod(beef, kitchen)).toBe('cooker');
    expect(usualMethod(beef, without({ cookers: [] }))).toBe('oven');
    expect(usualMethod(null, without({ cookers: [], oven: null }))).toBe('burner');
  });

  it('the usual way comes first; only a cooker takes it frozen', () => {
    const times = heatingTimes(item({ place: 'freezer' }), beef, kitchen);
    expect(times.map((t) => [t.method, t.isFromFrozen])).toEqual([
      ['cooker', true],
      ['burner', false],
      ['oven', false],
    ]);
    expect(heatingTimes(bag, beef, kitchen).every((t) => !t.isFromFrozen)).toBe(true);
  });

  it('more of it takes longer on a burner, four minutes at least; in the oven a quarter of an hour at least', () => {
    const minutes = (portions: number, method: string) =>
      heatingTimes({ ...bag, portions }, beef, kitchen).find((t) => t.method === method)?.minutes ??
      0;
    expect(minutes(8, 'burner')).toBeGreaterThan(minutes(4, 'burner'));
    expect(minutes(8, 'burner') / minutes(4, 'burner')).toBeCloseTo(2, 0);
    expect(
      heatingTimes({ ...bag, contents: { ...HAKE, grams: 10 }, portions: 1 }, null, kitchen).find(
        (t) => t.method === 'burner',
      )?.minutes,
    ).toBe(4);
    expect(minutes(1, 'oven')).toBeGreaterThanOrEqual(15);
    expect(minutes(500, 'oven')).toBeLessThanOrEqual(180);
  });

  it('frozen raw pieces half as long again, in whole minutes, no longer than a pot counts', () => {
    expect(frozenHold(20)).toBe(30);
    expect(frozenHold(5)).toBe(8);
    expect(frozenHold(400)).toBe(480);
  });

  it('as a dish: attended while it is short, hot all through, water under it only in a cooker', () => {
    const made = (method: 'cooker' | 'burner' | 'oven', portions = 2): Dish => {
      const found = dishFromBag({ ...bag, portions }, beef, kitchen, method);
      if (!found.ok) throw new Error('no dish');
      return found.value;
    };
    expect(made('burner').stages[0]).toMatchObject({ kind: 'burner', attended: true });
    expect(made('burner', 40).stages[0]).toMatchObject({ attended: false });
    expect(made('oven').stages[0]).toMatchObject({ kind: 'oven', celsius: 170 });
    expect(made('cooker').stages[0]).toMatchObject({ kind: 'pressure', level: 'low', rackMm: 25 });
    const water = (d: Dish): boolean => d.ingredients.some((i) => i.id === 'water');
    expect([made('cooker'), made('burner'), made('oven')].map(water)).toEqual([true, false, false]);
    expect(made('burner').ingredients.find((i) => i.id === 'bag')).toMatchObject({
      fromStore: true,
      celsius: 4,
    });
    expect(made('burner').ingredients.find((i) => i.id === 'bag')?.frozen).toBeUndefined();
    const frozen = dishFromBag(item(), beef, kitchen, 'burner');
    expect(frozen.ok && frozen.value.ingredients[0]).toMatchObject({ frozen: true, thaw: true });
    const straight = dishFromBag(item(), beef, kitchen, 'cooker');
    expect(straight.ok && straight.value.ingredients[0]).toMatchObject({
      frozen: true,
      celsius: -18,
    });
    expect(straight.ok && straight.value.ingredients[0]?.thaw).toBeUndefined();
  });
});

describe('what a reference stands for', () => {
  const kit = item({ code: 'KURT', contents: { kind: 'kit', dishId: 'tried' }, keepsAs: 'meat' });
  const known = {
    items: new Map([
      ['MARU', item()],
      ['KURT', kit],
      ['DAKE', item({ code: 'DAKE', contents: HAKE })],
    ]),
    stock: [],
    dishes: new Map([['tried', beef]]),
    kitchen,
  };
  const id = (ref: Parameters<typeof dishFor>[0]): string | undefined => dishFor(ref, known)?.id;

  it('a dish, a bag with its way, a bag to cook in its own way only; nothing where it is gone', () => {
    expect(id({ kind: 'dish', id: 'tried' })).toBe('tried');
    expect(id({ kind: 'dish', id: 'gone' })).toBeUndefined();
    expect(id({ kind: 'bag', code: 'MARU', method: 'oven' })).toBe('bag-MARU.oven');
    expect(id({ kind: 'bag', code: 'GONE', method: null })).toBeUndefined();
    expect(id({ kind: 'bag', code: 'KURT', method: null })).toBe('bag-KURT');
    expect(id({ kind: 'bag', code: 'KURT', method: 'oven' })).toBeUndefined();
    expect(id({ kind: 'bulk', code: 'MARU', id: 'tried' })).toBeUndefined();
    expect(id({ kind: 'bulk', code: 'DAKE', id: 'gone' })).toBeUndefined();
  });

  const curry = dish(
    [
      { food: 'chickpea', amount: 350 },
      { food: 'spinach', amount: 200 },
    ],
    [stage('soak', 'soak', ['i0']), cycle(['i0']), { ...stage('cut', 'prep', ['i1']), id: 'last' }],
    { id: 'curry' },
  );
  const beans = item({ code: 'ZAPU', contents: BEANS, portions: 2, keepsAs: 'cooked-pulse' });

  it('a dish made with bulk food loses the work of it, for as many as there is enough for', () => {
    const made = withBulk(curry, beans);
    if (!made.ok) throw new Error('not made');
    expect(made.value.stages.map((s) => s.id)).toEqual(['heat-bulk', 'last']);
    expect(made.value.atMost).toBe(4);
    const less = withBulk(curry, { ...beans, portions: 1.9 });
    expect(less.ok && less.value.atMost).toBe(3.5);
  });

  it('what is not that dish’s, or leaves no work of its own, is refused', () => {
    expect(withBulk(beef, beans).ok).toBe(false);
    const mixed = dish(
      [
        { food: 'chickpea', amount: 350 },
        { food: 'spinach', amount: 350 },
      ],
      [cycle(['i0', 'i1'])],
    );
    expect(withBulk(mixed, beans).ok).toBe(false);
  });

  it('is offered for every dish but the one it was cooked as, due first and no more than twelve', () => {
    const many = Array.from({ length: 14 }, (_, n) => ({
      ...beans,
      code: `ZAP${String.fromCharCode(65 + n)}`,
      codes: [],
    }));
    expect(bulkDishes(many, [curry])).toHaveLength(12);
    expect(bulkDishes(many, [{ ...curry, id: 'beans', bulk: true }])).toHaveLength(0);
  });

  it('what meals take is counted by bag, and of bulk by the share of it', () => {
    const meal: Meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'M',
      serveAt: '2026-12-01T18:00:00Z',
      zone: 'UTC',
      servings: 2,
      entries: [
        newEntry('a', { kind: 'bag', code: 'MARU', method: null }),
        newEntry('b', { kind: 'bag', code: 'MARU', method: 'oven' }, { forWhom: { servings: 3 } }),
        newEntry('c', { kind: 'bulk', code: 'ZAPU', id: 'curry' }),
        newEntry('d', { kind: 'bulk', code: 'ZAPU', id: 'gone' }),
        newEntry('e', 'tried'),
      ],
    });
    const taken = reservedBy([meal], stocksOf([beans]), new Map([['curry', curry]]));
    // Two bags are enough for four: for two it is one of them.
    expect([...taken]).toEqual([
      ['MARU', 5],
      ['ZAPU', 1],
    ]);
  });
});

describe('room and stock', () => {
  const places: Kitchen['places'] = [
    { id: 'top', name: 'Top', kind: 'freezer', litres: 50 },
    { id: 'cellar', name: 'Cellar', kind: 'freezer', litres: 100 },
    { id: 'cold', name: 'Cold', kind: 'fridge', litres: 200 },
  ];

  it('a thing lies in its own place, or in the first of its kind; a spot of another kind is none', () => {
    const where = (more: Partial<StoreItem>) => placeOfItem(item(more), places)?.id;
    expect(where({})).toBe('top');
    expect(where({ spot: 'cellar' })).toBe('cellar');
    expect(where({ spot: 'cold' })).toBe('top');
    expect(where({ place: 'fridge' })).toBe('cold');
    expect(placeOfItem(item(), [])).toBeNull();
  });

  it('takes a litre and a quarter for each kilo', () => {
    const [top] = roomTaken([item({ portions: 10 })], { ...kitchen, places }, () => 400);
    expect(top?.taken).toBeCloseTo(5, 9);
    expect(top?.share).toBeCloseTo(0.1, 9);
  });

  it('a portion is what goes in, without the water under a rack; a pack is what it weighs', () => {
    expect(portionGrams(null)).toBe(350);
    expect(portionGrams(dish([{ food: 'beef chuck', amount: 800 }], []))).toBe(200);
    const steamed = dish(
      [{ food: 'carrot' }, { food: 'water', amount: 500, unit: 'ml', scaling: 'with-pot' }],
      [],
    );
    expect(portionGrams(steamed)).toBe(100);
    expect(gramsOfItem({ contents: HAKE }, beef)).toBe(450);
    expect(gramsOfItem({ contents: COOKED }, null)).toBe(350);
  });

  it('packs of one food and weight are one stock, by any name of it; other weights and places are not', () => {
    const pack = (code: string, more: Partial<StoreItem> & { grams?: number } = {}) =>
      item({ code, contents: { ...HAKE, grams: more.grams ?? 450 }, ...more });
    const stocks = stocksOf([
      pack('AAAA', { useBy: '2027-03-01' }),
      pack('BBBB', { useBy: '2027-01-01' }),
      pack('CCCC', { grams: 500 }),
      pack('DDDD', { place: 'fridge' }),
      pack('EEEE', { portions: 0 }),
      item({ code: 'FFFF' }),
    ]);
    expect(stocks.map((s) => [s.codes, s.portions])).toEqual([
      [['BBBB', 'AAAA'], 8],
      [['CCCC'], 4],
      [['DDDD'], 4],
    ]);
  });

  it('bags of one packing stand together, in the order given', () => {
    const groups = packedTogether([
      item({ code: 'AAAA' }),
      item({ code: 'BBBB', portions: 2 }),
      item({ code: 'CCCC' }),
    ]);
    expect(groups.map((g) => g.map((i) => i.code))).toEqual([['AAAA', 'CCCC'], ['BBBB']]);
  });
});

describe('labels', () => {
  const label = (more: Partial<StoreItem>, d: Dish | null = beef): string =>
    labelText(item(more), d, kitchen);

  it('a kit: minutes frozen and thawed, what goes in with it', () => {
    const text = label({ contents: { kind: 'kit', dishId: 'tried' } });
    expect(text).toContain('Pressure high: 30 min frozen, 20 min thawed; natural release.');
    expect(text).toMatch(/^Add: .*broth\.$/m);
    expect(text).not.toContain('After:');
  });

  it('a kit of a timed release, with what is stirred in later', () => {
    const late = dish(
      [{ food: 'beef chuck' }, { food: 'spinach' }],
      [
        cycle(['i0'], { release: { kind: 'timed', minutes: 10 } }),
        { id: 'end', kind: 'finish', minutes: 2, text: 'Stir in', inCooker: false, uses: ['i1'] },
      ],
    );
    const text = label({ contents: { kind: 'kit', dishId: 'tried' } }, late);
    expect(text).toContain('10 min, then release');
    expect(text).toMatch(/^After: .*spinach\.$/m);
    expect(text).not.toContain('Add:');
  });

  it('raw food: how it thaws from the freezer; out of the fridge nothing', () => {
    expect(label({ contents: HAKE }, null)).toMatch(
      /^Thaw: a day in the fridge, or .* in cold water/,
    );
    expect(label({ contents: { ...HAKE, grams: 3000 } }, null)).toMatch(
      /^Thaw: \d days in the fridge/,
    );
    expect(label({ contents: HAKE, place: 'fridge' }, null)).toBe('');
  });

  it('cooked: each way with its state, never in a slow cooker; rice once only', () => {
    expect(label({})).toMatch(/Heat: above water, low, .* frozen · burner .* thawed, stirred/);
    expect(label({})).toContain('never in a slow cooker');
    expect(label({ place: 'fridge' })).not.toMatch(/frozen|thawed/);
    const rice = dish([{ food: 'rice' }], [cycle(['i0'])]);
    expect(label({}, rice)).toContain('heated once only');
    expect(label({})).not.toContain('heated once only');
  });

  it('bulk: what one portion stands for', () => {
    const beans = dish([{ food: 'chickpea', amount: 700 }], [cycle(['i0'])], { bulk: true });
    expect(label({ contents: BEANS }, beans)).toContain('one stands for 175 g chickpea, raw');
    expect(label({ contents: BEANS }, null)).not.toContain('stands for');
  });
});

describe('a week from stock', () => {
  const NOW = Date.UTC(2026, 10, 25, 9);
  const week = (more: object = {}, wish: object = {}) =>
    stockWeek(
      { zone: 'UTC', meals: [], items: [item({ portions: 8 })], dishes: [beef], dues: [], ...more },
      {
        servings: 4,
        noTime: new Set(),
        refused: new Set(),
        placed: new Map(),
        ...wish,
      },
      NOW,
    );
  const meal = (more: object): Meal =>
    mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'Planned',
      serveAt: '2026-11-27T18:00:00Z',
      zone: 'UTC',
      servings: 4,
      entries: [],
      ...more,
    });

  it('begins tomorrow and has seven days; what is planned stands there, patterns and days gone do not', () => {
    const { days } = week({
      meals: [
        meal({ entries: [newEntry('a', 'tried')] }),
        meal({ id: 'p', template: true }),
        meal({ id: 'g', serveAt: '2026-11-24T18:00:00Z' }),
      ],
    });
    expect(days.map((d) => d.day)).toEqual(
      [26, 27, 28, 29, 30].map((d) => `2026-11-${d}`).concat(['2026-12-01', '2026-12-02']),
    );
    expect(days.map((d) => d.planned.length)).toEqual([0, 1, 0, 0, 0, 0, 0]);
    expect(days[1]?.proposal).toBeNull();
  });

  it('as many suppers of a bag as there are portions for; days without time are marked', () => {
    const { days } = week({ dishes: [] }, { noTime: new Set(['2026-11-28']) });
    expect(days.filter((d) => d.proposal?.parts[0]?.dish.kind === 'bag')).toHaveLength(2);
    expect(days.filter((d) => d.hasNoTime).map((d) => d.day)).toEqual(['2026-11-28']);
    expect(week({ dishes: [] }, { servings: 9 }).days.every((d) => d.proposal === null)).toBe(true);
  });

  it('a batch day eats nothing of its day, and what it takes is not there any more', () => {
    const batch = meal({
      batch: true,
      entries: [
        newEntry('a', { kind: 'bag', code: 'MARU', method: null }, { forWhom: { servings: 5 } }),
      ],
    });
    const { days } = week({ meals: [batch], dishes: [] });
    expect(days[1]?.planned).toEqual([]);
    expect(days.every((d) => d.proposal === null)).toBe(true);
  });

  it('cooked fresh is not what only makes stock', () => {
    const bulk = { ...beef, id: 'bulk', bulk: true };
    const { days } = week({ items: [], dishes: [bulk] });
    expect(days.every((d) => d.proposal === null)).toBe(true);
  });
});
