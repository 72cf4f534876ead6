import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { suggestWeek, type WeekQuestion } from './suggest-week';
import type { StoreItem } from './item';

const NOW = Date.UTC(2026, 10, 25, 9);
const { dishes, stores } = householdSchema.parse(demoHousehold(NOW));
const days = Array.from({ length: 7 }, (_, i) =>
  new Date(NOW + (i + 1) * 86_400_000).toISOString().slice(0, 10),
);
const [first = ''] = days;
const item = (more: Partial<StoreItem>): StoreItem => ({
  ...(stores[0] as StoreItem),
  ...more,
});
const ask = (more: Partial<WeekQuestion> = {}): ReturnType<typeof suggestWeek> =>
  suggestWeek({
    days,
    planned: new Map(),
    noTime: new Set(),
    servings: 2,
    items: stores,
    reserved: new Map(),
    dishes,
    dueFoods: new Map(),
    refused: new Set(),
    placed: new Map(),
    ...more,
  });

describe('a week from stock', () => {
  it('what is due for safety comes first, and never after its day', () => {
    const due = item({ id: 'due', code: 'DUEX', why: 'safety', useBy: days[1] ?? '', portions: 2 });
    const week = ask({ items: [...stores.filter((i) => i.place === 'freezer'), due] });
    const at = week.findIndex((p) => p.id === 'due');
    expect([0, 1]).toContain(at);
    const past = item({ id: 'past', why: 'safety', useBy: '2026-11-20', portions: 9 });
    expect(ask({ items: [past] }).some((p) => p.id === 'past')).toBe(false);
  });

  it('on its last day for safety it is still proposed, on the day after not', () => {
    const last = (useBy: string): StoreItem =>
      item({ id: 'last', code: 'LAST', why: 'safety', useBy, portions: 2 });
    const on = (useBy: string): string[] =>
      ask({ items: [last(useBy)], dishes: [] }).flatMap((p) => (p.id === 'last' ? p.day : []));
    expect(on(first)).toEqual([first]);
    expect(on('2026-11-25')).toEqual([]);
  });

  it('days with no time get what is only to be heated, or nothing', () => {
    const week = ask({ noTime: new Set(days) });
    expect(week.every((p) => p.kind === 'stock')).toBe(true);
    expect(ask({ noTime: new Set(days), items: [] })).toEqual([]);
  });

  it('a day that has a meal is left alone, and a refused proposal does not come back', () => {
    const planned = new Map([[first, ['red-cabbage']]]);
    expect(ask({ planned }).some((p) => p.day === first)).toBe(false);
    const [one] = ask();
    if (!one) throw new Error('nothing proposed');
    const again = ask({ refused: new Set([`${one.day}:${one.id}`]) })[0];
    expect(again?.day).toBe(one.day);
    expect(again?.id).not.toBe(one.id);
  });

  it('what the cook puts on a day stays there, and its portions are gone for the others', () => {
    const soup = item({
      id: 'soup',
      code: 'SAPA',
      portions: 2,
      useBy: days[0] ?? '',
      why: 'quality',
    });
    const last = days.at(-1) ?? '';
    const week = ask({ items: [soup], dishes: [], placed: new Map([[last, 'soup']]) });
    expect(week.map((p) => [p.day, p.id])).toEqual([[last, 'soup']]);
    // Two trade places: both are where they were put, and nothing else moves because of them.
    const frozen = { items: stores.filter((i) => i.place === 'freezer') };
    const usual = ask(frozen);
    const [a, b] = [usual[0], usual[3]];
    if (!a || !b) throw new Error('too little proposed');
    const traded = ask({
      ...frozen,
      placed: new Map([
        [a.day, b.id],
        [b.day, a.id],
      ]),
    });
    expect(traded.find((p) => p.day === a.day)?.id).toBe(b.id);
    expect(traded.find((p) => p.day === b.day)?.id).toBe(a.id);
    expect(new Set(traded.map((p) => p.day)).size).toBe(traded.length);
    // What would be past its day for safety is not put there.
    const box = item({ id: 'box', portions: 2, why: 'safety', useBy: days[1] ?? '' });
    const late = ask({ items: [box], dishes: [], placed: new Map([[last, 'box']]) });
    expect(late.every((p) => p.day <= (p.lastDay ?? ''))).toBe(true);
    // What has gone meanwhile is not kept a place for.
    expect(ask({ placed: new Map([[last, 'gone']]) }).find((p) => p.day === last)?.id).not.toBe(
      'gone',
    );
  });

  it('bags whose labels are written for a day still to come are proposed after it only', () => {
    const [, , third = ''] = days;
    const bags = item({
      id: 'later',
      code: 'LATE',
      portions: 20,
      packedOn: third,
      contents: { kind: 'cooked', dishId: null },
      useBy: third,
    });
    const week = ask({ items: [bags], dishes: [] });
    expect(week.length).toBeGreaterThan(0);
    expect(week.every((p) => p.day >= third)).toBe(true);
  });

  it('two bags of one dish are one supper, then two dishes; one portion for two is none', () => {
    const bag = (code: string, portions: number, dishId: string): StoreItem =>
      item({
        id: code,
        code,
        name: dishId,
        portions,
        place: 'freezer',
        why: 'quality',
        useBy: '2027-03-01',
        packedOn: '2026-11-01',
        contents: { kind: 'cooked', dishId },
      });
    const soups = [bag('AAAA', 1, 'lentil-squash-soup'), bag('BBBB', 1, 'lentil-squash-soup')];
    const codes = (items: StoreItem[]) =>
      ask({ items, dishes: [] })[0]?.parts.map((p) => [
        p.dish.kind === 'bag' ? p.dish.code : '',
        p.servings,
      ]);
    expect(codes(soups)).toEqual([
      ['AAAA', 1],
      ['BBBB', 1],
    ]);
    expect(codes([...soups.slice(0, 1), bag('CCCC', 1, 'mushroom-barley')])).toEqual([
      ['AAAA', 1],
      ['CCCC', 1],
    ]);
    expect(codes(soups.slice(0, 1))).toBeUndefined();
  });

  it('the fridge comes before the freezer, and a lunch is nobody’s supper', () => {
    const of = (place: StoreItem['place'], more: Partial<StoreItem> = {}): StoreItem =>
      item({
        id: place,
        code: place === 'fridge' ? 'FRID' : 'FREE',
        place,
        portions: 2,
        why: 'quality',
        useBy: '2027-03-01',
        packedOn: '2026-11-01',
        contents: { kind: 'cooked', dishId: 'lentil-squash-soup' },
        ...more,
      });
    const week = ask({ items: [of('freezer'), of('fridge')], dishes: [] });
    expect(week[0]?.id).toBe('fridge');
    const lunch = of('fridge', { lunch: { person: 'Ana', day: first } });
    expect(ask({ items: [lunch], dishes: [] })).toEqual([]);
  });

  it('meat has a side: out of the house first, else a quick fresh one; none on a day with no time', () => {
    const meat = item({
      id: 'meat',
      code: 'MEAT',
      portions: 2,
      place: 'freezer',
      why: 'quality',
      useBy: '2027-03-01',
      packedOn: '2026-11-01',
      contents: { kind: 'cooked', dishId: 'lamb-apricots' },
    });
    const beside = item({
      ...meat,
      id: 'side',
      code: 'SIDE',
      contents: { kind: 'cooked', dishId: 'beetroot-dill' },
    });
    const parts = (items: StoreItem[], noTime: string[] = []) =>
      ask({ items, noTime: new Set(noTime) })
        .find((p) => p.id === 'meat')
        ?.parts.map((p) => (p.dish.kind === 'bag' ? p.dish.code : p.dish.kind));
    expect(parts([meat, beside])).toEqual(['MEAT', 'SIDE']);
    expect(parts([meat])).toEqual(['MEAT', 'dish']);
    expect(parts([meat], days)).toEqual(['MEAT']);
  });

  it('what is due in the house is cooked before its day', () => {
    const week = ask({ items: [], dueFoods: new Map([['fennel', days[2] ?? '']]) });
    const fennel = week.filter((p) => p.because.some((b) => b.includes('fennel')));
    expect(fennel.length).toBeGreaterThan(0);
    for (const p of fennel) expect(p.day <= (days[2] ?? '')).toBe(true);
  });

  it('nothing is booked twice beyond what there is, and no fresh dish comes twice in the week', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 6, maxLength: 6 }),
        fc.subarray(days),
        (servings, portions, busy) => {
          const items = stores.map((i, n) => ({ ...i, portions: portions[n] ?? 0 }));
          const reserved = new Map(items.map((i) => [i.code, i.portions > 5 ? 2 : 0]));
          const week = ask({ servings, items, noTime: new Set(busy), reserved });
          for (const i of items) {
            const taken = week
              .flatMap((p) => p.parts)
              .filter((p) => p.dish.kind === 'bag' && p.dish.code === i.code)
              .reduce((sum, p) => sum + p.servings, 0);
            expect(taken).toBeLessThanOrEqual(
              Math.max(0, i.portions - (reserved.get(i.code) ?? 0)),
            );
          }
          expect(new Set(week.map((p) => p.day)).size).toBe(week.length);
          const fresh = week.filter((p) => p.kind === 'fresh').map((p) => p.id);
          expect(new Set(fresh).size).toBe(fresh.length);
          // What is proposed is enough for all, be it out of one bag or of several.
          for (const p of week.filter((w) => w.kind === 'stock')) {
            const mains = p.parts.filter((part) => part.servings < servings);
            const sum = mains.reduce((n, part) => n + part.servings, 0);
            expect(mains.length === 0 || sum >= servings).toBe(true);
          }
        },
      ),
      { numRuns: 100, seed: 7 },
    );
  });
});
