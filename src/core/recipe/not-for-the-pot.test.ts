/** Words that sound like cooking and are none, and whose turn it is after the pot. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { importedText } from '../../../tests/support/imported';
import { comesBefore, type Dish } from '../dish';
import { readInstructions } from './method/read';

const told = (...text: string[]) =>
  readInstructions(text).stages.map((s) => [s.kind, s.cycle ? s.cycle.holdMinutes : s.minutes]);
const usedBy = (dish: Dish, kind: string): string[] => {
  const stage = dish.stages.find((s) => s.kind === kind);
  return dish.ingredients.filter((i) => stage?.uses.includes(i.id)).map((i) => i.food);
};
const HOLD = 'Cook at high pressure for 12 minutes, quick release.';

describe('words that sound like cooking', () => {
  it('baking parchment is no baking, and a batter is loosened without a pan', () => {
    expect(
      told('Line the tin with baking parchment.', 'Loosen the batter with a spoonful of whites.'),
    ).not.toContainEqual(['oven', null]);
    expect(told('Loosen the batter with a third of the whites.').flat()).not.toContain('loosen');
    expect(told('Pour in the wine and loosen the bits on the bottom.').flat()).toContain('loosen');
  });

  it('sauté that is switched off browns nothing', () => {
    expect(told('Fry the onion 8 minutes.', 'Cancel saute, lid, 12 min manual high.')).toEqual([
      ['brown', 8],
      ['pressure', 12],
    ]);
  });

  it('on sauté until it coats a spoon, what was cooked simmers', () => {
    expect(told(HOLD, 'Return it to the pot and sauté until it coats a spoon, 9 minutes.')).toEqual([
      ['pressure', 12],
      ['simmer', 9],
    ]);
  });

  it('“leave for 15 minutes” takes no hands', () => {
    expect(told(HOLD, 'Toss the beets in the dressing; leave for 15 mins.').at(-1)).toEqual([
      'rest',
      15,
    ]);
  });
});

describe('what is done with cooked food', () => {
  const stages = readInstructions([
    'Cook the beetroot at high pressure for 20 minutes. Quick release.',
    'Rinse under cold water and rub off the skins. Cut in wedges.',
    'Toast the walnuts in a dry pan for 4 minutes.',
  ]).stages;

  it('is no part of a pan beside it', () => {
    expect(stages.map((s) => s.kind)).toEqual(['pressure', 'finish', 'burner']);
    expect(stages[2]?.sentences).toEqual(['Toast the walnuts in a dry pan for 4 minutes.']);
  });

  it('but what goes on to be fried is', () => {
    const fried = readInstructions([HOLD, 'Cut them in wedges. Fry them in a pan for 4 minutes.']);
    expect(fried.stages.map((s) => s.kind)).toEqual(['pressure', 'burner']);
  });
});

describe('what the list says', () => {
  const TORTE = `Almond torte
serves 8
You'll need a 16cm springform tin, a trivet and a foil sling.
- 200g ground almonds
- 4 eggs, separated
- 150g caster sugar
- zest of 3 lemons
- 1 tsp salt; pepper
- icing sugar to dust

Beat the yolks, 120g of the sugar and the zest for 5 min. Fold in the almonds. Scrape into the tin. Pour 350ml water in the pot, trivet in. 40 min high, 10 min NPR then QR. Dust when cold.`;
  const { dish, questions, ingredients } = importedText(TORTE);

  it('tools are no food; their size is the pan’s, and they stay in the notes', () => {
    expect(ingredients.map((i) => i.text).join()).not.toMatch(/springform/);
    expect(dish.notes).toMatch(/16cm springform tin/);
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: { diameterMm: 160 },
    });
    expect(questions.map((q) => q.id).join()).not.toMatch(/pan/);
  });

  it('yolks are of the eggs, zest of the lemons, and the sugar is not the one for dusting', () => {
    const [beaten] = dish.stages.filter((s) => /^Beat/.test(s.text));
    const foods = dish.ingredients.filter((i) => beaten?.uses.includes(i.id)).map((i) => i.food);
    expect(foods).toEqual(['eggs', 'caster sugar', 'lemons']);
  });

  it('“1 tsp salt; pepper” is two', () => {
    expect(dish.ingredients.map((i) => i.food)).toEqual(
      expect.arrayContaining(['salt', 'ground pepper']),
    );
  });

  it('water of the tap is none of the list’s, and the rice is', () => {
    const { dish: rice } = importedText(
      'Rice\nServes 4\n2 cups rice\n2 cups water\n\nRinse the rice until the water runs clear. Put rice and water in the pot. High pressure 4 minutes, natural release 10 minutes.',
    );
    expect(usedBy(rice, 'prep')).toEqual(['rice']);
    expect(usedBy(rice, 'pressure')).toEqual(['rice', 'water']);
  });
});

it('what is cut stands before what takes it, where a soak and a rub are waited for as well', () => {
  const { dish } = importedText(`Lamb with beans
Serves 6
1 lb dried white beans, soaked overnight
3 lb lamb shoulder
1 large onion, thinly sliced
2 cups stock

1. The day before, rub the lamb with salt. Cover and refrigerate overnight.
2. Drain the beans. Brown the lamb with the onion for 8 minutes.
3. Add beans and stock. High pressure 45 minutes, natural release.`);
  const knife = dish.stages.find((s) => /^Prepare/.test(s.text));
  const brown = dish.stages.find((s) => s.kind === 'brown');
  expect(comesBefore(dish, knife?.id ?? '', brown?.id ?? '')).toBe(true);
});

it('a letter is called by what it is about, and told for how many at its end', () => {
  const { dish, serves } = importedText(
    "hi Sam, here's the dal you asked about :)\n\n300 g red lentils, 1 l water. lid, 8 min high, wait 10 and let the rest out.\n\nfeeds 4 with rice. oh and it freezes fine. love, R",
  );
  expect(dish.name).toBe('Dal');
  expect(serves).toBe(4);
});
