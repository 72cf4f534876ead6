import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findFood } from '../food';
import {
  UNITS,
  UNIT_NAMES,
  add,
  convert,
  dayKey,
  formatMinutes,
  formatQuantity,
  formatTemperature,
  formatTime,
  fromFahrenheit,
  kindOf,
  parseAmount,
  parseQuantity,
  shortDay,
  toFahrenheit,
  type Unit,
} from './index';

/** NIST SP 811 and NIST Handbook 44, appendix C: exact sizes. */
describe('sizes of units', () => {
  it.each([
    ['lb', 453.59237],
    ['oz', 28.349523125],
    ['cup', 236.5882365],
    ['tbsp', 14.78676478125],
    ['tsp', 4.92892159375],
    ['floz', 29.5735295625],
    ['quart', 946.352946],
  ] as const)('%s is %f', (unit, size) => {
    expect(UNITS[unit].size).toBeCloseTo(size, 9);
  });
});

describe('converting', () => {
  it('there and back is the same, within a kind', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNIT_NAMES),
        fc.constantFrom(...UNIT_NAMES),
        fc.double({ min: 0.001, max: 1e5, noNaN: true }),
        (a, b, amount) => {
          fc.pre(kindOf(a) === kindOf(b) && kindOf(a) !== 'count');
          const there = convert({ amount, unit: a }, b);
          if (!there.ok) throw new Error('refused');
          const back = convert(there.value, a);
          expect(back.ok && back.value.amount / amount).toBeCloseTo(1, 9);
        },
      ),
      { seed: 1 },
    );
  });

  it('never goes from volume to weight without a density', () => {
    const refused = convert({ amount: 1, unit: 'cup' }, 'g');
    expect(!refused.ok && refused.problems[0]?.field).toBe('food');
    const flour = findFood('flour');
    const known = convert({ amount: 1, unit: 'cup' }, 'g', flour?.density);
    // King-size agreement of kitchen tables: a cup of flour weighs 120–130 g (common practice).
    expect(known.ok && known.value.amount).toBeGreaterThan(118);
    expect(known.ok && known.value.amount).toBeLessThan(132);
  });

  it('does not add a can to a cup, nor accept an amount under 0', () => {
    expect(add({ amount: 1, unit: 'can' }, { amount: 1, unit: 'cup' }).ok).toBe(false);
    expect(convert({ amount: -1, unit: 'cup' }, 'ml').ok).toBe(false);
    expect(convert({ amount: Number.NaN, unit: 'cup' }, 'ml').ok).toBe(false);
    const sum = add({ amount: 1, unit: 'cup' }, { amount: 8, unit: 'tbsp' });
    expect(sum.ok && sum.value.amount).toBeCloseTo(1.5, 9);
  });
});

describe('reading amounts', () => {
  it.each<[string, number | null, number | null, Unit | null, string]>([
    ['1 1/2 cups broth', 1.5, null, 'cup', 'broth'],
    ['1½ c flour', 1.5, null, 'cup', 'flour'],
    ['2–3 tbsp oil', 2, 3, 'tbsp', 'oil'],
    ['350 g lamb', 350, null, 'g', 'lamb'],
    ['1 (14 oz) can chickpeas', 1, null, 'can', 'chickpeas'],
    ['1 can (14 oz) chickpeas', 1, null, 'can', 'chickpeas'],
    ['a pinch of saffron', 1, null, 'pinch', 'saffron'],
    ['two onions', 2, null, null, 'onions'],
    ['1 1/4 lb beetroot', 1.25, null, 'lb', 'beetroot'],
    ['salt', null, null, null, 'salt'],
  ])('%s', (text, amount, amountTo, unit, rest) => {
    expect(parseAmount(text)).toMatchObject({ amount, amountTo, unit, rest });
  });

  it('keeps the size of a pack', () => {
    expect(parseAmount('2 (14 oz) cans tomatoes').packSize).toEqual({ amount: 14, unit: 'oz' });
    expect(parseAmount('1 28-ounce can tomatoes')).toMatchObject({
      amount: 1,
      unit: 'can',
      packSize: { amount: 28, unit: 'oz' },
    });
  });

  it('a quantity alone has a unit and nothing after it', () => {
    expect(parseQuantity('1½ cups')).toEqual({ amount: 1.5, unit: 'cup' });
    expect(parseQuantity('1½ cups broth')).toBeNull();
    expect(parseQuantity('seven')).toBeNull();
  });
});

