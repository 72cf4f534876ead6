import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ask } from '$core/ask';
import { KEEPING, type KeepingKind } from '$core/food';
import { coolingTime, freezingTime, plankSeconds, thawingTime } from '$core/thermal';
import { keeps, keepsAs, type KeepingAnswer, type UnknownKeeping } from '$core/storage';

const daysOf = (answer: KeepingAnswer | UnknownKeeping) =>
  'unknown' in answer ? undefined : answer.days;

describe('Plank’s equation', () => {
  it('a sphere of 7 cm in −40 °C air takes 0.72 h (Singh and Heldman, Introduction to Food Engineering, from memory)', () => {
    const seconds = plankSeconds({
      shape: 'sphere',
      a: 0.07,
      density: 1000,
      heat: 250_000,
      drive: -1.25 + 40,
      surfaceW: 50,
      conductivity: 1.2,
    });
    expect(seconds / 3600).toBeCloseTo(0.72, 2);
  });

  it('with a surface that keeps up, time goes with the square of the thickness', () => {
    const of = (a: number): number =>
      plankSeconds({
        shape: 'slab',
        a,
        density: 1000,
        heat: 250_000,
        drive: 20,
        surfaceW: 1e9,
        conductivity: 1.5,
      });
    expect(of(0.06) / of(0.03)).toBeCloseTo(4, 6);
  });

  it('flat freezes and thaws sooner than round (common practice)', () => {
    const bag = { food: 'red lentil', fromC: 10, airC: -18 };
    const flat = freezingTime({ ...bag, shape: 'slab', thicknessMm: 25 }).hours ?? NaN;
    const round = freezingTime({ ...bag, shape: 'sphere', thicknessMm: 130 }).hours ?? NaN;
    expect(flat).toBeLessThan(round / 2);
    expect(flat).toBeGreaterThan(1);
    expect(flat).toBeLessThan(12);
  });
});

describe('thawing', () => {
  const pack = (grams: number, thicknessMm: number, airC: number, method: 'air' | 'water') =>
    thawingTime({
      food: 'beef chuck',
      shape: 'slab',
      thicknessMm,
      grams,
      fromC: -18,
      airC,
      method,
    }).hours ?? NaN;

  it('a pound in the fridge needs a good part of a day, in cold water an hour or two (USDA FSIS, The Big Thaw)', () => {
    expect(pack(454, 30, 4, 'air')).toBeGreaterThan(8);
    expect(pack(454, 30, 4, 'air')).toBeLessThan(30);
    expect(pack(454, 25, 15, 'water')).toBeLessThan(1.5);
    expect(pack(454, 25, 15, 'water')).toBeGreaterThan(0.3);
  });

  it('in the freezer it never thaws, and over −10 °C nothing freezes through', () => {
    expect(
      thawingTime({
        food: 'peas',
        shape: 'slab',
        thicknessMm: 30,
        grams: 400,
        fromC: -18,
        airC: -5,
        method: 'air',
      }).hours,
    ).toBeNull();
    expect(
      freezingTime({ food: 'peas', shape: 'slab', thicknessMm: 30, fromC: 5, airC: -5 }).hours,
    ).toBeNull();
  });
});

