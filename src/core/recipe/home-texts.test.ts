/** Ordinary texts of home cooks: cards in columns, talk, short messages. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText, shape } from '../../../tests/support/imported';
import { parseLine } from './line';

const foods = (list: string, method = 'High pressure 10 minutes, quick release.'): string[] =>
  imported(list, method).dish.ingredients.map((i) => i.food);
const amountOf = (text: string, food: string) => {
  const found = importedText(text).dish.ingredients.find((i) => i.food.includes(food));
  return [found?.amount, found?.unit];
};

describe('lines of a list', () => {
  it('a food whose name begins as work does is no step', () => {
    const { dish } = imported(
      'Duck legs              4  ea\nBrown sugar            40 g\nRed wine               150 ml',
      'High pressure 35 minutes, natural release.',
    );
    expect(dish.ingredients.find((i) => i.food === 'Brown sugar')).toMatchObject({ amount: 40 });
    expect(dish.stages.every((s) => !/sugar/i.test(s.text))).toBe(true);
  });

  it('spoons behind brackets and behind what is done with it', () => {
    for (const [line, food] of [
      ['fennel seed, toasted ... 2 T', 'fennel seed'],
      ['salt (flakes) ... 2 T', 'salt'],
    ] as const)
      expect(parseLine(line)).toMatchObject({ amount: 2, unit: 'tbsp', food });
  });

  it('what more is wanted of one thing is told with it', () =>
    expect(parseLine('Zest of 1 lemon + 1 tbsp juice')).toMatchObject({
      amount: 1,
      food: 'lemon',
      preparation: 'zest of, plus 1 tbsp juice',
    }));

  it('“juice 1 lime” is a lime', () =>
    expect(parseLine('juice 1 lime')).toMatchObject({ amount: 1, food: 'lime' }));

  it('foods to serve, to top with, and typed without commas are each one', () => {
    expect(foods('500 g rice\nwhite pepper, spring onions, sesame oil, soy to serve')).toEqual([
      'rice',
      'white pepper',
      'spring onions',
      'sesame oil',
      'soy',
    ]);
    expect(foods('500 g rice\nsour cream + coriander for the top').slice(1)).toEqual([
      'sour cream',
      'coriander',
    ]);
    expect(foods('500 g rice\n2 tsp cumin 1 tsp oregano').slice(1)).toEqual(['cumin', 'oregano']);
  });

  it('a size told in brackets makes no list of one line', () =>
    expect(foods('6 beetroot (about 150 g each), scrubbed, stalks trimmed to 2 cm')).toEqual([
      'beetroot',
    ]));

  it('a piece of ginger by its length is one', () =>
    expect(foods('500 g rice\n4cm ginger, half sliced, half in fine matchsticks')[1]).toMatch(
      /ginger/,
    ));
});

const TALK = `okay so today we're doing a really simple chickpea and spinach curry in the pressure cooker
so first i soaked two cups of chickpeas last night, drain them
hit saute and fry two onions for 8 minutes with a teaspoon of turmeric
four tomatoes i just blitzed them up, pour that in with three cups of water
high pressure 15 minutes and let it release naturally ten minutes
a big bag of spinach, that's 200 grams, stir it through
squeeze of lemon, garam masala on top about half a teaspoon`;

describe('talk', () => {
  it('is called what it says it makes', () =>
    expect(importedText(TALK).dish.name).toBe('Chickpea and spinach curry'));

  it('its foods hold no talk, and have their amounts', () => {
    const { dish } = importedText(TALK);
    const named = dish.ingredients.map((i) => i.food);
    expect(named).toEqual(expect.arrayContaining(['chickpeas', 'tomatoes', 'lemon']));
    expect(amountOf(TALK, 'masala')).toEqual([0.5, 'tsp']);
    expect(amountOf(TALK, 'spinach')).toEqual([200, 'g']);
  });

  it('“last night” is a night', () =>
    expect(importedText(TALK).dish.stages.find((s) => s.kind === 'soak')).toMatchObject({
      minutes: 480,
    }));

  const LETTER = `Gammon
1.5kg gammon joint into the pot with a litre of dry cider and an onion. High pressure 38 minutes, natural release.
We do ours in the 6 litre every winter. Don't throw the liquor, we make pea soup with it the day after.
Leftovers make a nice lunch with a boiled egg (7 minutes from boiling).`;

  it('a cooker’s size and another day’s meal are no ingredients', () => {
    const named = importedText(LETTER).dish.ingredients.map((i) => i.food);
    expect(named.some((f) => /winter|soup|lunch|egg/i.test(f))).toBe(false);
    expect(named.some((f) => /cider/.test(f))).toBe(true);
  });

  it('“feeds me & 3 flatmates” is four', () =>
    expect(
      importedText(
        'Bean soup\n450g black beans\n1.5L stock\nbeans and stock in, 35 min high pressure, natural release\nfeeds me & 3 flatmates',
      ).serves,
    ).toBe(4));

  it('the tin that talk names is measured by it', () => {
    const { questions, dish } = importedText(
      'Cheesecake\nDarling, here it is. You need a 7 inch springform.\n\nBase: 120g biscuits, 60g butter.\nFilling: 450g cream cheese, 130g sugar, 2 eggs.\n\nPress in the base. Beat the rest and pour it in. 1 cup of water in the pot, trivet, tin on it. High pressure 32 minutes, natural release 15 minutes.\nServes 8',
    );
    expect(questions.every((q) => q.about.kind !== 'pan')).toBe(true);
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: { diameterMm: 178 },
    });
  });
});

const FILMED = `[00:03] Hello hello and welcome to my tiny kitchen
[00:07] so tonight it's a Moroccan-ish lamb thing with prunes, it's a winner every time
[00:15] I've got here about a kilo of lamb shoulder and I've cut that into, what, four centimetre chunks
[00:24] right sauté on high, bit of oil, and you don't want to crowd it so I'm doing this in three batches, each one gets about five minutes
[00:41] okay meat's out. two onions sliced, in they go, six minutes
[01:08] a tin of tomatoes, the four hundred gram ones, and I rinse it out with water
[01:24] lamb back in, lid on, and we're going twenty five minutes on high
[01:31] when it beeps I leave it fifteen minutes and then I flick the valve
[01:38] in with the prunes, about twelve of them, and a spoon of honey
[01:58] toasted almonds on top, coriander, done. that'll do four of us with couscous`;

describe('a film written down', () => {
  const read = importedText(FILMED);
  const of = (food: string) => read.dish.ingredients.find((i) => i.food.includes(food));

  it('a greeting is no title, and what the whole is called no food', () => {
    expect(read.dish.name).toBe('Moroccan-ish lamb thing with prunes');
    expect(read.dish.ingredients.filter((i) => /lamb/.test(i.food))).toHaveLength(1);
    expect(of('lamb')).toMatchObject({ amount: 1, unit: 'kg', pieceMm: 40 });
  });

  it('sizes are none of their own, and “about twelve of them” are the prunes', () => {
    expect(read.dish.ingredients.some((i) => /ones|chunks/.test(i.food))).toBe(false);
    expect(of('prunes')).toMatchObject({ amount: 12 });
    for (const food of ['oil', 'honey', 'almonds', 'coriander']) expect(of(food)).toBeDefined();
  });

  it('work told by somebody who talks is work', () =>
    expect(shape(read.dish).slice(0, 1)).toEqual([['brown', 21]]));
});

describe('what stands beside the food', () => {
  it('“about two and a quarter kilograms in all” weighs the thing before it', () => {
    const { dish } = importedText(
      'Oxtail\nAsk for two oxtails, cut through at the joints; you will need about two and a quarter kilograms in all. Put them in with half a pint of white wine and four carrots. High pressure fifty minutes, natural release. Serves 6. A purée of potatoes is the right thing with it.',
    );
    expect(dish.ingredients.map((i) => i.food)).not.toContain('in all');
    expect(dish.ingredients.some((i) => /potato/.test(i.food))).toBe(false);
    expect(dish.ingredients.find((i) => /oxtail/.test(i.food))).toMatchObject({
      amount: 2.25,
      unit: 'kg',
    });
  });

  it('“50g butter + 30g for the hazelnuts” is butter, all of it', () =>
    expect(
      imported('50g butter + 30g for the hazelnuts', 'High 8 min, QR.').dish.ingredients,
    ).toEqual([expect.objectContaining({ food: 'butter', amount: 80, unit: 'g' })]));

  it('a title that counts ways is one', () =>
    expect(
      importedText(
        'Sea bass with fennel – two ways\n\nIngredients (for 2)\n2 sea bass fillets, 150 g each\n250 ml water\n\n5 minutes on low pressure, quick release.',
      ).dish.name,
    ).toBe('Sea bass with fennel – two ways'));

  it('cookers are needed, and not eaten', () =>
    expect(
      imported(
        'You need two 8 litre cookers or do it in two goes.\n2 kg brown lentils\n5 litres stock',
        'High 18 min. Natural 15, then quick.',
      ).dish.ingredients.map((i) => i.food),
    ).toEqual(['brown lentils', 'stock']));

  it('“2 × 400 g tinned chickpeas” are two tins', () =>
    expect(
      imported('2 × 400 g tinned chickpeas', 'High 8 min, QR.').dish.ingredients[0],
    ).toMatchObject({ amount: 800, unit: 'g' }));

  it('how it is cut is no name', () =>
    expect(parseLine('800 g waxy potatoes in 3 cm chunks')).toMatchObject({
      food: 'waxy potatoes',
      preparation: 'in 3 cm chunks',
    }));

  it('“all finely chopped” is each of them, and a zest stays a zest', () => {
    const { dish } = importedText(
      'Veal shin\nServes: 4\nPreparation time: 25 mins\n\n4 slices veal shin\n1 onion, 1 carrot, 1 stick celery, all finely chopped\n250ml stock\nGremolata: zest of 1 lemon, 1 garlic clove, small bunch flat-leaf parsley\n\nBrown the veal on sauté 6 minutes. Add the rest. Cook for 35 mins on high pressure, natural release.',
    );
    const of = (food: string) => dish.ingredients.find((i) => i.food.includes(food))?.preparation;
    for (const food of ['onion', 'carrot', 'celery']) expect(of(food)).toBe('finely chopped');
    expect(of('lemon')).toBe('zest of');
  });

  it('how long the preparation takes heads no method', () =>
    expect(
      importedText(
        'Stew\nPreparation time: 25 mins\n\n500 g lamb\n250 ml stock\n\nHigh pressure 20 minutes, quick release.',
      ).leftOut,
    ).toContain('Preparation time: 25 mins'));

  it('“S&P, 3 tbsp oil” and “cucumber slices, coriander” are several', () => {
    expect(foods('500 g beef\nS&P, 3 tbsp oil').slice(1)).toEqual(['salt', 'ground pepper', 'oil']);
    expect(foods('500 g rice\nCucumber slices, coriander').slice(1)).toEqual([
      'Cucumber slices',
      'coriander',
    ]);
    // The kind of one food, told behind it, is no second one.
    expect(foods('500 g beef\ntomatoes, plum')).toHaveLength(2);
  });

  it('a title with its facts behind bars is one, and a greeting is none', () => {
    const named = (head: string): string =>
      importedText(`${head}\n\n600g rice\n380ml stock\n\nHP 5 min. NPR 10 min.`).dish.name;
    expect(named('Weeknight Chicken & Rice  |  Serves 3-4  |  40 min')).toBe(
      'Weeknight Chicken & Rice',
    );
    expect(named("hey! here's the dal you liked")).toBe('Dal you liked');
  });

  it('prose tells its list and its work in the same sentences', () => {
    const { dish, serves } = importedText(
      "Leek gratin, the lazy way\n\nSlice 1kg of floury potatoes and 3 leeks about half a centimetre thick. Put them in the pot with 300ml vegetable stock. Pressure cook 3 minutes on high, quick release. Tip into a shallow ovenproof dish. Warm 200ml double cream with a crushed clove of garlic and a teaspoon of mustard, pour over, cover with 100g grated gruyere. Then it's 20 minutes at 200C (180 fan, gas 6) till it's bubbling and brown. Four for supper with a salad, six as a side.",
    );
    const named = dish.ingredients.map((i) => i.food);
    expect(named).toEqual(
      expect.arrayContaining(['leeks', 'double cream', 'mustard', 'gruyere', 'clove of garlic']),
    );
    expect(dish.stages.find((s) => s.kind === 'oven')).toMatchObject({ minutes: 20, celsius: 200 });
    expect(dish.stages.map((s) => s.text).join(' ')).toMatch(/Slice 1kg.*Warm 200ml/);
    expect(serves).toBe(4);
  });

  it('a last sentence without a verb is work like the ones beside it', () => {
    const { dish } = importedText(
      'Split pea soup\n\n500 g green split peas\n1.6 litres stock\nhandful mint\n1 lemon\n\nPressure cook the peas in the stock for 15 minutes on high, quick release. Blend with most of the mint. Lemon, salt. Serve with the rest of the mint and some yoghurt. Enough for 6.',
    );
    expect(dish.unread).toEqual([]);
    expect(dish.stages.map((s) => s.text).join(' ')).toContain('Lemon, salt.');
  });
});

describe('what is done', () => {
  const kinds = (
    method: string,
    list = '500 g lamb\n1 onion\n250 ml stock',
  ): (string | number)[][] => shape(imported(list, method).dish);

  it('“rest legs 5” is five minutes', () =>
    expect(kinds('High pressure 35 min, NR. Check seasoning. Rest legs 5. Plate.')).toContainEqual([
      'rest',
      5,
    ]));

  it('blending for a minute is hands and no wait, however long its list is', () =>
    expect(
      kinds(
        'High pressure 50 minutes, quick release. Blend the tahini with lemon, garlic and salt for a full minute, add the chickpeas and process for 4 minutes.',
        '200 g chickpeas\n100 g tahini\n1 lemon\n1 l water',
      ),
    ).toContainEqual(['finish', 5]));

  it('“in the same pan” is the one on the stove, where there was one', () => {
    const method = 'toast the almonds in a dry frying pan, 3 minutes. ';
    const same = 'Melt the butter in the same pan and soften the shallots for 5 minutes.';
    const list = '600 g beans\n40 g almonds\n30 g butter\n2 shallots';
    expect(kinds(method + same, list).map(([kind]) => kind)).toEqual(['burner']);
    expect(kinds(same, list)).toContainEqual(['brown', 5]);
  });

  it('“(or refrigerate overnight)” and “, if it’s thin, 5 mins” are no steps', () => {
    expect(
      kinds('Rub all over and stand for 30 minutes (or refrigerate overnight). High 25 min, QR.'),
    ).toEqual([
      ['prep', 4],
      ['rest', 30],
      ['pressure', 25],
    ]);
    expect(kinds("25 mins high, QR. Reduce if it's thin, 5 mins or so. Serve.")).toEqual([
      ['pressure', 25],
      ['finish', 3],
    ]);
  });

  it('degrees with a decimal are no minutes: “10 min to setting point, 104.5C”', () =>
    expect(
      kinds('High 10 minutes, natural release. Boil hard for 10 min to setting point, 104.5C.').at(
        -1,
      ),
    ).toEqual(['simmer', 10]));

  it('what is stirred in off the heat leaves the minutes before it on the heat', () =>
    expect(
      kinds(
        'Meanwhile cook the nuts in 30g butter in a small pan until nut brown, 4 min; off the heat add the lemon juice. High 25 min, QR.',
        '60 g hazelnuts\n80 g butter\n1 lemon\n500 g celeriac\n200 ml stock',
      )[0],
    ).toEqual(['burner', 4]));

  it('“Hi 4min” is high', () =>
    expect(
      imported('500 g rice\n500 ml stock', 'Lock. Hi 4min. NR 10min then QR.').questions,
    ).toEqual([]));

  it('“5 min ea” is five for each batch', () =>
    expect(kinds('Brown beef in 4 batches (5 min ea). Remove. HP 35. NR.')[0]).toEqual([
      'brown',
      20,
    ]));

  it('pasta boiled beside, told in brackets, and “if loose” are not simmered', () =>
    expect(
      kinds(
        'HIGH 18 min. Natural 15, then quick. Simmer on sauté 10 min w/out lid if loose. Serve on 3.5 kg dried spaghetti (boil in 4 big pans, salted, 9 min).',
      ),
    ).toEqual([
      ['pressure', 18],
      ['burner', 9],
    ]));

  const BIRDS =
    'Joint the birds (or ask your butcher to): two legs, two breasts from each. Brown the pieces on sauté for 10 minutes. High pressure 8 minutes, quick release. Tuck the breasts in and cook another 4 minutes at high pressure, natural release for 5 minutes. Meanwhile heat the oven to 220 °C. Lay the pieces on a tray and crisp in the oven for 8 minutes.';
  const birds = imported('2 guinea fowl (about 1.3 kg each)\n300 ml cider', BIRDS);

  it('jointing is work of its own, and a jointed bird is as thick as its joints', () => {
    expect(birds.dish.stages[0]).toMatchObject({ kind: 'prep' });
    expect(birds.dish.stages[0]?.text).toMatch(/^Joint/);
    expect(birds.dish.ingredients[0]).toMatchObject({ pieceMm: 45 });
  });

  it('what comes out of the pot is crisped after it, though the oven heats meanwhile', () => {
    const oven = birds.dish.stages.find((s) => /crisp in the oven/.test(s.text));
    expect(oven?.after).toBeUndefined();
    expect(birds.stages.at(-1)).toMatchObject({ meanwhile: false });
  });

  it('“at least 1 hour, better overnight” is an hour', () =>
    expect(
      kinds(
        'Boil the vinegar and sugar in a small pan for 2 minutes. Pour over the cabbage and leave at least 1 hour, better overnight.',
        '500 g cabbage\n150 ml vinegar\n2 tbsp sugar',
      ),
    ).toEqual([
      ['burner', 2],
      ['soak', 60],
    ]));

  it('butter of the sauce is none of the cake’s', () => {
    const { dish } = imported(
      '80 g butter\n120 g dark brown sugar\n170 g flour\nToffee sauce: 200 ml cream, 120 g dark brown sugar, 50 g butter',
      'Beat butter & sugar, fold in the flour. Pour 400 ml water into the cooker, add rack, lower in the basin. High pressure 25 minutes, natural release 10. Sauce: bring everything to the boil in a saucepan, simmer 3 minutes.',
    );
    const uses = Object.fromEntries(dish.stages.map((s) => [s.kind, s.uses]));
    expect(uses['prep']).toEqual(['butter', 'brown-sugar', 'flour']);
    expect(uses['burner']).toEqual(['cream', 'brown-sugar-2', 'butter-2']);
  });

  it('minutes of the onion are none of the meat’s, which are guessed for each batch', () => {
    const { dish } = imported(
      '1.4 kg beef\n1 onion\n250 ml ale',
      'Brown the beef in batches. Fry the onion 5 mins. 25 mins high, QR.',
    );
    const [meat, onion] = dish.stages.filter((s) => s.kind === 'brown');
    expect(meat).toMatchObject({ guessed: true });
    expect(meat && 'minutes' in meat && meat.minutes >= 16).toBe(true);
    expect(onion).toMatchObject({ minutes: 5 });
  });

  it('an oven’s range without a unit is minutes', () =>
    expect(kinds('High 55, NR 20. Belly to tray. Oven 240C 20-25 till blistered.')).toContainEqual([
      'oven',
      20,
    ]));

  it('a dough is made before the oven takes it', () =>
    expect(
      kinds(
        'High 20 min, QR. Heat the oven to 160°C. Rub the butter into the flour and press into a tin. Prick all over. Bake for 35 minutes.',
        '500 g apples\n100 g butter\n150 g flour\n100 ml water',
      ).map(([kind]) => kind),
    ).toEqual(['pressure', 'prep', 'oven']));

  it('half and the rest of it in one step is all of it', () => {
    const { dish } = imported(
      '3 tbsp dripping\n500 g beef\n2 onions\n250 ml stock',
      'Heat half the dripping on sauté and brown the beef for 8 minutes. Add the rest of the dripping and the onions and cook for 6 minutes. Pour in the stock. High 50 min, natural release. Skim off the fat and boil on sauté for 10 minutes.',
    );
    const users = dish.stages.filter((s) => s.uses.some((id) => /dripping|fat|lard/.test(id)));
    expect(users.map((s) => s.kind)).toEqual(['brown']);
    expect(users[0]?.parts).toBeUndefined();
  });
});
