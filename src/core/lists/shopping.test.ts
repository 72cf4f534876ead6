import { describe, expect, it } from 'vitest';
import { type Dish, type Ingredient } from '../dish';
import { shoppingList, stockFoods, useUp, type LarderItem, type Price, type Wanted } from './index';
import { storeItemSchema, type StoreItem } from '../storage';
import { dishBy } from '../../../tests/support/dishes';

const dish = dishBy;
const want = (d: Dish): Wanted => ({ dish: d, servings: 4, meal: 'Supper', withDishes: new Set() });
const have = (food: string, amount: number | null, unit: LarderItem['unit']): LarderItem => ({
  food,
  amount,
  unit,
  useBy: null,
});
const listOf = (
  ingredients: Partial<Ingredient>[],
  house: (LarderItem & { where?: string; isFrozen?: boolean })[] = [],
  prices: Price[] = [],
) => shoppingList([want(dish('a', ingredients))], house, prices);

describe('what is bought', () => {
  it('goes aisle by aisle, and by name within one', () => {
    const foods = ['salmon', 'yogurt', 'onion', 'zork', 'carrot', 'apple', 'chicken thigh'];
    expect(listOf(foods.map((food) => ({ food }))).lines.map((l) => [l.aisle, l.food])).toEqual([
      ['vegetables', 'carrot'],
      ['vegetables', 'onion'],
      ['fruit', 'apple'],
      ['meat', 'chicken thigh'],
      ['fish', 'salmon'],
      ['dairy', 'yogurt'],
      // Nobody knows it: it is bought all the same.
      ['larder', 'zork'],
    ]);
  });

  it('weights add up in grams, volumes in millilitres, whatever they were written in', () => {
    const [flour] = listOf([
      { food: 'flour', amount: 1, unit: 'kg' },
      { food: 'flour', amount: 200, unit: 'g' },
    ]).lines;
    expect(flour?.buy).toEqual({ amount: 1200, unit: 'g' });
    const [milk] = listOf([
      { food: 'milk', amount: 1, unit: 'l' },
      { food: 'milk', amount: 250, unit: 'ml' },
    ]).lines;
    expect(milk?.buy).toEqual({ amount: 1250, unit: 'ml' });
  });

  it('what can’t be added stands as the first, and its parts say all of it', () => {
    const [zork] = listOf([
      { food: 'zork', amount: 2, preparation: 'diced' },
      { food: 'zork', amount: 100, unit: 'g' },
    ]).lines;
    expect(zork?.needed).toEqual({ amount: 2, unit: 'piece' });
    const part = { meal: 'Supper', dish: 'a', food: 'zork' };
    expect(zork?.parts).toEqual([
      { ...part, quantity: { amount: 2, unit: 'piece' }, preparation: 'diced' },
      { ...part, quantity: { amount: 100, unit: 'g' }, preparation: '' },
    ]);
  });

  it('cans and pieces of one food are no one count', () => {
    const [tomato] = listOf([
      { food: 'tomato', amount: 2, unit: 'can' },
      { food: 'tomato', amount: 1, unit: 'piece' },
    ]).lines;
    expect(tomato?.needed).not.toEqual({ amount: 3, unit: 'can' });
  });

  it('with no amount it is on the list with none; enough of it in the house, and it is not', () => {
    const salt = [{ food: 'salt', amount: null, unit: null }];
    expect(listOf(salt).lines).toMatchObject([{ buy: null, needed: null, because: [] }]);
    const there = listOf(salt, [have('salt', null, null)]);
    expect(there.lines).toEqual([]);
    expect(there.inHouse).toMatchObject([{ because: ['enough in the house'] }]);
  });

  it('a part of one is one, and says that it is sold whole; a whole one does not say it', () => {
    const [half] = listOf([{ food: 'lemon', amount: 0.5 }]).lines;
    expect(half).toMatchObject({ buy: { amount: 1 }, needed: { amount: 0.5 } });
    expect(half?.because).toEqual(['sold whole']);
    expect(listOf([{ food: 'lemon', amount: 2 }]).lines[0]?.because).toEqual([]);
    // What is weighed is not rounded.
    expect(listOf([{ food: 'flour', amount: 0.5, unit: 'g' }]).lines[0]?.buy?.amount).toBe(0.5);
  });
});

describe('what is in the house', () => {
  const flour = [{ food: 'flour', amount: 500, unit: 'g' as const }];

  it('is taken off; exactly enough of it, and nothing is bought', () => {
    const less = listOf(flour, [have('flour', 499, 'g')]);
    expect(less.lines).toMatchObject([
      { buy: { amount: 1 }, needed: { amount: 500 }, because: ['less what is in the house'] },
    ]);
    const enough = listOf(flour, [have('flour', 500, 'g')]);
    expect(enough.lines).toEqual([]);
    expect(enough.inHouse).toMatchObject([
      { buy: { amount: 0 }, because: ['enough in the house'] },
    ]);
  });

  it('a bag or pack is named by where it lies', () => {
    const pack = { ...have('flour', 200, 'g'), where: 'DAKE in the fridge' };
    expect(listOf(flour, [pack]).lines[0]?.because).toEqual(['less what is DAKE in the fridge']);
    expect(listOf(flour, [{ ...pack, amount: 600 }]).inHouse[0]?.because).toEqual([
      'enough: DAKE in the fridge',
    ]);
  });

  it('what is frozen is told of and not taken off', () => {
    const pack = { ...have('flour', 600, 'g'), where: 'DAKE in the freezer', isFrozen: true };
    const [line] = listOf(flour, [pack]).lines;
    expect(line?.buy).toEqual({ amount: 500, unit: 'g' });
    expect(line?.because[0]).toContain('or DAKE in the freezer');
  });

  it('of another food, or in a unit that tells nothing, takes nothing off', () => {
    expect(listOf(flour, [have('rice', 500, 'g')]).lines[0]?.buy?.amount).toBe(500);
    const zork = [{ food: 'zork', amount: 500, unit: 'g' as const }];
    expect(listOf(zork, [have('zork', 2, 'piece')]).lines[0]?.buy?.amount).toBe(500);
  });

  it('pieces are taken off weights by what one weighs, cups by what a cup holds', () => {
    const onions = [{ food: 'onion', amount: 1, unit: 'kg' as const }];
    const [onion] = listOf(onions, [have('onion', 2, 'piece')]).lines;
    expect(onion?.buy?.amount).toBeGreaterThan(600);
    expect(onion?.buy?.amount).toBeLessThan(900);
    const [milk] = listOf([{ food: 'milk', amount: 1, unit: 'l' }], [have('milk', 1, 'cup')]).lines;
    expect(milk?.buy?.amount).toBeCloseTo(1000 - 236.6, 0);
  });
});

