import { describe, expect, it } from 'vitest';
import type { Dish } from '../dish';
import { importRecipe } from './index';

function read(text: string): Dish {
  const read = importRecipe(text);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.value.dish;
}
/** Each stage by its kind, with the kinds of what it waits for where that is not the one above. */
function waits(dish: Dish): string[] {
  const label = (id: string): string => dish.stages.find((s) => s.id === id)?.kind ?? '?';
  return dish.stages
    .filter((s) => !s.id.startsWith('prepare'))
    .map((s) => (s.after ? `${s.kind} < ${s.after.map(label).join(' + ') || 'nothing'}` : s.kind));
}

const recipe = (list: string, method: string): string =>
  `A dish\nServes 4\n\nIngredients\n${list}\n\nMethod\n${method}`;

describe('what a method lets go on side by side', () => {
  it('the sauce goes on from the pot while the meat is in the oven; both meet at the table', () => {
    const dish = read(
      recipe(
        '1.5 kg pork belly\n300 ml cider\n1 tbsp cornflour',
        'Lay the belly in the cider. High pressure 50 minutes, natural release.\nCrisp the belly in the oven at 230 C for 20 minutes.\nMeanwhile, skim the juices, 3 minutes. Reduce the juices on sauté for 10 minutes.\nLet the belly rest for 10 minutes. Carve and serve with the sauce.',
      ),
    );
    expect(waits(dish)).toEqual([
      'pressure',
      'crisp',
      'finish < pressure',
      'simmer',
      'rest < crisp',
      'finish < rest + simmer',
    ]);
  });

  it('what is fried in a pan with nothing of the pot waits for nothing', () => {
    const dish = read(
      recipe(
        '600 g green beans\n200 ml water\n30 g hazelnuts\n20 g butter',
        'Steam the beans over the water at low pressure for 1 minute, quick release.\nToast the hazelnuts in the butter in a frying pan, 4 minutes. Toss with the beans.',
      ),
    );
    expect(waits(dish)).toEqual(['pressure', 'burner < nothing', 'finish < pressure + burner']);
  });

  it('a second pot is a pot of its own, and “second” no time', () => {
    const dish = read(
      recipe(
        '800 g squid\n400 g chickpeas\n300 g couscous\n400 ml water',
        'High pressure for the squid, 15 minutes, quick release. Tip in the chickpeas and simmer 4 minutes.\nIn a second pot, simmer the couscous in the water for 6 minutes.\nServe the squid over the couscous.',
      ),
    );
    expect(dish.unread).toEqual([]);
    expect(waits(dish)).toEqual([
      'pressure',
      'simmer',
      'simmer < nothing',
      'finish < simmer + simmer',
    ]);
  });

  it('made by itself for later: “for the …”, or mixed of its own things', () => {
    const dish = read(
      recipe(
        '4 duck legs\n200 g yogurt\n1 bunch mint',
        'High pressure for the duck legs, 35 minutes, natural release.\nMix the yogurt with the mint, 3 minutes.\nServe the duck with it.',
      ),
    );
    expect(waits(dish)).toEqual(['pressure', 'finish < nothing', 'finish < pressure + finish']);
  });

  it.each([
    'Blend with the coconut milk.',
    'Blend until smooth with the coconut milk.',
    'Blend, coconut milk in.',
  ])('“%s” is the soup, and waits for it', (words) => {
    const dish = read(
      recipe(
        '1.5 kg squash\n700 ml stock\n400 ml coconut milk',
        `Squash and stock in. 8 minutes on high pressure, quick release.\n${words}`,
      ),
    );
    expect(waits(dish)).toEqual(['pressure', 'finish']);
  });

  it('what was picked off the bones goes back into its sauce before the pasta boils beside it', () => {
    const dish = read(
      recipe(
        '2 kg oxtail\n1 tin tomatoes\n800 g gnocchi',
        'Tomatoes in, oxtail in. 60 minutes on high, natural release.\nLift out the oxtail, pick the meat off the bones (15 minutes). Meanwhile reduce the sauce on saute 10 minutes.\nStir the meat back into the sauce. Boil the gnocchi in a big pan of salted water for 3 minutes. Toss with the ragu.',
      ),
    );
    expect(waits(dish)).toEqual([
      'pressure',
      'finish',
      'simmer < pressure',
      'finish < finish + simmer',
      'burner < nothing',
      'finish < finish + burner',
    ]);
  });

  it('of two lines of one food each stage takes the one whose amount it names', () => {
    const dish = read(
      recipe(
        '200 g pudding rice\n60 g sugar\n4 oranges\n100 g sugar for the caramel',
        'Rice and 60 g sugar into the pot. High pressure 20 minutes, natural release.\nFor the oranges: melt the 100 g sugar in a dry pan, 6 minutes, pour over the oranges.',
      ),
    );
    const uses = dish.stages.map((s) => s.uses.filter((id) => id.startsWith('sugar')));
    expect(uses).toEqual([['sugar'], ['sugar-2']]);
  });

  it('what cools in its liquid has let its pressure go', () => {
    const dish = read(
      recipe(
        '1 octopus, about 1.2 kg',
        '15 minutes on high pressure, natural release. Let it cool in its liquor for 20 minutes.',
      ),
    );
    expect(dish.stages).toMatchObject([
      { kind: 'pressure', release: { kind: 'natural' } },
      { kind: 'rest', minutes: 20 },
    ]);
  });

  it('stirred into the pot, it waits for the pot', () => {
    const dish = read(
      recipe(
        '1 pheasant\n300 ml cider\n2 tbsp flour\n150 ml cream',
        'High pressure for the pheasant in the cider, 25 minutes, natural release.\nWhile the pot comes down, whisk the flour with the cream in a bowl.\nLift out the meat and pull it off the bones, 10 minutes. Stir the cream mixture into the liquid and simmer 5 minutes.',
      ),
    );
    expect(waits(dish)).toEqual([
      'pressure',
      'prep < nothing',
      'finish < pressure',
      'simmer < finish + prep',
    ]);
  });

  it('“while the ribs cook” says when, and no food of its own', () => {
    const dish = read(
      recipe(
        '2 kg beef short ribs\n400 ml stock\n1 kg celeriac\n200 ml cream',
        'Ribs and stock in. High pressure 50 minutes, natural release.\nWhile the ribs cook, simmer the celeriac in the cream in a covered saucepan for 25 minutes.\nServe the ribs on the celeriac.',
      ),
    );
    expect(waits(dish)).toEqual(['pressure', 'burner < nothing', 'finish < pressure + burner']);
  });

  it('beating and chopping that is timed is work of the hands, not of what went on before', () => {
    const dish = read(
      recipe(
        '400 g rhubarb\n175 g butter\n3 eggs',
        'Stew the rhubarb in a small pan for 6 minutes and let it cool for 15 minutes.\nBeat the butter and eggs, 8 minutes.\nHigh pressure 35 minutes, natural release.',
      ),
    );
    expect(dish.stages.map((s) => s.kind)).toEqual(['burner', 'rest', 'prep', 'pressure']);
  });

  it('a pot that is rinsed takes something new', () => {
    const dish = read(
      recipe(
        '250 g rice\n300 ml water\n600 g hake',
        'Put rice and water in the pot, low pressure 6 minutes, natural release 5 minutes.\nRinse the pot. Steam the hake on a rack over 200 ml water on high for 2 minutes, quick release.\nServe at once.',
      ),
    );
    expect(waits(dish)).toEqual(['pressure', 'pressure < nothing', 'finish < pressure + pressure']);
  });

  it('a plain recipe stays one chain', () => {
    const dish = read(
      recipe(
        '800 g venison\n2 onions\n2 tbsp oil\n300 ml stock',
        'Brown the venison in the oil, 10 minutes. Add the onions and cook 4 minutes.\nDeglaze with the stock. High pressure 30 minutes, natural release.\nSimmer 5 minutes to thicken. Serve.',
      ),
    );
    expect(dish.stages.every((s) => s.after === undefined)).toBe(true);
  });
});