/** FDA Food Code 3-501.14: 57 to 21 °C in 2 h, to 5 °C in 6 h in all. */
describe('cooling', () => {
  const soup = (more: Partial<Parameters<typeof coolingTime>[0]>) =>
    coolingTime({
      food: 'soup',
      ml: 4000,
      depthMm: 150,
      fromC: 90,
      roomC: 20,
      method: 'fridge',
      ...more,
    });

  it('a full liner of soup fails in the fridge, two shallow boxes and an ice bath pass (USDA FSIS: 5 cm)', () => {
    expect(soup({}).within).toBe(false);
    expect(soup({ ml: 2000, depthMm: 50 }).within).toBe(true);
    expect(soup({ method: 'ice-bath' }).within).toBe(true);
    expect(soup({ method: 'counter' }).within).toBe(false);
    expect(soup({ method: 'counter' }).minutesTo5).toBeNull();
  });

  it('a box whose way down is exponential keeps both limits together, as the time constant says', () => {
    // 3 °C around, thin food: one time constant; both limits bind at 2/ln 3 h.
    const { minutesTo21, minutesTo5 } = soup({ ml: 2000, depthMm: 50 });
    expect((minutesTo5 ?? NaN) / (minutesTo21 ?? NaN)).toBeGreaterThan(2.6);
    expect((minutesTo5 ?? NaN) / (minutesTo21 ?? NaN)).toBeLessThan(3.4);
  });

  it('what is too slow gets a way that keeps the limit, with its minutes: shallow boxes or ice water', () => {
    const answer = ask('cool', {
      food: 'soup',
      ml: 4000,
      depthMm: 150,
      fromC: 90,
      roomC: 20,
      method: 'fridge',
    });
    if (!answer.ok) throw new Error('no answer');
    const fixes = answer.value.fixes as {
      method: string;
      depthMm: number;
      boxes: number;
      minutesTo21: number;
      minutesTo5: number;
    }[];
    expect(fixes.map((f) => f.method)).toEqual(['fridge', 'ice-bath']);
    for (const fix of fixes) {
      expect(fix.minutesTo21).toBeLessThanOrEqual(120);
      expect(fix.minutesTo5).toBeLessThanOrEqual(360);
    }
    expect(fixes[0]?.depthMm).toBeLessThanOrEqual(50);
    expect(fixes[0]?.boxes).toBe(2);
    expect(answer.value.because.join('\n')).toMatch(
      /two shallow boxes, 50 mm deep, in the fridge: 21\u00a0°C after 1 h/,
    );
    // What is in time needs none.
    const quick = ask('cool', { food: 'soup', ml: 500, depthMm: 20, method: 'fridge' });
    expect(quick.ok && 'fixes' in quick.value).toBe(false);
  });

  it('in a kitchen of 40 °C it never comes to 21 °C on the counter, and that is said', () => {
    const question = {
      food: 'soup',
      ml: 3000,
      depthMm: 120,
      fromC: 90,
      roomC: 40,
      method: 'counter',
    } as const;
    const hot = coolingTime(question);
    expect(hot.within).toBe(false);
    expect(hot.minutesTo21).toBeNull();
    expect(hot.because.join()).toContain('21 °C are never reached');
  });

  it('law: only falls, shallower is never slower, the warmest place is what counts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('soup', 'rice', 'lamb shoulder'),
        fc.integer({ min: 200, max: 6000 }),
        fc.integer({ min: 15, max: 150 }),
        fc.constantFrom<'fridge' | 'ice-bath'>('fridge', 'ice-bath'),
        (food, ml, depthMm, method) => {
          // A box, broader than it is deep: a narrow bottle cools through its wall.
          fc.pre(ml * 1000 >= 4 * depthMm ** 3);
          const cool = (depth: number) =>
            coolingTime({ food, ml, depthMm: depth, fromC: 80, roomC: 20, method });
          const { curve } = cool(depthMm);
          curve.forEach((c, i) => expect(c).toBeLessThanOrEqual((curve[i - 1] ?? 99) + 1e-6));
          const deep = cool(depthMm).minutesTo21 ?? Infinity;
          const shallow = cool(depthMm / 2).minutesTo21 ?? Infinity;
          expect(shallow).toBeLessThanOrEqual(deep + 1);
        },
      ),
      { numRuns: 25, seed: 7 },
    );
  });
});

