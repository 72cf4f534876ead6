/** Foods called after another, and foods whose label decides: who may eat them. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported } from '../../../tests/support/imported';
import { allergensOf, dietsOf, scaleDish, type Diet } from './index';

const scaled = (food: string) => {
  const { dish } = imported(`500 g ${food}`, 'High pressure, 8 minutes. Quick release.');
  return scaleDish(dish, dish.servings);
};
const fits = (food: string, diet: Diet): boolean | null | undefined =>
  dietsOf(scaled(food)).find((d) => d.diet === diet)?.fits;
const contains = (food: string): string[] =>
  allergensOf(scaled(food)).contains.map((c) => c.allergen);

describe('plants that are called after an animal', () => {
  it.each(['oyster mushrooms', 'crab apples', 'beef tomatoes', 'lamb’s lettuce'])(
    '%s are vegan and hold nothing of it',
    (food) => {
      expect(fits(food, 'vegan')).toBe(true);
      expect(contains(food)).toEqual([]);
    },
  );

  it.each(['oysters', 'crab', 'oyster sauce'])('%s are not', (food) =>
    expect(fits(food, 'vegetarian')).toBe(false),
  );
});

describe('what the label decides', () => {
  it.each(['merguez', 'bratwurst', 'chicken sausages', 'pork sausages'])(
    '%s: of an animal, and nobody knows whether there is rusk in it',
    (food) => {
      expect(fits(food, 'vegetarian')).toBe(false);
      expect(fits(food, 'no gluten')).toBeNull();
      expect(allergensOf(scaled(food)).isKnown).toBe(false);
    },
  );

  it('white pudding is a sausage with oats, and no custard', () => {
    expect(fits('white pudding', 'vegetarian')).toBe(false);
    expect(contains('white pudding')).toEqual(['gluten']);
    expect(contains('custard')).toEqual(['milk', 'egg']);
  });

  it('made like another food, it holds nothing of an animal and is known no further', () => {
    expect(contains('vegan fish sauce')).not.toContain('fish');
    expect(contains('vegan pastry')).toEqual(['gluten']);
    expect(allergensOf(scaled('vegan pastry')).isKnown).toBe(false);
    expect(contains('fish sauce')).toContain('fish');
  });
});

it.each([
  ['bresaola', true],
  ['prosciutto', false],
  ['nduja', false],
])('%s, no pork: %s', (food, expected) => expect(fits(food, 'no pork')).toBe(expected));

it.each([
  ['coconut aminos', 'soy'],
  ['nutritional yeast', 'gluten'],
  ['brown sauce', 'fish'],
  ['zhoug', 'nuts'],
])('%s is no row of another food: no %s', (food, allergen) =>
  expect(contains(food)).not.toContain(allergen),
);