describe('parts that are told by themselves', () => {
  const shanks = read(
    recipe(
      '4 lamb shanks\n300 ml stock\n800 g potatoes\n100 ml milk\n400 g frozen peas\n1 bunch mint',
      'For the shanks: brown them in oil on sauté, 10 min. Add the stock. 45 minutes at high pressure, natural release.\nFor the mash: peel the potatoes, boil 20 minutes, drain and mash with the milk.\nFor the peas: boil 3 minutes, drain, crush with the mint.\nReduce the braising liquid, 10 minutes, and spoon over the shanks.',
    ),
  );

  it('each goes on by itself, on the stove where the pot is taken, and all meet at the table', () => {
    expect(waits(shanks)).toEqual([
      'brown',
      'pressure',
      'burner < prep',
      'finish',
      'burner < nothing',
      'finish',
      'simmer < pressure',
      'finish < simmer + finish + finish',
    ]);
    expect(shanks.stages.map((s) => s.text).slice(3, 7)).toEqual([
      'For the mash: peel the potatoes, boil 20 minutes',
      'Drain and mash with the milk.',
      'For the peas: boil 3 minutes',
      'Drain, crush with the mint.',
    ]);
  });

  it('what is peeled in the method has its minutes, before it goes on the heat', () => {
    expect(shanks.stages[0]).toMatchObject({ kind: 'prep', text: 'Prepare: potatoes (peeled)' });
  });

  it('noodles are drained where they boiled, and not when the sauce is made', () => {
    const dish = read(
      recipe(
        '1 rabbit\n200 ml wine\n300 g egg noodles\n30 g butter',
        'Rabbit and wine in. High pressure 20 minutes, natural release.\nMeanwhile boil the noodles in a pan on the hob for 8 minutes. Drain, toss in the butter.\nBoil the sauce down, 6 minutes. Serve the rabbit on the noodles.',
      ),
    );
    expect(waits(dish)).toEqual([
      'pressure',
      'burner < nothing',
      'finish',
      'simmer < pressure',
      'finish < simmer + finish',
    ]);
  });
});

