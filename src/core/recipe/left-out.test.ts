/** What talk and cards leave out: articles, units, where an amount belongs. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { dishOf, imported, kinds, shape } from '../../../tests/support/imported';
import { findAmounts } from '../units';
import { importRecipe } from './index';

describe('what talk and cards leave out', () => {
  const foods = (text: string): string[] => {
    const read = importRecipe(text);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    return read.value.dish.ingredients.map((i) =>
      [i.amount ?? '?', i.unit ?? '-', i.food].join(' '),
    );
  };

  it('“cup of barley” is one, and the amount may stand behind its food', () => {
    const told = foods(
      'right so this is for four. you take 500 grams chestnut mushrooms quartered and a leek sliced. cup of pearl barley, two cups of stock. fry the leek 4 minutes, then butter 40g and a spoon of honey, mushrooms in for another 5. barley and stock in, high pressure 18 minutes, quick release. parmesan 50 grams grated on top at the end',
    );
    expect(told).toEqual(
      expect.arrayContaining(['1 cup pearl barley', '40 g butter', '50 g parmesan', '2 cup stock']),
    );
    expect(told.join()).not.toMatch(/grated|then/);
  });

  it.each([
    ['cup of rice', 1],
    ['with cup of water', 1],
    ['stir in the cup of stock that was kept', 0],
    ['per cup of rice', 0],
    ['half a cup of rice', 0.5],
  ])('“%s”: %f', (text, amount) => {
    expect(findAmounts(text).map((a) => a.amount)).toEqual(amount === 0 ? [] : [amount]);
  });

  it('“prep 15 · cook 50 · rest 10” beside a yield is no food', () => {
    const list = '175 g butter, 3 eggs, 120 g self-raising flour';
    const told = foods(
      `Sponge\nserves 6-8 · prep 15 · cook 50 · rest 10\n\n${list}\n\n1) Beat all of it.\n2) In a basin on the rack. HIGH 35 min. Natural release 10 min.`,
    );
    expect(told.slice(0, 3)).toEqual(['175 g butter', '3 piece eggs', '120 g self-raising flour']);
    expect(told.join()).not.toMatch(/prep|rest|cook/);
  });

  it('“carrots peeled cut in batons” are carrots', () => {
    const { ingredients } = dishOf(
      '800 g carrots peeled cut in batons',
      'High 2 min, quick release.',
    );
    expect(ingredients[0]).toMatchObject({ food: 'carrots', preparation: 'peeled cut in batons' });
  });

  it('“an hour ahead is fine” is when, and no hour of salting', () => {
    const list = '1 kg lamb neck\n2 tsp salt';
    const method =
      'Salt the lamb the evening before (an hour ahead is fine). Brown it 6 min.\nHigh pressure 35 min, natural release 15 min.';
    expect(shape(dishOf(list, method)).flat()).not.toContain(60);
  });

  it('“since last night” is a night of soaking, and nobody is asked', () => {
    const { dish, questions } = imported(
      '400 g dried butter beans, soaked since last night\n400 ml stock',
      'Everything in. High pressure 20 min, natural release 15 min.',
    );
    expect(dish.stages[0]).toMatchObject({ kind: 'soak', minutes: 480 });
    expect(questions.filter((q) => q.text.includes('soaked'))).toEqual([]);
  });

  it('what is soaked in a letter’s first sentence is soaked, and measured in its mug', () => {
    const read = importRecipe(
      'Subject: RE: the coconut thing\n\nHi love,\nHere it is. Feeds the four of us.\nSoak 300g chickpeas the night before with a teaspoon of bicarb. In the morning drain and rinse. Fry an onion in oil on the saute for 5 mins, add a heaped tbsp of your curry powder. Tip in the chickpeas, a tin of tomatoes and a mug of water (about 300ml). Pressure, high, 20 minutes. I just leave it till the pin drops.',
    );
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const { dish } = read.value;
    expect(dish.name).toBe('the coconut thing');
    expect(dish.stages[0]).toMatchObject({ kind: 'soak', minutes: 480 });
    const told = dish.ingredients.map((i) => `${i.amount} ${i.unit} ${i.food}`);
    expect(told).toEqual(
      expect.arrayContaining([
        '300 g chickpeas',
        '1 tsp bicarb',
        '1 tbsp curry powder',
        '300 ml water',
      ]),
    );
  });

  it('days in the fridge are none on the heat', () => {
    const list = '600 g beets\n80 ml cider vinegar';
    const method =
      'Beets on the rack, 1 cup water. High 20 min. QR.\nVinegar in, sauté 4 min to syrup.\nServe warm or cold. Fridge 5 days.';
    const { dish } = imported(list, method);
    expect(
      shape(dish)
        .flat()
        .filter((m) => Number(m) > 60),
    ).toEqual([]);
    expect(dish.notes).toContain('Fridge 5 days');
  });

  it('salted overnight in the walk-in is a night in the cold', () => {
    const list = '2 kg beef short ribs\n20 g salt\n300 ml stock';
    const method =
      'Day before: salt ribs, uncovered in walk-in overnight.\nSear ribs, 3 min/side.\nHigh pressure 45 min, full NPR (25-30 min).';
    const { stages } = dishOf(list, method);
    expect(stages[0]).toMatchObject({ kind: 'rest', minutes: 480, chilled: true });
    expect(shape({ stages })).toContainEqual(['brown', 6]);
  });

  it.each([
    ['Doesn’t wait around: 10 mins tops.', 10],
    ['It won’t wait: 5 minutes at most.', 5],
    ['Hold covered at 65C up to 1 hr.', 60],
  ])('“%s” is the dish’s wait', (sentence, minutes) => {
    const { dish } = imported(
      '300 g rice\n330 ml water',
      `High 4 min, quick release.\n${sentence}`,
    );
    expect(dish.wait.maxMinutes).toBe(minutes);
    expect(shape(dish)).toEqual([['pressure', 4]]);
  });

  it('pressure that drops all the way is no release by the clock', () => {
    const [stage] = dishOf(
      '500 g split peas\n1.4 l water',
      '15 min on High; let the pressure drop naturally, all the way, 20-odd minutes.',
    ).stages;
    expect(stage).toMatchObject({ release: { kind: 'natural' } });
  });

  it.each([
    ['2 ea. onions, lg dice', 2, 'onions'],
    ['Beets, 600 g, scrubbed', 600, 'Beets'],
    ['25 g butter + a knob at the end', 25, 'butter'],
    ['squeeze of lemon', null, 'lemon'],
  ])('“%s”', (line, amount, food) => {
    const { ingredients } = dishOf(`1 kg potatoes\n${line}`, 'High 8 min, quick release.');
    expect(ingredients).toContainEqual(expect.objectContaining({ amount, food }));
  });

  it('a lid that keeps warm makes no cycle of the minute in the pan', () => {
    const { dish, questions } = imported(
      '250 g red lentils\n1 l stock\n200 g spinach\n2 tbsp ghee\n1 tbsp cumin seeds',
      '*Pressure Cook / High / 6 min.* NR 8, then QR.\nStir in spinach; lid on, keep warm, 2 min.\nTadka: ghee in a little pan, seeds till they pop (about 1 min), 1 more min. Pour over.',
      '_serves 4ish • 35 mins start to finish_',
    );
    expect(dish.servings).toBe(4);
    expect(shape(dish)).toContainEqual(['burner', 2]);
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    expect(dish.stages.map((s) => s.text).join()).not.toContain('*');
    expect(questions).toEqual([]);
  });

  it('“hi” behind minutes is high, and nobody is asked', () => {
    const { dish, questions } = imported(
      'belly, 900g, 6 thick slices\n1 cup water',
      'pot: water, belly in. 25 min hi. npr 10.',
    );
    expect(dish.ingredients[0]).toMatchObject({ food: 'belly', amount: 900, unit: 'g' });
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({ level: 'high' });
    expect(questions.filter((q) => q.text.includes('pressure'))).toEqual([]);
  });

  it.each([
    ['12 min HIGH. Leave 10 min. Open up.', 12, 10],
    ['High, 10. Leave 5, then let the rest go.', 10, 5],
  ])('“%s” behind frying is a cycle', (told, minutes, wait) => {
    const method = `Soften the onion in the oil on sauté, 8 min.\nStock and lentils in.\n${told}`;
    const { stages } = dishOf('300 g lentils\n1 onion\n1 l stock\n1 tbsp oil', method);
    expect(stages.find((s) => s.kind === 'pressure')).toMatchObject({
      holdMinutes: minutes,
      release: { kind: 'timed', minutes: wait },
    });
  });

  it('“sauté on high 5 min, leave 10 min” is none', () => {
    expect(kinds('Onion in the oil, sauté on high 5 min. Leave 10 min.')).not.toContain('pressure');
  });

  it('an unsoaked list asks nothing of soaking', () => {
    const { questions } = imported(
      '300 g brown lentils - no need to soak\n1 l water',
      'High 12 min, QR.',
    );
    expect(questions.filter((q) => q.text.includes('soaked'))).toEqual([]);
  });

  it('several foods on a line are several, wherever their numbers stand', () => {
    const list =
      'onion 2, carrot 2, celery 2 sticks - all blitzed\nveg stock cube + 500ml water\nred wine - a glass';
    const { ingredients } = dishOf(list, 'High 12 min, QR.');
    expect(ingredients.map((i) => [i.food, i.amount])).toEqual([
      ['onion', 2],
      ['carrot', 2],
      ['celery', 2],
      ['veg stock cube', null],
      ['water', 500],
      ['red wine', null],
    ]);
  });

  it('crème fraîche is no talk, and what follows a title’s dash is', () => {
    const told = foods(
      'Quince with butter — from the back of my notebook\n\n3 quinces\n300 g sugar\n700 ml water\ncrème fraîche for serving\n\nLow pressure, 25 minutes. Natural release.',
    );
    expect(told).toContain('? - crème fraîche');
    const read = importRecipe(
      'Quince with butter — from the back of my notebook\n\n3 quinces\n700 ml water\n\nLow pressure, 25 minutes.',
    );
    expect(read.ok && read.value.dish.name).toMatch(/^Quince with butter/);
  });

  it('spoken: the weight is the food’s of the sentence, a batch is counted once, warming is no cycle', () => {
    const read = importRecipe(
      'Okay, so beef cheeks. Serves four, easily. You want about 1.4 kilos, that’s four cheeks, trimmed. Get the pot really hot, a little dripping, and brown them two at a time, so four minutes a side, eight minutes a batch. Take them out. A cup of beef stock, the cheeks go back. Lid on, high pressure, fifty minutes, and then you leave it alone for at least twenty five minutes. Cheeks back in to warm through, five minutes on low. I do it with a celeriac purée but mash is lovely.',
    );
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const { dish } = read.value;
    expect(dish.ingredients[0]).toMatchObject({ food: 'cheeks', amount: 1.4, unit: 'kg' });
    expect(dish.ingredients.map((i) => i.food).join()).not.toMatch(/celeriac|want/);
    expect(shape(dish)).toContainEqual(['brown', 16]);
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    expect(shape(dish)).toContainEqual(['simmer', 5]);
  });

  it('a tray on the trivet is a pan above the pot’s water', () => {
    const { dish, questions } = imported(
      '5 eggs\n120 g cottage cheese',
      'Blend, into the silicone tray. Cover with foil.\n1 cup water in the pot, tray on the trivet.\nLow pressure 9 min, 5 min NR then QR.',
    );
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: expect.anything(),
    });
    expect(questions.some((q) => q.text.includes('pan'))).toBe(true);
  });

  it('“for a crowd (12)” is twelve', () => {
    expect(
      imported('500 g beans\n2 l water', 'High 12 min, NR.', 'Stew for a crowd (12)').dish.servings,
    ).toBe(12);
  });

  it('“lentils ??” above the list is no heading, but lentils, how many nobody knows', () => {
    const told = foods('Lentils thing\n\nlentils ??\n2 leeks\n1 l stock\n\nHigh 12 min, QR.');
    expect(told[0]).toMatch(/^\? - lentils/);
  });

  it('“beat everything else together” takes what no other step names', () => {
    const { stages } = dishOf(
      '175 g butter\n175 g caster sugar\n3 eggs\n120 g self-raising flour\n3 tbsp jam',
      'Butter a 1.2 litre basin; jam in the bottom.\nBeat everything else together, into the basin.\nBasin on the rack, 500 ml water in the pot. High 35 min, natural release 10 min.',
    );
    const beaten = stages.find((s) => s.text.includes('everything else'));
    expect(beaten?.uses).toEqual(expect.arrayContaining(['egg', 'caster-sugar']));
    expect(stages.find((s) => s.kind === 'pressure')?.uses).toEqual(['water']);
  });

  it('“sauté on medium and let it bubble” is one step', () => {
    expect(
      kinds(
        'High pressure 35 min, quick release.',
        'Lift the lamb out. Sauté on medium and let the beans bubble 8 to 10 min until saucy.',
      ),
    ).toBe('pressure, simmer 8');
  });
});

describe('what looks like a cycle or a list, and is none', () => {
  const read = (text: string) => {
    const found = importRecipe(text);
    if (!found.ok) throw new Error(found.problems[0]?.message);
    return found.value.dish;
  };
  const HEAD = 'Bean pot\nServes 4\n\n2 onions\n1 tin beans\n300 ml stock\n\n';
  const stagesOf = (method: string) =>
    read(`${HEAD}Add all. Cook on high pressure for 14 minutes, quick release. ${method}`)
      .stages.filter((s) => s.kind !== 'prep')
      .map((s) => [s.kind, 'minutes' in s ? s.minutes : s.kind === 'pressure' && s.holdMinutes]);

  it.each([
    ['Stir in the greens, put the lid on (no pressure) 5 min.', 'rest', 5],
    ['Drop the dumplings in, glass lid on, simmer on low saute for 15 min.', 'simmer', 15],
    ['Put the saucepan lid on and simmer for 12 minutes.', 'simmer', 12],
  ])('a lid that holds no pressure: %s', (method, kind, minutes) => {
    const found = stagesOf(method);
    expect(found.filter(([k]) => k === 'pressure')).toEqual([['pressure', 14]]);
    expect(found).toContainEqual([kind, minutes]);
  });

  it('how long it takes is no step', () => {
    const dish = read(
      `Bean pot\nServes 4\n\nPreparation: 15 minutes\nCooking: 5 minutes\n\n1 tin beans\n300 ml stock\n\n1. Cook on high pressure for 4 minutes, quick release.`,
    );
    expect(dish.stages.map((s) => s.kind)).toEqual(['pressure']);
  });

  it('an amount behind “a min.” begins the next sentence, and is no other flour', () => {
    const dish = read(
      'ok so here is the lamb thing you asked about\n\nyou want 1.5kg of lamb neck. Brown it, 5 min. Then 2 tbsp flour, stir for a min. 500ml of brown ale, let it bubble for 2, then 300ml beef stock. Cook on high pressure for 40, quick release. Then dumplings: 150g self-raising flour, 75g suet, 6 tbsp water, mix to a soft dough, roll into 8. Simmer 15 min. Serves 5.',
    );
    const amounts = Object.fromEntries(dish.ingredients.map((i) => [i.food, i.amount]));
    expect(amounts).toMatchObject({ flour: 2, 'self-raising flour': 150, 'brown ale': 500 });
    expect(dish.ingredients.map((i) => i.food).join()).not.toContain('dough');
    expect(dish.stages.map((s) => s.text).join(' ')).toContain('roll into 8');
  });

  it('what is shaped by hand is no frying, and what stands between two steps is told of the work', () => {
    const dish = read(
      `Leaf rolls\nServes 4\n\n200 g rice\n1 onion\n300 ml stock\n\nFry the onion on sauté, 10 mins. Roll a teaspoonful in each leaf - allow 40 mins for this. Line the pot with leaves. Pack the rolls tight, seam down, in layers. Pour over the stock. High pressure 18 min → natural 10 → release.`,
    );
    expect(dish.stages.map((s) => [s.kind, 'minutes' in s ? s.minutes : null])).toEqual([
      ['brown', 10],
      ['prep', 40],
      ['pressure', null],
    ]);
    expect(dish.stages[2]).toMatchObject({ release: { kind: 'timed', minutes: 10 } });
    expect(dish.stages[2]?.text).toContain('Pack the rolls tight');
  });

  it('numbers before a wide gap are marks, and a bunch says how large it is', () => {
    const dish = read(
      'Beet soup\nServes 4\n\n700 g beetroot\nsmall bunch dill\n1 l stock\n\nMETHOD\n1  Dice the beetroot.\n2  Tip in all. High pressure 8 min, quick release.\n3  Serve hot or chilled (chill 3 hrs).',
    );
    expect(dish.stages.map((s) => s.text).join(' ')).not.toMatch(/\b[123] {1,2}\p{Lu}/u);
    expect(dish.ingredients[1]).toMatchObject({ amount: 1, food: 'bunch dill' });
    expect(dish.stages.some((s) => s.kind === 'rest')).toBe(false);
  });

  it('said like a message: cycles without a lid, wilting under one, rice in the other pot', () => {
    const dish = read(
      'Hiya, as promised! Coconut dal w spinach. Enough for 4 with rice\n\nRinse 300g split red lentils till clear. Hit saute, fry 1 onion, sliced thin, 6-7 mins. 3 garlic, minced - 1 min. Lentils in, a 400ml tin coconut milk, 600ml water. SCRAPE THE BOTTOM. 5 mins high, leave 10, rest of the steam out. 200g spinach in, lid on 2 mins just to wilt. I do the rice (300g basmati, rinsed, 360ml water) in the other pot, 4 mins high then leave it the full 10.',
    );
    expect(dish.name).toBe('Coconut dal w spinach');
    const cycles = dish.stages.filter((s) => s.kind === 'pressure');
    expect(cycles.map((s) => [s.holdMinutes, s.release])).toEqual([
      [5, { kind: 'timed', minutes: 10 }],
      [4, { kind: 'timed', minutes: 10 }],
    ]);
    expect(dish.stages.some((s) => s.kind === 'rest' && s.minutes === 2)).toBe(true);
    const amounts = dish.ingredients.map((i) => `${i.amount} ${i.food}`);
    expect(amounts).toEqual(expect.arrayContaining(['3 garlic', '600 water', '360 water']));
  });

  it('a card of two days: what stands under “Day before” is of that day', () => {
    const dish = read(
      'Hake with white beans, 12 covers\n\nDay before\nSoak 600 g dried cannellini in plenty of cold water.\n\nOn the day\nBeans: drain; cover by 3 cm with water (about 1.8 l), 1 onion halved, 40 ml oil. HP 9 min, NR 15, release.\nHake: 1.7 kg, salted 15 min ahead. Rack, LP 2 min, QR. Or all together in a 150 °C oven, 12 min.',
    );
    expect(dish.name).toBe('Hake with white beans');
    expect(dish.notes).not.toContain('Day before');
    expect(dish.stages[0]).toMatchObject({ kind: 'soak', minutes: 480 });
    expect(dish.stages.some((s) => s.kind === 'oven')).toBe(false);
    expect(dish.stages.some((s) => s.kind === 'rest' && s.minutes === 15)).toBe(true);
    expect(dish.ingredients.map((i) => i.food)).toEqual(
      expect.arrayContaining(['water', 'cannellini', 'Hake']),
    );
  });

  it('standing before it is turned out is no part of the release', () => {
    const dish = read(
      'Sponge\nServes 8\n\n175g butter\n3 eggs\n\nCook at high pressure for 35 minutes. Natural release.\nLeave to stand for 5 minutes before turning out.',
    );
    expect(dish.stages[0]).toMatchObject({ kind: 'pressure', release: { kind: 'natural' } });
    expect(dish.stages[1]).toMatchObject({ kind: 'rest', minutes: 5 });
  });
});

describe('a thing done once more', () => {
  const stagesOf = (method: string) =>
    dishOf('8 peppers\n1 cup quinoa\n2 cups stock', method)
      .stages.filter((s) => s.kind !== 'prep')
      .map((s) => [s.kind, s.kind === 'pressure' ? s.holdMinutes : s.minutes, s.text]);

  it('takes as long again, and its words go with it', () => {
    const found = stagesOf(
      '1. Stand 4 peppers on the rack. High pressure 5 minutes, quick release. Repeat with the other 4.\n2. Grill for 3 minutes.',
    );
    expect(found.map(([kind, minutes]) => [kind, minutes])).toEqual([
      ['pressure', 5],
      ['pressure', 5],
      ['crisp', 3],
    ]);
    expect(found[1]?.[2]).toBe('Repeat with the other 4.');
  });

  it('what has no time is not repeated', () => {
    const found = stagesOf(
      '1. High pressure 5 minutes, quick release.\n2. Stuff a pepper. Repeat with the rest.',
    );
    expect(found.filter(([kind]) => kind === 'pressure')).toHaveLength(1);
  });

  it('beside a time in brackets each step has its own words', () => {
    const found = stagesOf(
      '1. High pressure 25 minutes, quick release.\n2. Sauté on low for 10 minutes while the pasta boils in a big pan of water (8 minutes).',
    );
    expect(found.map(([, , text]) => text).slice(1)).toEqual([
      'Sauté on low for 10 minutes',
      'The pasta boils in a big pan of water (8 minutes).',
    ]);
  });

  it('hands between two cycles have minutes of their own, and what is done to the pot none', () => {
    const found = stagesOf(
      '1. Cook the quinoa with the stock: high pressure 1 minute, quick release.\n2. Cut the tops off the peppers and pack them with the quinoa. Pour in 1 cup of water and stand them on the rack. High pressure 5 minutes, quick release.',
    );
    const { stages } = dishOf(
      '8 peppers\n1 cup quinoa\n2 cups stock',
      '1. Cook the quinoa with the stock: high pressure 1 minute, quick release.\n2. Cut the tops off the peppers and pack them with the quinoa. Pour in 1 cup of water. High pressure 5 minutes, quick release.',
    );
    expect(found.map(([kind]) => kind)).toEqual(['pressure', 'pressure']);
    const [work] = stages.filter((s) => s.kind === 'prep');
    expect(work?.text).toBe('Cut the tops off the peppers and pack them with the quinoa.');
    expect(work).toMatchObject({ minutes: expect.any(Number) as number });
    expect(work?.kind === 'prep' && work.minutes).toBeGreaterThanOrEqual(10);
  });
});

describe('cards and lodge books', () => {
  const read = (text: string) => {
    const found = importRecipe(text);
    if (!found.ok) throw new Error(found.problems[0]?.message);
    return found.value.dish;
  };

  it('several foods on a line, each with its number behind it', () => {
    const { ingredients, stages } = read(
      'Braised oxtail, my way\n\nFeeds 4.\n\nOxtail, 1.6kg, trimmed\nDripping or oil, 2 tbsp\nOnions x2, carrots x2, celery x2 (all in fat chunks)\nAnchovies, 4\nStout, 330ml\n\nMETHOD: Brown the oxtail, 20 mins. Stout, scrape, reduce by half - 5 mins. All back. 50 mins on high, then natural. Overnight in the fridge. Reheat on sauté, 15 mins.',
    );
    expect(ingredients.map((i) => `${i.amount} ${i.food}`)).toEqual([
      '1.6 Oxtail',
      '2 Dripping or oil',
      '2 Onions',
      '2 carrots',
      '2 celery',
      '4 Anchovies',
      '330 Stout',
    ]);
    expect(ingredients[4]?.preparation).toBe('all in fat chunks');
    const timed = stages.map((s) => [s.kind, 'minutes' in s ? s.minutes : null]);
    expect(timed).toEqual(
      expect.arrayContaining([
        ['simmer', 5],
        ['rest', 480],
        ['simmer', 15],
      ]),
    );
  });

  it('Roman numbers are marks, a half and a half are one food, and people are none', () => {
    const { ingredients, stages, servings } = read(
      'Venison pot\n4 people, one large pot\n\n1.8 kg venison haunch\n500 ml port & red wine, half and half\nstrip of orange zest\n\ni. Brown the venison, 6 min.\nii. Wine, zest. HP 22 min, NPR.\n',
    );
    expect(servings).toBe(4);
    expect(ingredients.map((i) => i.food).join('; ')).not.toMatch(/people|^and half|; and half/);
    expect(stages.map((s) => s.text).join(' ')).not.toMatch(/\bii?\. /);
    expect(stages.filter((s) => s.kind !== 'prep').map((s) => s.kind)).toEqual([
      'brown',
      'pressure',
    ]);
  });

  it('a part that is named and told in one line is a step', () => {
    const { stages } = read(
      'Date pudding\nServes 6\n\n200 g dates\n2 eggs\n200 ml cream\n\nHigh pressure 30 min. Natural release 15 min.\nMeanwhile sauce: melt all in a small pan on the hob, bubble 3 min.\nTurn out and serve.',
    );
    expect(stages.some((s) => s.kind === 'burner' && s.minutes === 3)).toBe(true);
  });

  it('what is told of a thing is no other thing', () => {
    const { ingredients } = read(
      'Pea soup\nServes 6\n\n1 frozen octopus, about 1 kg, thawed in the fridge\n2 litres water for soaking + 1.6 litres for cooking\n2 onions, 1 stuck with 3 cloves\ngreen cardamom 4 pods, cracked\n\n1/ Melt the butter, 3 min.\n2/ High pressure 25 min, quick release.',
    );
    expect(ingredients.map((i) => `${i.amount} ${i.unit ?? '-'} ${i.food}`)).toEqual([
      expect.stringMatching(/octopus$/) as string,
      '2 l water for soaking',
      '1.6 l water for cooking',
      '2 piece onions',
      expect.stringMatching(/^4 .*cardamom/) as string,
    ]);
  });

  it('of two cases the first stands, and the other is shown; what is carved is not cut before', () => {
    const { stages, unread } = read(
      'Artichokes\nServes 4\n\n4 globe artichokes\n300 ml water\n\nArtichokes on the rack. High for 10 minutes if they’re small, 14 if they’re big. Quick release. Slice the artichokes and fry in a pan, 5 minutes.',
    );
    expect(stages.filter((s) => s.kind === 'pressure')).toMatchObject([
      { holdMinutes: 10, release: { kind: 'quick' } },
    ]);
    expect([...unread, ...stages.map((s) => s.text)].join(' ')).toContain('14 if they’re big');
    expect(stages.some((s) => s.id === 'prepare')).toBe(false);
  });

  it('no minutes under pressure are a cycle, and what goes into the pot is told as work', () => {
    const dish = read(
      'Peanut noodles\n2 hungry people\n\nnoodles 180g\ngreen beans 200g\npeanut butter 3 T\nsoy 2 T\nlime 1\n\npot: 1 c water + rack. beans in steamer basket. 0 min high, QR!! tip into cold water.',
    );
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toMatchObject([
      { holdMinutes: 0, release: { kind: 'quick' } },
    ]);
    const said = dish.stages.map((s) => s.text).join(' ');
    expect(said).toContain('1 c water + rack');
    expect(said).toContain('beans in steamer basket');
    const amounts = dish.ingredients.map((i) => `${i.amount} ${i.unit} ${i.food}`);
    expect(amounts).toEqual(expect.arrayContaining(['3 tbsp peanut butter', '2 tbsp soy']));
    expect(amounts.join()).not.toMatch(/\bpot\b/);
  });

  it('meat that rests in foil is out of the pot, and what bubbles meanwhile is in it', () => {
    const { stages } = read(
      'Brisket\nServes 6\n\n1.5 kg brisket\n250 g beans\n200 ml water\n\nCook 75 minutes at high pressure. Let it go down on its own, about 25 min. Rest the brisket wrapped in foil for 20 minutes.',
    );
    expect(stages).toMatchObject([
      { kind: 'pressure', release: { kind: 'natural' } },
      { kind: 'rest', minutes: 20 },
    ]);
    const both = read(
      'Lamb\nServes 4\n\n900 g lamb breast\n250 g beans\n500 ml stock\n\nBeans, stock, lamb in. 45 min high pressure, 20 min natural, then vent. Crisp the lamb under a hot grill 8 min while the beans bubble down on sauté 6 min. Slice thick.',
    ).stages;
    const bubbling = both.find((s) => s.kind === 'simmer');
    expect(bubbling?.after).toEqual(['pressure']);
  });

  it('an old card in columns: its head is no cycle, its spoons are no marks, a third cycle is one', () => {
    const dish = read(
      'CHICKPEA STEW\nYield.......: 5 servings\nCook time...: 35 min at pressure + soaking\n\n  1 1/2  c   dried chickpeas\n      3  T   olive oil\n      1      large onion, chopped\n      5  c   water\n\nQuick-soak: boil chickpeas on saute 2 min, cover, let stand 1 hr; drain.\nChickpeas + 5 c water: high 20 min, natural 15.\nOnion in oil 6 min, tomatoes + chickpeas: high 10 min, quick.\nSpinach, lid on 3 min (off).',
    );
    const cycles = dish.stages.filter((s) => s.kind === 'pressure');
    expect(cycles.map((s) => s.holdMinutes)).toEqual([20, 10]);
    expect(dish.stages.some((s) => s.kind === 'rest' && s.minutes === 3)).toBe(true);
    expect(dish.ingredients[1]).toMatchObject({ amount: 3, unit: 'tbsp', food: 'olive oil' });
    expect(dish.servings).toBe(5);
    expect(dish.stages.some((s) => s.kind === 'soak')).toBe(false);
    expect(dish.stages.some((s) => s.kind === 'rest' && s.minutes === 60)).toBe(true);
  });

  it('an amount that nobody knows, before its food, loses no food', () => {
    const { ingredients } = read(
      'Kohlrabi\nServes 4\n\n3 kohlrabi\n?? g butter\n200 ml water\n\nSteam on high 4 min, QR.',
    );
    expect(ingredients.map((i) => i.food).join()).toContain('butter');
  });
});
