import { describe, expect, it } from 'vitest';
import { dishBy } from '../../../tests/support/dishes';
import type { Ingredient } from '../dish';
import { dishSchema } from '../dish';
import { glutDish } from './glut';
import { useUp } from './use-up';
import type { LarderItem } from './larder';

const TODAY = '2026-11-25';
const TOMORROW = '2026-11-26';
const tomatoes = (amount: number | null, food = 'tomatoes'): LarderItem => ({
  food,
  amount,
  unit: amount === null ? null : 'g',
  useBy: TOMORROW,
});
const using = (id: string, ingredient: Partial<Ingredient>) => dishBy(id, [ingredient]);
const due = (item: LarderItem, ...dishes: ReturnType<typeof using>[]) =>
  useUp([item], dishes, TODAY)[0];

describe('which dishes take how much of what is due', () => {
  it('most first, each with its amount and its share', () => {
    const found = due(
      tomatoes(2000),
      using('little', { food: 'tomatoes', amount: 200, unit: 'g' }),
      using('much', { food: 'ripe tomatoes', amount: 1, unit: 'kg' }),
      using('none', { food: 'canned tomatoes', amount: 800, unit: 'g' }),
    );
    expect(found?.dishes).toEqual([
      { id: 'much', name: 'much', servings: 4, takes: { amount: 1, unit: 'kg' }, share: 0.5 },
      { id: 'little', name: 'little', servings: 4, takes: { amount: 200, unit: 'g' }, share: 0.1 },
    ]);
  });

  it('how much is there is not said: no share, and no glut', () => {
    const found = due(tomatoes(null), using('much', { food: 'tomatoes', amount: 1, unit: 'kg' }));
    expect(found?.dishes[0]?.share).toBeNull();
    expect(found?.ways).toEqual([]);
  });

  it('another kind of a fresh vegetable takes its place, another form does not', () => {
    const cherry = using('cherry', { food: 'cherry tomatoes', amount: 200, unit: 'g' });
    const dried = using('dried', { food: 'sun-dried tomatoes', amount: 50, unit: 'g' });
    expect(due(tomatoes(500), cherry, dried)?.dishes.map((d) => d.id)).toEqual(['cherry']);
  });
});

describe('a glut', () => {
  it('is a kilo that no dish takes most of; what has passed its day is none', () => {
    expect(due(tomatoes(999))?.ways).toEqual([]);
    expect(due(tomatoes(1000))?.ways.map((w) => w.kind)).toEqual(['sauce', 'soup-base']);
    const most = using('most', { food: 'tomatoes', amount: 750, unit: 'g' });
    expect(due(tomatoes(1000), most)?.ways).toEqual([]);
    expect(useUp([{ ...tomatoes(2000), useBy: '2026-11-24' }], [], TODAY)[0]?.ways).toEqual([]);
  });

  it('two kilos fill two bags of four; fruit becomes compote; cans are no glut', () => {
    expect(due(tomatoes(2000))?.ways[0]).toMatchObject({ name: 'Tomato sauce', bags: 2 });
    expect(due(tomatoes(2000, 'plums'))?.ways.map((w) => w.kind)).toEqual(['compote']);
    expect(due(tomatoes(2000, 'canned tomatoes'))?.ways).toEqual([]);
    expect(due(tomatoes(2000, 'blorps'))?.ways).toEqual([]);
  });

  it('is a dish with all of it in, whose times are marked as estimates', () => {
    const dish = glutDish(tomatoes(2000), 'sauce', 'glut');
    expect(dishSchema.safeParse(dish).success).toBe(true);
    expect(dish?.ingredients[0]).toMatchObject({ amount: 2000, unit: 'g' });
    expect(dish?.bulk).toBe(true);
    expect(dish?.stages.every((s) => s.kind === 'prep' || s.guessed)).toBe(true);
    expect(glutDish(tomatoes(null), 'sauce', 'glut')).toBeNull();
  });
});