describe('steps with a middle, waits and long rests', () => {
  const stageOf = (dish: Dish, kind: string) => dish.stages.find((s) => s.kind === kind);
  const LAMB = '2 kg leg of lamb\n2 tbsp oil';

  it.each([
    ['basting halfway', [0.5]],
    ['turning twice', [1 / 3, 2 / 3]],
    ['stirring every 20 minutes', [1 / 3, 2 / 3]],
    ['uncovering for the last 15 minutes', [0.75]],
  ])('%s', (words, shares) => {
    const dish = read(
      recipe(LAMB, `Roast the lamb in the oven at 180 C for 60 minutes, ${words}.`),
    );
    const oven = stageOf(dish, 'oven');
    expect(oven).toMatchObject({ minutes: 60 });
    expect(oven?.turns?.map((t) => t.at)).toEqual(shares.map((s) => expect.closeTo(s, 5)));
  });

  it('out of the fridge an hour before is no hour of work', () => {
    const dish = read(
      recipe(
        LAMB,
        'Take the lamb out of the fridge 1 hour ahead. Roast in the oven at 180 C for 90 minutes.',
      ),
    );
    expect(stageOf(dish, 'rest')).toMatchObject({ minutes: 60 });
  });

  it('overnight in the fridge is a night, whatever comes before it', () => {
    const dish = read(
      recipe(
        '600 ml cream\n150 g sugar',
        'Simmer the cream and sugar in a saucepan for 3 minutes. Chill in the fridge overnight.',
      ),
    );
    expect(stageOf(dish, 'rest')).toMatchObject({ minutes: 480, chilled: true });
    expect(dish.wait).toEqual({ maxMinutes: null, cost: 0 });
  });

  it('cold and not in the fridge is two hours at most (USDA FSIS), whatever it is', () => {
    const raw = read(recipe('400 g tuna\n1 lime', 'Dice the tuna. Toss with the lime juice.'));
    expect(raw.wait).toEqual({ maxMinutes: 120, cost: 0 });
  });

  it('what only boils needs nobody, what is stirred does', () => {
    const boiled = read(recipe('1 kg potatoes', 'Boil the potatoes on the stove for 18 minutes.'));
    expect(stageOf(boiled, 'burner')).toMatchObject({ minutes: 18, attended: false });
    const stirred = read(
      recipe(
        '200 g polenta\n1 l milk',
        'Simmer the polenta in the milk on the stove for 18 minutes, stirring all the time.',
      ),
    );
    expect(stageOf(stirred, 'burner')).toMatchObject({ attended: true });
  });

  it.each([
    ['Serve at once.', { maxMinutes: 5, cost: 3 }],
    ['It keeps for hours.', { maxMinutes: 240, cost: 0 }],
    ['Serve.', { maxMinutes: 90, cost: 1 }],
  ])('“%s” says how long it may wait', (words, wait) => {
    const dish = read(
      recipe('800 g venison\n300 ml stock', `High pressure 30 minutes, natural release. ${words}`),
    );
    expect(dish.wait).toEqual(wait);
  });
});

