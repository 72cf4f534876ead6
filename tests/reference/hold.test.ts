import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comeUp, wholeCycle } from '$core/cooker';
import { holdAnchors } from '../support/hold-anchors';
import {
  SAFE_MINUTES,
  SAFE_REFERENCE_C,
  SAFE_Z,
  centreThrough,
  altitudeRule,
  comeUpDose,
  doseGiven,
  holdCredit,
  holdFor,
  lethality,
  softeningRate,
  type HoldQuestion,
} from '$core/doneness';

const ask = (more: Partial<HoldQuestion>): HoldQuestion => ({
  food: 'potato',
  cut: { shape: 'sphere', thicknessMm: 60 },
  grams: 400,
  state: 'chilled',
  target: 'soft',
  level: 'high',
  altitudeM: 0,
  cooker: { litres: 5.68, watts: 1000 },
  release: 'quick',
  ...more,
});
const advise = (more: Partial<HoldQuestion>) => {
  const advice = holdFor(ask(more));
  if (!advice.ok) throw new Error(advice.problems[0]?.message);
  if ('unknown' in advice.value) throw new Error('not known');
  return advice.value;
};
const from = (more: Partial<HoldQuestion>): number => advise(more).minutes?.[0] ?? Number.NaN;

/** Common practice throughout; one set of parameters and no special case. */
describe('hold by thickness (common practice)', () => {
  const breast = (thicknessMm: number, state: HoldQuestion['state'] = 'chilled') =>
    from({ food: 'chicken breast', cut: { shape: 'slab', thicknessMm }, target: 'shred', state });

  it('a small breast takes about 12 min until it shreds, a large one 15', () => {
    expect(Math.abs(breast(33) - 12)).toBeLessThanOrEqual(1);
    expect(Math.abs(breast(37) - 15)).toBeLessThanOrEqual(1);
  });

  it('from frozen about 22 instead of 12 to 15', () => {
    expect(Math.abs(breast(36, 'frozen') - 22)).toBeLessThanOrEqual(2);
  });

  it('one potato and eight take the same within two minutes, about 15', () => {
    const [one, eight] = [
      from({ grams: 200, state: 'room' }),
      from({ grams: 1600, state: 'room' }),
    ];
    expect(Math.abs(one - eight)).toBeLessThanOrEqual(2);
    expect(Math.abs(one - 15)).toBeLessThanOrEqual(2);
  });

  it('the highest level takes about 12 min where the ordinary takes 20', () => {
    const stew = { food: 'chickpea', cut: { shape: 'sphere', thicknessMm: 9 } } as const;
    const ratio = from({ ...stew, level: 'max' }) / from(stew);
    expect(Math.abs(ratio - 12 / 20)).toBeLessThan(0.06);
  });

  it('a breast of 2.7 kg, 11 cm through, lies between the flat and the per-pound school and an hour', () => {
    const advice = advise({
      food: 'turkey breast',
      cut: { shape: 'sphere', thicknessMm: 110 },
      grams: 2700,
      target: 'safe',
      release: 'natural',
    });
    expect(advice.minutes?.[0]).toBeGreaterThanOrEqual(30);
    expect(advice.minutes?.[1]).toBeLessThanOrEqual(60);
    // The same weight rolled and tied is solid: its middle takes longer than half of it would.
    const rolled = advise({
      food: 'boneless turkey breast',
      cut: { shape: 'sphere', thicknessMm: 110 },
      grams: 2700,
      target: 'safe',
      release: 'natural',
    });
    expect(rolled.minutes?.[0]).toBeGreaterThan(1.4 * (advice.minutes?.[1] ?? Number.NaN));
    expect(advice.thermometerC).toBeCloseTo(73.9, 1);
    expect(advice.centreC).toBeGreaterThanOrEqual(73.9);
    expect(advice.schools.map((s) => Math.round(s.minutes))).toEqual([48, 30]);
  });

  it('pork to pull: about an hour for a piece of up to 3 lb, more for thick ones', () => {
    const pull = (thicknessMm: number, grams: number): number =>
      from({
        food: 'pork shoulder',
        cut: { shape: 'sphere', thicknessMm },
        grams,
        target: 'shred',
        release: 'natural',
      });
    expect(Math.abs(pull(80, 1400) - 60)).toBeLessThanOrEqual(6);
    expect(Math.abs(pull(105, 2000) - 90)).toBeLessThanOrEqual(6);
  });

  it('twice as thick takes longer, twice as much does not', () => {
    const roast = { food: 'beef round', target: 'slice', release: 'natural' } as const;
    const cut = (thicknessMm: number) => ({ shape: 'cylinder', thicknessMm }) as const;
    const one = from({ ...roast, cut: cut(50), grams: 500 });
    expect(from({ ...roast, cut: cut(50), grams: 1000 })).toBe(one);
    expect(from({ ...roast, cut: cut(100), grams: 1000 })).toBeGreaterThan(2 * one);
  });

  it('at altitude the longer of physics and the extension rule is advised, both are shown', () => {
    const high = advise({ altitudeM: 2000 });
    const low = from({});
    expect(high.minutes?.[0]).toBeGreaterThanOrEqual(Math.floor(low * altitudeRule(2000)));
    expect(high.because.join()).toMatch(/lower temperature.*extension rule/);
    expect(high.schools.map((s) => s.name).join()).toMatch(/altitude rule/);
  });

  it('says so where no hold gets there, and still answers the rest', () => {
    const never = advise({
      food: 'pork shoulder',
      cut: { shape: 'slab', thicknessMm: 250 },
      state: 'frozen',
      target: 'shred',
    });
    expect(never.minutes).toBeNull();
    expect(never.because.join()).toMatch(/not reached/);
    expect(Number.isFinite(never.centreC)).toBe(true);
  });
});

