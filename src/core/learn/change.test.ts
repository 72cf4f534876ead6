import { describe, expect, it } from 'vitest';
import { normal, numbers } from '../../../tests/support/numbers';
import { one, seen as seenShort } from '../../../tests/support/observations';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { learn, relabel, type Observation } from './index';

const { kitchen } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));

/** Of a pot that takes a while: a late tap hardly shows. */
const seen = (...of: Parameters<typeof seenShort>): Observation => ({
  ...seenShort(...of),
  planned: 20,
});

describe('another pot than before', () => {
  const wobble = [0.03, -0.04, 0.05, -0.02, 0, 0.04, -0.05, 0.02];
  const before = Array.from({ length: 12 }, (_, i) => seen((wobble[i % 8] ?? 0) + 0.05, i));
  const after = (n: number, by: number): Observation[] =>
    Array.from({ length: n }, (_, i) => seen((wobble[i % 8] ?? 0) + 0.05 + by, 20 + i));

  it('is noticed, with when and by how much, and the evenings before it no longer count', () => {
    const [figure] = learn([...before, ...after(5, -0.25)], one);
    expect(figure?.change).toMatchObject({ evening: '20', at: 20 });
    expect(figure?.change?.by).toBeCloseTo(-0.25, 1);
    expect(Math.log(figure?.now ?? 1)).toBeLessThan(-0.12);
    expect(figure?.evidence.filter((e) => e.weight === 0)).toHaveLength(before.length);
  });

  it('is not made of one odd evening, nor of a small step', () => {
    expect(learn([...before, ...after(1, -0.25)], one)[0]?.change).toBeUndefined();
    expect(learn([...before, ...after(5, -0.05)], one)[0]?.change).toBeUndefined();
    // One in some hundred steady figures may be told wrongly: none of these forty.
    for (let seed = 1; seed <= 40; seed++) {
      const random = numbers(seed);
      const steady = Array.from({ length: 20 }, (_, i) => seen(0.09 * normal(random), i));
      expect(learn(steady, one)[0]?.change, `seed ${seed}`).toBeUndefined();
    }
  });

  it('said to be none, all evenings count again', () => {
    const all = [...before, ...after(5, -0.25)];
    const [figure] = learn(all, one, {}, { 'power.large': 24 });
    expect(figure?.change).toBeUndefined();
    expect(figure?.evidence.every((e) => e.weight > 0)).toBe(true);
  });

  it('a label set right is the same watts; another size or a timing with water is another cooker', () => {
    const [large] = kitchen.cookers;
    if (!large) throw new Error('no cooker');
    const cooker = { ...large, watts: 1000 };
    const as = (more: Partial<Observation>): Observation => ({
      ...seen(Math.log(0.8), 5, `power.${large.id}`),
      label: 1000,
      litres: large.litres,
      ...more,
    });
    const read = (c: typeof cooker, o: Observation): Observation[] =>
      relabel([o], { ...kitchen, cookers: [c] });
    expect(Math.exp(read({ ...cooker, watts: 800 }, as({}))[0]?.log ?? 0)).toBeCloseTo(1, 9);
    expect(read({ ...cooker, litres: cooker.litres + 1 }, as({}))).toEqual([]);
    const heat = { efficiency: 0.9, lossWPerK: 1, on: new Date(6).toISOString() };
    expect(read({ ...cooker, heat }, as({ at: 5 }))).toEqual([]);
    expect(read({ ...cooker, heat }, as({ at: 6 }))).toHaveLength(1);
  });
});