describe('keeping', () => {
  /** FoodSafety.gov, Cold Food Storage Chart. */
  it.each([
    ['ground meat', 'fridge', [1, 2], 'safety'],
    ['chicken thigh', 'fridge', [1, 2], 'safety'],
    ['soup', 'fridge', [3, 4], 'safety'],
    ['soup', 'freezer', [60, 90], 'quality'],
    ['lamb shoulder', 'freezer', [120, 360], 'quality'],
    ['stew meat', 'fridge', [1, 2], 'safety'],
    ['stew meat', 'freezer', [90, 120], 'quality'],
    ['whole chicken', 'freezer', [360, 360], 'quality'],
    ['chicken thighs', 'freezer', [270, 270], 'quality'],
    ['raw poultry', 'fridge', [1, 2], 'safety'],
    ['bacon', 'fridge', [7, 7], 'safety'],
    ['bacon', 'freezer', [30, 30], 'quality'],
    ['sausages', 'freezer', [30, 60], 'quality'],
    ['hot dogs', 'fridge', [7, 7], 'safety'],
    ['luncheon meat', 'fridge', [3, 5], 'safety'],
    ['white fish', 'freezer', [180, 240], 'quality'],
    ['salmon', 'freezer', [60, 90], 'quality'],
    ['eggs', 'fridge', [21, 35], 'safety'],
    ['hard-boiled eggs', 'fridge', [7, 7], 'safety'],
    ['soups and stews', 'freezer', [60, 90], 'quality'],
    ['leftovers', 'fridge', [3, 4], 'safety'],
    ['leftovers', 'freezer', [60, 180], 'quality'],
    ['cooked chicken', 'fridge', [3, 4], 'safety'],
    ['tuna salad', 'fridge', [3, 4], 'safety'],
    ['pizza', 'freezer', [30, 60], 'quality'],
    ['casserole', 'freezer', [60, 90], 'quality'],
  ] as const)('%s, %s: %j days for %s', (what, place, days, why) => {
    const answer = keeps(what, place);
    expect(answer).toMatchObject({ days, why });
  });

  it('two hours on the counter for what spoils (USDA FSIS), and none in the freezer for eggs in shell', () => {
    const meat = keeps('beef cheek', 'counter');
    expect(daysOf(meat)?.[1]).toBeCloseTo(2 / 24, 9);
    const egg = keeps('eggs', 'freezer');
    expect(daysOf(egg)).toBeNull();
  });

  it('what is said to be cooked is no longer the raw food: a mash keeps days, not weeks (USDA FSIS, Leftovers and Food Safety)', () => {
    for (const [what, days] of [
      ['mashed potato', [3, 4]],
      ['cooked pasta', [3, 4]],
      ['steamed carrots', [3, 4]],
      ['cooked salmon', [3, 4]],
      ['boiled rice', [1, 4]],
      ['carrot purée', [3, 4]],
    ] as const) {
      const fridge = keeps(what, 'fridge');
      expect(fridge, what).toMatchObject({ days, why: 'safety' });
      const counter = keeps(what, 'counter');
      expect(daysOf(counter)?.[1], what).toBeCloseTo(2 / 24, 9);
    }
  });

  it('rice says the stricter rule beside the other (UK FSA, USDA)', () => {
    const rice = keeps('cooked rice', 'fridge');
    expect(rice.because.join()).toMatch(/within a day \(UK FSA\); 3 to 4 days by USDA/);
  });

  it('every kind of the chart answers for every place', () => {
    for (const kind of Object.keys(KEEPING) as KeepingKind[])
      for (const place of ['fridge', 'freezer', 'counter'] as const)
        expect(keepsAs(kind, place).because.length).toBeGreaterThan(1);
  });
});

describe('asked on the command line', () => {
  it('answers carry numbers or leave them out, never NaN; what is wrong is named', () => {
    const number = fc.oneof(
      fc.integer({ min: -100, max: 500 }),
      fc.double({ min: -50, max: 50_000, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.constantFrom('cool', 'freeze', 'thaw', 'keep'),
        fc.record(
          {
            food: fc.constantFrom('soup', 'rice', 'chicken', 'nobody knows'),
            ml: number,
            depthMm: number,
            grams: number,
            thicknessMm: number,
            fromC: number,
            roomC: number,
            airC: number,
            shape: fc.constantFrom('slab', 'sphere', 'cone'),
            method: fc.constantFrom('fridge', 'water', 'air', 'ice-bath'),
            place: fc.constantFrom('fridge', 'freezer', 'cellar'),
          },
          { requiredKeys: ['food'] },
        ),
        (name, input) => {
          const answer = ask(name, input);
          if (!answer.ok) {
            for (const p of answer.problems) expect(`${p.field}${p.message}`).not.toBe('');
            return;
          }
          expect(answer.value.because.length).toBeGreaterThan(0);
          expect(JSON.stringify(answer.value)).not.toMatch(/null|NaN|Infinity/);
        },
      ),
      { numRuns: 150, seed: 11 },
    );
  });
});