/** Every cut that cooks were asked for, each class by the one dose it has: tests/reference/hold-anchors.csv. */
describe('holds that cooks use (common practice)', () => {
  const judged = holdAnchors().map(({ question, range: [low, high] }) => {
    const said = advise(question).minutes ?? [Number.NaN, Number.NaN];
    const middle = (said[0] + said[1]) / 2;
    const isInside = middle >= low - 0.5 && middle <= high + 0.5;
    return { question, isInside, off: Math.max(low / (middle + 1), middle / (high + 1)) };
  });

  it('nine of ten are inside what cooks set, and none is half as long again or as short', () => {
    const inside = judged.filter((j) => j.isInside).length;
    expect(inside / judged.length).toBeGreaterThan(0.9);
    const far = judged.filter((j) => !(j.off < 1.5)).map((j) => j.question.food);
    expect(far).toEqual([]);
  });

  it('a dose is what its own hold gives: the way back leads to the same minutes', () => {
    const stew = ask({
      food: 'beef chuck',
      cut: { shape: 'sphere', thicknessMm: 40 },
      release: 'natural',
    });
    const minutes = advise(stew).minutes?.[0] ?? Number.NaN;
    // Whole minutes are rounded up: what they give is the food’s dose of 21 or up to a minute more.
    const given = doseGiven(stew, minutes) ?? Number.NaN;
    expect(given).toBeGreaterThanOrEqual(20.9);
    expect(given).toBeLessThanOrEqual(22.2);
  });

  it('peas that are told to be dry are no fresh ones', () => {
    const peas = { cut: { shape: 'sphere', thicknessMm: 7 }, grams: 450, target: 'soft' } as const;
    const from = (food: string, treated?: 'dry') =>
      advise({ ...peas, food, treated, state: 'room' }).minutes;
    expect(from('whole peas', 'dry')).toEqual(from('dried peas', 'dry'));
    expect(from('peas')).toEqual([0, 0]);
  });

  it('what was soaked takes four tenths of its dry time, whether the name or the question says so', () => {
    const beans = { cut: { shape: 'sphere', thicknessMm: 8 }, release: 'natural' } as const;
    const dry = from({ ...beans, food: 'pinto beans' });
    const soaked = from({ ...beans, food: 'pinto beans', treated: 'soaked' });
    expect(soaked).toBeLessThan(0.45 * dry);
    expect(from({ ...beans, food: 'soaked pinto beans' })).toBe(soaked);
    expect(from({ ...beans, food: 'soaked pinto beans', treated: 'dry' })).toBe(dry);
  });

  it('the same thickness in a longer piece takes longer, and less so the flatter it is already', () => {
    const roast = (pieceG: number): number =>
      from({
        food: 'beef chuck',
        cut: { shape: 'slab', thicknessMm: 70, pieceG },
        grams: 2400,
        target: 'shred',
        release: 'natural',
      });
    const [ball, joint, slab] = [roast(300), roast(900), roast(2400)];
    expect(joint).toBeGreaterThan(ball);
    expect(slab).toBeGreaterThanOrEqual(joint);
    expect(slab - joint).toBeLessThan(joint - ball);
  });
});

