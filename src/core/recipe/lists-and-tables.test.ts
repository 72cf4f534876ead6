/** Lists in tables, under a word of what is done with them, and words that are no food. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import type { Dish } from '../dish';
import { imported, importedText, shape } from '../../../tests/support/imported';
import { rowLine } from './cells';

const usesOf = ({ stages }: Dish, kind: string): string[][] =>
  stages.filter((s) => s.kind === kind).map((s) => s.uses);

describe('a row of a table', () => {
  it.each([
    [['2 1/2 cups', 'vegetable broth', 'low sodium'], '2 1/2 cups vegetable broth, low sodium'],
    [['300', 'g', 'split peas', 'rinsed'], '300 g split peas, rinsed'],
    [['carrots', '3', 'diced'], 'carrots 3, diced'],
    [['1 tbsp', 'oil', ''], '1 tbsp oil'],
    [['Serves', '5'], 'Serves 5'],
    [['1', 'Sauté the onion', '5 min'], '1 Sauté the onion 5 min'],
    [['Prep', 'Cook', 'Total'], 'Prep Cook Total'],
  ])('%j: %s', (cells, line) => expect(rowLine(cells)).toBe(line));

  it('of a page: a note on a food is none of its name', () => {
    const row = (...cells: string[]): string =>
      `<tr>${cells.map((c) => `<td>${c}</td>`).join('')}</tr>`;
    const { dish } = importedText(
      `<html><body><h1>Pea dal</h1><p>Serves 4</p><table>${row('2 cups', 'vegetable broth', 'low sodium')}${row('1', 'onion', 'diced')}${row('250 g', 'red lentils', '')}</table><h2>Method</h2><p>Everything in. High pressure 6 minutes, natural release.</p></body></html>`,
    );
    expect(dish.ingredients.map((i) => [i.food, i.preparation])).toEqual([
      ['vegetable broth', 'low sodium'],
      ['onion', 'diced'],
      ['red lentils', ''],
    ]);
  });
});

describe('a line under a word of what is done', () => {
  const { dish } = importedText(
    'Haleem\nServes 8\n\nSOAK: 1 cup cracked wheat + 1/4 cup each chana dal, urad dal – overnight.\nMutton 600 g\nGhee 3 tbsp\nOnions 3\nWater 5 cups\nTo garnish: lemon wedges, coriander\n\nMETHOD\nFry onions in ghee 12 min. Keep half aside for garnish. Add mutton.\n2 cups water, pressure cook high 35 mins. NPR.\nAdd drained grains and dals with the remaining water. Pressure cook again 25 mins high, NPR.\nGarnish and eat.',
  );
  it('“each” of some, all of them soaked', () =>
    expect(dish.ingredients.slice(0, 3).map((i) => [i.food, i.amount, i.preparation])).toEqual([
      ['cracked wheat', 1, 'soaked overnight'],
      ['chana dal', 0.25, 'soaked overnight'],
      ['urad dal', 0.25, 'soaked overnight'],
    ]));
  it('grains go in where they are named together', () =>
    expect(usesOf(dish, 'pressure')[1]).toEqual(
      expect.arrayContaining(['cracked-wheat', 'chana-dal', 'urad-dal']),
    ));
  it('what is kept aside for the garnish makes no garnish of it', () => {
    const [fried = []] = usesOf(dish, 'brown');
    expect(fried).not.toContain('lemon');
  });
});

describe('whose amount it is', () => {
  it('“plus extra to finish” is told of more oil: what is listed is fried with', () => {
    const read = imported(
      '1 aubergine\n4 tbsp olive oil, plus extra to finish\n200 ml stock\nFor the crumb:\n60 g breadcrumbs\n1 tbsp oil',
      'Fry the aubergine in 3 tbsp of the oil, 5 min. Add stock. High pressure 4 min, quick release.\nFry the crumbs in the oil in a small frying pan, 4 min.',
    );
    expect(usesOf(read.dish, 'brown')[0]).toContain('olive-oil');
  });
  it('“onion and pepper”: the bell pepper, and not the chilli that is called so, too', () => {
    const read = imported(
      '1 onion\n1 green bell pepper\n1 tsp chili powder\n200 g lentils\n500 ml water',
      'Sauté onion and pepper 4 min. Add lentils, water and chili powder. High 10 min, natural release.',
    );
    expect(usesOf(read.dish, 'brown')[0]).toEqual(['onion', 'bell-pepper']);
  });
});

describe('work that was read as something else', () => {
  it('“Generously butter a 1-quart mold” is a step, and a mold no food', () => {
    const read = imported(
      '1 cup rye flour\n1 cup buttermilk\nbutter for the mold\n1 1/2 cups water',
      'Generously butter a 1-quart pudding mold. Whisk the flour and buttermilk, fill the mold. Cover with foil, set on a trivet over the water. Low pressure 45 min, natural release.',
      'Yield: one 1-quart mold, 8 slices',
    );
    expect(read.dish.ingredients).toHaveLength(4);
    expect(read.dish.servings).toBe(8);
  });
  it('“Cure with salt. 12 hr, walk-in.” is a wait, and nobody stands at it', () =>
    expect(
      shape(
        imported(
          '2 kg duck legs\n60 g salt\n1.5 kg duck fat',
          'Day 1: Cure legs w/ salt. 12 hr, walk-in.\nDay 2: Legs and fat in. HP 60 min. Natural release.',
        ).dish,
      ),
    ).toEqual([
      ['rest', 720],
      ['pressure', 60],
    ]));
  it('“Does for three, with bread.” says for how many', () =>
    expect(
      importedText(
        'Rice\n\n300 g rice\n450 ml water\n\nHigh 6 min, quick release. Does for three, with bread.',
      ).dish.servings,
    ).toBe(3));
});

describe('a list for one portion', () => {
  const text = (yields: string): string =>
    `Hock noodles\n\n${yields}\n\nBroth\n- 1 gammon hock (1.3 kg)\n- 2 litres water\n\nTo finish, per bowl\n- 75 g egg noodles\n- 1 egg\n\nDo\n1. Hock and water in. 50 min high. NPR.\n2. Boil the noodles 4 min in a separate pan.`;
  const amounts = (yields: string) =>
    importedText(text(yields)).dish.ingredients.map((i) => [i.id, i.amount, i.preparation]);
  it('is bought and cooked for all, and the words keep what is for one', () =>
    expect(amounts('Makes 4 portions').slice(2)).toEqual([
      ['egg-noodles', 300, 'to finish, 75 g per bowl'],
      ['egg', 4, 'to finish, 1 per bowl'],
    ]));
  it('stays as written where nobody knows for how many', () =>
    expect(amounts('Good on a cold night.').slice(2)).toEqual([
      ['egg-noodles', 75, 'to finish, per bowl'],
      ['egg', 1, 'to finish, per bowl'],
    ]));
});

describe('a heading that says what its list is for', () => {
  it.each(['To serve', 'For the table:', 'Garnish', 'To top', 'To serve, per plate'])(
    '“%s”: nothing of it goes under pressure unnamed',
    (heading) => {
      const { dish } = importedText(
        `Warm salad\nServes 4\n\n400 g beetroot\n200 ml water\n\n${heading}\n- 1 egg\n- 50 g cress\n\nMethod\nSteam the beetroot over the water 12 min on high, quick release. Slice, and put it on a plate.`,
      );
      expect(usesOf(dish, 'pressure')).toEqual([['beetroot', 'water']]);
      expect(dish.stages.at(-1)?.uses).toEqual(expect.arrayContaining(['egg', 'watercress']));
    },
  );
});

it('an amount that is none stays in the words', () =>
  expect(
    imported(
      '1.2.3 l oat milk\n½½ tsp salt\n200 g rice',
      'High 6 min, quick release.',
    ).dish.ingredients.map((i) => [i.amount, i.food]),
  ).toEqual([
    [null, '1.2.3 l oat milk'],
    [null, '½½ tsp salt'],
    [200, 'rice'],
  ]));
