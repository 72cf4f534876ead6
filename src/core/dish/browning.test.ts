import { describe, expect, it } from 'vitest';
import { dishBy } from '../../../tests/support/dishes';
import type { Stage } from './document';
import { browningMinutes, scaleDish } from './index';

/** Minutes of browning in pots of other widths and for other numbers (common practice). */
describe('how long browning takes', () => {
  const ribs = (text: string) => {
    const dish = dishBy(
      'ribs',
      [{ food: 'beef short ribs', amount: 3, unit: 'kg', role: 'main' }],
      {
        stages: [{ id: 'brown', kind: 'brown', minutes: 12, text, uses: ['i0'] } as Stage],
      },
    );
    const [stage] = dish.stages;
    if (stage?.kind !== 'brown') throw new Error('no browning');
    return (servings: number, diameterMm: number) =>
      browningMinutes(scaleDish(dish, dish.servings), scaleDish(dish, servings), stage, diameterMm);
  };

  it('frying without batches takes what is written in a wider pot, and longer in a narrower one', () => {
    const minutes = ribs('Brown the ribs');
    expect(minutes(4, 220).minutes).toBe(12);
    expect(minutes(4, 300).minutes).toBe(12);
    expect(minutes(4, 160).minutes).toBeGreaterThan(12);
  });

  it('batches are fewer in a wider pot, and more for more people', () => {
    const minutes = ribs('Brown the ribs in batches');
    const usual = minutes(4, 220);
    expect(usual.minutes).toBe(12);
    expect(minutes(4, 300).minutes).toBe(
      Math.round((12 * minutes(4, 300).batches) / usual.batches),
    );
    expect(minutes(4, 300).minutes).toBeLessThan(12);
    expect(minutes(8, 220).minutes).toBeGreaterThan(12);
  });

  it.each<Parameters<typeof dishBy>[1][number]>([
    { food: 'duck legs', role: 'main', amount: 4, unit: null },
    {
      food: 'duck legs',
      role: 'main',
      amount: 1000,
      unit: 'g',
      preparation: '4 in all, about 250 g each',
    },
  ])('so many pieces at a time are batches of their own number, %j', (legs) => {
    const dish = dishBy('duck', [legs], {
      stages: [
        { id: 'brown', kind: 'brown', minutes: 18, text: 'Brown, two at a time', uses: ['i0'] },
      ] as Stage[],
    });
    const [stage] = dish.stages;
    if (stage?.kind !== 'brown') throw new Error('no browning');
    const minutes = [2, 3, 4, 5, 6].map(
      (people) => browningMinutes(scaleDish(dish, 4), scaleDish(dish, people), stage, 220).minutes,
    );
    expect(minutes).toEqual([9, 18, 18, 27, 27]);
  });

  it('so many batches as the text counts take as long in a wider pot; for fewer people they are fewer', () => {
    for (const text of ['Brown the ribs in three batches', 'Brown the ribs, two at a time']) {
      const minutes = ribs(text);
      expect(minutes(4, 300).minutes).toBe(12);
      expect(minutes(8, 220).minutes).toBeGreaterThan(12);
      expect(minutes(1, 220).minutes).toBeLessThan(12);
    }
  });
});
