/** What longer recipes for a weekend say: batches, basins, days and what goes on the table. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText } from '../../../tests/support/imported';

const kinds = (method: string, list = '4 duck legs\n1 leek, sliced\n250 ml stock') =>
  imported(list, method).dish.stages.map((s) => s.kind);

describe('two at a time', () => {
  const DUCK =
    'Lay the legs skin down in the pot on sauté, two at a time, and leave for 7 minutes; turn and give them 2 more. Add the stock. High pressure 25 minutes, natural release.';
  const brown = (list: string) => {
    const { dish, questions } = imported(list, DUCK);
    const stage = dish.stages.find((s) => s.kind === 'brown');
    return [stage && 'minutes' in stage ? stage.minutes : null, questions.length];
  };

  it('every minute told is one of each batch, and so many pieces are so many batches', () => {
    expect(brown('4 duck legs\n250 ml stock')).toEqual([18, 0]);
    expect(brown('5 duck legs\n250 ml stock')).toEqual([27, 0]);
  });

  it('pieces told by their weight are counted as well', () =>
    expect(brown('4 duck legs (about 250 g each)\n250 ml stock')).toEqual([18, 0]));

  it('what was patted dry before is named again', () => {
    const { dish } = imported('4 duck legs\n250 ml stock', `Pat the duck dry. ${DUCK}`);
    expect(dish.stages.find((s) => s.kind === 'brown')).toMatchObject({ minutes: 18 });
  });
});

describe('a basin that is steamed first', () => {
  const { dish } = imported(
    '4 tbsp golden syrup\n120 g butter',
    'Spoon the syrup into the basin. Cover with parchment. Put the trivet in the cooker with 1 litre of boiling water. Put on the lid but leave the vent OPEN and steam without pressure for 15 minutes. Then close the vent, bring to LOW pressure and cook 35 minutes. Release naturally. Stand 5 minutes, run a knife round, turn out.',
  );

  it('the words before it are told with it, and the vent that is closed releases nothing', () => {
    expect(dish.stages.map((s) => s.kind)).toEqual(['simmer', 'pressure', 'rest', 'finish']);
    expect(dish.stages[0]?.text).toMatch(/Cover with parchment.*trivet/);
  });

  it('what stands before it is turned out is out of the pot, and no wait before the valve', () =>
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      level: 'low',
      release: { kind: 'natural' },
    }));

  it('what stands before the valve is opened is the release', () =>
    expect(
      imported('1 kg beef', 'High pressure 35 minutes. Stand 10 minutes, then open the valve.').dish
        .stages[0],
    ).toMatchObject({ release: { kind: 'timed', minutes: 10 } }));
});

it('a (glass) lid holds no pressure', () =>
  expect(
    kinds(
      'Slip the fish in, put the (glass) lid on and simmer on low sauté 5 minutes.',
      '2 cod fillets\n1 cup stock',
    ),
  ).toEqual(['simmer']));

describe('what is for the table', () => {
  const listed = (line: string) =>
    imported(`150 g jasmine rice\n${line}`, 'Rice in. High 10 minutes, natural release.')
      .dish.ingredients.slice(1)
      .map((i) => [i.amount, i.food, i.preparation]);

  it.each(['To serve', 'To top', 'On top', 'Garnish', 'To finish'])(
    '%s: a list of its own',
    (use) =>
      expect(listed(`${use}: spring onions, sesame oil, 2 soft eggs`)).toEqual([
        [null, 'spring onions', use.toLowerCase()],
        [null, 'sesame oil', use.toLowerCase()],
        [2, 'soft eggs', use.toLowerCase()],
      ]),
  );

  it('what takes minutes is work, and no list', () =>
    expect(listed('To finish: simmer the sauce for 5 minutes')).toEqual([]));
});

describe('a list in lines of their own kind', () => {
  const first = (line: string) => {
    const [i] = imported(`${line}\n200 ml stock`, 'All in. High 10 minutes.').dish.ingredients;
    return [i?.amount, i?.food, i?.preparation];
  };

  it.each([
    ['lamb shanks 4 (14 oz each)', [56, 'lamb shanks', '4 in all, 14 oz each']],
    ['ginger 1-inch', [null, '1-inch piece ginger', '']],
    [
      '4 garlic cloves, 2 crushed and 2 left whole',
      [4, 'garlic cloves', '2 crushed and 2 left whole'],
    ],
  ])('%s', (line, expected) => expect(first(line)).toEqual(expected));

  it('a heading that says where it is cooked is no food, and tells how wide the pan is', () => {
    const { dish, questions } = importedText(
      'Rice\nServes 2\n\nPot\n200 ml stock\n1 fennel bulb\n\nRice (in a 6-inch pan)\n3/4 cup basmati rice\n3/4 cup water\n\nAdd the stock and fennel. Set a trivet over it and the rice pan on top. High pressure, 4 minutes. Natural release.',
    );
    expect(dish.ingredients.map((i) => i.food)).not.toContain('Rice');
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: { diameterMm: 152 },
    });
    expect(questions.map((q) => q.about.kind)).not.toContain('pan');
  });

  it('“1 tsp each” goes on through the foods, and ends with the work', () => {
    const { dish } = importedText(
      'Rajma\nserves 6\n\nsoak 2 cups rajma overnight. in a pan: 3 tbsp ghee, then tomato puree 1 cup + 1 tsp each haldi, kashmiri mirch and cook 8 min. pressure cook the rajma 30 min high, NPR. they should squash easily.',
    );
    const amounts = dish.ingredients.map((i) => [i.amount, i.food]);
    expect(amounts).toContainEqual([1, 'haldi']);
    expect(amounts).toContainEqual([1, 'kashmiri mirch']);
    expect(dish.ingredients.map((i) => i.food)).not.toContain('squash');
  });

  it('for whom it was adapted is no food', () =>
    expect(
      importedText(
        'Thighs\nAdapted for our 8 qt by Rosa & Pim\nfeeds 6\n\n8 chicken thighs\n1 cup stock\n\nHigh 10 minutes, quick release.',
      ).dish.ingredients.map((i) => i.food),
    ).toEqual(['chicken thighs', 'stock']));
});

describe('what is done once it is out of the pot', () => {
  it('a temperature at the bone is no setting of the broiler', () =>
    expect(
      imported(
        '8 chicken thighs\n1 cup stock',
        'High 10 minutes, quick release. Thighs onto a sheet, broil 3-5 minutes. (165°F at the bone.)',
      ).dish.stages.find((s) => s.kind === 'crisp'),
    ).not.toMatchObject({ celsius: 74 }));

  it('“sauté-less 8 min” is a heat, and takes no minutes off', () =>
    expect(
      imported(
        '1 can chickpeas\n1 cup stock',
        'Stock in. High 40 minutes, quick release. Chickpeas into the sauce, sauté-less 8 min to thicken.',
      ).dish.stages.at(-1),
    ).toMatchObject({ minutes: 8 }));

  it('what is covered in a bowl stands, whatever simmered before', () =>
    expect(
      kinds(
        'Stock in. High 40 minutes, quick release. Simmer the sauce 8 minutes. Couscous: bowl, boiling water over, cover 5 min, fork.',
        '1 cup couscous\n1 cup stock',
      ).slice(-2),
    ).toEqual(['finish', 'rest']));

  it('… in its bowl, and waits for nothing but that', () => {
    const { dish } = imported(
      '1 kg lamb shanks\n1 cup couscous\n1 cup stock',
      'Shanks and stock in. High 40 minutes, quick release. Simmer the sauce 8 minutes. Couscous: bowl, boiling water over, cover 5 min, fork.',
    );
    const rest = dish.stages.at(-1);
    expect(rest).toMatchObject({ kind: 'rest' });
    expect(rest && 'inCooker' in rest && rest.inCooker).toBe(false);
    expect(rest?.after ?? ['finish']).toEqual(['finish']);
  });

  it('“at least 6 hours in the fridge” is waited for; “up to 3 days” is only allowed', () => {
    const rests = (end: string) =>
      imported('340 g cream cheese\n2 eggs', `High 26 minutes, natural release. ${end}`)
        .dish.stages.filter((s) => s.kind === 'rest')
        .map((s) => s.minutes);
    expect(rests('Cool 1 hour on the side then AT LEAST 6 hrs in the fridge.')).toEqual([60, 360]);
    expect(rests('Keeps up to 3 days in the fridge.')).toEqual([]);
  });

  it('“pull out the spices” is work', () =>
    expect(
      kinds(
        'Stock in. High 4 minutes, quick release. Boil 5 minutes to glaze. Pull out the whole spices.',
      ).at(-1),
    ).toBe('finish'));
});

it('a level for nobody knows how long, and its release, are a cycle that is asked for', () => {
  const { dish, questions } = imported(
    '4 quail\n400 ml stock',
    'Brown the quail on sauté, 5 min. Stock in. High for however long your gran says, natural 10. Quail under the broiler 4 minutes.',
  );
  expect(dish.stages.map((s) => s.kind)).toEqual(['brown', 'pressure', 'crisp']);
  expect(dish.stages[1]).toMatchObject({ release: { kind: 'timed', minutes: 10 } });
  expect(questions.length).toBeGreaterThan(0);
});

it('what nobody knows may be among foods that are measured alike', () =>
  expect(
    imported('1 tsp each allspice, grains of paradise and salt', 'All in.').dish.ingredients.map(
      (i) => [i.amount, i.food],
    ),
  ).toEqual([
    [1, 'allspice'],
    [1, 'grains of paradise'],
    [1, 'salt'],
  ]));

it('spices that are pulled out at the end went in with everything else', () => {
  const { dish } = imported(
    '1 red cabbage\n50 g butter\n1 cinnamon stick\n2 star anise\n200 ml apple juice',
    'Melt the butter on sauté, 2 minutes. Everything else in. High 4 minutes, quick release. Boil 5 minutes. Pull out the whole spices.',
  );
  const using = (kind: string) =>
    dish.stages
      .filter((s) => s.kind === kind)
      .flatMap((s) => s.uses)
      .map((id) => dish.ingredients.find((i) => i.id === id)?.food);
  expect(using('pressure')).toEqual(expect.arrayContaining(['cinnamon stick', 'star anise']));
  expect(using('finish')).toEqual([]);
});

describe('a day before', () => {
  const { dish } = importedText(
    'Salad\nServes 8\n\n6 beetroot\n200g pearl barley\n50g walnuts\n\nDAY BEFORE\nBeets: rack in the pot, 300ml water, beets on top. 22 minutes high, quick release.\nRub off the skins and cut in wedges.\nBarley: barley and 600ml water, 18 minutes high, natural release for 10. Drain and spread on a tray to cool.\n\nON THE DAY\nToast the walnuts in a dry pan, 4 minutes. Fold everything.',
  );

  it('one night lies behind all that is done then', () =>
    expect(
      dish.stages.map((s) => [s.kind, s.kind === 'rest' ? s.minutes : null]).slice(-3),
    ).toEqual([
      ['rest', 480],
      ['burner', null],
      ['finish', null],
    ]));

  it('where no other day is headed, it ends with its paragraph', () => {
    const { dish: fowl } = importedText(
      'Fowl\nServes 4\n\n1 guinea fowl, jointed\n400 ml stock\n\nNIGHT BEFORE\nSalt the bird, fridge, no lid.\n\nBrown the joints on sauté, 6 min. Stock in. High 17 minutes, quick release.',
    );
    expect(fowl.ingredients.map((i) => i.food)).toEqual(['guinea fowl', 'stock', 'salt']);
    const brown = fowl.stages.find((s) => s.kind === 'brown');
    expect(brown?.text).not.toMatch(/night before/i);
    expect(fowl.stages.find((s) => s.kind === 'rest')).toMatchObject({ minutes: 480 });
  });

  it('the day is named once in a step', () =>
    expect(dish.stages.find((s) => s.kind === 'pressure')?.text).toMatch(
      /^Day before: Beets: (?!.*Day before)/,
    ));
});