/** Extension services’ rule as printed: 3000 ft 5 %, 5000 ft 15 %, 8000 ft 30 %. */
it.each([
  [3000, 1.05],
  [5000, 1.15],
  [8000, 1.3],
  [1500, 1],
])('the altitude rule at %i ft is %f', (feet, factor) => {
  expect(altitudeRule(feet * 0.3048)).toBeCloseTo(factor, 6);
});

/** Closed form or fine quadrature of F = ∫ 10^((T − Tref)/z) dt, minutes. */
describe('lethality', () => {
  const history = (celsius: (minute: number) => number, minutes: number): number[] =>
    Array.from({ length: minutes * 60 + 1 }, (_, i) => celsius(i / 60));

  it.each<[string, number[], number, number, number]>([
    ['10 min at 70', history(() => 70, 10), 70, 7.5, 10],
    ['10 min at 65', history(() => 65, 10), 70, 7.5, 2.1544],
    ['20 to 70 in 30 min', history((m) => 20 + (50 * m) / 30, 30), 70, 7.5, 1.9543],
    ['60 to 80 in 10 min', history((m) => 60 + 2 * m, 10), 70, 7.5, 35.0116],
    ['20 to 115 in 20 min', history((m) => 20 + (95 * m) / 20, 20), 121.1, 10, 0.2244],
    ['towards 100, τ 10 min', history((m) => 100 - 95 * Math.exp(-m / 10), 20), 70, 7.5, 402.9286],
  ])('%s', (_name, celsius, reference, z, minutes) => {
    expect(lethality(celsius, 1, reference, z) / minutes).toBeCloseTo(1, 3);
  });

  /** Equivalents of 70 °C for 2 min: UK FSA, cooking temperatures (from memory). */
  it.each([
    [60, 45],
    [65, 10],
    [75, 0.5],
    [80, 0.1],
  ])('at %f °C, %f min are worth two at 70', (celsius, minutes) => {
    const seconds = Math.round(minutes * 60);
    const worth = lethality(
      new Float64Array(seconds + 1).fill(celsius),
      1,
      SAFE_REFERENCE_C,
      SAFE_Z,
    );
    expect(worth / SAFE_MINUTES).toBeGreaterThan(0.85);
    expect(worth / SAFE_MINUTES).toBeLessThan(1.25);
  });

  it('pasteurisation goes on while the pressure falls: natural release adds to it', () => {
    const middle = (release: 'quick' | 'natural') => {
      const cycle = wholeCycle(
        {
          cooker: { litres: 5.68, watts: 1000 },
          level: 'high',
          altitudeM: 0,
          contents: [
            { food: 'water', grams: 400, celsius: 15 },
            { food: 'chicken breast', grams: 900, celsius: 5, pieceMm: 60 },
          ],
        },
        12,
        release,
      );
      if (!cycle.ok) throw new Error('no cycle');
      return centreThrough(cycle.value, 'chicken breast', { shape: 'slab', thicknessMm: 60 }, 5);
    };
    const [quick, natural] = [middle('quick'), middle('natural')];
    expect(natural.safeMinutes).toBeGreaterThan(10 * quick.safeMinutes);
    // What is counted is the middle's own history, not the pot's.
    expect(quick.safeMinutes).toBeCloseTo(
      lethality(quick.celsius, quick.stepS, SAFE_REFERENCE_C, SAFE_Z),
      9,
    );
  });

  it('softening at the highest level against the ordinary one is 20 to 12', () => {
    expect(softeningRate(120.9) / softeningRate(116.3)).toBeCloseTo(20 / 12, 1);
  });
});

