import { describe, expect, it } from 'vitest';
import { importRecipe, answerQuestion } from '../recipe';
import { contentsAt, dishSchema, partAt, partIn, scaleDish, withoutUse, type Dish } from './index';

const beans = (more: Record<string, unknown> = {}): Dish =>
  dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: 'beans',
    name: 'Beans with two doses of garlic',
    servings: 4,
    ingredients: [
      {
        id: 'beans',
        food: 'white beans',
        amount: 400,
        unit: 'g',
        role: 'main',
        scaling: 'proportional',
      },
      {
        id: 'garlic',
        food: 'garlic',
        amount: 40,
        unit: 'g',
        role: 'base',
        scaling: 'proportional',
      },
      { id: 'water', food: 'water', amount: 1, unit: 'l', role: 'liquid', scaling: 'proportional' },
    ],
    stages: [
      { id: 'cut', kind: 'prep', minutes: 3, text: 'Chop the garlic', uses: ['garlic'] },
      {
        id: 'brown',
        kind: 'brown',
        minutes: 3,
        text: 'Half of the garlic',
        uses: ['garlic'],
        parts: { garlic: 0.5 },
      },
      {
        id: 'cook',
        kind: 'pressure',
        level: 'high',
        holdMinutes: 10,
        release: { kind: 'natural' },
        text: 'All in',
        uses: ['beans', 'water'],
      },
      { id: 'end', kind: 'finish', minutes: 1, text: 'The rest of the garlic', uses: ['garlic'] },
    ],
    wait: { maxMinutes: 60, cost: 1 },
    ...more,
  });

describe('an ingredient that goes in twice', () => {
  it('all of it is chopped, half goes in, the rest later', () => {
    const dish = beans();
    expect(dish.stages.map((s) => partAt(dish, s, 'garlic'))).toEqual([1, 0.5, 0, 0.5]);
  });

  it('only the part that is in the pot counts there, at any servings', () => {
    for (const servings of [4, 8]) {
      const scaled = scaleDish(beans(), servings);
      const stay = scaled.dish.stages.slice(1, 3);
      const cook = stay[1];
      if (cook?.kind !== 'pressure') throw new Error('the second is a cycle');
      const grams = contentsAt(scaled, stay, cook).find((p) => p.food === 'garlic')?.grams;
      expect(grams).toBeCloseTo(20 * (servings / 4));
    }
  });

  it('what is handled twice without parts is in the pot once', () => {
    const dish = beans();
    const [, brown, cook] = dish.stages;
    if (cook?.kind !== 'pressure' || !brown) throw new Error('the third is a cycle');
    const twice = { ...cook, uses: [...cook.uses, 'garlic'] };
    const stay = [{ ...brown, parts: undefined }, twice];
    const scaled = scaleDish({ ...dish, stages: stay }, 4);
    const garlic = contentsAt(scaled, stay, twice).filter((p) => p.food === 'garlic');
    expect(garlic.map((p) => p.grams)).toEqual([40]);
  });

  it('parts over the whole, and of what does not go in, are named with the remedy', () => {
    const stages = beans().stages.map((s) =>
      s.id === 'end'
        ? { ...s, parts: { garlic: 0.75 } }
        : s.id === 'cook'
          ? { ...s, parts: { salt: 0.5 } }
          : s,
    );
    const parsed = dishSchema.safeParse({ ...beans(), stages });
    expect(parsed.error?.issues.map((i) => i.message)).toEqual([
      expect.stringContaining('a part of “salt” is named where it does not go in'),
      'the parts of garlic are more than all of it; make one smaller',
    ]);
  });

  it('taken out of a stage, its part goes too', () => {
    const [, brown] = beans().stages;
    if (!brown) throw new Error('there is one');
    expect(withoutUse(brown, 'garlic')).toMatchObject({ uses: [], parts: undefined });
  });

  it.each([
    ['Stir in half of the garlic.', 'garlic', 0.5],
    ['Add half the chopped parsley', 'parsley', 0.5],
    ['Scatter two thirds of the grated cheese', 'cheese', 2 / 3],
    ['Cook the garlic for half an hour', 'garlic', null],
    ['the rest of the onions', 'onions', null],
  ])('“%s”', (text, food, part) => {
    expect(partIn(text, food)).toBe(part);
  });

  it('a recipe’s “half the butter” stays half, and the rest goes in at the end', () => {
    const read = importRecipe(
      'Leek rice\nServes 4\n\nIngredients\n2 leeks, sliced\n60 g butter\n300 g rice\n400 ml water\n\nMethod\nMelt half the butter on sauté and soften the leeks for 4 minutes.\nAdd the rice and water. Pressure cook on high for 5 minutes, natural release for 10 minutes.\nStir in the rest of the butter.',
    );
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const { dish } = read.value;
    const parts = dish.stages
      .filter((s) => s.uses.includes('butter'))
      .map((s) => partAt(dish, s, 'butter'));
    expect(parts).toEqual([0.5, 0.5]);
  });
});

