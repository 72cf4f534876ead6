/**
 * What a name says a food is. Classes after the USDA FSIS Safe Minimum Internal Temperature Chart; that a dish
 * takes the strictest class of what its name says is in it is common practice.
 */
import { describe, expect, it } from 'vitest';
import { FOODS, FOOD_GROUPS, allergensInName, findFood, kindOf, mentionedFood } from './index';

const classOf = (name: string): string | undefined => kindOf(name)?.class;
const keepOf = (name: string): string | undefined => kindOf(name)?.keep;

describe('the class of a name', () => {
  it.each<[string, string[]]>([
    [
      'ground',
      [
        'meatloaf',
        'hamburger patties',
        'lamb kofta',
        'ground veal',
        'minced beef',
        'bratwurst',
        'fish cakes',
        'beef heart',
        'venison burgers',
        'cheese burgers',
        'veal parcels',
      ],
    ],
    [
      'poultry',
      [
        'small game birds',
        'turkey burgers',
        'chicken sausages',
        'chicken livers',
        'stuffed chicken breast',
        'leg quarters',
        'guinea fowl',
        'minced turkey',
      ],
    ],
    [
      'whole-cut',
      [
        'sirloin roast',
        'chuck roast',
        'flank steak',
        'rack of lamb',
        'pepper steak',
        'fresh ham',
        'veal escalopes',
        'bison roast',
        'pork neck, diced',
      ],
    ],
    ['game', ['venison', 'wild boar shoulder', 'elk roast', 'rabbit, jointed']],
    ['fish', ['trout', 'salmon steaks', 'pike']],
    ['shellfish', ['scallops', 'king prawns', 'squid rings']],
    ['egg', ['quiche', 'cheesecake', 'eggs', 'bread pudding']],
    [
      'casserole',
      [
        'lasagne',
        'stuffed peppers',
        'leftover rice',
        'beef chili',
        'mushroom soup',
        'hot dogs',
        'roast beef',
        'cooked ham',
      ],
    ],
    ['ready', ['hummus', 'canned tuna', 'sliced salami', 'milk', 'mashed potatoes', 'bone broth']],
    [
      'plant',
      [
        'kidney beans',
        'cauliflower steak',
        'nut roast',
        'lentil burgers',
        'vegan sausages',
        'ground cumin',
        'oyster mushrooms',
        'beefsteak tomatoes',
        'duck fat',
        'egg noodles',
        'artichoke hearts',
        'lamb’s lettuce',
        'horseradish',
        'jackfruit',
      ],
    ],
  ])('%s', (expected, names) => {
    for (const name of names) expect(classOf(name), name).toBe(expected);
  });

  it('nothing where neither the table nor a word tells', () => {
    for (const name of [
      'zungwe',
      'grandmother’s parcels',
      'moon dust',
      'Tuesday special',
      'fillet',
    ])
      expect(kindOf(name), name).toBeNull();
  });

  it('a cut of no animal is red meat only where butchers call it so', () => {
    for (const name of ['xorbel chops', 'zorp ribs', 'blorf steaks of zim', 'cutlets', 'joint'])
      expect(kindOf(name), name).toBeNull();
    for (const name of ['denver steak', 'prime rib', 'rib eye', 'chops', 'new york strip'])
      expect(classOf(name), name).toBe('whole-cut');
    expect(classOf('bbq ribs')).toBe('casserole');
    expect(classOf('turkey steaks')).toBe('poultry');
  });

  it('what is in an unknown dish of egg or batter is asked for', () => {
    expect([kindOf('moon cake of fleem'), kindOf('wuggles in batter')]).toEqual([null, null]);
    expect(classOf('cake of apples')).toBe('egg');
    expect(classOf('chicken broth with dumplings')).toBe('casserole');
  });

  it('oats that stood in milk keep for days and no longer for months', () => {
    expect(kindOf('overnight oats')?.keep).toBe('cut-produce');
    expect(kindOf('oats')?.keep).toBe('dry');
  });

  it('a shape that could be bread or beans is meat only where an animal or the shape says so', () => {
    expect(classOf('loaf of bread')).toBe('plant');
    expect(classOf('lamb loaf')).toBe('ground');
    expect(classOf('mushroom burgers')).toBe('ground');
    expect(classOf('bean burgers')).toBe('plant');
  });

  it('every animal of the table has a class of its own, and no plant has one', () => {
    const flesh = new Set(['meat', 'poultry', 'fish']);
    for (const food of FOODS) {
      const kind = kindOf(food.names[0]);
      expect(kind, food.id).not.toBeNull();
      if (flesh.has(food.group)) expect(['plant', 'egg'], food.id).not.toContain(kind?.class);
      if (['vegetable', 'fruit', 'grain', 'pulse', 'nut', 'fat'].includes(food.group))
        expect(kind?.class, food.id).toBe(
          food.safety ?? (food.keep.startsWith('cooked-') ? 'ready' : 'plant'),
        );
    }
  });

  it('what is made with egg, or of several foods, is what its name says, whatever the table holds', () => {
    expect(['lemon curd', 'brownies', 'custard', 'cheesecake', 'batter'].map(classOf)).toEqual(
      Array.from({ length: 5 }, () => 'egg'),
    );
    expect(['risotto', 'curry', 'gravy', 'ravioli', 'meat sauce'].map(classOf)).toEqual(
      Array.from({ length: 5 }, () => 'casserole'),
    );
    expect(classOf('romaine hearts')).toBe('plant');
    expect(classOf('ground chuck')).toBe('ground');
  });

  it('a group that somebody chooses is understood as it is', () => {
    for (const { word, kind } of FOOD_GROUPS) expect(kindOf(word), word).toEqual(kind);
  });
});

