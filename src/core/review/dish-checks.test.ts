import { describe, expect, it } from 'vitest';
import { demoHousehold, DEMO_KITCHEN } from '../../demo/household';
import { dishSchema, type Dish } from '../dish';
import { kitchenSchema } from '../kitchen';
import { importRecipe } from '../recipe';
import { sayDishFinding } from '../words';
import { checkDish } from './dish-checks';

const kitchen = kitchenSchema.parse(DEMO_KITCHEN);
function bring(lines: string, steps: string): Dish {
  const imported = importRecipe(`Test\nServes 4\n\n${lines}\n\n${steps}`);
  if (!imported.ok) throw new Error(imported.problems[0]?.message);
  return imported.value.dish;
}
const CYCLE = 'Pressure cook on high for 5 minutes, quick release.';

describe('checks of a dish', () => {
  it('the demo dishes are sound', () => {
    const { dishes } = demoHousehold(Date.UTC(2026, 10, 25, 9));
    for (const dish of dishes) expect(checkDish(dish, kitchen), dish.name).toEqual([]);
  });

  it.each([
    ['dairy-under-pressure', '500 g carrots\n500 ml broth\n200 ml cream', /Move cream after/],
    ['starch-under-pressure', '500 g carrots\n500 ml broth\n60 g flour', /Move flour after/],
    ['thick-at-the-bottom', '500 g carrots\n500 ml broth\n300 g passata', /passata last, on top/],
    ['too-little-liquid', '500 g carrots\n100 ml broth', /Add 140 ml water/],
  ])('%s: found, and gone once its remedy is taken', (code, lines, remedy) => {
    const dish = bring(lines, `Put everything into the pot. ${CYCLE}`);
    const [found, ...more] = checkDish(dish, kitchen);
    expect(more).toEqual([]);
    expect(found?.code).toBe(code);
    expect(found && sayDishFinding(found, kitchen).remedy).toMatch(remedy);
    if (!found) throw new Error('nothing found');
    expect(dishSchema.safeParse(found.fixed).error).toBeUndefined();
    expect(checkDish(found.fixed, kitchen)).toEqual([]);
    // Nothing is lost on the way.
    const foods = (d: Dish): string[] => d.ingredients.map((i) => i.food);
    expect(foods(found.fixed)).toEqual(expect.arrayContaining(foods(dish)));
  });

  it('a pudding under the only ring is told, unless a cooker has a second one (common practice)', () => {
    const one = { ...kitchen, cookers: kitchen.cookers.map((c) => ({ ...c, rings: 1 })) };
    const pudding = bring('200 g rice\n900 ml milk\n120 g sugar', `All into the pot. ${CYCLE}`);
    const codes = (d: Dish, k: typeof kitchen): string[] => checkDish(d, k).map((c) => c.code);
    expect(codes(pudding, one)).toContain('smelling-ring');
    expect(codes(pudding, kitchen)).not.toContain('smelling-ring');
    const fixed = checkDish(pudding, one).find((c) => c.code === 'smelling-ring')?.fixed;
    expect(fixed && codes(fixed, one)).not.toContain('smelling-ring');
    expect(codes(bring('600 g lamb\n500 ml broth', CYCLE), one)).not.toContain('smelling-ring');
  });

  it('what is stirred in after the cycle is where it belongs', () => {
    const dish = bring(
      '500 g carrots\n500 ml broth\n200 ml cream',
      `Carrots and broth into the pot. ${CYCLE} Stir in the cream.`,
    );
    expect(checkDish(dish, kitchen)).toEqual([]);
  });
});

describe('what can make somebody ill', () => {
  const write = (
    stages: Dish['stages'],
    ingredients: Partial<Dish['ingredients'][number]>[],
  ): Dish =>
    dishSchema.parse({
      format: 'olive-clock/dish@1',
      id: 'x',
      name: 'X',
      servings: 4,
      ingredients: ingredients.map((i, n) => ({
        id: `i${n}`,
        role: 'main',
        scaling: 'proportional',
        unit: 'g',
        amount: 800,
        ...i,
      })),
      stages,
      wait: { maxMinutes: 30, cost: 1 },
    });
  const broth = { food: 'broth', amount: 500, unit: 'ml' as const };
  const cycle = (more: object): Dish['stages'] => [
    {
      id: 'cook',
      kind: 'pressure',
      text: 'In, lid on',
      level: 'high',
      holdMinutes: 5,
      release: { kind: 'quick' },
      uses: ['i0', 'i1'],
      tools: [],
      ...more,
    },
  ];
  const codes = (dish: Dish): string[] => checkDish(dish, kitchen).map((c) => c.code);

  it('a thick breast held too short is named with its middle (USDA FSIS), and the remedy mends it', () => {
    const dish = write(cycle({}), [{ food: 'chicken breast', pieceMm: 60 }, broth]);
    const found = checkDish(dish, kitchen).find((c) => c.code === 'unsafe-target');
    expect(found && sayDishFinding(found, kitchen).text).toMatch(/74 °C/);
    expect(codes(found?.fixed ?? dish)).not.toContain('unsafe-target');
  });

  it('thin pieces, or an oven after the cycle, are no reason to look', () => {
    expect(
      codes(write(cycle({ holdMinutes: 12 }), [{ food: 'chicken breast', pieceMm: 25 }, broth])),
    ).toEqual([]);
    const baked = write(
      [
        ...cycle({}),
        { id: 'bake', kind: 'oven', minutes: 40, celsius: 200, text: 'Bake', uses: [] },
      ],
      [{ food: 'chicken breast', pieceMm: 60 }, broth],
    );
    expect(codes(baked)).not.toContain('unsafe-target');
  });

  it.each([
    ['frozen-in-slow-cooker', { food: 'lamb shoulder', frozen: true }],
    ['raw-beans-in-slow-cooker', { food: 'kidney beans' }],
  ])('%s: said, and gone with its remedy (USDA FSIS; FDA)', (code, food) => {
    const dish = write(
      [
        {
          id: 'slow',
          kind: 'slow',
          minutes: 480,
          setting: 'low',
          text: 'Slow-cook',
          uses: ['i0', 'i1'],
        },
      ],
      [food, broth],
    );
    const found = checkDish(dish, kitchen).find((c) => c.code === code);
    expect(found).toBeDefined();
    expect(codes(found?.fixed ?? dish)).not.toContain(code);
  });

  it('meat does not wait for a delayed start (USDA FSIS)', () => {
    const dish = write(
      cycle({ holdMinutes: 60, text: 'Everything in, delayed start for six o’clock. Lid on' }),
      [{ food: 'lamb shoulder', pieceMm: 40 }, broth],
    );
    const found = checkDish(dish, kitchen).find((c) => c.code === 'delayed-start');
    expect(found?.fixed.stages[0]?.text).not.toMatch(/delayed/);
    expect(found?.fixed.stages[0]?.text).toMatch(/Lid on/);
  });
});