describe('what comes out of the pot before the pot goes on', () => {
  it('is lifted out first: the juices never boil with it in them', () => {
    const dish = read(
      recipe(
        '1.2 kg pork belly\n500 ml stock',
        'Pork in the stock. High pressure 50 minutes, natural release.\nLift onto a rack and pat dry. Grill for 12 minutes. While it crisps, boil the braising liquid down on sauté, about 12 min. Rest 10 min, carve.',
      ),
    );
    expect(waits(dish).slice(0, 4)).toEqual([
      'pressure',
      'finish',
      'crisp',
      'simmer < finish + pressure',
    ]);
  });

  it('leaves of a cabbage that was cooked to be peeled are rolled after it, whatever is fried', () => {
    const dish = read(
      recipe(
        '1 savoy cabbage\n350 g minced pork\n150 g lardons\n400 g tin tomatoes',
        'Cabbage on the rack over a cup of water; 3 minutes at high pressure, quick release. Peel off ten leaves. Mix the pork, put a spoonful on each leaf and roll up. Empty the pot. On sauté, fry the lardons, 5 minutes. Tomatoes in, rolls on top. 18 min at high pressure, natural release.',
      ),
    );
    const [first, work] = dish.stages.filter((s) => !s.id.startsWith('prepare'));
    expect([first?.kind, work?.kind]).toEqual(['pressure', 'prep']);
    expect(work?.after).toBeUndefined();
  });

  it('a sauce that goes on bubbling is in the pan that it was begun in', () => {
    const dish = read(
      recipe(
        '100 g dates\n100 g flour\n100 g sugar\n150 ml cream',
        'Dates and flour in four jars on the trivet over 350 ml water. High pressure 25 minutes, natural release. Meanwhile melt the sugar and cream in a small pan, 5 minutes. Bubble for 2 minutes until glossy. Pour over.',
      ),
    );
    expect(dish.stages.filter((s) => s.kind === 'simmer')).toEqual([]);
    expect(dish.stages.find((s) => s.kind === 'burner')).toMatchObject({ minutes: 7 });
  });

  it('herbs for the garnish are none of the spices that are fried', () => {
    const dish = read(
      recipe(
        '4 potatoes, cubed\n2 tsp turmeric\nCoriander leaves – for garnish\n100 ml water',
        'Add potatoes + all dry spices. Sauté 2 mins. Water in. High 2 mins, quick release. Garnish.',
      ),
    );
    const herb = dish.ingredients.find((i) => /leaves/.test(i.food))?.id ?? '';
    expect(dish.stages.filter((s) => s.uses.includes(herb)).map((s) => s.kind)).toEqual(['finish']);
  });
});

describe('a check without its unit', () => {
  it('“6 more” where the case is named is six minutes more, and no stage', () => {
    const dish = read(
      recipe(
        '1 duck\n150 ml port',
        'Port and duck in. High pressure 18 min, natural release. If it clings to the bone 6 more.',
      ),
    );
    expect(dish.stages.flatMap((s) => s.checks ?? [])).toEqual([
      { text: 'If it clings to the bone 6 more.', minutes: 6 },
    ]);
  });
});