describe('what the way up already cooks', () => {
  const curve = (grams: number) => {
    const up = comeUp({
      cooker: { litres: 5.68, watts: 1000 },
      level: 'high',
      altitudeM: 0,
      contents: [
        { food: 'water', grams, celsius: 15 },
        { food: 'pasta', grams: grams / 3, celsius: 20 },
      ],
    });
    if (!up.ok) throw new Error('no come-up');
    return up.value.curve;
  };

  it('doubling a finicky dish takes a minute or two off its hold (common practice)', () => {
    const credit = holdCredit(5, curve(700), curve(1400), 116.3);
    expect(credit).toBeGreaterThanOrEqual(1);
    expect(credit).toBeLessThanOrEqual(2);
  });

  it('never takes more than there is, and nothing for a smaller pot', () => {
    expect(holdCredit(0, curve(400), curve(3000), 116.3)).toBe(0);
    expect(holdCredit(1, curve(300), curve(3500), 116.3)).toBeLessThanOrEqual(1);
    expect(holdCredit(5, curve(1400), curve(700), 116.3)).toBe(0);
    expect(comeUpDose([])).toBe(0);
  });
});

describe('any question', () => {
  it('gets minutes in order, or none with a reason; never NaN', () => {
    fc.assert(
      fc.property(
        fc.record({
          food: fc.constantFrom('potato', 'salmon', 'beef cheek', 'green beans', 'meatloaf'),
          cut: fc.record({
            shape: fc.constantFrom('slab' as const, 'cylinder' as const, 'sphere' as const),
            thicknessMm: fc.integer({ min: 2, max: 120 }),
          }),
          grams: fc.integer({ min: 10, max: 4000 }),
          state: fc.constantFrom('frozen' as const, 'chilled' as const, 'room' as const),
          target: fc.constantFrom('safe', 'crisp', 'soft', 'slice', 'shred') as fc.Arbitrary<
            HoldQuestion['target']
          >,
          level: fc.constantFrom('low' as const, 'high' as const, 'max' as const),
          altitudeM: fc.integer({ min: 0, max: 3500 }),
          release: fc.constantFrom<HoldQuestion['release']>('quick', 'natural', 10),
        }),
        (more) => {
          const advice = advise(more);
          if (advice.centreC !== null) expect(Number.isFinite(advice.centreC)).toBe(true);
          else expect(advice.minutes).toBeNull();
          if (advice.minutes === null)
            expect(advice.because.join()).toMatch(/no time|no thermometer is asked for/);
          else {
            expect(advice.minutes[0]).toBeGreaterThanOrEqual(0);
            expect(advice.minutes[1]).toBeGreaterThanOrEqual(advice.minutes[0]);
          }
        },
      ),
      { numRuns: 25, seed: 9 },
    );
  });
});

it('a whole cycle rises, holds and falls, and its phases follow each other', () => {
  const cycle = wholeCycle(
    {
      cooker: { litres: 5.68, watts: 1000 },
      level: 'high',
      altitudeM: 0,
      contents: [{ food: 'water', grams: 1000, celsius: 15 }],
    },
    10,
    5,
  );
  if (!cycle.ok) throw new Error('no cycle');
  const { curve, comeUpS, holdS, openS } = cycle.value;
  expect(holdS - comeUpS).toBe(600);
  expect(openS).toBeGreaterThan(holdS + 300);
  const peak = Math.max(...curve.map((p) => p.gaugeKPa));
  expect(peak).toBeCloseTo(75, 0);
  expect(curve.at(-1)?.gaugeKPa).toBeLessThan(5);
  for (let i = 1; i < curve.length; i++)
    expect(curve[i]?.seconds).toBeGreaterThanOrEqual(curve[i - 1]?.seconds ?? 0);
});

describe('a food that nobody knows', () => {
  it('gets no minutes and no temperature for any target, but the groups to choose from', () => {
    for (const target of ['safe', 'soft', 'shred', 'slice', 'crisp'] as const) {
      const advice = holdFor(ask({ food: 'zungwe', target }));
      expect(advice.ok && advice.value).toMatchObject({ unknown: true });
      expect(JSON.stringify(advice)).not.toMatch(/minutes|thermometerC/);
    }
  });

  it('gets them once its group is chosen, by the group’s own rule (USDA FSIS)', () => {
    expect(advise({ food: 'ground meat', target: 'safe' }).thermometerC).toBe(71.1);
    expect(advise({ food: 'poultry', target: 'safe' }).thermometerC).toBe(73.9);
  });

  it('a plant has no safe temperature: nothing is held for it, and no 0 min is given', () => {
    const advice = advise({ food: 'potato', target: 'safe' });
    expect(advice.minutes).toBeNull();
    expect(advice.because.join()).toMatch(/no thermometer is asked for/);
    expect(advise({ food: 'kidney beans', target: 'safe' }).because.join()).toMatch(
      /boil for 10 min/,
    );
  });
});
