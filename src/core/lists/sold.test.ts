import { describe, expect, it } from 'vitest';
import { dishBy } from '../../../tests/support/dishes';
import type { Ingredient } from '../dish';
import { shoppingList } from './shopping';
import { soldWords } from './sold';

const lines = (...ingredients: Partial<Ingredient>[]) =>
  shoppingList(
    [
      {
        dish: dishBy('a', ingredients),
        servings: 4,
        meal: 'Supper',
        withDishes: new Set<string>(),
      },
    ],
    [],
    [],
  ).lines;
const words = (...ingredients: Partial<Ingredient>[]) =>
  lines(...ingredients).map((l) => (l.sold ? soldWords(l.sold, 'metric') : null));

/** Usual cans, bunches and heads are common practice; a label decides. */
describe('in what the shop sells it', () => {
  it('beans by the drained can, tomatoes by the whole one; one can is enough up to its edge', () => {
    const beans = (amount: number) => words({ food: 'canned black beans', amount, unit: 'g' })[0];
    expect(beans(250)).toBe('1 can of 250 g');
    expect(beans(262)).toBe('1 can of 250 g');
    expect(beans(263)).toBe('2 cans of 250 g');
    expect(words({ food: 'canned tomatoes', amount: 800, unit: 'g' })).toEqual(['2 cans of 400 g']);
  });

  it('a part of a can is a whole one, and the rest is over', () => {
    const [can] = lines({ food: 'chickpeas', amount: 1.5, unit: 'can' });
    expect(can).toMatchObject({
      sold: { count: 2, as: 'can', over: { amount: 0.5, unit: 'can' } },
    });
    expect(can?.overGrams).toBe(200);
    expect(can?.aisle).toBe('larder');
  });

  it('two cans of a size are two cans of it, for as many more people as many more', () => {
    // As “2 (14 oz) cans chickpeas, drained” is kept.
    const read = {
      food: 'chickpeas',
      amount: 28,
      unit: 'oz' as const,
      preparation: 'drained, 2 cans',
    };
    const [can] = lines(read);
    expect(can).toMatchObject({
      key: 'canned chickpea',
      sold: { count: 2, as: 'can', over: null },
    });
    expect(can?.sold?.each?.amount).toBeCloseTo(14 * 28.35, 0);
    const list = shoppingList(
      [{ dish: dishBy('a', [read]), servings: 6, meal: 'S', withDishes: new Set<string>() }],
      [],
      [],
    );
    expect(list.lines[0]?.sold?.count).toBe(3);
  });

  it('garlic by the head, celery too, herbs and spring onions by the bunch', () => {
    expect(words({ food: 'garlic', amount: 11, unit: 'clove' })).toEqual(['1 head']);
    expect(words({ food: 'garlic', amount: 13, unit: 'clove' })).toEqual(['2 heads']);
    expect(words({ food: 'celery stalks', amount: 3, unit: 'piece' })).toEqual(['1 head']);
    expect(words({ food: 'bunch of parsley', amount: 1, unit: 'piece' })).toEqual(['1 bunch']);
    expect(words({ food: 'parsley', amount: 50, unit: 'g' })).toEqual(['2 bunches']);
    expect(words({ food: 'spring onions', amount: 8, unit: 'piece' })).toEqual(['2 bunches']);
    // Out of a jar, not off a bush.
    expect(words({ food: 'dried parsley', amount: 2, unit: 'tsp' })).toEqual([null]);
  });

  it('a head and some cloves are added by weight; juice of a lemon is a lemon', () => {
    const [garlic] = lines(
      { food: 'head of garlic', amount: 1, unit: 'piece' },
      { food: 'garlic', amount: 6, unit: 'clove' },
    );
    expect(garlic).toMatchObject({ food: 'garlic', sold: { count: 2, as: 'head' } });
    expect(garlic?.needed).toEqual({ amount: 53, unit: 'g' });
    const [lemon] = lines(
      { food: 'juice of 2 lemons', amount: null, unit: null },
      { food: 'lemon', amount: 1, unit: 'piece' },
    );
    expect(lemon).toMatchObject({ buy: { amount: 3, unit: 'piece' } });
    expect(words({ food: 'sprigs thyme', amount: 3, unit: 'piece' })).toEqual(['1 bunch']);
  });

  it('juice by the fruit, yolks by the egg, vegetables by weight and about how many', () => {
    expect(words({ food: 'lemon juice', amount: 90, unit: 'ml' })).toEqual(['2 lemons']);
    expect(words({ food: 'lime juice', amount: 90, unit: 'ml' })).toEqual(['3 limes']);
    expect(words({ food: 'onion', amount: 440, unit: 'g' })).toEqual(['about 4']);
  });

  it('packs leave over what is not cooked', () => {
    const [rice] = lines({ food: 'rice', amount: 300, unit: 'g' });
    expect(rice).toMatchObject({ sold: { count: 1, as: 'pack' }, overGrams: 700 });
    const [all] = lines({ food: 'rice', amount: 1000, unit: 'g' });
    expect(all?.overGrams).toBeNull();
  });

  it('fresh, canned, frozen and powdered are lines of their own, each in its aisle', () => {
    const found = lines(
      { food: 'tomatoes', amount: 500, unit: 'g' },
      { food: 'tomatoes', amount: 2, unit: 'can' },
      { food: 'tomato paste', amount: 2, unit: 'tbsp' },
      { food: 'frozen peas', amount: 300, unit: 'g' },
      { food: 'garlic', amount: 2, unit: 'clove' },
      { food: 'garlic powder', amount: 1, unit: 'tsp' },
    ).map((l) => [l.food, l.aisle]);
    expect(found).toEqual([
      ['garlic', 'vegetables'],
      ['tomatoes', 'vegetables'],
      ['garlic powder', 'herbs and spices'],
      ['canned tomatoes', 'larder'],
      ['tomato paste', 'larder'],
      ['frozen peas', 'frozen'],
    ]);
  });

  it('what nobody knows has no pack, and is bought as it is written', () => {
    expect(words({ food: 'blorp', amount: 3, unit: 'piece' })).toEqual([null]);
  });
});

