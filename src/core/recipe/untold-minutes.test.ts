/** What nobody tells is asked, and what is told of another time is no minute of this dish. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { newEntry } from '../meal';
import { unknownNotes } from '../menu/dish-notes';
import { answerQuestion } from './answers';
import { toText } from './export';
import { imported, importedText } from '../../../tests/support/imported';
import { servingsIn, findYield } from './lines/yields';

const LIST = '500 g beef chuck, diced\n1 onion\n300 ml stock';
const cyclesOf = (method: string) =>
  imported(LIST, method).dish.stages.flatMap((s) =>
    s.kind === 'pressure' ? [[s.holdMinutes, s.release.kind]] : [],
  );
const asksForMinutes = (method: string): boolean =>
  imported(LIST, method).questions.some((q) => /How long does it pressure cook/.test(q.text));

it('minutes that nobody told are none of the dish’s until they are: a plan stops for them', () => {
  const { dish, questions } = imported(LIST, 'Everything in. Pressure cook until done, vent.');
  const entry = newEntry('beef', dish.id);
  const stops = (d: typeof dish) =>
    unknownNotes(entry, d).flatMap((n) => (n.severity === 'stop' ? [n.code] : []));
  expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({ guessed: true });
  expect(stops(dish)).toEqual(['hold-untold']);
  // Written out, it claims none either.
  const back = importedText(toText(dish, 4, { scale: 'C', system: 'metric' }));
  expect(back.dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({ guessed: true });
  const asked = questions.find((q) => q.id.endsWith('.hold'));
  const told = asked && answerQuestion(dish, asked, '35');
  if (!told?.ok) throw new Error('not asked');
  expect(told.value.stages.find((s) => s.kind === 'pressure')).toMatchObject({ holdMinutes: 35 });
  expect(stops(told.value)).toEqual([]);
});

describe('a cycle whose minutes nobody tells', () => {
  it.each([
    'Brown the beef, 5 min. Add onion and stock. Lock the lid, high pressure. Natural release.',
    'Brown the beef. Everything in, seal it and cook until done, quick release.',
    'Brown the beef. Everything in. Close up and go by the usual time. Vent.',
    'Brown the beef. Everything in. High for as long as it takes to mow the lawn, then let the steam out.',
  ])('%s', (method) => {
    expect(cyclesOf(method)).toHaveLength(1);
    expect(asksForMinutes(method)).toBe(true);
  });

  it('what is brought to pressure and let go at once has none, and none are asked', () => {
    const method = 'Everything in, bring to high pressure and quick release immediately.';
    expect(cyclesOf(method)).toEqual([[0, 'quick']]);
    expect(asksForMinutes(method)).toBe(false);
  });

  it('minutes of the release are none of the hold that nobody tells', () => {
    const method =
      'All in. Lock the lid, high pressure until it is done. Natural release, 10 minutes.';
    expect(cyclesOf(method)).toEqual([[0, 'timed']]);
    expect(asksForMinutes(method)).toBe(true);
  });

  it('a rest told behind the release is no time at pressure', () => {
    const { dish } = imported(LIST, 'Everything in, seal, quick release. Leave it 10 minutes.');
    expect(dish.stages.find((s) => s.kind === 'rest')).toMatchObject({ minutes: 10 });
  });

  it('a level and a lid told in a word each are read, and stand with their cycle', () => {
    const { dish } = imported(LIST, 'All in. Lid on. High. 5 min. Quick release.');
    expect(dish.unread).toEqual([]);
    expect(dish.stages.find((s) => s.kind === 'pressure')?.text).toMatch(/Lid on\. High\. 5 min/);
  });

  it('a valve that is set to sealing lets nothing out', () =>
    expect(
      cyclesOf('All in. Close lid, vent SEALING. Pressure cook LOW for 5 minutes. NPR 5 mins.'),
    ).toEqual([[5, 'timed']]));
});

describe('times of something else', () => {
  const stagesOf = (method: string) => imported(LIST, method).dish.stages;
  const COOKED = 'Cook on high 10 minutes, quick release.';

  it('“for another day” is when the rest is used', () =>
    expect(
      stagesOf(`Core the cabbage. (Keep the heart for another day.) ${COOKED}`).some(
        (s) => s.kind === 'rest',
      ),
    ).toBe(false));

  it('“don’t … for more than 2 hours” is a limit', () =>
    expect(
      stagesOf(`${COOKED} Serve. Do not leave it on delay start for more than 2 hours.`).some(
        (s) => s.kind === 'rest' && s.minutes === 120,
      ),
    ).toBe(false));

  it('a display’s 10:00 is ten minutes, and the time before you get up none of it', () =>
    expect(
      cyclesOf(
        'All in. Press PRESSURE COOK / HIGH / 10:00, then DELAY START so it is going 45 minutes before you get up.',
      )[0]?.[0],
    ).toBe(10));

  it('“3 more” goes on with what is fried', () =>
    expect(
      stagesOf(
        `On sauté, fry the beef, around 5 minutes. Add the onion, 3 more. Stock in. ${COOKED}`,
      ),
    ).toEqual(expect.arrayContaining([expect.objectContaining({ kind: 'brown', minutes: 8 })])));
});

describe('amounts and foods told in passing', () => {
  const foodsOf = (text: string) =>
    importedText(text).dish.ingredients.map(({ amount, unit, food }) => [amount, unit, food]);

  it('bones that are thrown away are no ingredient, and water told in litres is one', () => {
    const foods = foodsOf(`Leek broth
You want a scrag end of lamb, a mugful of pearl barley, couple of carrots, a stick or two of celery and salt. Water to the line, I put 1.8 litres.
Lamb, water and barley in. Lid on, high, 25 minutes, natural release. Take the meat off the bone, chuck the bones. Does 6.`);
    expect(foods).toContainEqual([1.8, 'l', 'water']);
    expect(foods).toContainEqual([2, 'piece', 'carrots']);
    expect(foods.find(([, , food]) => /celery/.test(String(food)))?.[0]).toBe(1);
    expect(foods.some(([, , food]) => food === 'bones')).toBe(false);
    expect(foods.find(([, , food]) => food === 'pearl barley')?.[0]).toBeNull();
  });

  it('chuck is meat, and what is chucked in is eaten', () => {
    const foods = foodsOf(
      'Stew\nyou want 2 onions. brown the chuck on saute 8 min. chuck the carrots in. 500 ml stock. 35 min high, natural release. feeds 4',
    ).map(([, , food]) => food);
    expect(foods.some((food) => /^carrots?$/.test(String(food)))).toBe(true);
  });

  it('meat with its bone in has one name', () =>
    expect(
      foodsOf(
        'Ribs\nget 3 lbs bone in short ribs. brown them on saute 8 min. 1 cup red wine in. 45 min high, natural release. feeds 4',
      ),
    ).toContainEqual([3, 'lb', 'bone in short ribs']));

  it('a list in the middle of the work is told there, too', () => {
    const { dish } = importedText(
      'Ribs\nget 3 lbs short ribs and 2 onions. brown on saute 8 min. let it bubble 2 min. 1 cup beef broth, 2 carrots, 1 tsp thyme. ribs back in. 45 min high, natural release. feeds 4',
    );
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    expect(cycle?.sentence ?? cycle?.text).toMatch(/1 cup beef broth/);
  });

  it('so many of a thing, each for so many people', () => {
    expect(servingsIn(findYield('This makes enough for two pies, each for 4.'))).toBe(8);
    expect(servingsIn(findYield('Srvs 4'))).toBe(4);
  });

  it('a pan that is named beside the yield is not asked for', () => {
    const { questions } = importedText(
      'Cheesecake\nServes: 8   Pan: 7-inch springform\n300 g cream cheese\n2 eggs\n100 g sugar\n\nMix, pour into the pan. Pour 1 cup water into the pot, pan on the trivet. High 38 minutes, natural release.',
    );
    expect(questions.some((q) => /How wide/.test(q.text))).toBe(false);
  });
});

describe('other cases and other ways', () => {
  const methodOf = (method: string) => imported(LIST, method);

  it.each(['If it’s loose, sauté for 3 min to thicken.', 'If watery, sauté 3 mins.'])(
    '%s: told with its step, and no minutes of the plan',
    (check) => {
      const { dish } = methodOf(`All in. High 10 minutes, quick release. ${check}`);
      expect(dish.stages.some((s) => s.kind === 'simmer')).toBe(false);
      expect(JSON.stringify(dish.stages)).toContain(check.slice(0, 12));
    },
  );

  it('of two ways, each with a letter, the first is planned and the other shown', () => {
    const { dish } = methodOf(
      'All in. High 50 minutes, natural release. Either:\nA) grill on the lowest shelf 10 min, or\nB) oven at 240°C for 20 min.',
    );
    expect(dish.stages.filter((s) => s.kind === 'oven' || s.kind === 'crisp')).toHaveLength(1);
    expect(JSON.stringify(dish)).toContain('oven at 240');
  });

  it('letters alone are numbers of steps', () => {
    const { dish } = methodOf(
      'a) Brown the beef on sauté, 5 minutes.\nb) Simmer with the stock for 20 min.',
    );
    expect(dish.stages.some((s) => s.kind === 'simmer' && s.minutes === 20)).toBe(true);
  });

  it('minutes to an hour are one range', () => {
    const { dish } = methodOf('All in. High 8 minutes, natural release. Simmer 45 min to 1 hr.');
    expect(dish.stages.find((s) => s.kind === 'simmer')).toMatchObject({ minutes: 45 });
    expect(dish.stages.some((s) => 'minutes' in s && s.minutes === 105)).toBe(false);
  });

  it('jars are made, not served', () =>
    expect(findYield('Yield: about 5 half-pint jars')).toBe(''));

  it('a letter’s salutation is no food, and what fills the pot is told in its step', () => {
    const { dish } = importedText(`Tongue
Dear one,
One salted ox tongue (mine was 1.6 kg) - soak it overnight in cold water, change the water in the morning.
In the pressure cooker: the tongue, a carrot, and water to come two thirds up (mine took 2 litres). Give it 48 minutes on high. Natural release. Serves 8.`);
    expect(dish.ingredients.map(({ amount, unit, food }) => [amount, unit, food])).toEqual([
      [1.6, 'kg', 'salted ox tongue'],
      [1, 'piece', 'carrot'],
      [2, 'l', 'water'],
    ]);
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    expect(cycle?.uses).toHaveLength(3);
  });
});

describe('what a line is', () => {
  const summary = (text: string) => {
    const { dish } = importedText(text);
    return {
      foods: dish.ingredients.map((i) => `${i.amount ?? ''} ${i.unit ?? ''} ${i.food}`.trim()),
      kinds: dish.stages.filter((s) => !s.id.startsWith('prepare')).map((s) => s.kind),
      dish,
    };
  };

  it('“Time: 10 min prep, 5 at pressure” is how long all of it is, and no cycle', () => {
    const { dish } = importedText(`Cauliflower
Serves: 4 as a main with flatbreads
Time: 10 minutes prep, 5 minutes at pressure, 15 in the oven

a medium cauliflower
250 ml water

Cauliflower on the rack over the water, low pressure for 4 minutes, quick release.`);
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    expect(dish.servings).toBe(4);
    expect(dish.ingredients).toHaveLength(2);
  });

  it('“while it’s in, whisk …” is work, with amounts or without', () => {
    const { dish, foods } = summary(`Cauliflower
Serves 4
1 cauliflower
5 tbsp tahini
1 lemon
250 ml water

Cauliflower over the water, low pressure for 4 minutes, quick release. Roast at 230C for 15 minutes.
While it's in, whisk tahini, lemon and enough ice-cold water (about 5 tbsp) to make a sauce like double cream.
Spread the sauce on a plate.`);
    expect(JSON.stringify(dish.stages)).toContain('whisk tahini');
    expect(foods.some((food) => /sauce/.test(food))).toBe(false);
  });

  it('“the 700 ml” is what the list has, and nothing more', () =>
    expect(
      summary(`Pasta e ceci
for two
1 tin chickpeas
700 ml water
150 g ditalini or broken spaghetti
parmesan rind + grated

sauté: oil and garlic 2 min. chickpeas w/ water, the 700 ml, rind, 1 tsp salt. pasta in.
lid. high. 5 min. quick release slowly in bursts. stir 2 min off heat.`).foods,
    ).toEqual([
      '1 can canned chickpeas',
      '700 ml water',
      '150 g ditalini',
      'parmesan rind',
      '1 tsp salt',
    ]));

  it('a quick release is quick, however slowly it is done', () =>
    expect(
      imported(
        LIST,
        'All in. High 5 min, quick release slowly in bursts. Stir 2 min off heat.',
      ).dish.stages.find((s) => s.kind === 'pressure'),
    ).toMatchObject({ release: { kind: 'quick' } }));

  it('water under the rack is not the coconut water of the list', () =>
    expect(
      summary(`Eggs
Serves 3
3 tbsp sugar
2 tbsp water
6 eggs
1 cup coconut water

Steam the eggs: 1 cup water in the pot, eggs on the rack, high, 5 min, quick release.
Sugar + water on Sauté, 4 min. Add coconut water and eggs. Low pressure 1 min, natural release.`)
        .foods,
    ).toEqual([
      '3 tbsp sugar',
      '2 tbsp water',
      '6 piece eggs',
      '1 cup coconut water',
      '1 cup water',
    ]));

  it('“lid. high.” in a paragraph is work', () => {
    const { dish } = summary(`Pasta
for two
1 tin chickpeas
700 ml water
150 g ditalini

sauté the chickpeas on low for 2 min with a little oil. pasta and water in, push it under. lid. high. 5 min. quick release.`);
    expect(dish.unread).toEqual([]);
    expect(dish.notes).toBe('');
    expect(dish.stages.find((s) => s.kind === 'pressure')?.text).toMatch(/lid\. high\. 5 min/);
  });

  it('how Gran did it is another way, where there is one under pressure; two foods in the work go in there', () => {
    const { dish, kinds } = summary(`Split pea soup
225 g yellow split peas
1 onion
1 oz butter
1.1 l stock
nutmeg
100 ml cream

Gran: soak peas overnight, simmer 2 hrs.
Me: no soak. Soften onion in butter on sauté 4 min. Peas and stock. HP 12, NR 15. Blitz. Cream, nutmeg.
Enough for 4-5.`);
    expect(kinds).toEqual(['brown', 'pressure', 'finish']);
    expect(dish.stages.at(-1)?.text).toMatch(/Cream, nutmeg/);
    expect(JSON.stringify(dish)).toContain('simmer 2 hrs');
  });
});
