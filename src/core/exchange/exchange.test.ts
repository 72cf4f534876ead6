import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema, parseHousehold, type Household } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);

describe('household files', () => {
  it('the demo comes back as it went out', () => {
    const household = householdSchema.parse(demoHousehold(NOW));
    const back = parseHousehold(JSON.stringify(household));
    expect(back.ok && back.value).toEqual(household);
  });

  it.each([
    ['{"format": "olive', /not readable as JSON/],
    ['[]', /not a household file/],
    ['{"format":"olive-clock/household@7"}', /version 7, written by a later Olive Clock/],
    ['{"format":"olive-clock/household@0"}', /not a household file/],
    ['{"format":"olive-clock/household@1"}', /./],
  ])('refuses %s in words', (text, message) => {
    const refused = parseHousehold(text);
    expect(refused.ok).toBe(false);
    if (!refused.ok) {
      expect(refused.problems[0]?.message).toMatch(message);
      expect(refused.problems[0]?.remedy).toBeTruthy();
    }
  });

  const refusedWith = (change: Partial<Household>): string[] => {
    const back = parseHousehold(JSON.stringify({ ...demoHousehold(NOW), ...change }));
    return back.ok ? [] : back.problems.map((p) => `${p.field}: ${p.message}`);
  };

  it('what is there twice is named', () => {
    const { dishes, stores, larder } = demoHousehold(NOW);
    const [first, second] = stores;
    if (!first || !second) throw new Error('no stores');
    expect(refusedWith({ dishes: [...dishes, ...dishes.slice(0, 1)] })).toEqual([
      `dishes: “${dishes[0]?.id}” is there twice; leave one out`,
    ]);
    expect(refusedWith({ stores: [first, { ...second, code: first.code }] })).toEqual([
      `stores: “${first.code}” is there twice; leave one out`,
    ]);
    // The same name, written large.
    const food = larder[0]?.food.toUpperCase() ?? '';
    expect(
      refusedWith({ larder: [...larder, { food, amount: 1, unit: null, useBy: null }] }).length,
    ).toBe(1);
  });

  it('a photo is an image of its kind, in base64, of 5 MB at most', () => {
    const photo = (base64: string, type = 'image/png'): Partial<Household> => ({
      photos: [{ of: 'lamb-apricots', at: NOW, type: type as 'image/png', base64 }],
    });
    const png = 'iVBORw0KGgoAAAANSUhEUg==';
    expect(refusedWith(photo(png))).toEqual([]);
    expect(refusedWith(photo(`/9j/${'A'.repeat(6_000_000)}`, 'image/jpeg'))).toEqual([]);
    for (const [text, type] of [
      [png, 'image/jpeg'],
      [png.slice(1), 'image/png'],
      [`${png.slice(0, -3)}*==`, 'image/png'],
      ['PHNjcmlwdD4=', 'image/png'],
      ['', 'image/png'],
    ])
      expect(refusedWith(photo(text ?? '', type))).toHaveLength(1);
    expect(refusedWith(photo(`/9j/${'A'.repeat(7_000_000)}`, 'image/jpeg'))[0]).toContain('5 MB');
  });

  it('names the field that is wrong', () => {
    const household = demoHousehold(NOW);
    const [cooker] = household.kitchen.cookers;
    if (cooker) cooker.litres = 0;
    const refused = parseHousehold(JSON.stringify(household));
    expect(!refused.ok && refused.problems[0]?.field).toBe('kitchen.cookers.0.litres');
    if (cooker) cooker.litres = 7.6;
  });
});
