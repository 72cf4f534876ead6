import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema, parseHousehold, parseLine, type Household } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);

describe('ingredient lines', () => {
  it.each([
    [
      '1 (14 oz) can chickpeas, drained',
      { amount: 1, unit: 'can', food: 'chickpeas', preparation: 'drained', state: 'drained' },
    ],
    [
      '350 g lamb shoulder, cut into 5 cm cubes',
      { amount: 350, unit: 'g', food: 'lamb shoulder', preparation: 'cut into 5 cm cubes' },
    ],
    ['1 lb frozen peas', { amount: 1, unit: 'lb', food: 'peas', state: 'frozen' }],
    ['120 g dried apricots', { amount: 120, unit: 'g', food: 'dried apricots', state: 'dried' }],
    [
      '2 large onions, finely chopped',
      { amount: 2, unit: null, food: 'large onions', preparation: 'finely chopped' },
    ],
    ['salt to taste', { amount: null, food: 'salt', preparation: 'to taste' }],
    ['parsley, optional', { amount: null, food: 'parsley', optional: true }],
    ['• 2–3 tbsp olive oil', { amount: 2, amountTo: 3, unit: 'tbsp', food: 'olive oil' }],
    [
      '1 1/2 pounds boneless, skinless chicken thighs, cut up',
      { amount: 1.5, unit: 'lb', food: 'boneless skinless chicken thighs', preparation: 'cut up' },
    ],
    [
      '2 x 400 g tins chopped tomatoes',
      { amount: 2, unit: 'can', food: 'chopped tomatoes', packSize: { amount: 400, unit: 'g' } },
    ],
    ['1 heaping cup rice', { amount: 1, unit: 'cup', food: 'rice' }],
    ['1 cup chopped dill', { amount: 1, unit: 'cup', food: 'dill', preparation: 'chopped' }],
  ])('%s', (text, expected) => {
    expect(parseLine(text)).toMatchObject(expected);
  });

  it.each(['-2 cups broth', '1/0 cups broth'])('%s has no amount, and says so', (text) => {
    const line = parseLine(text);
    expect(line.amount).toBeNull();
    expect(line.because.join()).toMatch(/not a positive number/);
  });
});

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
    // The same food by another spelling.
    expect(
      refusedWith({ larder: [...larder, { food: 'Onion', amount: 1, unit: null, useBy: null }] })
        .length,
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
