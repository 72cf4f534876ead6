import { describe, expect, it } from 'vitest';
import { dishBy } from '../../../tests/support/dishes';
import { servedWith } from './serve-with';

const soup = (text: string, notes = '') =>
  servedWith(
    dishBy('soup', [{ food: 'lentils' }], {
      notes,
      stages: [{ id: 's', kind: 'finish', minutes: 1, inCooker: false, text, uses: ['i0'] }],
    }),
  );

describe('what stands beside a dish', () => {
  it('is named by its text, each food once, in its words', () => {
    expect(soup('Ladle into bowls. Serve hot with crusty bread and a green salad.')).toEqual([
      'crusty bread',
      'a green salad',
    ]);
    expect(soup('Stir.', 'Goes well with steamed rice. Serve with steamed rice.')).toEqual([
      'steamed rice',
    ]);
  });

  it('is neither what is in it nor what it is eaten by', () => {
    expect(soup('Serve with the lentils on top and lemon wedges')).toEqual(['lemon wedges']);
    expect(soup('Serve with a slotted spoon')).toEqual([]);
    expect(soup('Cook with the lid on')).toEqual([]);
  });
});
