import { describe, expect, it } from 'vitest';
import { groupsOf } from './groups';
import type { Problem } from './problem';

const problem = (change: Partial<Problem>): Problem => ({
  ...{ format: 'olive-clock/problem@1', serveAt: 0, earliest: -600 },
  steps: [],
  ...change,
});

describe('what is placed together, and in which order', () => {
  it('is linked, or in one stay', () => {
    const found = groupsOf(
      problem({
        blocks: [{ id: 'pot', units: ['a'] }],
        steps: [
          { id: 'cut', minutes: 5 },
          { id: 'lid', minutes: 1, block: 'pot' },
          { id: 'rinse', minutes: 1, block: 'pot' },
          { id: 'salad', minutes: 5 },
        ],
        links: [{ from: 'cut', to: 'lid' }],
        dishes: [{ id: 'd', ready: 'lid' }],
      }),
    );
    expect(found).toEqual({ steps: [0, 0, 0, 1], blocks: [0], count: 2 });
  });

  it('nearest to the table is what is dear to keep for its minutes (Smith 1956)', () => {
    const dishes = [
      { id: 'long', ready: 'long', holdCost: 2 },
      { id: 'short', ready: 'short', holdCost: 1 },
      { id: 'free', ready: 'free', holdCost: 0 },
    ];
    const steps = [
      { id: 'free', minutes: 1 },
      { id: 'long', minutes: 60 },
      { id: 'short', minutes: 29 },
    ];
    // 2 in 60 is less than 1 in 29, and more than 1 in 31.
    expect(groupsOf(problem({ steps, dishes })).steps).toEqual([2, 1, 0]);
    const slower = steps.map((s) => (s.id === 'short' ? { ...s, minutes: { a: 31, b: 3 } } : s));
    expect(groupsOf(problem({ steps: slower, dishes })).steps).toEqual([2, 0, 1]);
  });

  it('of equals, what may wait least', () => {
    const steps = [
      { id: 'a', minutes: 5 },
      { id: 'b', minutes: 5 },
    ];
    const dishes = [
      { id: 'a', ready: 'a' },
      { id: 'b', ready: 'b', holdMax: 20 },
    ];
    expect(groupsOf(problem({ steps, dishes })).steps).toEqual([1, 0]);
  });
});