describe('remedies of a dish', () => {
  const dishOf = (stages: object[]): Dish =>
    dishSchema.parse({
      format: 'olive-clock/dish@1',
      id: 'd',
      name: 'D',
      servings: 4,
      ingredients: [
        {
          id: 'carrot',
          food: 'carrot',
          amount: 500,
          unit: 'g',
          role: 'main',
          scaling: 'proportional',
        },
        {
          id: 'broth',
          food: 'broth',
          amount: 500,
          unit: 'ml',
          role: 'liquid',
          scaling: 'proportional',
        },
        {
          id: 'cream',
          food: 'cream',
          amount: 200,
          unit: 'ml',
          role: 'base',
          scaling: 'proportional',
        },
      ],
      stages,
      wait: { maxMinutes: 30, cost: 0 },
    });
  const COOK = {
    id: 'cook',
    kind: 'pressure',
    text: 'Cook',
    level: 'high',
    holdMinutes: 5,
    release: { kind: 'quick' },
    tools: [],
    uses: ['carrot', 'broth', 'cream'],
  };
  const PREP = { id: 'cut', kind: 'prep', minutes: 5, text: 'Cut', uses: ['carrot', 'cream'] };
  const moved = (stages: object[]): Dish => {
    const [found] = checkDish(dishOf(stages), kitchen);
    if (!found) throw new Error('nothing found');
    return found.fixed;
  };
  const uses = (dish: Dish): [string, string[]][] => dish.stages.map((s) => [s.id, s.uses]);

  it('what curdles is moved into the first finish after the cycle, out of all that comes before', () => {
    const before = {
      id: 'lay',
      kind: 'finish',
      minutes: 1,
      text: 'Lay',
      inCooker: false,
      uses: [],
    };
    const rest = { id: 'wait', kind: 'rest', minutes: 5, text: 'Rest', uses: [] };
    const stir = { id: 'stir', kind: 'finish', minutes: 2, text: 'Stir', inCooker: true, uses: [] };
    const last = { ...stir, id: 'serve', text: 'Serve' };
    const fixed = moved([before, PREP, COOK, rest, stir, last]);
    expect(uses(fixed)).toEqual([
      ['lay', []],
      ['cut', ['carrot']],
      ['cook', ['carrot', 'broth']],
      ['wait', []],
      ['stir', ['cream']],
      ['serve', []],
    ]);
    expect(fixed.ingredients.map((i) => i.role)).toEqual(['main', 'liquid', 'finish']);
  });

  it('without a finish it gets one of its own, right after the cycle', () => {
    const rest = { id: 'wait', kind: 'rest', minutes: 5, text: 'Rest', uses: [] };
    const fixed = moved([PREP, COOK, rest]);
    expect(uses(fixed)).toEqual([
      ['cut', ['carrot']],
      ['cook', ['carrot', 'broth']],
      ['stir-in', ['cream']],
      ['wait', []],
    ]);
    expect(fixed.stages[2]).toMatchObject({
      kind: 'finish',
      inCooker: true,
      text: 'Stir in the cream',
    });
  });

  it('what is thickened at the end takes it too', () => {
    const sauce = { id: 'sauce', kind: 'thicken', minutes: 5, text: 'Thicken', uses: ['cream'] };
    // It is in both already: it is not named twice.
    expect(uses(moved([COOK, sauce]))).toEqual([
      ['cook', ['carrot', 'broth']],
      ['sauce', ['cream']],
    ]);
  });

  it('no cooker, no judgement of its size; with one, of the one that needs least', () => {
    const dry = dishOf([{ ...COOK, uses: ['carrot'] }]);
    const codes = (k: typeof kitchen): string[] => checkDish(dry, k).map((c) => c.code);
    expect(codes({ ...kitchen, cookers: [] })).not.toContain('too-little-liquid');
    expect(codes(kitchen)).toContain('too-little-liquid');
  });
});
