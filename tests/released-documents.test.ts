import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { dishKey, refOfFirstVersion } from '../src/core/dish';
import { parseHousehold, type Household } from '../src/core/exchange';
import { mealSchema } from '../src/core/meal';
import { storeItemSchema } from '../src/core/storage';

/** A household of the second version as it was written then: flat meals, items told by their fields, plans, an evening. */
const SECOND = JSON.parse(
  readFileSync(new URL('documents/household-2.json', import.meta.url), 'utf8'),
) as Record<string, unknown> & { stores: Record<string, unknown>[] };

function opened(file: object): Household {
  const parsed = parseHousehold(JSON.stringify(file));
  if (!parsed.ok)
    throw new Error(parsed.problems.map((p) => `${p.field}: ${p.message}`).join('\n'));
  return parsed.value;
}

/** The first version had no plans, moves, versions and photos. */
const { plans: _, moves: __, versions: ___, photos: ____, setBack: _____, ...first } = SECOND;
const RELEASED = [
  ['household@1', { ...first, format: 'olive-clock/household@1' }],
  ['household@2', SECOND],
] as const;

describe.each(RELEASED)('%s', (_name, file) => {
  const household = opened(file);
  const entryOf = (id: string) =>
    household.meals.flatMap((m) => m.entries).find((e) => e.id === id);

  it('opens as a household of today, and once more the same', () => {
    expect(household.format).toBe('olive-clock/household@3');
    expect(opened(household)).toEqual(household);
    expect(new Set(household.meals.map((m) => m.format))).toEqual(new Set(['olive-clock/meal@2']));
  });

  it('what a meal was made of is told apart: a bag with its way, a bag as usual, a dish made from stock', () => {
    expect(entryOf('bag')?.what.dish).toEqual({ kind: 'bag', code: 'MARU', method: 'oven' });
    expect(entryOf('usual')?.what.dish).toEqual({ kind: 'bag', code: 'VELA', method: null });
    expect(entryOf('made')?.what.dish).toEqual({
      kind: 'bulk',
      code: 'ZAPU',
      id: 'chickpeas-lemon',
    });
    expect(entryOf('lamb')?.what.dish).toEqual({ kind: 'dish', id: 'lamb-apricots' });
  });

  it('nothing that was said of an entry is lost', () => {
    expect(entryOf('lamb')).toMatchObject({
      what: { otherRelease: true, smaller: true, level: null, bags: null },
      forWhom: { servings: null, keep: { portions: 1, later: 60 } },
      where: { cooker: null, over: null, alone: false, cook: null },
      when: { later: 0, ahead: true, pins: { 'cook.seal': -170 } },
    });
    expect(entryOf('bag')?.forWhom.servings).toBe(3);
    expect(entryOf('usual')?.when.later).toBe(20);
    expect(entryOf('made')).toMatchObject({ what: { level: 'high' }, where: { cooker: 'large' } });
    expect(entryOf('red')).toMatchObject({
      what: { bags: { copies: 3, state: 'raw', shape: 'mound', inFridge: 1 } },
      where: { alone: true },
    });
  });

  it('what lies in stock is told apart by its kind', () => {
    const contents = new Map(household.stores.map((i) => [i.code, i.contents]));
    expect(contents.get('MARU')).toEqual({ kind: 'cooked', dishId: 'lentil-squash-soup' });
    expect(contents.get('KURT')).toEqual({ kind: 'kit', dishId: 'beef-cheek-stout' });
    expect(contents.get('ZAPU')).toEqual({
      kind: 'bulk',
      dishId: 'bulk-chickpeas',
      food: 'chickpea',
      rawGrams: 175,
    });
    expect(contents.get('DAKE')).toEqual({ kind: 'pack', food: 'hake', grams: 450, isRaw: true });
  });
});

describe('plans and evenings of the second version', () => {
  it('know what each of their dishes was made of', () => {
    const { plans, evenings } = opened(SECOND);
    const refs = new Map(
      plans.flatMap(({ plan }) => plan.compiled.meanings.map((m) => [m.entryId, m.ref] as const)),
    );
    expect(refs.get('bag')).toEqual({ kind: 'bag', code: 'MARU', method: 'oven' });
    expect(refs.get('made')).toMatchObject({ kind: 'bulk', code: 'ZAPU' });
    const cooked = evenings?.flatMap((e) => e.evening.compiled.meanings) ?? [];
    expect(cooked.length).toBeGreaterThan(0);
    expect(cooked.every((m) => dishKey(m.ref) === m.dishId)).toBe(true);
  });
});

describe('entries of the first version, one by one', () => {
  it.each([
    'bag-MARU',
    'bag-MARU.oven',
    'with-ZAPU.x.y',
    'chickpeas-lemon',
    'bag-pudding',
    'with-rice',
  ])('the name %s and its reference are one', (name) => {
    expect(dishKey(refOfFirstVersion(name))).toBe(name);
  });

  it('a dish whose name only looks like a bag’s is a dish', () => {
    for (const name of ['bag-pudding', 'bag-MARUX', 'bag-MARU.kettle', 'with-rice'])
      expect(refOfFirstVersion(name)).toEqual({ kind: 'dish', id: name });
  });

  it('what is wrong in an old entry is still refused', () => {
    const meal = { format: 'olive-clock/meal@1', id: 'm', name: 'M', zone: 'UTC', servings: 2 };
    const read = mealSchema.safeParse({
      ...meal,
      serveAt: '2026-12-01T18:00:00Z',
      entries: [{ id: 'a', dishId: 'soup', servings: 0, cooker: null }],
    });
    expect(read.error?.issues[0]?.path).toEqual(['entries', 0, 'forWhom', 'servings']);
  });

  it('the oldest items said in their name that they are still to cook; what says not what it keeps as keeps shortest', () => {
    const kit = SECOND.stores.find((i) => i.code === 'KURT');
    const { keepsAs: _k, isRaw: _r, ...oldest } = kit ?? {};
    expect(storeItemSchema.parse(oldest)).toMatchObject({
      contents: { kind: 'kit' },
      keepsAs: 'ground-meat',
    });
    expect(storeItemSchema.parse({ ...oldest, name: 'Soup' })).toMatchObject({
      contents: { kind: 'cooked' },
      keepsAs: 'cooked-meat',
    });
    expect(storeItemSchema.parse(kit).keepsAs).toBe('meat');
  });
});
