import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { demoHousehold } from '../../demo/household';
import {
  compareDishes,
  dietsOf,
  dishSchema,
  layersAt,
  scaleDish,
  slowVersion,
  substitute,
  substitutesFor,
  type Diet,
  type Dish,
  type Ingredient,
} from './index';

const { dishes } = demoHousehold(Date.parse('2026-10-01T12:00:00Z'));
const dishOf = (id: string): Dish => {
  const found = dishes.find((d) => d.id === id);
  if (!found) throw new Error(id);
  return found;
};
const ingredient = (
  food: string,
  amount: number,
  unit: Ingredient['unit'],
  more = {},
): Ingredient => ({
  id: 'x',
  food,
  amount,
  unit,
  preparation: '',
  role: 'base',
  scaling: 'proportional',
  ...more,
});

describe('diets', () => {
  const fits = (foods: string[], diet: Diet) =>
    dietsOf(
      scaleDish(
        {
          ...dishOf('beetroot-dill'),
          stages: [],
          ingredients: foods.map((f, i) => ({ ...ingredient(f, 100, 'g'), id: String(i) })),
        },
        4,
      ),
    ).find((d) => d.diet === diet);

  it.each<[string[], Diet, boolean | null]>([
    [['lamb shoulder'], 'vegetarian', false],
    [['chickpeas', 'olive oil'], 'vegan', true],
    [['yogurt'], 'vegetarian', true],
    [['yogurt'], 'vegan', false],
    [['honey'], 'vegan', false],
    [['broth'], 'vegetarian', null],
    [['vegetable broth'], 'vegetarian', true],
    [['bulgur'], 'no gluten', false],
    [['rice'], 'no gluten', true],
    [['bacon'], 'no pork', false],
    [['butter'], 'no milk', false],
    [['almonds'], 'no nuts', false],
    [['a thing nobody knows'], 'vegan', null],
    [[], 'vegan', null],
    [[], 'no nuts', null],
    [['walnut oil'], 'no nuts', false],
    [['beef meatballs'], 'vegetarian', false],
    [['beef meatballs'], 'no gluten', null],
    [['chicken broth'], 'vegetarian', false],
    [['vegan sausages'], 'vegetarian', true],
    [['oat milk'], 'vegan', null],
    [['lard'], 'vegetarian', false],
    [['gluten-free pasta'], 'no gluten', true],
  ])('%s, %s: %s', (foods, diet, expected) => {
    expect(fits(foods, diet)?.fits).toBe(expected);
  });
});

describe('versions', () => {
  it('says what changed, and nothing where nothing did', () => {
    const before = dishOf('lamb-apricots');
    expect(compareDishes(before, before, 'metric')).toEqual([]);
    const after: Dish = {
      ...before,
      ingredients: before.ingredients.slice(1),
      stages: before.stages.map((s) => (s.kind === 'pressure' ? { ...s, holdMinutes: 47 } : s)),
      notes: 'Two minutes more.',
    };
    const said = compareDishes(before, after, 'metric').join('\n');
    expect(said).toContain(`without ${before.ingredients[0]?.food}`);
    expect(said).toMatch(/45 min high.*→.*47 min high/);
    expect(said).toContain('notes changed');
    expect(
      compareDishes(before, { ...before, stages: [...before.stages].reverse() }, 'metric'),
    ).toEqual(['stages in another order']);
  });
});

