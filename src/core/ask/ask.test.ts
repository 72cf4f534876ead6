import { describe, expect, it } from 'vitest';
import { ask } from './index';

const pot = {
  cooker: { litres: 5.7, watts: 1000 },
  level: 'high',
  altitudeM: 0,
  contents: [
    { food: 'broth', grams: 700, celsius: 10 },
    { food: 'carrot', grams: 500, celsius: 15, pieceMm: 20 },
  ],
};
const answer = (name: string, input: unknown): Record<string, unknown> => {
  const result = ask(name, input);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};

describe('single questions', () => {
  it('answer with the contract’s fields and their reasons', () => {
    expect(answer('saturation', { celsius: 100 })).toMatchObject({
      kPa: expect.closeTo(101.418, 2),
    });
    expect(answer('saturation', { kPa: 101.325 })).toMatchObject({
      celsius: expect.closeTo(99.974, 2),
    });
    expect(answer('boiling', { altitudeM: 1500 })).toMatchObject({
      celsius: expect.closeTo(94.98, 2),
      kPa: expect.closeTo(84.56, 2),
    });
    expect(answer('convert', { amount: 1.5, unit: 'lb', to: 'g' })).toMatchObject({
      amount: expect.closeTo(680.39, 2),
      unit: 'g',
    });
    expect(answer('convert', { amount: 165, unit: '°F', to: 'C' })).toMatchObject({
      amount: expect.closeTo(73.89, 2),
    });
    expect(answer('line', { text: '2–3 tbsp olive oil' })).toMatchObject({
      amount: [2, 3],
      unit: 'tbsp',
      food: 'olive oil',
    });
    const up = answer('come-up', pot) as { minutes: number; p90: number; pinMinutes: number };
    expect(up.pinMinutes).toBeLessThan(up.minutes);
    const down = answer('release', { ...pot, afterMinutes: 10 }) as {
      minutes: number;
      p90: number;
    };
    expect(down.minutes).toBeGreaterThan(3);
    expect(answer('fit', pot)).toMatchObject({ fits: true, problems: [] });
    for (const [name, input] of [
      ['come-up', pot],
      ['boiling', {}],
      ['fit', pot],
    ] as const)
      expect((answer(name, input).because as string[]).length).toBeGreaterThan(0);
  });

  /** Common practice: 20 min at the ordinary level ≈ 12 min at the highest. */
  it('the highest level shortens a hold as cooks know', () => {
    const { ratio } = answer('inside', { gaugeKPa: 103, altitudeM: 0 }) as { ratio: number };
    expect(20 * ratio).toBeCloseTo(12, 0);
    expect(
      (answer('inside', { gaugeKPa: 75, altitudeM: 0 }) as { ratio: number }).ratio,
    ).toBeCloseTo(1, 9);
  });

  it('a line without an amount leaves it out and says why', () => {
    const line = answer('line', { text: 'salt to taste' });
    expect(line).not.toHaveProperty('amount');
    expect(line.because).toEqual(['no amount: “to taste”']);
  });

  it('a food that the table does not know is estimated, and that is said', () => {
    const up = answer('come-up', {
      ...pot,
      contents: [...pot.contents, { food: 'moon dust', grams: 100, celsius: 20 }],
    });
    expect((up.because as string[]).join()).toMatch(/moon dust/);
  });

  it.each([
    ['riddle', {}, 'question'],
    ['boiling', { altitudeM: 9000 }, 'altitudeM'],
    ['saturation', { celsius: -40 }, 'celsius'],
    ['saturation', { celsius: 1, kPa: 1 }, 'input'],
    ['come-up', { ...pot, cooker: { litres: 0, watts: 1000 } }, 'cooker.litres'],
    [
      'come-up',
      { ...pot, contents: [{ food: 'water', grams: -5, celsius: 10 }] },
      'contents.0.grams',
    ],
    [
      'come-up',
      { ...pot, contents: [{ food: 'water', grams: 5, celsius: -40 }] },
      'contents.0.celsius',
    ],
    ['come-up', { ...pot, contents: [{ food: 'potato', grams: 500, celsius: 10 }] }, 'contents'],
    ['fit', { ...pot, contents: [] }, 'contents'],
    ['convert', { amount: 1, unit: 'cup', to: 'g' }, 'food'],
    ['convert', { amount: 1, unit: 'cubit', to: 'g' }, 'unit'],
    ['convert', { amount: 1, unit: 'clove', to: 'g' }, 'to'],
    ['line', { text: '  ' }, 'text'],
  ])('%s %j is refused, naming %s', (name, input, field) => {
    const refused = ask(name, input);
    expect(refused.ok).toBe(false);
    if (!refused.ok) {
      expect(refused.problems[0]?.field).toBe(field);
      expect(refused.problems[0]?.remedy).toBeTruthy();
    }
  });
});
