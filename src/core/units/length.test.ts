import { describe, expect, it } from 'vitest';
import { parseLength } from './length';

describe('a length as a cook says it', () => {
  it.each([
    ['3 cm', 30],
    ['2,5 cm', 25],
    ['30 mm', 30],
    ['1¼ in', 31.75],
    ['1 1/2 inches', 38.1],
    ['2"', 50.8],
    // On the edge between what is centimetres and what is millimetres.
    ['12', 120],
    ['12.5', 12.5],
    ['60', 60],
  ])('%s is %f mm', (text, mm) => {
    expect(parseLength(text)).toBeCloseTo(mm, 6);
  });

  it('a small bare number is in the household’s own unit', () => {
    expect(parseLength('2', 'in')).toBeCloseTo(50.8, 6);
    expect(parseLength('45', 'in')).toBe(45);
  });

  it.each(['', 'thick', 'cm', '-'])('“%s” is none', (text) => {
    expect(parseLength(text)).toBeNaN();
  });
});
