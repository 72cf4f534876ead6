import { describe, expect, it } from 'vitest';
import { foodByNumber } from './index';

/** English plurals of foods, from memory; what is not surely counted stays as it is written. */
describe('a food by how many there are', () => {
  it.each([
    ['onion', 2, 'onions'],
    ['onion', 1, 'onion'],
    ['onions', 1, 'onion'],
    ['shallot', 1.5, 'shallots'],
    ['bay leaf', 3, 'bay leaves'],
    ['bay leaves', 1, 'bay leaf'],
    ['tomato', 2, 'tomatoes'],
    ['potatoes', 1, 'potato'],
    ['radish', 6, 'radishes'],
    ['peaches', 1, 'peach'],
    ['cherry', 4, 'cherries'],
    ['loaf of bread', 2, 'loaves of bread'],
    ['carrots (large)', 1, 'carrot (large)'],
    ['asparagus', 2, 'asparagus'],
    ['asparagus', 1, 'asparagus'],
    ['capers', 1, 'capers'],
    ['garlic', 2, 'garlic'],
    ['salmon', 2, 'salmon'],
    ['whole chicken', 2, 'whole chicken'],
    ['lemons', 0.5, 'lemon'],
  ] as const)('%s, %s', (food, amount, expected) => {
    expect(foodByNumber(food, amount)).toBe(expected);
  });

  it('goes by the number that is written beside it', () => {
    expect(foodByNumber('lemons', 1.2, '1')).toBe('lemon');
    expect(foodByNumber('lemon', 1.2, '1¼')).toBe('lemons');
  });
});