describe('what it costs', () => {
  const price = (food: string, per: Price['per'], of: number): Price => ({ food, per, price: of });

  it('only what is bought, to the cent; what no price fits is counted and not guessed', () => {
    const list = listOf(
      [
        { food: 'flour', amount: 333, unit: 'g' },
        { food: 'lemon', amount: 2 },
        { food: 'zork', amount: 1 },
        { food: 'rice', amount: 1, unit: 'kg' },
      ],
      [have('rice', 1, 'kg')],
      [
        price('flour', 'kg', 1.99),
        price('lemon', 'piece', 0.5),
        price('zork', 'kg', 9),
        price('rice', 'kg', 3),
      ],
    );
    expect(list.lines.map((l) => [l.food, l.cost])).toEqual([
      ['lemon', 1],
      ['zork', null],
      ['flour', 0.66],
    ]);
    expect(list.total).toBeCloseTo(1.66, 9);
    expect(list.unpriced).toBe(1);
  });

  it('of two prices the first that fits its unit counts', () => {
    const list = listOf(
      [{ food: 'zork', amount: 3 }],
      [],
      [price('zork', 'kg', 9), price('zork', 'piece', 2)],
    );
    expect(list.total).toBe(6);
  });
});

describe('raw food in packs', () => {
  const pack = (more: Partial<StoreItem> = {}): StoreItem =>
    storeItemSchema.parse({
      id: 'a',
      code: 'DAKE',
      name: 'Hake',
      place: 'freezer',
      portions: 2,
      packedOn: '2026-11-01',
      useBy: '2027-02-01',
      why: 'quality',
      keepsAs: 'fish',
      contents: { kind: 'pack', food: 'hake', grams: 450, isRaw: true },
      ...more,
    });
  const madeOf = (grams: number): Dish => ({
    ...dish('fish', [
      { food: 'hake', amount: grams, unit: 'g', fromStore: true },
      { food: 'fennel', amount: 900, unit: 'g' },
    ]),
    ref: { kind: 'bulk', id: 'fish', code: 'DAKE' },
  });

  it('is there by weight, and says where and whether it is frozen', () => {
    expect(stockFoods([pack()], [])).toEqual([
      {
        food: 'hake',
        amount: 900,
        unit: 'g',
        useBy: '2027-02-01',
        where: 'DAKE in the freezer',
        isFrozen: true,
      },
    ]);
    expect(stockFoods([pack({ place: 'fridge' })], [])[0]?.isFrozen).toBe(false);
  });

  it('less what dishes made of it take, of all of them; all taken, and it is not there', () => {
    const wants = (...grams: number[]) =>
      stockFoods(
        [pack()],
        grams.map((g) => ({ dish: madeOf(g), servings: 4 })),
      ).map((f) => f.amount);
    expect(wants(400)).toEqual([500]);
    expect(wants(400, 499)).toEqual([1]);
    expect(wants(400, 500)).toEqual([]);
    // A dish as it is written takes nothing out of the freezer.
    const written = { dish: { ...madeOf(400), ref: undefined }, servings: 4 };
    expect(stockFoods([pack()], [written])[0]?.amount).toBe(900);
  });

  it('cooked food and bags of dishes are no food to be cooked with', () => {
    const ready = { kind: 'pack', food: 'ham', grams: 100, isRaw: false } as const;
    expect(stockFoods([pack({ contents: ready })], [])).toEqual([]);
    expect(stockFoods([pack({ contents: { kind: 'kit', dishId: null } })], [])).toEqual([]);
  });
});

describe('what is used up first', () => {
  const due = (useBy: string | null, food = 'fennel') =>
    useUp(
      [{ food, amount: 1, unit: 'piece', useBy }],
      [dish('with', [{ food: 'fennel' }]), dish('without', [{ food: 'rice' }])],
      '2026-11-25',
    );

  it('within ten days, passed ones too; what has no day does not press', () => {
    expect(due('2026-12-05')[0]?.days).toBe(10);
    expect(due('2026-12-06')).toEqual([]);
    expect(due('2026-11-20')[0]?.days).toBe(-5);
    expect(due(null)).toEqual([]);
  });

  it('names the dishes that take it and no others', () => {
    expect(due('2026-11-26')[0]?.dishes.map((d) => d.id)).toEqual(['with']);
    expect(due('2026-11-26', 'zork')[0]?.dishes).toEqual([]);
  });
});