describe('a hold by weight', () => {
  const text =
    'Whole duck\nServes 4\n\nIngredients\n1 whole duck (2.2 kg)\n1½ cups water\n\nMethod\nSet the duck on the trivet, water below. Pressure cook on high for 8 minutes per pound, natural release.';

  it('stays in the dish and follows the bird (8 min a pound, common practice)', () => {
    const read = importRecipe(text);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const cycleOf = (dish: Dish): unknown => dish.stages.find((s) => s.kind === 'pressure');
    // 2.2 kg are 4.85 lb.
    expect(cycleOf(read.value.dish)).toMatchObject({ holdMinutes: 39, minutesPerLb: 8 });
    expect(cycleOf(scaleDish(read.value.dish, 8).dish)).toMatchObject({ holdMinutes: 78 });
    // Its weight is told, so nobody is asked; without it somebody is.
    expect(read.value.questions.map((q) => q.id)).not.toContain('pressure.weight');
    const untold = importRecipe(text.replace(' (2.2 kg)', ''));
    const question = untold.ok && untold.value.questions.find((q) => q.id.endsWith('.weight'));
    if (!question) throw new Error('it asks for the weight');
    const answered = answerQuestion(untold.value.dish, question, '6');
    if (!answered.ok) throw new Error(answered.problems[0]?.message);
    expect(cycleOf(scaleDish(answered.value, 4).dish)).toMatchObject({ holdMinutes: 48 });
    expect(answered.value.ingredients[0]).toMatchObject({ amount: 6, unit: 'lb' });
  });
});

describe('a part whose rest goes nowhere', () => {
  const read = (method: string): Dish => {
    const found = importRecipe(
      `Chickpeas\nServes 2\n\nIngredients\n400 g chickpeas, cooked\n20 g garlic\n500 ml water\n\nMethod\n${method}`,
    );
    if (!found.ok) throw new Error(found.problems[0]?.message);
    return found.value.dish;
  };
  const shares = (dish: Dish, id: string): number[] =>
    dish.stages
      .filter((s) => s.kind !== 'prep')
      .map((s) => partAt(dish, s, id))
      .filter((part) => part > 0);

  it('is all of it: nothing is left on the board', () => {
    const dish = read('Half of the chickpeas, garlic and water in. High 5 min, quick release.');
    expect(shares(dish, dish.ingredients[0]?.id ?? '')).toEqual([1]);
  });

  it('what is mashed in the pot is no part that goes in', () => {
    expect(partIn('Mash a third of the chickpeas against the side', 'chickpeas')).toBeNull();
    expect(partIn('Add a third of the chickpeas', 'chickpeas')).toBeCloseTo(1 / 3);
  });

  it('where the rest is told, each has its own', () => {
    const dish = read(
      'Half of the garlic, chickpeas and water in. High 5 min, quick release. Stir in the rest of the garlic.',
    );
    expect(shares(dish, dish.ingredients.find((i) => /garlic/.test(i.food))?.id ?? '')).toEqual([
      0.5, 0.5,
    ]);
  });
});
