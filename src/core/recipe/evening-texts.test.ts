/** What recipes for an evening say beside their work: waiting, soaking, batches, pans and parts. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { dishOf, imported, kinds, shape } from '../../../tests/support/imported';
import type { Dish, Ingredient, Stage } from '../dish';
import { answerQuestion, importRecipe } from './index';
import { readInstructions } from './method/read';
import { panIn } from './pan';
import { turnsIn } from './turns';
import { allowsWaiting, minutesAllowed } from './waits';

describe('what a text allows is no work', () => {
  it.each([
    ['keeps warm with a lid on for 20 minutes', 20],
    ['will sit on keep warm for half an hour', 30],
    ['happy to wait on keep warm for an hour', 60],
    ['Best within 2 hours', 120],
    ['it keeps for hours', 240],
    ['they hold well for 45 minutes', 45],
    ['fine for a day in the fridge', 1440],
  ])('“%s”', (clause, minutes) => {
    expect(allowsWaiting(clause)).toBe(true);
    expect(minutesAllowed([clause])).toBe(minutes);
  });

  it.each([
    'keep warm for 20 minutes',
    'let it sit for 10 minutes',
    'hold at high pressure for 5 minutes',
    'it holds pressure for 8 minutes on high pressure',
    'leave to stand 10 minutes',
    'it can wait up to an hour on natural release',
  ])('“%s” is work, or a release', (clause) => expect(allowsWaiting(clause)).toBe(false));

  it('the lid of what keeps warm makes no cycle, and hours of keeping no hours of frying', () => {
    expect(
      kinds(
        'Simmer the polenta 35 minutes in a saucepan. Keeps warm with a lid on for 20 minutes.',
      ),
    ).toBe('burner 35');
    const salad = dishOf(
      '2 fennel bulbs\n3 tbsp olive oil',
      'Shave the fennel, 10 minutes. Toss with the oil, and let it stand 20 minutes in the fridge so that the fennel softens. Best within 2 hours.',
    );
    expect(shape(salad)).toEqual([
      ['prep', 10],
      ['rest', 20],
    ]);
    expect(salad.wait.maxMinutes).toBe(120);
  });

  it('what was crisped last waits a quarter of an hour, what has cooled two hours (USDA FSIS)', () => {
    const duck = 'High pressure 40 minutes, natural release.';
    const waits = (method: string): Dish['wait'] =>
      dishOf('4 duck legs\n300 ml stock', method).wait;
    expect(waits(`${duck} Crisp the legs in the oven at 220 C for 15 minutes.`)).toEqual({
      maxMinutes: 15,
      cost: 2,
    });
    expect(waits(duck)).toEqual({ maxMinutes: 90, cost: 1 });
    expect(waits('Bake at 180 C for 18 minutes. Cool on a rack 20 minutes.')).toEqual({
      maxMinutes: 120,
      cost: 0,
    });
    expect(waits(`${duck} Eat now, it won’t wait.`)).toEqual({ maxMinutes: 5, cost: 3 });
  });
});

describe('soaking that only the list tells', () => {
  const beans = (how: string) =>
    imported(
      `250 g dried borlotti beans${how}\n800 ml water\n4 sage leaves`,
      'Beans, water and sage into the pot. High pressure 12 minutes, natural release.',
    );

  it.each([
    [', soaked overnight', 480],
    [', soaked for 10 hours', 600],
    [' (pre-soaked overnight)', 480],
  ])('“beans%s” is a step the evening before', (how, minutes) => {
    const { dish, questions } = beans(how);
    const [soak] = dish.stages;
    expect(soak).toMatchObject({ kind: 'soak', minutes, uses: ['borlotti'] });
    expect(dish.stages.find((s) => s.kind === 'pressure')?.after).toEqual([soak?.id]);
    expect(questions.map((q) => q.about.kind)).not.toContain('minutes');
  });

  it('is asked about where nobody says how long, and is not made up where it is not soaked', () => {
    const bare = beans(', soaked');
    expect(bare.dish.stages[0]).toMatchObject({ kind: 'soak', minutes: 480, guessed: true });
    expect(bare.questions.map((q) => q.text)).toContain(
      'How long are the dried borlotti beans soaked?',
    );
    for (const how of ['', ', not soaked', ', unsoaked', ', no soaking needed'])
      expect(beans(how).dish.stages.map((s) => s.kind)).not.toContain('soak');
  });

  it('is told once where the method tells it as well', () => {
    const dish = dishOf(
      '250 g dried borlotti beans, soaked overnight\n800 ml water',
      'Drain the soaked beans. High pressure 12 minutes with the water, natural release.',
    );
    expect(dish.stages.filter((s) => s.kind === 'soak')).toHaveLength(1);
    expect(dish.stages[0]).toMatchObject({
      minutes: 480,
      text: 'Soak the dried borlotti beans. Drain the soaked beans.',
    });
  });
});

describe('batches', () => {
  it.each([
    ['10 goose legs', 'Brown the legs 3 at a time, 8 minutes each lot.', 32],
    ['9 goose legs', 'Brown the legs 3 at a time, 8 minutes each lot.', 24],
    ['6 goose legs', 'Brown the legs in two batches, 8 minutes a batch.', 16],
  ])('%s: “%s”', (list, method, minutes) => {
    const { dish, questions } = imported(`${list}\n300 ml stock`, method);
    expect(dish.stages.find((s) => s.kind === 'brown')).toMatchObject({ minutes });
    expect(questions).toEqual([]);
  });

  it('by what lies on the bottom where nobody says how many, and asked', () => {
    const ribs = (kg: number) =>
      imported(
        `${kg} kg beef short ribs\n300 ml stock`,
        'Brown the ribs in batches, about 8 minutes a batch.',
      );
    const minutes = (kg: number): number =>
      Number(ribs(kg).dish.stages.flatMap((s) => (s.kind === 'brown' ? [s.minutes] : []))[0]);
    expect(minutes(0.5)).toBe(16);
    expect(minutes(5)).toBeGreaterThan(minutes(1));
    expect(minutes(5) % 8).toBe(0);
    expect(ribs(5).questions.map((q) => q.about.kind)).toEqual(['minutes']);
  });

  it('each of so many breads is fried by itself', () => {
    const dish = dishOf(
      '300 g flour\n200 g yoghurt',
      'Mix to a dough, knead 5 min. Divide in 6, roll thin. Cook each in a hot dry frying pan 2 min a side.',
    );
    expect(dish.stages.at(-1)).toMatchObject({ kind: 'burner', minutes: 24 });
  });
});

describe('a pan above the water', () => {
  const rice = (method: string) => imported('300 g basmati rice\n400 ml water\n2 tbsp oil', method);
  const cycleOf = (dish: Dish) => dish.stages.find((s) => s.kind === 'pressure');
  const water = (dish: Dish): Ingredient['scaling'][] =>
    dish.ingredients.filter((i) => i.food === 'water').map((i) => i.scaling);

  it('is the size that the text says, and the method’s water stands under it', () => {
    const { dish, questions } = rice(
      'Pour 250 ml water and the trivet into the pot. Rice and water in a 7-inch pan, foil on, onto the trivet. High pressure 5 minutes, natural release 10 minutes.',
    );
    expect(cycleOf(dish)).toMatchObject({ inPan: { diameterMm: 178, heightMm: 75 }, rackMm: 25 });
    expect(water(dish)).toEqual(['proportional', 'with-pot']);
    expect(questions).toEqual([]);
  });

  it('is asked about where it is not told, and the answer has a unit', () => {
    const { dish, questions } = rice(
      'Rice and water in a pan, foil on, onto the trivet over 250 ml water in the pot. High pressure 5 minutes, natural release 10 minutes.',
    );
    const question = questions.find((q) => q.about.kind === 'pan');
    expect(cycleOf(dish)).toMatchObject({ inPan: { diameterMm: 180 } });
    if (!question) throw new Error('nothing was asked');
    const answered = answerQuestion(dish, question, '6 in');
    expect(answered.ok && cycleOf(answered.value)).toMatchObject({ inPan: { diameterMm: 152 } });
    const wrong = answerQuestion(dish, question, '3 cm');
    expect(!wrong.ok && wrong.problems[0]?.remedy).toContain('from 8 to 32 cm');
  });

  it('a rack alone lifts the food, and its water goes with the pot', () => {
    const dish = dishOf(
      '1.2 kg swede, cubed\n80 g butter',
      '250 ml water in the pot, swede in the steamer basket. Pressure cook on high 8 mins. Quick release. Tip out the water, mash with the butter.',
    );
    expect(cycleOf(dish)).toMatchObject({ rackMm: 25 });
    expect(water(dish)).toEqual(['with-pot']);
    expect(dish.stages.at(-1)?.uses).toEqual(['butter']);
  });

  it('steam that is let out is no rack', () => {
    const dish = dishOf(
      '800 g venison, diced\n300 ml water',
      'Venison and water into the pot. High pressure 25 minutes, let the steam out at once.',
    );
    expect(cycleOf(dish)).not.toHaveProperty('rackMm');
    expect(water(dish)).toEqual(['proportional']);
    const sprouts = dishOf(
      '800 g sprouts\n250 ml water',
      'Steam the sprouts over the water at low pressure for 1 minute, quick release.',
    );
    expect(cycleOf(sprouts)).toMatchObject({ rackMm: 25 });
    expect(water(sprouts)).toEqual(['with-pot']);
  });

  it.each([
    ['a 7-inch pan', { diameterMm: 178, heightMm: 75 }],
    ['a 20 cm springform tin', { diameterMm: 200, heightMm: 75 }],
    ['a greased 2 litre basin', { diameterMm: 162, heightMm: 97 }],
    ['a 900 ml pudding basin', { diameterMm: 124, heightMm: 74 }],
    ['a pan', null],
    ['2 litres of stock', null],
    ['a 50 cm tray', null],
  ])('%s', (text, pan) => expect(panIn(text)).toEqual(pan));
});

describe('each stage says its own words, and nothing is said twice', () => {
  it.each<[string, string[]]>([
    [
      'Peel the rhubarb, lay it in a dish and roast at 180C for 25 mins.',
      ['Peel the rhubarb, lay it in a dish', 'Roast at 180C for 25 mins.'],
    ],
    [
      'Roast the rhubarb at 180C for 25 mins. Let it rise 1 hour, then refrigerate overnight.',
      ['Roast the rhubarb at 180C for 25 mins.', 'Let it rise 1 hour', 'Refrigerate overnight.'],
    ],
    [
      'High pressure 5 minutes, quick release. Lift out the rhubarb. Strain the syrup, let it settle 5 minutes.',
      [
        'High pressure 5 minutes, quick release.',
        'Lift out the rhubarb. Strain the syrup',
        'Let it settle 5 minutes.',
      ],
    ],
  ])('“%s”', (method, texts) => {
    const { stages } = dishOf('900 g rhubarb\n200 g sugar', method);
    expect(stages.map((s: Stage) => s.text)).toEqual(texts);
  });

  it('rising and the night in the fridge are two waits', () => {
    const stages = dishOf('500 g flour', 'Let it rise 1 hour, then refrigerate overnight.').stages;
    expect(stages).toMatchObject([
      { kind: 'rest', minutes: 60 },
      { kind: 'rest', minutes: 480, chilled: true },
    ]);
    expect(stages[0]).not.toHaveProperty('chilled');
  });
});

describe('where it happens', () => {
  it.each([
    ['Put the ribs on trays and glaze under a hot oven, 230 °C, 12 min.', 'oven 12'],
    ['Oven to 190C. Roast 40 minutes.', 'oven 40'],
    ['30-35 min in a 200C (180 fan) oven until puffed and deep golden.', 'oven 30'],
    ['Lift it out of the oven. Rest 10 minutes.', 'rest 10'],
    ['Whip the cream (5 min), fold in the custard.', 'prep 5'],
    ['Pour in the wine and let it bubble 3 minutes, scraping up the brown bits.', 'simmer 3'],
    ['Let it settle for 15 minutes before you cut it.', 'rest 15'],
    [
      'Bring the water to the boil in a saucepan on the stove. Rain in the polenta. Simmer 35 minutes.',
      'burner, burner 35',
    ],
    [
      'Toast the almonds in a dry skillet, 3 min. Boil the beans in salted water in a saucepan 4 min.',
      'burner 3, burner 4',
    ],
    ['Rice and water in the rice cooker, white rice setting, about 25 minutes.', 'burner 25'],
  ])('“%s”', (method, expected) => {
    expect(kinds(method)).toBe(expected);
  });

  it('the lid of a saucepan holds no pressure, until a pot or a release is named', () => {
    const pan = 'Simmer the rice in a saucepan for 2 minutes.';
    expect(kinds(`${pan} Put the lid on and cook 12 minutes.`)).not.toContain('pressure');
    expect(
      kinds(`${pan} Tip it into the pot, lid on, 12 minutes on high. Quick release.`),
    ).toContain('pressure');
  });

  it('juices go on in their pot while the meat is in the oven, unless the meat goes back', () => {
    const ribs = (then: string) =>
      dishOf(
        '2 kg short ribs\n500 ml stock',
        `Ribs and stock in. High pressure 45 minutes, natural release. Glaze the ribs in the oven at 230 °C for 12 minutes. ${then}`,
      );
    const waits = (dish: Dish): unknown => dish.stages.find((s) => s.kind === 'simmer')?.after;
    expect(
      waits(ribs('Skim the fat off the juices, reduce them by half, 15 minutes on sauté.')),
    ).toEqual(['pressure']);
    expect(waits(ribs('Return the ribs to the juices and simmer 15 minutes.'))).toBeUndefined();
  });

  it('what is named together goes in together, and fat that is named nowhere where it fries', () => {
    const { stages } = dishOf(
      '4 goose legs\n4 carrots\n2 onions\n2 tbsp oil\n600 ml stock',
      'Brown the legs 8 minutes. Fry the vegetables 6 minutes. Legs back in with the stock. High pressure 50 minutes, natural release.',
    );
    const brown = stages.find((s) => s.kind === 'brown');
    expect(brown?.uses).toEqual(expect.arrayContaining(['carrot', 'onion', 'olive-oil']));
  });
});

describe('what is done in the middle', () => {
  it.each<[string, number, [string, number][]]>([
    [
      'Roast 1 h 15. Unwrap, baste with butter and roast 30 minutes more, basting twice.',
      105,
      [
        ['Take the cover off', 75],
        ['Baste it', 85],
        ['Baste it', 95],
      ],
    ],
    ['Bake 50 minutes, then uncover and bake 25 more minutes.', 75, [['Take the cover off', 50]]],
    ['Oven 25 min, foil off 10 min more.', 35, [['Take the cover off', 25]]],
    ['Glaze 12 min, brushing once halfway.', 12, [['Brush it', 6]]],
    ['Roast 40 minutes.', 40, []],
  ])('“%s”', (text, minutes, turns) => {
    expect(turnsIn(text, minutes).map((t) => [t.text, Math.round(t.at * minutes)])).toEqual(turns);
  });
});

describe('for how many, and what each weighs', () => {
  it('times beside the yield are no unread words, and a sum in all is not added', () => {
    const read = importRecipe(
      'Pork loin\nYield: 4 servings | Active: 25 min | Total: 1 hr 15\n\n900 g pork loin\n1 tbsp oil\n300 ml stock\n\nSear the pork in the oil, about 3 minutes per side, 12 minutes in all. Add the stock. High pressure 15 minutes, natural release.',
    );
    if (!read.ok) throw new Error('not read');
    expect(read.value.dish.unread).toEqual([]);
    expect(read.value.dish.stages.find((s) => s.kind === 'brown')).toMatchObject({ minutes: 12 });
    const whole = dishOf(
      '900 g pork loin\n300 ml stock',
      'Cook 10 minutes at high pressure, natural release, about 40 minutes in all.',
    );
    expect(shape(whole)[0]).toEqual(['pressure', 10]);
  });

  it.each([
    ['Ingredients (6 as a side)', 6],
    ['4 small pots', 4],
    ['Cucumber raita. For 6.', 6],
  ])('“%s”', (head, servings) => {
    const read = importRecipe(`A dish\n${head}\n\n1 cucumber\n400 g yoghurt\n\nMix them.`);
    expect(read.ok && read.value.dish.servings).toBe(servings);
    expect(read.ok && read.value.serves).toBe(servings);
  });

  it('a bare number behind the title is likely, and asked', () => {
    const read = importRecipe('Celeriac mash (6)\n\n1.2 kg celeriac\n50 g butter\n\nMash it.');
    if (!read.ok) throw new Error('not read');
    expect([read.value.serves, read.value.dish.servings]).toEqual([null, 6]);
    expect(read.value.questions.find((q) => q.about.kind === 'serves')?.taken).toBe('6');
  });

  it.each([
    ['2 salmon fillets (about 6 oz each), skin on', 12, 'oz'],
    ['6 duck legs, about 250g each', 1500, 'g'],
    ['3 courgettes (600 g)', 600, 'g'],
    ['1 bottle red wine (750ml)', 750, 'ml'],
    ['2 jars passata (700 g)', 1400, 'g'],
    ['2 tins tomatoes (800 g)', 800, 'g'],
    ['3 cans beans (15 oz each)', 45, 'oz'],
  ])('“%s”', (line, amount, unit) => {
    expect(dishOf(line, 'Mix it.').ingredients[0]).toMatchObject({ amount, unit });
  });
});

describe('small words that decide', () => {
  it.each([
    ['High pressure 30 min. Natural release (20ish min).', 'pressure'],
    ['Strain, reheat gently 2 mins, squeeze out the gelatine and stir in.', 'prep 2'],
    ['Freeze in a box for at least 6 hours, stirring after 2 hours.', 'rest 360'],
    ['Onions: slice thin, mix with the vinegar, at least 30 min.', 'prep, rest 30'],
    [
      'Boil the eggs 6 minutes on the stove, peel, and leave in the soy and mirin for 4 hours.',
      'burner 6, rest 240',
    ],
    [
      'High pressure 5 minutes, quick release. Rest, tented with foil, 10 minutes.',
      'pressure, rest 10',
    ],
  ])('“%s”', (method, expected) => expect(kinds(method)).toBe(expected));

  it('about how long a natural release takes is no word on venting', () => {
    const cycle = (words: string) =>
      dishOf('800 g venison\n300 ml stock', words).stages.find((s) => s.kind === 'pressure');
    expect(cycle('High pressure 30 min. Natural release (20ish min).')).toMatchObject({
      release: { kind: 'natural' },
    });
    expect(cycle('High pressure 30 min. Natural release 20 min.')).toMatchObject({
      release: { kind: 'timed', minutes: 20 },
    });
  });

  it('“if not, 5 more” is a check, told once', () => {
    const { stages } = dishOf(
      '1.6 kg chicken\n300 ml stock',
      'High pressure 25 minutes, natural release. Check 74C in the thigh; if under, 5 more minutes. Lift it out.',
    );
    expect(stages.at(-1)).toMatchObject({
      kind: 'finish',
      text: 'Check 74C in the thigh. Lift it out.',
      checks: [{ minutes: 5 }],
    });
  });

  it('steps that look like notes are steps', () => {
    const steps = (method: string): string[] =>
      dishOf('200 g prunes\n500 ml custard\n1 bunch parsley\n1 lime', method).stages.map(
        (s) => s.text,
      );
    expect(
      steps(
        'Blend the prunes.\nFold into the custard, freeze in a box for at least 6 hours.\nMove to the fridge 20 min before serving.',
      ),
    ).toEqual(
      expect.arrayContaining([
        expect.stringContaining('freeze'),
        expect.stringContaining('fridge'),
      ]),
    );
    expect(
      steps(
        'Chop the prunes. High pressure 5 minutes, quick release. Poach them 4 minutes on sauté. Lime. Serve with rice.',
      ).at(-1),
    ).toContain('Lime.');
    expect(
      steps(
        'High pressure 20 minutes, quick release. parsley in. it’s better the next day and freezes fine.',
      ).at(-1),
    ).toBe('parsley in.');
  });

  it('how many a bird feeds is no second bird', () => {
    const read = importRecipe(
      'Tarragon chicken\nA whole bird of 1.6 kg feeds four.\n\n1 chicken, 1.6 kg\n200 ml stock\n\nHigh pressure 25 minutes, natural release.',
    );
    expect(read.ok && [read.value.serves, read.value.dish.ingredients.length]).toEqual([4, 2]);
  });
});

describe('what comes before what', () => {
  const waitsOf = (dish: Dish): string[] =>
    dish.stages
      .filter((s) => !s.id.startsWith('prepare'))
      .map((s) => (s.after ? `${s.id} < ${s.after.join(' + ') || 'nothing'}` : s.id));

  it('a filling is made before it is filled in, whatever tray it goes into', () => {
    const dish = dishOf(
      '3 aubergines\n600 g lamb mince\n100 g peas',
      'Aubergines and lamb into the pot. High pressure 8 minutes, quick release. Stir in the peas. Fill the shells, put them into a tray, oven 200C 25 min.',
    );
    expect(waitsOf(dish)).toEqual(['pressure', 'oven']);
  });

  it('what is lifted out is lifted before the oil is heated beside it', () => {
    const dish = dishOf(
      '2 sea bream\n2 tbsp oil\n4 spring onions\n250 ml water',
      'Bream on the rack over the water. Low pressure for 4 min, then quick release. Lift out carefully, pour away the liquid. Spring onions over. Heat the oil in a small pan until smoking, 2 min.',
    );
    expect(dish.stages.map((s) => s.text).slice(-2)).toEqual([
      'Lift out carefully, pour away the liquid. Spring onions over.',
      'Heat the oil in a small pan until smoking, 2 min.',
    ]);
  });

  it('juices that were strained into a jug wait for that, not for the pot', () => {
    const dish = dishOf(
      '2 kg lamb breast\n400 ml white wine',
      'Lamb and wine in. High pressure 55 mins, natural release. Chill overnight. Strain the juices into a jug, 5 min. Crisp the lamb in a 220C oven for 20 minutes. Boil the juices down on sauté, 12 min.',
    );
    expect(waitsOf(dish).at(-1)).toBe('simmer < finish');
  });

  it('roasting that is told with “meanwhile, heat the oven” begins beside what was told before', () => {
    const dish = dishOf(
      '900 g pork loin\n450 g carrots\n300 ml stock',
      'Let the pork sit at room temperature 30 minutes. Meanwhile, preheat oven to 425°F. Toss the carrots, roast 25 minutes. Sear the pork 8 minutes on sauté. Add the stock. High pressure 15 minutes, natural release.',
    );
    expect(waitsOf(dish)).toContain('brown < rest');
    expect(dish.stages.find((s) => s.kind === 'oven')?.uses).not.toContain('pork-loin-roast');
  });
});

describe('heads of lists, and heat in brackets', () => {
  it.each<[string, string, number]>([
    [
      'Salmon with lentils for two\n\n2 salmon fillets\n\nMix it.',
      'Salmon with lentils for two',
      2,
    ],
    ['Summer pudding, for 6\n\n800 g berries\n\nMix it.', 'Summer pudding', 6],
    ['Leek broth, feeds 5ish\n\n3 leeks\n\nMix it.', 'Leek broth', 5],
    ['Peppers\nStarter for 6\n\n6 peppers\n\nMix it.', 'Peppers', 6],
  ])('%j', (text, name, servings) => {
    const read = importRecipe(text);
    expect(read.ok && [read.value.dish.name, read.value.serves]).toEqual([name, servings]);
  });

  it('the list may stand behind the yield', () => {
    const read = importRecipe(
      'Brown rice\nFor 4: 1 1/2 cups brown rice, 1 3/4 cups water\nHP 22, NPR 10.',
    );
    expect(read.ok && read.value.dish.ingredients.map((i) => i.amount)).toEqual([1.5, 1.75]);
    expect(read.ok && read.value.dish.unread).toEqual([]);
  });

  it.each([
    ['Roast in a very hot oven (240C/220 fan) 15 minutes.', 240],
    ['Roast in a 200C (180 fan) oven for 15 minutes.', 200],
    ['Roast at 200°C (gas 6) for 15 minutes.', 200],
  ])('“%s” is %s °C', (method, celsius) => {
    expect(readInstructions([method]).stages).toMatchObject([
      { kind: 'oven', celsius, minutes: 15 },
    ]);
  });

  it.each([
    ['onion 2 chopd', 'onion', 2],
    ['4 little gem, halved', 'little gem', 4],
  ])('“%s”', (line, food, amount) => {
    expect(dishOf(line, 'Mix it.').ingredients[0]).toMatchObject({ food, amount });
  });
});
