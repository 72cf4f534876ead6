/** Ordinary ways to tell of yields, cases, sauces and lists that were read as something else. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { answerQuestion } from './answers';
import { findDurations } from './durations';
import { retime } from './retime';
import { imported, importedText, shape } from '../../../tests/support/imported';

const LIST = '2 salmon fillets\n1 cup couscous\n1 cup water';
const told = (method: string, list = LIST) => imported(list, method);
const stages = (method: string, list = LIST) =>
  told(method, list).dish.stages.map((s) => [s.kind, 'minutes' in s ? s.minutes : null]);
const cycles = (method: string, list = LIST) =>
  told(method, list).dish.stages.flatMap((s) =>
    s.kind === 'pressure' ? [{ level: s.level, hold: s.holdMinutes, release: s.release }] : [],
  );
const foods = (text: string) => importedText(text).dish.ingredients.map((i) => i.food);

describe('for other food than what is planned', () => {
  const method =
    'Low pressure, 5 minutes. (From thawed: 3 minutes.) Quick release right away. Stir in the peas and cover 3 minutes.';

  it('“from thawed: 3 minutes” is no time of this pot, and leaves the release where it is', () =>
    expect(cycles(method)).toEqual([{ level: 'low', hold: 5, release: { kind: 'quick' } }]));

  it('a lid that is closed if it isn’t there yet begins no second cycle', () =>
    expect(
      cycles(
        'Low pressure, 5 minutes. Quick release. Check the fish; if it isn’t there, close the lid and wait 2 minutes more. Stir in the peas, cover 3 minutes.',
      ),
    ).toHaveLength(1));
});

it.each([
  ['another 5ish', 10],
  ['another 5 min', 10],
])('“%s” goes on frying', (more, minutes) =>
  expect(
    stages(`Fry the onion 5 min, mushrooms in, ${more}. High pressure 4 min, quick release.`)[0],
  ).toEqual(['brown', minutes]),
);

it.each([
  ['High pressure, 3 minutes, then let it out straight away.', { kind: 'quick' }],
  ['High pressure 20 min. Let it go down on its own.', { kind: 'natural' }],
])('%s', (method, release) => expect(cycles(method)[0]?.release).toMatchObject(release));

describe('the minutes between a level and a release', () => {
  it('behind the level alone they are the hold', () =>
    expect(cycles('High 50 min natural release all the way.')[0]).toMatchObject({
      hold: 50,
      release: { kind: 'natural' },
    }));

  it('behind a hold they are the release', () =>
    expect(cycles('High pressure 20 minutes, 10 minute natural release.')[0]).toMatchObject({
      hold: 20,
      release: { kind: 'timed', minutes: 10 },
    }));

  it('“PC hi 25′” is high', () =>
    expect(cycles("PC hi 25', NR 15'.")[0]).toMatchObject({ level: 'high', hold: 25 }));
});

it('a sauce that begins with butter and flour in a saucepan stays there', () => {
  const made = stages(
    'High pressure 70 minutes, natural release. Lift out the gammon. Meanwhile, melt the butter in a saucepan, stir in the flour and cook for 2 minutes. Gradually whisk in the milk and simmer for 5 minutes until thick.',
    '1.6 kg gammon joint\n40 g butter\n40 g flour\n450 ml milk',
  );
  expect(made).toContainEqual(['burner', 7]);
  expect(made.map(([kind]) => kind)).not.toContain('simmer');
});

it('how it looks when it is done is no work of its own', () =>
  expect(
    told(
      'High pressure 5 minutes, quick release. Simmer for five minutes, no more, until it coats a spoon.',
    )
      .dish.stages.map((s) => s.kind)
      .at(-1),
  ).toBe('simmer'));

describe('for how many', () => {
  it.each([
    ['Servings - 6', 6],
    ['for 4   ***', 4],
    ['(4 starters)', 4],
  ])('%s', (line, serves) =>
    expect(
      importedText(
        `Pea soup\n${line}\n\n500 g peas\n700 ml stock\n\nHigh pressure 1 minute, quick release.`,
      ).dish.servings,
    ).toBe(serves),
  );

  it('“5 min prep | 20 min total” beside it is how long all takes, and no work', () =>
    expect(
      importedText(
        `Salmon\n\n2 servings | 5 min prep | 20 min total\n\n${LIST}\n\nLow pressure 5 minutes, quick release.`,
      ).dish.stages.map((s) => s.kind),
    ).toEqual(['pressure']));

  it('“Active: 25 min  Total: 1 h 10” is no food', () =>
    expect(
      foods(
        `Lamb curry\nServes: 4\nActive: 25 min  Total: 1 h 10\n\n750 g lamb neck\n250 ml water\n\nHigh pressure 20 minutes, natural release.`,
      ),
    ).toEqual(['lamb neck', 'water']));
});

describe('lists', () => {
  it('told in talk begins where it says what is needed', () =>
    expect(
      foods(
        "right so tonight I'm doing a squash and coconut curry thing for four of us, you want one butternut squash, a tin of coconut milk and an onion. fry the onion for four minutes. high pressure three minutes, quick release.",
      ),
    ).toEqual(['butternut squash', 'coconut milk', 'onion']));

  it('named again in the work with the same amount, or none, is bought once', () =>
    expect(
      foods(
        'Congee\n\nyou need one cup of jasmine rice, nine cups of water, a thumb of ginger and a pound of pork ribs. first blanch the ribs for three minutes. then rice, nine cups of water, ginger, ribs, a teaspoon of salt. high pressure for twenty five minutes, natural release. serves four.',
      ),
    ).toEqual(['jasmine rice', 'water', 'thumb of ginger', 'pork ribs', 'salt']));

  it('into how many pieces is told of what is cut', () =>
    expect(
      foods(
        'Rabbit\n\nAsk your butcher to joint two rabbits, about 1.2 kg each, into six pieces. Fry them with a few sprigs of tarragon for 8 minutes. Add 200 ml of stock. Low pressure 25 minutes, natural release. Enough for eight.',
      ),
    ).toEqual(['rabbits', 'sprigs of tarragon', 'stock']));

  it.each([
    ['250ml beef stk', 'beef stock'],
    ['2 tbsp sherry vin', 'sherry vinegar'],
    ['parm, big handful', 'parmesan'],
    ['2 celery sticks all chopped rough', 'celery sticks'],
  ])('%s', (line, food) =>
    expect(
      imported(`1 kg beef\n${line}`, 'High pressure 40 minutes, natural release.').dish
        .ingredients[1]?.food,
    ).toBe(food),
  );

  it('tins told as so many times a weight are tins', () =>
    expect(
      imported(
        '2 kg beans\nTinned tomatoes ..... 4 x 400 g',
        'High pressure 12 minutes, natural release.',
      ).dish.ingredients[1],
    ).toMatchObject({ amount: 1600, unit: 'g', preparation: '4 cans' }));
});

it('“You soak the chickpeas overnight” is work as well as a list', () =>
  expect(
    importedText(
      'Chickpeas\n\nYou soak 400g of chickpeas overnight with a spoon of salt. Next day drain them and put them in the cooker with a bay leaf and water. 12 mins at high, natural release. Did 6 of us.',
    ).dish.stages[0],
  ).toMatchObject({ kind: 'soak' }));

it('“FAST high 50 min” beside “SLOW low 9 hrs” is the way that is planned', () =>
  expect(
    cycles(
      'Brown ribs 8 min.\nStock in.\n\nFAST high 50 min natural release\nSLOW slow cook high 6 hrs or low 9\n\nSkim fat.',
      '2 kg short ribs\n500 ml stock',
    ),
  ).toMatchObject([{ level: 'high', hold: 50, release: { kind: 'natural' } }]));

describe('numbers without a unit', () => {
  const asked = (list: string) => told('High pressure 30 minutes, natural release.', list);

  it('of what is poured are likely ml, and are asked', () => {
    const { dish, questions } = asked('1 kg beef\nwhite wine 200\npassata 700');
    expect(dish.ingredients.slice(1).map((i) => [i.amount, i.unit])).toEqual([
      [200, 'ml'],
      [700, 'ml'],
    ]);
    expect(questions.filter((q) => q.about.kind === 'units')).toHaveLength(1);
  });

  it('so many pieces, where somebody says so', () => {
    const { dish, questions } = asked('1 kg beef\nbeans 300');
    const question = questions.find((q) => q.about.kind === 'units');
    if (!question) throw new Error('nothing is asked');
    const answered = answerQuestion(dish, question, 'piece');
    expect(answered.ok && answered.value.ingredients[1]?.unit).toBe('piece');
  });

  it.each(['shallots 99', '20 peppercorns', 'white wine 49'])('“%s” is counted', (line) =>
    expect(asked(`1 kg beef\n${line}`).questions.map((q) => q.about.kind)).not.toContain('units'),
  );
});

describe('talk and tables', () => {
  const forum =
    'Oxtail - how long??\n\n"45 min is plenty"\n\nNope nope nope. 45 mins gives you rubber. This is what works for 5-6 people:\n\n- 2 kg oxtail\n- 2 onions\n- half a bottle of red\n- 500ml beef stock\n\nbrown the oxtail 10 mins. HIGH 75 MINS. Leave it alone till the pin drops.';

  it('minutes in talk over the list are no work', () => {
    const { dish, serves, leftOut } = importedText(forum);
    expect(dish.stages.map((s) => s.kind)).toEqual(['brown', 'pressure']);
    expect(serves).toBe(5);
    expect(leftOut.join(' ')).toMatch(/45 min is plenty/);
  });

  it('several measured foods on a line are several', () =>
    expect(
      foods(
        'Rajma\nServes 4\n\nrajma 1 cup\nonion 2 med, chopd fine\nhaldi 1/4 tsp, mirchi 1 tsp, dhania 2 tsp\n\nBoil rajma in cooker w/ 3 cups water + salt: 30 min on manual high, NPR. Same pot, saute: oil, jeera till it crackles. Onion 8 mins till brown.',
      ).slice(1, 5),
    ).toEqual(['onion', 'haldi', 'mirchi', 'dhania']));

  it('boiled in the cooker, with the hold behind it, is the cycle alone', () =>
    expect(
      stages(
        'Boil rajma in cooker w/ 3 cups water: 30 min on manual high, NPR. Same pot, saute: oil, jeera till it crackles. Onion 8 mins till brown.',
        '1 cup rajma\n2 onions',
      ),
    ).toEqual([
      ['pressure', null],
      ['brown', 8],
    ]));
});

it('minutes by size are those of the middle one', () =>
  expect(
    cycles('Hi pressure: small 6 / medium 9 / large 13 min. QR.', '4 artichokes\n1 cup water')[0]
      ?.hold,
  ).toBe(9));

it('blitzed when cool is worked by hand for its minutes', () =>
  expect(
    stages(
      'High pressure 20 minutes, quick release. Slip off the skins when cool enough to handle, then blitz everything for 2 minutes.',
      '500 g beetroot',
    ).at(-1),
  ).toEqual(['finish', 2]));

it('what is scraped off was fried', () =>
  expect(
    stages(
      "lardons 5', out. venison in 4 batches 4' each. out. port in, scrape, 2'. 30' high. NR 20'.",
    )[0],
  ).toEqual(['brown', 21]));

it('a sauce with its own measures at the end is work, and its butter is bought', () =>
  expect(
    foods(
      'Artichokes\n\n4 artichokes\n1 cup water\n\nHigh pressure 9 min, QR.\nButter sauce: melt 100 g butter w/ 1 clove garlic (3 min, small pan).\nServes 4.',
    ),
  ).toEqual(['artichokes', 'water', 'butter', 'garlic']));

describe('columns with commas', () => {
  it.each([
    ['Green bell pepper, 1, half whole + half diced', 'Green bell pepper'],
    ['Onion, 1 lg, diced', 'Onion'],
  ])('%s', (line, food) =>
    expect(
      told('High pressure 5 minutes.', `1 lb black beans\n${line}`).dish.ingredients[1],
    ).toMatchObject({ food, amount: 1 }),
  );

  it('counted behind their names, and one without a number, are each a food', () =>
    expect(
      told('High pressure 30 minutes, natural release.', '1 kg venison\njuniper 10, bay 2, thyme')
        .dish.ingredients.slice(1)
        .map((i) => [i.food, i.amount]),
    ).toEqual([
      ['juniper', 10],
      ['bay', 2],
      ['thyme', null],
    ]));
});

it('“even better in two days” is no work of two days', () =>
  expect(
    stages(
      'High pressure 18 min, natural release. Simmer 8 min on sauté. Even better in two days.',
    ).at(-1),
  ).toEqual(['simmer', 8]));

it('left in the tin until cold takes nobody’s hands', () =>
  expect(
    stages(
      'High 45 minutes, quick release. Pour the drizzle over and leave it in the tin until cold (1 hr).',
    ).at(-1),
  ).toEqual(['rest', 60]));

describe('ways and settings beside each other', () => {
  it('a button with its minutes, or pressure with others: one cycle, by what every pot can do', () =>
    expect(cycles('Porridge mode 15 mins or pressure high 10 mins. NPR.')).toMatchObject([
      { level: 'high', hold: 10, release: { kind: 'natural' } },
    ]));

  it('an oven with its heat between commas', () =>
    expect(
      told(
        'High pressure 45 minutes, natural release. Hot oven, 220, for 20-25 minutes until it’s sticky.',
        '2 kg ham joint\n500 ml water',
      ).dish.stages.at(-1),
    ).toMatchObject({ kind: 'oven', celsius: 220, minutes: 20 }));

  it.each([
    'Best rested for an hour, or overnight.',
    'To serve: thaw overnight, reheat 8 minutes on the stove.',
  ])('“%s” is no work of this evening', (end) =>
    expect(
      stages(`High pressure 35 minutes, natural release. Simmer 20 minutes on sauté. ${end}`).at(
        -1,
      ),
    ).toEqual(['simmer', 20]),
  );
});

it('“chill 2 hours or serve warm”: nobody has to wait', () =>
  expect(
    stages('LOW pressure, 14 minutes, quick release. Chill 2 hours or serve warm.').some(
      ([, minutes]) => minutes === 120,
    ),
  ).toBe(false));

describe('one time behind another', () => {
  it.each([
    ['High 4 min, 5 min natural', [4, 5]],
    ['1 hour, 10 minutes', [70]],
    ['1 h 5 min, 10 min natural', [65, 10]],
  ])('%s: %j', (text, minutes) => expect(findDurations(text).map((d) => d.from)).toEqual(minutes));

  it('the words of a step say what its pot is set to', () =>
    expect(retime('Lid. High 4 min, 5 min natural, then release.', 4, 3)).toBe(
      'Lid. High 3 minutes, 5 min natural, then release.',
    ));

  it('“o/n” is a night', () =>
    expect(stages('Salt the belly, uncovered in the fridge o/n. HP 45, NR 15.')).toContainEqual([
      'rest',
      480,
    ]));
});

describe('a card of few words', () => {
  const { dish, questions } = importedText(
    'Lamb neck\nFeeds five, maybe six\n1 kg lamb neck\n300 g freekeh\n900 ml stock\nSalt it o/n.\nSear in 2 lots, 6 mins a lot.\nFreekeh and stock in. HI 55 min, 10 min nat, vent.',
  );
  it('“10 min nat” is a release, and no minutes of the searing', () => {
    expect(shape(dish)).toEqual([
      ['rest', 480],
      ['brown', 12],
      ['pressure', 55],
    ]);
    expect(dish.stages.flatMap((s) => (s.kind === 'pressure' ? [s.release] : []))).toEqual([
      { kind: 'timed', minutes: 10 },
    ]);
  });
  it('“salt it” is a step, and what is salted is the one meat', () => {
    expect(dish.ingredients.map((i) => i.food)).toEqual(['lamb neck', 'freekeh', 'stock']);
    expect(dish.stages[0]?.uses).toEqual(['lamb-neck']);
    expect(questions.map((q) => q.text).join(' ')).not.toMatch(/which step/);
  });
  it.each([
    ['Feeds five, maybe six', 5],
    ['Serves 4, 6 at a push', 4],
    ['Serves 8 or possibly 10', 8],
  ])('%s', (line, least) => {
    const found = importedText(`Rice\n${line}\n\n300 g rice\n\nHigh 6 min, quick release.`);
    expect(found.dish.servings).toBe(least);
    expect(found.dish.unread).toEqual([]);
  });
});
