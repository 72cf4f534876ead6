/** Two foods of one name: what is said around it tells which (common practice). */
import { describe, expect, it } from 'vitest';
import { findFood } from '../food';
import { readIngredients } from './ingredients';

const foods = (line: string): (string | undefined)[] =>
  readIngredients([line]).map((r) => findFood(r.ingredient.food)?.id);

describe('a bird that is counted', () => {
  it.each([
    ['1 chicken', 'whole-chicken'],
    ['1 large duck, trimmed', 'duck-whole'],
    ['500 g chicken', 'chicken-breast'],
    ['1 chicken breast', 'chicken-breast'],
  ])('%s', (line, id) => {
    expect(foods(line)).toEqual([id]);
  });
});

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

describe('coriander', () => {
  it.each([
    '1 bunch coriander',
    'a handful of coriander',
    '2 tbsp chopped coriander',
    'coriander, to serve',
    'a few sprigs of coriander',
  ])('%s is green', (line) => {
    expect(foods(line)).toEqual(['cilantro']);
  });

  it.each(['1 tsp coriander', '1 tbsp coriander seeds', '1 tsp ground coriander'])(
    '%s is the spice',
    (line) => {
      expect(foods(line)).toEqual(['coriander']);
    },
  );
});

describe('cloves', () => {
  it('without garlic are the spice, and are not lost', () => {
    expect(foods('4 cloves')).toEqual(['cloves']);
    expect(foods('2 cloves garlic, chopped')).toEqual(['garlic']);
  });
});