describe('showing amounts as a cook would measure them', () => {
  it.each<[number, Unit, 'us' | 'metric', string]>([
    [0.6667, 'cup', 'us', '⅔ cup'],
    [1.5, 'cup', 'us', '1½ cups'],
    [0.1, 'tsp', 'us', '⅛ tsp'],
    [3, 'tsp', 'us', '1 tbsp'],
    [0.25, 'cup', 'us', '¼ cup'],
    [680, 'g', 'us', '1½ lb'],
    [1875, 'g', 'metric', '1.88 kg'],
    [1900, 'g', 'metric', '1.9 kg'],
    [372, 'ml', 'metric', '370 ml'],
    [1.5, 'lb', 'metric', '680 g'],
    [1, 'tsp', 'metric', '1 tsp'],
    [4, 'clove', 'metric', '4 cloves'],
    [0.3, 'pinch', 'us', 'a pinch'],
    [2.5, 'piece', 'us', '2½'],
  ])('%f %s in %s: %s', (amount, unit, system, text) => {
    expect(formatQuantity({ amount, unit }, system)).toBe(text);
  });

  it('never shows a decimal of a cup, and stays within an eighth of what it means', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 3000, noNaN: true }), (ml) => {
        const text = formatQuantity({ amount: ml, unit: 'ml' }, 'us');
        expect(text).not.toMatch(/\d\.\d/);
        const read = parseQuantity(text);
        if (!read) throw new Error(text);
        const back = convert(read, 'ml');
        expect(back.ok && Math.abs(back.value.amount - ml) / ml).toBeLessThan(0.27);
      }),
      { seed: 3 },
    );
  });
});

describe('temperatures and times', () => {
  it('165 °F are 73.9 °C', () => {
    expect(fromFahrenheit(165)).toBeCloseTo(73.889, 3);
    expect(toFahrenheit(100)).toBeCloseTo(212, 9);
    expect(formatTemperature(200, 'F', 5)).toBe('390 °F');
  });

  it('reads clocks in the meal’s zone, also when it is changed in the night', () => {
    const athens = { zone: 'Europe/Athens', hours: 24 } as const;
    expect(formatTime(Date.UTC(2026, 10, 28, 16, 30), athens)).toBe('18:30');
    // Summer time ends on 25 October 2026 at 04:00 there: the same hour comes twice.
    expect(formatTime(Date.UTC(2026, 9, 25, 0, 30), athens)).toBe('03:30');
    expect(formatTime(Date.UTC(2026, 9, 25, 1, 30), athens)).toBe('03:30');
    expect(formatTime(Date.UTC(2026, 10, 28, 16, 30), { zone: 'Europe/Athens', hours: 12 })).toBe(
      '6:30\u00a0pm',
    );
    expect(dayKey(Date.UTC(2026, 10, 28, 23, 0), 'Europe/Athens')).toBe('2026-11-29');
  });

  it('says days in lists shortly, with the year where it is another', () => {
    expect(shortDay('2026-11-28', '2026-11-25')).toBe('28\u00a0Nov');
    expect(shortDay('2027-02-03', '2026-11-25')).toBe('3\u00a0Feb\u00a02027');
  });

  it('says lengths in words', () => {
    expect([0, 45, 60, 95].map(formatMinutes)).toEqual(['0 min', '45 min', '1 h', '1 h 35 min']);
  });
});
