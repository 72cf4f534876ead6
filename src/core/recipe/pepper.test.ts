/** The spice and the vegetable have one name; what is said around it tells which (common practice). */
import { describe, expect, it } from 'vitest';
import { findFood } from '../food';
import { readIngredients } from './ingredients';

const foods = (line: string): (string | undefined)[] =>
  readIngredients([line]).map((r) => findFood(r.ingredient.food)?.id);

describe('pepper', () => {
  it.each([
    '1 tsp pepper',
    '½ tsp freshly ground pepper',
    'a pinch of pepper',
    'pepper to taste',
    'pepper',
    '5 grinds of pepper',
  ])('%s is the spice', (line) => {
    expect(foods(line)).toEqual(['black-pepper']);
  });

  it.each(['1 pepper, sliced', '2 peppers', '1 red pepper', 'pepper, sliced'])(
    '%s is the vegetable',
    (line) => {
      expect(foods(line)).toEqual(['bell-pepper']);
    },
  );

  it.each([
    'salt and pepper',
    'Salt & pepper to taste',
    'salt, pepper',
    '1½ tsp salt and pepper',
    'Sea salt and freshly ground black pepper, to taste',
  ])('%s is two things, and how much is said of both stays', (line) => {
    expect(foods(line)).toEqual(['salt', 'black-pepper']);
    const preparations = readIngredients([line]).map((r) => r.ingredient.preparation);
    if (line.includes('to taste'))
      for (const own of preparations) expect(own).toContain('to taste');
  });
});