describe('the row of the keeping chart', () => {
  it.each([
    ['chuck roast', 'meat'],
    ['meatballs', 'ground-meat'],
    ['grilled burgers', 'cooked-meat'],
    ['garlic in oil', 'in-oil'],
    ['roasted peppers in olive oil', 'in-oil'],
    ['cut melon', 'cut-produce'],
    ['ravioli', 'ground-meat'],
    ['egg salad', 'salad'],
    ['chicken liver pâté', 'giblets'],
    ['cheesecake', 'casserole'],
    ['turkey stew', 'soup'],
    ['opened tin of beans', 'opened'],
  ])('%s keeps as %s', (name, row) => {
    expect(keepOf(name)).toBe(row);
  });
});

describe('finding a food', () => {
  it('the head of a name, never a word in it', () => {
    for (const name of ['garlic sponge', 'pepper steak', 'cauliflower steak'])
      expect(findFood(name), name).toBeNull();
    // Each once was taken for the food that its first word names.
    expect(
      [
        'mushroom soup',
        'garlic powder',
        'cheesecake',
        'oat milk',
        'vegan butter',
        'coconut oil',
        'chicken leg quarters',
        'large sirloin steak',
        'chickpea flour',
      ].map((name) => findFood(name)?.id),
    ).toEqual([
      'mushroom-soup',
      'garlic-powder',
      'cheesecake',
      'oat-milk',
      'margarine',
      'coconut-oil',
      'chicken-leg',
      'sirloin',
      'chickpea-flour',
    ]);
    expect(findFood('boneless, skinless chicken thighs')?.id).toBe('chicken-thigh');
    expect(findFood('3 large carrots, cut in sticks')?.id).toBe('carrot');
    expect(findFood('zungwe, with tomatoes')).toBeNull();
    expect(mentionedFood('mushroom parcels')?.id).toBe('mushroom');
  });
});

/** Annex II of Regulation (EU) No 1169/2011. */
describe('allergens in a name', () => {
  it.each<[string, string[]]>([
    ['walnut oil', ['nuts']],
    ['peanut sauce', ['peanut']],
    ['almond milk', ['nuts']],
    ['coconut milk', []],
    ['butter beans', []],
    ['gluten-free flour', []],
    ['oyster mushrooms', []],
    ['prawn crackers', ['gluten', 'crustaceans']],
  ])('%s: %j', (name, expected) => {
    expect(allergensInName(name)).toEqual(expected);
  });
});

describe('one and many', () => {
  const many = (name: string): string =>
    /(?:s|x|ch|sh)$/.test(name)
      ? `${name}es`
      : /[^aeiou]y$/.test(name)
        ? `${name.slice(0, -1)}ies`
        : `${name}s`;

  it('finds every food of one word in the plural, too', () => {
    const names = FOODS.flatMap((f) => f.names).filter(
      (n) => /^[a-z]+$/.test(n) && !/[si]$/.test(n),
    );
    // “Gooses” are geese.
    const unknown = names.filter((n) => n !== 'goose' && findFood(many(n)) === null);
    expect(names.length).toBeGreaterThan(300);
    expect(unknown).toEqual([]);
  });

  it.each([
    ['2 eggplants', 'aubergine'],
    ['white radishes', 'daikon'],
    ['short rib', 'short-ribs'],
    ['chicken quarter', 'chicken-leg'],
    ['almond', 'almonds'],
  ])('“%s” is %s', (name, id) => {
    expect(findFood(name)?.id).toBe(id);
  });

  it.each(['green', 'jelly bean', 'tiger nut', 'coffee bean'])(
    '“%s” is not the thing that its last word names alone',
    (name) => {
      expect(findFood(name)?.group ?? 'nothing').not.toMatch(/pulse|nut/);
      expect(findFood(name)?.id).not.toBe('collards');
    },
  );
});

describe('words that are shared with another food (common practice)', () => {
  it.each([
    ['drumstick pods', 'plant'],
    ['chicken drumsticks', 'poultry'],
    ['skate wing', 'fish'],
    ['chicken wings', 'poultry'],
    ['wonton wrappers', 'plant'],
    ['wontons', 'casserole'],
    ['spelt berries', 'plant'],
  ])('%s: %s', (name, safety) => expect(kindOf(name)?.class).toBe(safety));

  it('spelt berries are a grain with gluten, and drumstick pods hold no poultry', () => {
    expect(findFood('spelt berries')).toMatchObject({ group: 'grain', allergens: ['gluten'] });
    expect(findFood('drumstick pods')).toMatchObject({ group: 'vegetable' });
  });
});
