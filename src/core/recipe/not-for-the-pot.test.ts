/** Words that sound like cooking and are none, and whose turn it is after the pot. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { importedText, shape } from '../../../tests/support/imported';
import { comesBefore, type Dish } from '../dish';
import { readIngredients } from './ingredients';
import { parseLine } from './line';
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
    expect(told(HOLD, 'Return it to the pot and sauté until it coats a spoon, 9 minutes.')).toEqual(
      [
        ['pressure', 12],
        ['simmer', 9],
      ],
    );
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

describe('letters, talk and cards', () => {
  it('a forwarded letter is called by its subject; who wrote it and the other way to cook are no steps', () => {
    const { dish } = importedText(`From: Priya
Subject: Fwd: Rajma!!

Finally typing up the rajma for you.
Soak 2 cups kidney beans overnight.
Grind: 2 onions, 6 garlic, 2 green chillies.
Sauté: 3 tbsp oil, onion paste, 8-10 mins till brown. Add 1 tbsp coriander pdr, 1 tsp chilli pdr.
Add rajma + 4 cups water. Manual 35 min, High. Natural release.
Feeds 6.
On stove in old cooker: 1 whistle high then 25 mins sim.`);
    expect(dish.name).toBe('Rajma');
    const foods = dish.ingredients.map((i) => i.food);
    expect(foods).toEqual(expect.arrayContaining(['coriander powder', 'chilli powder']));
    expect(foods).not.toContain('rajma');
    expect(dish.stages.map((s) => s.text).join()).not.toMatch(/whistle/);
    expect(dish.stages.map((s) => s.text).join()).toMatch(/Grind/);
    expect(dish.notes).toMatch(/On stove in old cooker/);
  });

  it.each([
    ['four cod fillets about a hundred and fifty grams each', 4, 'cod fillets'],
    ['two hundred mil of fish stock', 200, 'fish stock'],
    ['hundred ml of cream', 100, 'cream'],
    ['1.5 kg of potatoes, waxy ones', 1.5, 'potatoes'],
  ])('%s', (text, amount, food) => {
    expect(parseLine(text)).toMatchObject({ amount, food });
    expect(readIngredients([text])).toHaveLength(1);
  });

  it('a splash is what it is said to be', () => {
    const [wine] = readIngredients(['a good splash of white wine say a hundred ml']);
    expect(wine?.ingredient).toMatchObject({ amount: 100, unit: 'ml', food: 'white wine' });
  });

  it('“1 / Blitz …” is numbered, a tin that is pressed full and set on a rack later is a pan', () => {
    const { dish, serves } = importedText(`Cheesecake
90 g biscuits, 40 g butter
450 g cream cheese, 2 eggs
1 / Blitz biscuits, press into 6 inch pushpan (base + a bit up the sides). Freezer 15 min.
2 / Beat the cheese. Eggs one by one.
3 / Pour in. Foil loosely over.
4 / Pot: 1 cup water + rack. 28 min high. NR 15, then vent.
5 / Cool on counter 1 h, then fridge at least 6 h (overnight better!!)
6 / Unmould. 8 slices.`);
    expect(serves).toBe(8);
    expect(shape(dish)).toEqual([
      ['prep', expect.any(Number)],
      ['rest', 15],
      ['prep', expect.any(Number)],
      ['pressure', 28],
      ['rest', 60],
      ['rest', 360],
      ['finish', 3],
    ]);
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: { diameterMm: 152 },
    });
  });

  it('fridge for days is how it keeps, fridge for hours is a step', () => {
    expect(told(HOLD, 'Fridge 3 days.')).toHaveLength(1);
    expect(told(HOLD, 'Fridge 3 hours.').at(-1)).toEqual(['rest', 180]);
  });
});