describe('substitutes (common practice)', () => {
  it('dried for fresh herbs goes 1 : 3 by volume, and back again', () => {
    const [dried] = substitutesFor(ingredient('parsley', 21, 'g'));
    expect(dried).toMatchObject({ food: 'dried parsley', amount: 3, unit: 'g' });
    const [fresh] = substitutesFor(ingredient('dried thyme', 3, 'g'));
    expect(fresh).toMatchObject({ food: 'fresh thyme', amount: 21 });
  });

  it('canned for dried pulses weighs 2.4 times as much, and the hold falls', () => {
    const [canned] = substitutesFor(ingredient('dry chickpeas', 500, 'g'));
    expect(canned).toMatchObject({ food: 'canned chickpeas', amount: 1200 });
    expect(canned?.consequences.join()).toMatch(/0–5 min at pressure/);
  });

  it('names the allergen that it brings', () => {
    const [flour] = substitutesFor(ingredient('cornstarch', 20, 'g'));
    expect(flour?.consequences.join()).toMatch(/brings gluten/);
  });

  it('taken, the dish stays sound and says so in its notes', () => {
    for (const dish of dishes)
      for (const i of dish.ingredients)
        for (const by of substitutesFor(i)) {
          const changed = dishSchema.safeParse(substitute(dish, i.id, by));
          expect(changed.success).toBe(true);
          expect(changed.data?.notes).toContain(`instead of ${i.food}`);
        }
  });
});

describe('packages', () => {
  it('are opened whole, and what is left over is listed; nothing is lost', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 12, noNaN: true }), (servings) => {
        const dish: Dish = {
          ...dishOf('beetroot-dill'),
          servings: 4,
          ingredients: [ingredient('canned tomatoes', 1, 'can', { scaling: 'packages' })],
        };
        const [scaled] = scaleDish(dish, servings * 4).ingredients;
        const used = scaled?.quantity?.amount ?? 0;
        const opened = used + (scaled?.leftover?.amount ?? 0);
        expect(Number.isInteger(Number(opened.toFixed(9)))).toBe(true);
        expect(opened - used).toBeLessThan(1);
        // As near to proportion as a quarter of a can, and never none.
        expect(Math.abs(used - Math.max(servings, 0.25))).toBeLessThanOrEqual(0.1251);
      }),
    );
  });
});

describe('what lies where', () => {
  it('thin liquid below, thick things on top (common practice)', () => {
    const dish = dishOf('beef-cheek-stout');
    const stage = dish.stages.find((s) => s.kind === 'pressure');
    if (stage?.kind !== 'pressure') throw new Error('no cycle');
    const { inside, above } = layersAt(scaleDish(dish, 4), dish.stages, stage);
    expect(inside[0]?.kind).toBe('thin');
    expect(inside.at(-1)?.foods.join()).toMatch(/tomato paste/);
    expect(above).toEqual([]);
  });

  it('what cooks in a pan lies above its water', () => {
    const dish = dishOf('semolina-pudding');
    const stage = dish.stages.find((s) => s.kind === 'pressure');
    if (stage?.kind !== 'pressure') throw new Error('no cycle');
    const { inside, above } = layersAt(scaleDish(dish, dish.servings), dish.stages, stage);
    expect(inside.flatMap((l) => l.foods)).toEqual(['water']);
    expect(above.flatMap((l) => l.foods).join()).toContain('semolina');
  });
});

describe('slow-cooked', () => {
  it('has hours in place of the cycle; a dish that names none is refused', () => {
    const slow = slowVersion(dishOf('lamb-apricots'));
    if (!slow.ok) throw new Error('refused');
    expect(dishSchema.safeParse(slow.value).success).toBe(true);
    expect(slow.value.stages.find((s) => s.kind === 'slow')).toMatchObject({ minutes: 480 });
    expect(slow.value.stages.some((s) => s.kind === 'pressure')).toBe(false);
    expect(slowVersion(dishOf('hake-fennel')).ok).toBe(false);
  });
});

describe('stages that wait for each other', () => {
  it('in a circle are refused', () => {
    const dish = dishOf('lamb-apricots');
    const [a, b] = dish.stages;
    if (!a || !b) throw new Error('no stages');
    const stages = [{ ...a, after: [b.id] }, { ...b, after: [a.id] }, ...dish.stages.slice(2)];
    const parsed = dishSchema.safeParse({ ...dish, stages });
    expect(parsed.error?.issues[0]?.message).toContain('in a circle');
  });
});
