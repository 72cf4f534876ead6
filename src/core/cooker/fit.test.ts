import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert } from '../units';
import { comeUp, fit, leastLiquid, naturalRelease, quickRelease, type Portion } from './index';

const QUART = 0.946353;
const cups = (ml: number): number => {
  const c = convert({ amount: ml, unit: 'ml' }, 'cup');
  return c.ok ? c.value.amount : Number.NaN;
};

/** Common practice: 3 qt 1 cup, 6 qt 1½, 8 qt 2; or one cup whatever the size. */
describe('least thin liquid', () => {
  it.each([
    [3, 1],
    [6, 1.5],
    [8, 2],
  ])('%i qt: %f cups', (quarts, expected) => {
    expect(cups(leastLiquid(quarts * QUART))).toBeCloseTo(expected, 2);
    expect(cups(leastLiquid(quarts * QUART, 'one-cup'))).toBeCloseTo(1, 2);
  });
});

describe('a few millilitres short', () => {
  const isShort = (litres: number, ml: number): boolean =>
    fit({
      cooker: { litres },
      contents: [{ food: 'water', grams: ml, celsius: 15 }],
    }).problems.some((p) => p.kind === 'too-little-liquid');

  /** Two cups are 473 ml, one and a half 355; nobody measures closer than 3 % (common practice). */
  it.each([
    [7.6, 473, false],
    [7.6, 460, false],
    [7.6, 457, true],
    [5.7, 355, false],
    [5.7, 342, true],
  ])('%f l with %i ml: short %s', (litres, ml, expected) => {
    expect(isShort(litres, ml)).toBe(expected);
  });
});

describe('will it go in?', () => {
  const cooker = { litres: 5.7, diameterMm: 220, heightMm: 155 };
  const water = (grams: number): Portion => ({ food: 'water', grams, celsius: 15 });

  it('ordinary food may fill two thirds, what swells half', () => {
    expect(fit({ cooker, contents: [water(500)] }).limitMl).toBeCloseTo(3800, 0);
    expect(
      fit({ cooker, contents: [water(500), { food: 'rice', grams: 200, celsius: 20 }] }).limitMl,
    ).toBeCloseTo(2850, 0);
  });

  it('pulses count as they will be when they have swollen', () => {
    const dry = fit({
      cooker,
      contents: [water(1500), { food: 'chickpea', grams: 900, celsius: 20 }],
    });
    // 900 g of dry chickpeas are 1.06 l and swell to about two and a half times that.
    expect(dry.fillMl).toBeGreaterThan(2400);
  });

  it('names what is too much or too little, with the way out', () => {
    const full = fit({
      cooker,
      contents: [water(3000), { food: 'potato', grams: 2000, celsius: 15 }],
    });
    expect(full.problems).toMatchObject([{ kind: 'too-full' }]);
    const dry = fit({ cooker, contents: [{ food: 'passata', grams: 800, celsius: 15 }] });
    expect(dry.problems).toMatchObject([
      { kind: 'too-little-liquid', thinMl: 0, leastMl: expect.closeTo(355, 0) },
    ]);
  });

  it('a pan needs room for steam around and above', () => {
    const inside = { cooker, contents: [water(360)], rack: { heightMm: 30 } };
    expect(fit({ ...inside, pan: { diameterMm: 180, heightMm: 75 } }).fits).toBe(true);
    expect(fit({ ...inside, pan: { diameterMm: 215, heightMm: 75 } }).problems).toMatchObject([
      { kind: 'pan-too-wide' },
    ]);
    expect(fit({ ...inside, pan: { diameterMm: 180, heightMm: 115 } }).problems).toMatchObject([
      { kind: 'pan-too-high' },
    ]);
  });
});

describe('pieces on a rack, with steam around them', () => {
  const eightQuart = { litres: 8 * QUART, diameterMm: 240, heightMm: 180 };
  const pieces = (pounds: number) =>
    fit({
      cooker: eightQuart,
      school: 'one-cup',
      contents: [
        { food: 'water', grams: 240, celsius: 15 },
        { food: 'ground-lamb', grams: pounds * 453.6, celsius: 5, pieceMm: 60 },
      ],
      rack: { heightMm: 20 },
    });

  /** Common practice: ground meat of 15 lb is cooked 5 lb at a time in pieces on a trivet over a cup of water. */
  it('five pounds go into 8 qt at once, and six and a half do not', () => {
    expect(pieces(5).problems).toEqual([]);
    expect(pieces(6.5).problems).toMatchObject([{ kind: 'too-full', onRack: true }]);
    expect(pieces(5).because.join()).toContain('56 %');
  });

  it('the same lying in its own liquid takes less room', () => {
    const lying = fit({
      cooker: eightQuart,
      contents: [
        { food: 'water', grams: 480, celsius: 15 },
        { food: 'ground-lamb', grams: 5 * 453.6, celsius: 5 },
      ],
    });
    expect(lying.fillMl).toBeLessThan(pieces(5).fillMl);
  });
});

