import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Ingredient } from '../dish';
import { lineOf, rewriteIngredient } from './rewrite';

const lamb: Ingredient = {
  id: 'lamb',
  food: 'lamb shoulder',
  amount: 950,
  unit: 'g',
  preparation: 'in 5 cm cubes',
  role: 'main',
  scaling: 'with-pot',
  pieceMm: 50,
};
const rewritten = (text: string, before: Ingredient = lamb): Ingredient[] => {
  const found = rewriteIngredient(before, text, new Set(['lamb', 'salt']));
  if (!found.ok) throw new Error(found.problems[0]?.message);
  return found.value;
};

describe('an ingredient as a line', () => {
  it('is what a recipe would say', () => {
    expect(lineOf(lamb)).toBe('950 g lamb shoulder, in 5 cm cubes');
    expect(lineOf({ ...lamb, amount: 1.5, unit: 'cup' })).toBe(
      '1½ cups lamb shoulder, in 5 cm cubes',
    );
    expect(lineOf({ ...lamb, amount: 2, unit: 'piece', preparation: '' })).toBe('2 lamb shoulder');
    expect(lineOf({ ...lamb, amount: null, unit: null, frozen: true })).toBe(
      'frozen lamb shoulder, in 5 cm cubes',
    );
  });

  it('read back unchanged, every ingredient of the sample dishes is what it was', () => {
    const dishes = demoHousehold(0).dishes.map((d) => dishSchema.parse(d));
    for (const dish of dishes)
      for (const own of dish.ingredients)
        expect(rewritten(lineOf(own), own), `${dish.name}: ${lineOf(own)}`).toEqual([own]);
  });

  it('changes only what was changed', () => {
    expect(rewritten('1.2 kg lamb shoulder, in 5 cm cubes')).toEqual([
      { ...lamb, amount: 1.2, unit: 'kg' },
    ]);
    expect(rewritten('950 g lamb shoulder, in 3 cm cubes')).toEqual([
      { ...lamb, preparation: 'in 3 cm cubes', pieceMm: 30 },
    ]);
  });

  it('of another food it has another role; what was said of the first is gone', () => {
    const stock = { ...lamb, takes: { dish: 'x', product: 'broth' } };
    const [after] = rewritten('500 ml vegetable stock', stock);
    expect(after).toMatchObject({ id: 'lamb', food: 'vegetable stock', role: 'liquid' });
    expect(after?.takes).toBeUndefined();
    expect(after?.pieceMm).toBeUndefined();
  });

  it('two foods in a line are two, with ids of their own', () => {
    expect(rewritten('salt and pepper').map((i) => i.id)).toEqual(['lamb', 'black-pepper']);
  });

  it('without any food it is refused, and nothing is changed', () => {
    expect(rewriteIngredient(lamb, '  ', new Set()).ok).toBe(false);
  });
});
