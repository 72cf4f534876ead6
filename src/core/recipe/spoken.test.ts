/** Talk, cards and lists as people write them to each other; all of them common practice. */
import { describe, expect, it } from 'vitest';
import { importRecipe } from './index';
import { summarise, type RecipeSummary } from './summary';

function read(text: string): RecipeSummary {
  const imported = importRecipe(text);
  if (!imported.ok) throw new Error('not read');
  return summarise(imported.value);
}
const list = (lines: string): RecipeSummary =>
  read(
    `Pot\nServes 4\n\nIngredients\n${lines}\n\nMethod\nPut everything in the pot. High pressure 8 minutes. Quick release.\n`,
  );
const method = (text: string): RecipeSummary =>
  read(`Pot\nServes 4\n\n1 celeriac\n2 onions\n1 cup stock\n\n${text}\n`);
const foods = ({ ingredients }: RecipeSummary): string[] =>
  ingredients.map(({ amount, unit, food }) =>
    [amount, unit, food].filter((x) => x !== null).join(' '),
  );
const steps = (recipe: RecipeSummary): string[] =>
  recipe.steps.map(({ kind, minutes }) => [kind, minutes].filter((x) => x !== null).join(' '));

describe('a list', () => {
  it.each([
    ['- 1 leg of rabbit, or 700g neck of lamb\n- 1 leek', ['1 leg of rabbit', '1 leek']],
    ['2 carrots & 2 parsnips, peeled\n1 leek', ['2 carrots', '2 parsnips', '1 leek']],
    ['1# dried beans, picked over\n4 cl. garlic', ['1 lb dried beans', '4 clove garlic']],
    ['1 lg. onion, chopped\n1 leek', ['1 large onion', '1 leek']],
    ['200 g lentils\nSour cream, dill', ['200 g lentils', 'Sour cream', 'dill']],
    ['200 g lentils\nTomatoes, plum', ['200 g lentils', 'Tomatoes']],
    ['1 - 16 oz jar passata\n1 leek', ['1 package passata', '1 leek']],
    ['Rice: jasmine, 200 g\nGinger: 4 slices', ['200 g Rice', '4 slice Ginger']],
    ['2 green peppers: 1 halved, 1 chopped\n1 leek', ['2 green peppers', '1 leek']],
    ['4 plums, + 3 tbsp syrup\n1 leek', ['4 plums', '3 tbsp syrup', '1 leek']],
    ['Salt - to taste\n1 leek', ['Salt', '1 leek']],
    [
      'Arborio . . . . . 300 g\nShallot, brunoise . . . 2\nButter . . . . 40 g + 20 g',
      ['300 g Arborio', '2 Shallot', '60 g Butter'],
    ],
    [
      'Swede, 2.5cm dice      3.5kg (7kg)\nVeg stock              2lt (4lt)',
      ['3.5 kg Swede', '2 l Veg stock'],
    ],
    ['1 cup lentils\n6 qt or bigger', ['1 cup lentils']],
    [
      '- 1 cup lentils\n- chopped dill + lots of black pepper, to finish',
      ['1 cup lentils', 'dill + lots of black pepper'],
    ],
  ])('%j', (lines, wanted) => {
    expect(foods(list(lines))).toEqual(wanted);
  });
});

describe('talk', () => {
  const talk = `ok quick one for the group chat!! tofu noodles in the big pot:
block of firm tofu (14oz) cubed, 8 oz rice noodles, cup and a half of broth, 2 cloves garlic
everything in, noodles pushed under. hi pressure 2 min. QR straight away!! serves 3ish`;

  it('has its title before its list, and its first thing without a number', () => {
    const found = read(talk);
    expect(found.name).toBe('Tofu noodles in the big pot');
    expect(foods(found)).toEqual([
      '14 oz block of firm tofu',
      '8 oz rice noodles',
      '1.5 cup broth',
      '2 clove garlic',
    ]);
    expect(found.cycles).toMatchObject([
      { level: 'high', holdMinutes: 2, release: { kind: 'quick' } },
    ]);
  });

  it('names in its method what its list leaves out', () => {
    const found = read(`[00:10] Hey everyone, welcome back. Today, rabbit and bean stew.
[00:31] I've got two pounds of rabbit legs, a can of tomatoes, cup and a half of broth, thyme.
[01:47] Pot's on sauté. Onion, two sticks of celery, in they go, four minutes.
[02:58] Rabbit in. Lid on, and we're going ten minutes on high. Quick release.
[04:40] Serves six.`);
    expect(found.name).toBe('Rabbit and bean stew');
    expect(foods(found)).toEqual(
      expect.arrayContaining(['1.5 cup broth', '2 sticks of celery', 'onion']),
    );
  });

  it('takes the main from the title where only the title has it', () => {
    const found = read(`Re: what do you do with a 2.5 kg silverside?

1 onion, 2 carrots, 2 tbsp malt vinegar, water to cover. High, 75 mins. I let it come down by itself (half an hour or so).`);
    expect(foods(found)).toContain('2.5 kg silverside');
    expect(found.cycles[0]?.release).toEqual({ kind: 'natural', minutes: 30 });
  });

  it('weighs a joint in words', () => {
    const found = read(
      'You want a pork loin of about a kilo and a half. Rub it with a tablespoon of mustard. Put it in with a cup of stock. High pressure 25 minutes, quick release.',
    );
    expect(foods(found).slice(0, 2)).toEqual(['1 pork loin', '1 tbsp mustard']);
    expect(found.ingredients[0]?.preparation).toBe('a kilo and a half');
  });
});