/** Sizes of the shelf in the United States: common practice. */
describe('for a household that counts in ounces and cups', () => {
  const us = (...ingredients: Partial<Ingredient>[]) =>
    shoppingList(
      [{ dish: dishBy('a', ingredients), servings: 4, meal: 'S', withDishes: new Set<string>() }],
      [],
      [],
      { system: 'us' },
    ).lines.map((l) => (l.sold ? soldWords(l.sold, 'us') : null));

  it('packs, cartons and cans are those of its shops', () => {
    expect(us({ food: 'butter', amount: 300, unit: 'g' })).toEqual(['1 pack of 1 lb']);
    expect(us({ food: 'chicken broth', amount: 4, unit: 'cup' })).toEqual(['1 bottle of 32 fl oz']);
    expect(us({ food: 'chicken broth', amount: 5, unit: 'cup' })).toEqual([
      '2 bottles of 32 fl oz',
    ]);
    expect(us({ food: 'flour', amount: 500, unit: 'g' })).toEqual(['1 pack of 5 lb']);
    expect(us({ food: 'canned black beans', amount: 260, unit: 'g' })).toEqual(['1 can of 15 oz']);
    expect(us({ food: 'canned black beans', amount: 270, unit: 'g' })).toEqual(['2 cans of 15 oz']);
  });

  it('bunches and heads are the same everywhere', () => {
    expect(us({ food: 'celery stalks', amount: 2 })).toEqual(['1 head']);
  });
});

describe('as nobody counts it', () => {
  it('handfuls are leaves by weight; bay leaves are counted', () => {
    expect(lines({ food: 'handfuls rocket', amount: 2 })[0]?.buy).toEqual({
      amount: 60,
      unit: 'g',
    });
    expect(lines({ food: 'bay leaves', amount: 3 })[0]?.buy).toEqual({ amount: 3, unit: 'piece' });
  });

  it('the bunch of thyme says that it is fresh, beside a jar of it', () => {
    const both = lines(
      { id: 'a', food: 'sprigs thyme', amount: 3 },
      { id: 'b', food: 'thyme', amount: 1, unit: 'tsp' },
    ).map((l) => l.food);
    expect(both).toEqual(['fresh thyme', 'thyme']);
  });

  it('juice comes out of the lemons that are bought anyway; alone it is lemons, too', () => {
    const juice = { id: 'j', food: 'lemon juice', amount: 60, unit: 'ml' as const };
    const both = lines(juice, { id: 'l', food: 'lemon', amount: 1, preparation: 'sliced' });
    // 60 ml is a lemon and a third (45 ml each); with the sliced one, three.
    expect(both).toHaveLength(1);
    expect(both[0]).toMatchObject({ food: 'lemon', buy: { amount: 3, unit: 'piece' } });
    expect(both[0]?.parts).toHaveLength(2);
    expect(words(juice)).toEqual(['2 lemons']);
  });

  it('butter or another fat is butter, where another dish wants butter', () => {
    const one = lines(
      { id: 'a', food: 'butter or goose fat', amount: 30, unit: 'g' },
      { id: 'b', food: 'butter', amount: 60, unit: 'g' },
    );
    expect(one).toHaveLength(1);
    expect(one[0]).toMatchObject({ food: 'butter', buy: { amount: 90, unit: 'g' } });
  });
});
