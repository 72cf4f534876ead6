/** What is told for another day or another pot, beside the pot, or by the look. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { importedText, kinds, shape } from '../../../tests/support/imported';
import { readIngredients } from './ingredients';
import { readInstructions } from './method/read';

const HOLD = 'Cook at high pressure for 12 minutes, quick release.';

describe('another day, another pot', () => {
  it('“To make ahead: …” is no step of the evening', () => {
    const { dish } = importedText(`Shanks
4 lamb shanks
375 ml stock

METHOD
Brown the shanks, 12 mins. Add stock. Lid on. 40 mins on High. Leave 15 mins, then do a quick release.

To make ahead: Cook the day before, refrigerate in the sauce, and reheat in a 160°C oven, covered, for 45 mins.`);
    expect(shape(dish)).toEqual([
      ['brown', 12],
      ['pressure', 40],
    ]);
    expect(dish.notes).toMatch(/reheat in a 160°C oven/);
  });

  it('of a fast and a slow way the whole of the slow one is left to the notes', () => {
    const { dish } = importedText(`Chickpea stew
serves 6
450g dried chickpeas
2 red onions, sliced
1 litre stock

FAST (pressure): Soak the chickpeas overnight. Sauté onions 8 min. Stock in. High pressure 15 min, quick release.

SLOW: Soak as above, then BOIL the chickpeas hard for 10 min. Everything in the slow cooker, low 8 hours.`);
    expect(shape(dish)).toEqual([
      ['soak', 480],
      ['brown', 8],
      ['pressure', 15],
    ]);
    expect(dish.notes).toMatch(/BOIL the chickpeas hard/);
  });
});

describe('beside the pot', () => {
  it('pasta by its packet is a pan on the stove whose minutes are asked, not a step for any time', () => {
    const { dish, questions } = importedText(`Ragu
serves 4
600g/1lb 5oz pappardelle
2 x 400g/14oz tins plum tomatoes

Tip in the tomatoes. Lock the lid and cook at high pressure for 1 hour. Release naturally for 20 minutes, then vent.
Meanwhile, cook the pappardelle in a large pan of boiling salted water according to the packet. Drain and toss with the ragù.`);
    expect(dish.stages.map((s) => s.kind)).toEqual(['pressure', 'burner', 'finish']);
    expect(questions.map((q) => q.id)).toContain('burner.minutes');
    expect(dish.ingredients[0]).toMatchObject({ food: 'pappardelle', amount: 600, unit: 'g' });
    expect(dish.ingredients[1]).toMatchObject({ amount: 800, unit: 'g' });
    expect(dish.ingredients[1]?.food).toMatch(/canned plum tomatoes|plum tomatoes/);
  });

  it('a list told behind “While it releases:” is food and work', () => {
    const { dish, questions } = importedText(`Stacked salmon
For 2
Pot: 3/4 cup water
Bowl (7", stainless): 1 cup jasmine rice, 1 cup water, pinch salt
On top: 2 salmon fillets, 1 Tbsp soy sauce

Water in pot, trivet, bowl of rice on the trivet. HP 5 min. NPR 10 min, then vent.
While it releases: 2 baby bok choy, halved, microwaved 2 min.
Fluff rice, salmon on top.`);
    expect(dish.ingredients.map((i) => i.food)).toContain('baby bok choy');
    expect(dish.stages.map((s) => s.sentence).join()).toMatch(/microwaved 2 min/);
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      inPan: { diameterMm: 178 },
    });
    expect(questions.map((q) => q.id).join()).not.toMatch(/pan/);
  });

  it('what is poured off is poured off, though it freezes well', () => {
    expect(kinds(HOLD, 'Pour off liquid (save it - freezes well). Pat skin dry.')).toBe(
      'pressure, finish',
    );
  });
});

describe('by the look', () => {
  it('“check at 10” is a look within, and a grill has no degrees to ask for', () => {
    const { dish, questions } = importedText(`Duck
Serves 4
4 duck legs
1 cup stock

Stock in pot, duck in. PRESSURE lid: HI, 40 min, natural 10 then vent.
Grill for 12 min till the skin crackles. Check at 10.`);
    expect(shape(dish)).toEqual([
      ['pressure', 40],
      ['crisp', 12],
    ]);
    expect(questions).toEqual([]);
  });

  it('“2 shanks at a time, 6 mins per batch” and what is fried behind them', () => {
    expect(
      readInstructions([
        'Brown 2 shanks at a time, about 6 mins per batch. Remove. Cook the vegetables 5 mins on sauté.',
      ]).stages.map((s) => [s.kind, s.minutes]),
    ).toEqual([['brown', 17]]);
  });

  it('“simmer 10 minutes. Cream; 2 minutes more.” goes on simmering', () => {
    expect(
      kinds('Fry the shallot 6 minutes.', 'No lid: simmer 10 minutes. Cream; 2 minutes more.'),
    ).toBe('brown 6, simmer 12');
  });
});

it('“all finely diced” is said of each', () => {
  const all = readIngredients(['1 brown onion, 1 carrot and 2 sticks celery, all finely diced']);
  expect(all.map((i) => i.ingredient.preparation)).toEqual(Array(3).fill('finely diced'));
});

it('beans out of a jar are cooked', () => {
  const [beans] = readIngredients(['One 400 g jar of white beans with their liquid']);
  expect(beans?.ingredient).toMatchObject({ amount: 400, unit: 'g' });
  expect(beans?.ingredient.food).toMatch(/^canned/);
});

describe('another size, and open heat at the end', () => {
  it('“85 minutes for a 3 pound brisket or 90 for a 4 pound one” is one cycle', () => {
    const { stages, cases } = readInstructions([
      'Cook on high pressure for 85 minutes for a 3 pound brisket or 90 minutes for a 4 pound brisket. Let the pressure release naturally for 15 minutes, then do a quick release.',
    ]);
    expect(stages.map((s) => [s.cycle?.holdMinutes, s.cycle?.release])).toEqual([
      [85, { kind: 'timed', minutes: 15 }],
    ]);
    expect(cases.join()).toMatch(/90 minutes for a 4 pound/);
  });

  it('on sauté “until it just starts to boil” is on the heat, for a time that is asked', () => {
    const { dish, questions } = importedText(`Rice pudding
Serves 6
1 cup rice
1 1/2 cups water
2 eggs

Close lid, cook 3 minutes on High Pressure, quick release. Pour in the eggs. Select Sauté and cook, stirring constantly, until it just starts to boil.`);
    expect(dish.stages.map((s) => s.kind)).toEqual(['pressure', 'simmer']);
    expect(questions.map((q) => q.id)).toEqual(['simmer.minutes']);
  });

  it('spinach that is stirred in until wilted browns nothing', () => {
    expect(kinds(HOLD, 'Stir in the spinach until wilted.')).toBe('pressure, finish');
    expect(kinds('On sauté, cook the spinach until wilted.', HOLD)).toMatch(/^brown/);
  });

  it('“serve warm or chill” makes nobody wait', () => {
    expect(kinds(HOLD, 'Serve warm or pour into dishes and chill.')).not.toMatch(/rest/);
    expect(kinds(HOLD, 'Pour into dishes and chill.')).toMatch(/rest/);
  });

  it('“up to ¼ cup sugar” is an ingredient', () => {
    expect(readIngredients(['up to 1/4 cup sugar, to taste'])[0]?.ingredient).toMatchObject({
      amount: 0.25,
      unit: 'cup',
      food: 'sugar',
    });
  });
});

it('“toss it all in, except the sugar” fills the pot, and the line of the pot lines no tin', () => {
  const { dish } = importedText(`Applesauce
Serves 4
1 kg apples
1 cup water
50 g sugar

Toss it all in, except sugar. Don't go over the 2/3 line. High pressure 5 min. NPR 15 min. Mash. Sweeten with the sugar.`);
  expect(dish.stages.map((x) => x.kind)).toEqual(['pressure', 'finish']);
  expect(dish.stages[0]?.uses).not.toContain('sugar');
});

it('what is numbered among steps is one; what is told of keeping is no summary', () => {
  const { dish } = importedText(`Stew
Serves 4
500 g beef
handful coriander
500 ml stock

1. Beef and stock in. High pressure 20 min, QR.
2. Coriander.
3. Fridge at least 6 h (overnight better!!)

Leftovers keep 4 days in the fridge.`);
  expect(dish.stages.map((s) => s.text).join('|')).toMatch(/Coriander\b.*Fridge at least 6 h/);
  expect(dish.summary).toBe('');
  expect(dish.notes).toMatch(/keep 4 days/);
});

describe('slips of the pen', () => {
  const { dish, questions } = importedText(`Stew
Serves 4
500 g beef
9999 l water

Brown the beef for 99999 minutes. Add the water. High pressure 30 min, natural release.`);

  it('more water than any kitchen holds stays in the words', () => {
    const [, water] = dish.ingredients;
    expect(water).toMatchObject({ food: 'water', amount: null });
    expect(water?.preparation).toMatch(/9999 l in the text/);
    expect(readIngredients(['150 kg potatoes'])[0]?.ingredient.amount).toBe(150);
  });

  it('more minutes than any step has are asked, and nothing is cut down in silence', () => {
    expect(dish.stages.find((s) => s.kind === 'brown')).toMatchObject({
      minutes: 8,
      guessed: true,
    });
    expect(questions.find((q) => q.id === 'brown.minutes')?.text).toMatch(/99999 minutes/);
  });
});

it('minutes before the end are when; dashes behind a step’s number are marks', () => {
  expect(
    kinds(
      HOLD,
      'Meanwhile, 15 minutes before the end, heat the oven to 240 °C.',
      'Roast 20 minutes.',
    ),
  ).toBe('pressure, oven 20');
  const { dish } = importedText(
    '[Spoken, with times]\nCorn\nServes 6\n6 ears corn\n1 cup water\n\nStep 1 – Water and corn in the pot.\nStep 2 – Lid on. High Pressure. 2 minutes. Quick Release.',
  );
  expect(dish.stages[0]?.sentence).not.toMatch(/–/);
  expect(readIngredients(['500g chickpeas, soaked o/n'])[0]?.ingredient.preparation).toBe(
    'soaked overnight',
  );
});

it('what is only taken out later went in with everything else, and what was left out did not', () => {
  const { dish } = importedText(`Pea soup
Serves 6
500 g split peas
1 smoked turkey leg
2 l water
1 onion, chopped
100 ml cream
2 tbsp vinegar

Fry the onion 8 min. Stir in everything else but the vinegar and the cream. High pressure 15 min. Natural release. Remove the turkey leg, pull off the meat. If too thick, add water. Stir in the cream and the vinegar.`);
  const [cycle] = dish.stages.filter((x) => x.kind === 'pressure');
  const foods = dish.ingredients.filter((i) => cycle?.uses.includes(i.id)).map((i) => i.food);
  expect(foods).toEqual(['split peas', 'smoked turkey leg', 'water']);
});
