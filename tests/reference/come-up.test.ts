import { describe, expect, it } from 'vitest';
import { comeUp, naturalRelease, type CycleInput, type Portion } from '$core/cooker';

/** Common practice: how long pots of known contents take, as ranges. One set of parameters for all. */
const SIX_QT = 5.68;
const pot = (watts: number, contents: Portion[], more: Partial<CycleInput> = {}): CycleInput => ({
  cooker: { litres: SIX_QT, watts },
  level: 'high',
  altitudeM: 0,
  contents,
  ...more,
});

const CASES: [string, CycleInput, number, number][] = [
  [
    '700 ml of broth at 10 °C with 900 g of 4 cm potato chunks, 1200 W',
    pot(1200, [
      { food: 'broth', grams: 700, celsius: 10 },
      { food: 'potato', grams: 900, celsius: 15, pieceMm: 40 },
    ]),
    6,
    11,
  ],
  [
    '1.3 l at 15 °C, 750 g of cooked beans, 700 g of ham and vegetables, hot start, 1000 W',
    pot(
      1000,
      [
        { food: 'water', grams: 1300, celsius: 15 },
        { food: 'cooked-beans', grams: 750, celsius: 15 },
        { food: 'ham', grams: 350, celsius: 10 },
        { food: 'carrot', grams: 350, celsius: 15, pieceMm: 15 },
      ],
      { hotStart: true },
    ),
    14,
    24,
  ],
  [
    '700 ml of broth at 10 °C on 700 g of hot browned meat with 1.1 kg of cold vegetables, 1000 W',
    pot(
      1000,
      [
        { food: 'broth', grams: 700, celsius: 10 },
        { food: 'beef-chuck', grams: 700, celsius: 50 },
        { food: 'carrot', grams: 1100, celsius: 8, pieceMm: 25 },
      ],
      { hotStart: true },
    ),
    9,
    18,
  ],
  [
    '1 cup of cold water under a basket of frozen vegetables',
    pot(1000, [
      { food: 'water', grams: 237, celsius: 10 },
      { food: 'green-beans', grams: 450, celsius: -18, frozen: true },
    ]),
    7,
    12,
  ],
];

describe('come-up (common practice)', () => {
  it.each(CASES)('%s', (_name, input, low, high) => {
    const up = comeUp(input);
    if (!up.ok) throw new Error(up.problems[0]?.message);

    expect(up.value.minutes).toBeGreaterThanOrEqual(low);
    expect(up.value.minutes).toBeLessThanOrEqual(high);
    expect(up.value.p90).toBeGreaterThan(up.value.minutes);
    expect(up.value.pinMinutes).toBeLessThan(up.value.minutes);
  });

  /** IAPWS-IF97: 2 kg of water from 20 to 115 °C needs 13.3 min at a delivered 1000 W. */
  it('is never shorter than the heat that the water needs', () => {
    const up = comeUp(pot(1000, [{ food: 'water', grams: 2000, celsius: 20 }]));
    expect(up.ok && up.value.minutes).toBeGreaterThan(13.3);
  });
});

describe('what lies on the bottom (common practice)', () => {
  const minutes = (input: CycleInput): number => {
    const up = comeUp(input);
    if (!up.ok) throw new Error(up.problems[0]?.message);
    return up.value.minutes;
  };
  const with_ = (food: string, grams = 1500): CycleInput =>
    pot(1000, [
      { food: 'water', grams: 200, celsius: 15 },
      { food, grams, celsius: 15 },
    ]);

  it('crushed tomatoes take longer than as much water, and less than twice as long', () => {
    const [water, thick] = [minutes(with_('water')), minutes(with_('canned-tomatoes'))];
    expect(thick).toBeGreaterThan(1.1 * water);
    expect(thick).toBeLessThan(2 * water);
  });

  it('a spoonful of paste in a pot of broth makes no difference', () => {
    const plain = minutes(pot(1000, [{ food: 'broth', grams: 1500, celsius: 15 }]));
    const paste = pot(1000, [
      { food: 'broth', grams: 1500, celsius: 15 },
      { food: 'tomato-paste', grams: 30, celsius: 15 },
    ]);
    expect(minutes(paste) / plain).toBeLessThan(1.05);
  });

  it('is foretold less surely for what is thick, until evenings have told', () => {
    const spread = (input: CycleInput, more = {}): number => {
      const up = comeUp(input, { efficiency: 0.93, lossWPerK: 1.2, ventG: 20, ...more });
      return up.ok ? up.value.p90 / up.value.minutes : Number.NaN;
    };
    const told = { spread: 0.1, thickVariance: 0.01, thickCovariance: 0.003 };
    expect(spread(with_('canned-tomatoes'))).toBeGreaterThan(spread(with_('water')) + 0.02);
    expect(spread(with_('canned-tomatoes'), told)).toBeLessThan(spread(with_('canned-tomatoes')));
  });
});

describe('natural release (common practice)', () => {
  it('keep-warm that comes on by itself makes it longer', () => {
    const input = pot(1000, [{ food: 'broth', grams: 2000, celsius: 15 }]);
    const [off, on] = [false, true].map((keepWarm) => naturalRelease({ ...input, keepWarm }, 10));
    if (!off?.ok || !on?.ok) throw new Error('no release');
    expect(on.value.minutes).toBeGreaterThan(1.15 * off.value.minutes);
  });

  it('1 kg of meat on the bone in 350 ml lets go in 9–20 min', () => {
    const release = naturalRelease(
      pot(1000, [
        { food: 'broth', grams: 350, celsius: 15 },
        { food: 'lamb-shoulder', grams: 1000, celsius: 8, pieceMm: 60 },
      ]),
      45,
    );
    if (!release.ok) throw new Error(release.problems[0]?.message);

    expect(release.value.minutes).toBeGreaterThanOrEqual(9);
    expect(release.value.minutes).toBeLessThanOrEqual(20);
  });
});
