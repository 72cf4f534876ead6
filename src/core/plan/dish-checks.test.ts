import { describe, expect, it } from 'vitest';
import { demoHousehold, DEMO_KITCHEN } from '../../demo/household';
import { dishSchema, type Dish } from '../dish';
import { kitchenSchema } from '../kitchen';
import { importRecipe } from '../recipe';
import { checkDish } from './index';

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
    ['too-little-liquid', '500 g carrots\n100 ml broth', /Add 140 ml of water/],
  ])('%s: found, and gone once its remedy is taken', (code, lines, remedy) => {
    const dish = bring(lines, `Put everything into the pot. ${CYCLE}`);
    const [found, ...more] = checkDish(dish, kitchen);
    expect(more).toEqual([]);
    expect(found?.code).toBe(code);
    expect(found?.remedy).toMatch(remedy);
    if (!found) throw new Error('nothing found');
    expect(dishSchema.safeParse(found.fixed).error).toBeUndefined();
    expect(checkDish(found.fixed, kitchen)).toEqual([]);
    // Nothing is lost on the way.
    const foods = (d: Dish): string[] => d.ingredients.map((i) => i.food);
    expect(foods(found.fixed)).toEqual(expect.arrayContaining(foods(dish)));
  });

  it('what is stirred in after the cycle is where it belongs', () => {
    const dish = bring(
      '500 g carrots\n500 ml broth\n200 ml cream',
      `Carrots and broth into the pot. ${CYCLE} Stir in the cream.`,
    );
    expect(checkDish(dish, kitchen)).toEqual([]);
  });
});