describe('a whole bird or roast', () => {
  const whole = (grams: number, pieceMm: number, liner: { diameterMm: number; heightMm: number }) =>
    fit({
      cooker: { litres: 5.7, ...liner },
      contents: [
        { food: 'water', grams: 360, celsius: 15 },
        { food: 'whole chicken', grams, celsius: 5, pieceMm },
      ],
      rack: { heightMm: 25 },
    });
  const sixQuart = { diameterMm: 222, heightMm: 155 };

  /** Common practice: a bird of 3½ lb goes into 6 qt, one of 6 lb does not. */
  it('goes in up to the size that leaves room for steam, and the margin is said', () => {
    const small = whole(1600, 100, sixQuart);
    expect(small.problems).toEqual([]);
    expect(small.margins.acrossMm ?? -1).toBeGreaterThanOrEqual(0);
    const large = whole(2700, 125, sixQuart);
    expect(large.problems.map((p) => p.kind)).toContain('piece-too-high');
    expect(large.margins.aboveMm).toBeLessThan(0);
  });

  it('the ellipsoid has the volume of the piece', () => {
    // 1600 g at 0.85 g/ml, 100 mm high: a² = 6V/(πt), so 189.6 mm; with the gap 199.6.
    const { margins } = whole(1600, 100, { diameterMm: 300, heightMm: 200 });
    expect(margins.acrossMm).toBeCloseTo(300 - 189.6 - 10, 0);
  });
});

describe('the heat balance', () => {
  const anyPot = fc.record({
    water: fc.integer({ min: 250, max: 3000 }),
    food: fc.constantFrom('potato', 'lamb-shoulder', 'rice', 'carrot', 'something unknown'),
    grams: fc.integer({ min: 1, max: 2000 }),
    celsius: fc.integer({ min: -20, max: 60 }),
    watts: fc.integer({ min: 700, max: 1500 }),
    altitudeM: fc.integer({ min: 0, max: 3500 }),
  });
  const run = (
    p: {
      water: number;
      food: string;
      grams: number;
      celsius: number;
      watts: number;
      altitudeM: number;
    },
    watts = p.watts,
  ) =>
    comeUp({
      cooker: { litres: 5.7, watts },
      level: 'high',
      altitudeM: p.altitudeM,
      contents: [
        { food: 'water', grams: p.water, celsius: 15 },
        {
          food: p.food,
          grams: p.grams,
          celsius: p.celsius,
          ...(p.celsius < 0 ? { frozen: true } : {}),
        },
      ],
    });

  it('always gives finite minutes in order: pin, countdown, 90th percentile', () => {
    fc.assert(
      fc.property(anyPot, (p) => {
        const up = run(p);
        if (!up.ok) throw new Error(up.problems[0]?.message);
        expect(Number.isFinite(up.value.minutes)).toBe(true);
        expect(up.value.pinMinutes).toBeLessThanOrEqual(up.value.minutes);
        expect(up.value.p90).toBeGreaterThan(up.value.minutes);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('a stronger heater is never slower, more water never faster', () => {
    fc.assert(
      fc.property(anyPot, (p) => {
        const [usual, strong, full] = [
          run(p),
          run(p, p.watts + 300),
          run({ ...p, water: p.water + 500 }),
        ];
        if (!usual.ok || !strong.ok || !full.ok) throw new Error('refused');
        expect(strong.value.minutes).toBeLessThanOrEqual(usual.value.minutes);
        expect(full.value.minutes).toBeGreaterThanOrEqual(usual.value.minutes);
      }),
      { numRuns: 40, seed: 6 },
    );
  });

  it('refuses a pot without thin liquid, and a heater that is too weak, in words', () => {
    const contents: Portion[] = [{ food: 'passata', grams: 800, celsius: 15 }];
    const dry = comeUp({
      cooker: { litres: 5.7, watts: 1000 },
      level: 'high',
      altitudeM: 0,
      contents,
    });
    expect(!dry.ok && dry.problems[0]?.field).toBe('contents');
    const weak = naturalRelease(
      {
        cooker: { litres: 5.7, watts: 50 },
        level: 'high',
        altitudeM: 0,
        contents: [{ food: 'water', grams: 900, celsius: 15 }],
      },
      10,
    );
    expect(!weak.ok && weak.problems[0]?.field).toBe('cooker.watts');
  });

  /** Common practice: venting by hand takes 1–3 min. */
  it('a quick release takes minutes', () => {
    expect(quickRelease([{ food: 'water', grams: 250, celsius: 15 }])).toBe(1);
    expect(quickRelease([{ food: 'water', grams: 3500, celsius: 15 }])).toBeLessThanOrEqual(3);
  });
});

describe('a food that nobody knows', () => {
  const pot = (food: string, grams: number) =>
    fit({
      cooker: { litres: 6 },
      contents: [
        { food: 'water', grams: 500, celsius: 20 },
        { food, grams, celsius: 20 },
      ],
    });

  it('over the half line nobody can say whether it fits; under it, it does either way', () => {
    expect(pot('cassowary parcel', 2650).unsure).toEqual(['cassowary parcel']);
    expect(pot('cassowary parcel', 2600).unsure).toEqual([]);
    expect(pot('potato', 2650).unsure).toEqual([]);
  });

  it('grain that only its name tells of swells like any grain (common practice)', () => {
    expect(pot('teff', 500).limitMl).toBe(3000);
  });
});
