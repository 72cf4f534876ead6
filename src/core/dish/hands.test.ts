import { assemblyMinutes } from './hands';
import { describe, expect, it } from 'vitest';
import { dishSchema, scaleDish, type Dish, type Stage } from './index';
import {
  afterwardsPerKg,
  boardMinutes,
  growsWithAmount,
  knifeMinutes,
  preparingMinutes,
} from './hands';

type Line = Partial<Dish['ingredients'][number]> & { food: string };

/** The ingredients of a dish for four, scaled to `servings`. */
function ingredients(lines: Line[], servings = 4) {
  const dish = dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: 'd',
    name: 'D',
    servings: 4,
    ingredients: lines.map((line, i) => ({
      id: `i${i}`,
      amount: 1,
      unit: null,
      role: 'base',
      scaling: 'proportional',
      ...line,
    })),
    stages: [{ id: 's', kind: 'prep', text: 'Cut', minutes: 1, uses: [] }],
    wait: { maxMinutes: 30, cost: 1 },
  });
  return scaleDish(dish, servings).ingredients;
}
const knife = (line: Line): number => {
  const [one] = ingredients([line]);
  if (!one) throw new Error('no ingredient');
  return knifeMinutes(one);
};

/** Common practice, at an ordinary pace. */
describe('minutes with the knife', () => {
  it.each<[Line, number, number]>([
    [{ food: 'onions', amount: 3, preparation: 'diced' }, 2.5, 4.5],
    [{ food: 'garlic', amount: 4, preparation: 'minced' }, 0.8, 2],
    [{ food: 'carrots', amount: 1.5, unit: 'kg', preparation: 'peeled, in chunks' }, 13, 24],
    [{ food: 'beef chuck', amount: 1, unit: 'kg', preparation: 'cut into cubes' }, 2.5, 6],
    [{ food: 'cheddar', amount: 200, unit: 'g', preparation: 'grated' }, 1, 3],
    [{ food: 'prawns', amount: 500, unit: 'g', preparation: 'peeled and deveined' }, 5, 12],
    [{ food: 'parsley', amount: 20, unit: 'g', preparation: 'chopped' }, 0.5, 1.5],
  ])('%j takes between %f and %f', (line, from, to) => {
    expect(knife(line)).toBeGreaterThanOrEqual(from);
    expect(knife(line)).toBeLessThanOrEqual(to);
  });

  it('nothing is done with what was bought so, or of which nothing is said', () => {
    expect(knife({ food: 'diced tomatoes', unit: 'can', preparation: 'diced' })).toBe(0);
    expect(knife({ food: 'tomatoes', preparation: '1 can, chopped' })).toBe(0);
    expect(knife({ food: 'ground ginger', preparation: '' })).toBe(0);
    expect(knife({ food: 'chicken thighs', amount: 6 })).toBe(0);
  });

  it('a butcher’s cut is no work at home', () => {
    const ribs: Line = { food: 'beef short ribs', amount: 1.6, unit: 'kg' };
    expect(knife({ ...ribs, preparation: 'English cut' })).toBe(0);
    expect(knife({ ...ribs, preparation: 'cut by the butcher into 3 pieces' })).toBe(0);
    expect(knife({ ...ribs, preparation: 'cut into 3 pieces' })).toBeGreaterThan(0);
  });

  it('an onion is peeled before it is cut, whether somebody says so or not', () => {
    const cut = knife({ food: 'onion', preparation: 'sliced' });
    expect(knife({ food: 'onion', preparation: 'peeled and sliced' })).toBeCloseTo(cut, 9);
    expect(cut).toBeGreaterThan(knife({ food: 'courgette', preparation: 'sliced' }));
  });

  it('nine onions and twelve carrots are twenty minutes, and twice as many twice that', () => {
    const lines: Line[] = [
      { food: 'onions', amount: 9, preparation: 'diced' },
      { food: 'carrots', amount: 12, preparation: 'peeled and sliced' },
    ];
    const [once, twice] = [ingredients(lines), ingredients(lines, 8)].map(preparingMinutes);
    expect(once).toBeGreaterThanOrEqual(16);
    expect(once).toBeLessThanOrEqual(24);
    expect(Math.abs((twice ?? 0) - 2 * (once ?? 0))).toBeLessThanOrEqual(2);
  });
});

describe('work that grows with the amount', () => {
  const finish = (text: string): Stage => ({
    id: 'f',
    kind: 'finish',
    text,
    uses: [],
    minutes: 3,
    inCooker: false,
  });

  it('cutting, shredding and carving do; stirring in and serving do not', () => {
    expect(growsWithAmount(finish('Shred the meat with two forks'))).toBe(true);
    expect(growsWithAmount(finish('Carve it'))).toBe(true);
    expect(growsWithAmount(finish('Stir in the shredded cheese'))).toBe(false);
    expect(growsWithAmount(finish('Serve'))).toBe(false);
    expect(afterwardsPerKg('Take the meat off the bones')).toBeGreaterThan(
      afterwardsPerKg('Mash them'),
    );
  });
});

describe('putting a dish together', () => {
  it.each([
    ['Add the stock and close the lid', 0],
    ['Spread the potatoes', 1],
    ['Layer the potatoes, spread the cream over, cover with foil', 3],
    [
      'Beat, roll, fill, layer, spread, crack, brush, divide between and into cups. Wrap in foil',
      8,
    ],
  ])('“%s” takes %s minutes more', (text, minutes) => {
    expect(assemblyMinutes(text)).toBe(minutes);
  });
});

/** Common practice: a crust is blitzed and pressed in five minutes, a batter creamed and folded in five. */
describe('minutes at the board beside the knife', () => {
  it.each([
    ['Pat the duck dry and season.', 1],
    ['Blitz the biscuits, press into the tin.', 5],
    ['Cream butter and sugar, beat in the eggs one by one, fold in the flour.', 7],
    ['Knead the dough.', 8],
    ['Roll up each leaf around its filling.', 10],
    ['Cover with parchment and foil, tie with string.', 2],
    ['Serve.', 0],
  ])('%s %i', (text, minutes) => expect(boardMinutes(text)).toBe(minutes));
});