describe('a method', () => {
  it('puts a lid back on without a second cycle', () => {
    const found = method(
      'High pressure 10 minutes. Quick release. Stir in the spinach, lid back on for a minute, it will wilt.',
    );
    expect(found.cycles).toHaveLength(1);
    expect(steps(found).at(-1)).toBe('rest 1');
    const sealed = method(
      'High pressure 10 minutes. Quick release. Add the leeks, lid back on, 2 minutes at high pressure, quick release.',
    );
    expect(sealed.cycles).toHaveLength(2);
  });

  it('takes a heading of the list for no cooking', () => {
    const found = method(
      'Mix the celeriac with all ingredients listed under pressure cooking and leave it for 1 hour. Pressure cook on high for 20 mins. Let pressure release naturally.',
    );
    expect(found.cycles).toMatchObject([{ holdMinutes: 20, release: { kind: 'natural' } }]);
    expect(steps(found).slice(0, 2)).toEqual(['prep', 'rest 60']);
  });

  it('has short forms whose stop ends no sentence', () => {
    const found = method(
      'Lock lid. High pressure 40 min. Nat. release (abt. 25 min.). Puree 3 c. of the soup & stir back in.',
    );
    expect(found.cycles[0]?.release).toEqual({ kind: 'natural', minutes: 25 });
    expect(found.steps.at(-1)?.text).toContain('of the soup & stir back in');
  });

  it('says what each thing is once', () => {
    const found = method(
      'High pressure 10 minutes. Quick release. Lift the meat out, pull it apart (5 mins) and stir back in. Too thin? Simmer 10 minutes.',
    );
    const told = found.steps.map((s) => s.text).join(' ');
    expect(told.match(/stir back in/gi)).toHaveLength(1);
  });

  it('scrapes into a basin without deglazing, and knows the water under it', () => {
    const found = read(`Pudding

100 g butter
2 tbsp water
100 g flour

Scrape the batter into a basin. Pour 750 ml boiling water into the pot and set the rack in it. Lower in the basin. High pressure 35 minutes, natural release 10 minutes. Serves 8.`);
    expect(steps(found).join()).not.toContain('loosen');
    expect(foods(found)).toContain('750 ml boiling water');
    expect(found.cycles[0]?.pan).toBe(true);
    expect(found.steps.map((s) => s.text).join(' ')).not.toContain('Serves');
  });

  it('knows its level where it is said a clause before the minutes', () => {
    const found = method(
      'Put all in the pressure cooker. Cook on high, allowing 8 minutes per 500g. Natural release.',
    );
    expect(found.cycles[0]?.level).toBe('high');
    expect(found.questions.join()).not.toContain('High or low');
  });
});

it('a sentence of many times is read in a moment, and not in as many ways as they have together', () => {
  const found = method(`Seal. ${'Cook 18 minutes on hnd '.repeat(24)}high. Natural release.`);
  expect(found.steps.length).toBeGreaterThan(0);
});

describe('what is no part of the list', () => {
  it('tips are notes whole, whatever amounts they name', () => {
    const found = read(`Oats

Ingredients (for 4)
1 cup steel cut oats
3 cups water

Directions
Cook at high pressure for 4 minutes. Full natural release (about 20-25 minutes).

Tips: Double? Same time. For 8 qt pots use at least 1.5 cups oats.`);
    expect(foods(found)).toEqual(['1 cup steel cut oats', '3 cup water']);
    expect(found.cycles[0]?.release).toEqual({ kind: 'natural', minutes: 20 });
  });

  it('how many fit is no ingredient, and an answer begins without its letter', () => {
    const found = read(`Q: Can I do beetroot in it?
A: Yes! Rack in, 1 cup water. 25 mins high. Quick release. 5 or 6 fit a six quart. Feeds 4 as a salad.`);
    expect(foods(found)).toEqual(['1 cup water']);
    expect(found.serves).toBe(4);
  });

  it('“each” is an amount for each', () => {
    expect(foods(list('1 tsp each salt + paprika + mustard powder\n1 leek'))).toEqual([
      '1 tsp salt',
      '1 tsp paprika',
      '1 tsp mustard powder',
      '1 leek',
    ]);
  });

  it('a title may say how it is cooked, and a yield what is made of it', () => {
    const found = read(`Pressure-cooked ribs w/ plum glaze

Makes: 2 racks (4 hungry people)

2 racks baby back ribs
1 cup apple juice

Lid. 23 min HIGH. 10 min NPR then QPR.`);
    expect(found.name).toBe('Pressure-cooked ribs w/ plum glaze');
    expect(found.serves).toBe(4);
  });

  it('a text without a title is called after its main, and “or” between two times is one', () => {
    const found = read(
      'In the pot with two spoons of lard, brown the floured rabbit well, ten minutes. Half a litre of stock. Close it, high, twenty-five minutes. Leave it till it opens by itself, that is a quarter of an hour or twenty minutes. Enough for four.',
    );
    expect(found.name).toMatch(/^Rabbit/);
    expect(found.cycles[0]?.release).toEqual({ kind: 'natural', minutes: 15 });
  });
});
