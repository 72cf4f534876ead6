/** Lengths in lines of ingredients: an inch is 25.4 mm (NIST Handbook 44). */
import { describe, expect, it } from 'vitest';
import { readIngredients, thicknessIn } from './ingredients';

describe('how thick the pieces are', () => {
  it.each([
    ['in 1/2-inch dice', 13],
    ['cut into 1/2 inch dice', 13],
    ['½-inch dice', 13],
    ['1 1/2-inch chunks', 38],
    ['1½" chunks', 38],
    ['3/4" thick', 19],
    ['half an inch thick', 13],
    ['an inch thick', 25],
    ['in 2.5cm pieces', 25],
    ['5 cm cubes', 50],
    ['12 mm slices', 12],
    // The way through is the least of them.
    ['in 2 x 3 inch pieces', 51],
    ['cut 2 in half', undefined],
    ['in 8 pieces', undefined],
  ])('%s: %s mm', (text, mm) => {
    expect(thicknessIn(text)).toBe(mm);
  });
});

describe('a length is no number of pieces', () => {
  it.each([
    ['2" ginger, sliced', 51],
    ['2" piece ginger, sliced', 51],
    ['1/2 inch piece ginger', 13],
    ['3 cm piece of ginger', 30],
    ['3cm piece ginger, grated', 30],
  ])('%s', (line, mm) => {
    const [ginger] = readIngredients([line]).map((r) => r.ingredient);
    expect(ginger).toMatchObject({ id: 'ginger', amount: null, pieceMm: mm });
  });
});
