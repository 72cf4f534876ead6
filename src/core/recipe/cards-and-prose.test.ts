/** A chef’s card, a page of a book, a rate for a joint, two recipes in one text. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { importedText, shape } from '../../../tests/support/imported';
import { importRecipe } from './index';
import { readInstructions } from './method/read';
import { recipesIn } from './several';

const told = (...text: string[]) =>
  readInstructions(text).stages.map((s) => [
    s.kind,
    s.cycle ? s.cycle.holdMinutes : s.minutes,
    ...(s.cycle ? [s.cycle.release.kind] : []),
  ]);

it('a chef’s card: numbers are of the steps, and its short words are work', () => {
  const { dish } = importedText(`CHEF CARD #14        Yld: 12 cvrs
BRAISED FENNEL / ORANGE

fennel bulbs      6 ea     trim, halve
orange juice      500 ml
thyme             4 spr
S+P               tt

1  Col. fennel cut side dn, hot oil, 3 min.
2  Deg. pernod. Add juice, aromats.
3  HP 4 min / QR.
4  Lift fennel. Red. liq by 1/2 (~6 min).
5  Hold hot max 45 min. Plate w/ fronds.`);
  expect(dish.name).toBe('BRAISED FENNEL / ORANGE');
  expect(dish.servings).toBe(12);
  expect(shape(dish).slice(0, 4)).toEqual([
    ['brown', 3],
    ['loosen', 2],
    ['pressure', 4],
    ['simmer', 6],
  ]);
  expect(dish.ingredients.map((i) => [i.amount, i.food, i.preparation])).toEqual(
    expect.arrayContaining([
      [6, 'fennel bulbs', 'trim, halve'],
      [4, 'sprigs thyme', ''],
      [null, 'salt', 'to taste'],
    ]),
  );
});

it('a page of a book: before bed is overnight, and a pin that will have dropped let go by itself', () => {
  const { dish, questions } = importedText(`A pot of borlotti

Put a pound of dried borlotti beans to soak before you go to bed. In the morning tip them into the pot with enough fresh water to cover by two fingers, a few sage leaves, half a head of garlic and a good pour of oil. Bring them up to pressure and keep them there, on high, for a quarter of an hour; then turn everything off. When you return the pin will have dropped. Salt them now, and leave them in their liquor for twenty minutes. They will feed six, and keep in the fridge for five days.`);
  expect(shape(dish)).toEqual([
    ['soak', 480],
    ['pressure', 15],
    ['finish', 3],
    ['rest', 20],
  ]);
  expect(dish.stages[1]).toMatchObject({ release: { kind: 'natural' } });
  expect(questions).toEqual([]);
  expect(dish.ingredients.map((i) => i.food).join()).not.toMatch(/finger/);
});

describe('minutes by weight', () => {
  it('told before the pot is filled, they are those of the cycle; another cut’s are shown', () => {
    const { dish } = importedText(`Turkey thighs
For the turkey: bone-in turkey thighs (about 3 lbs), salt, 1 tbsp oil
1 c stock

Figure 9 min per lb at high pressure for bone in, 7 min/lb for boneless. So 27 minutes for 3 lbs.

Brown skin side down 6 mins. Stock in. Rack in, turkey on rack. Pressure on high as above. Leave 10 min, then open the valve. 165F in the thickest part or give it 3 more minutes. Rest 10 min before slicing.
serves 5`);
    expect(shape(dish)).toEqual([
      ['brown', 6],
      ['pressure', 27],
      ['rest', 10],
    ]);
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    expect(cycle).toMatchObject({
      release: { kind: 'timed', minutes: 10 },
      checks: [{ minutes: 3 }],
    });
    expect(dish.ingredients[0]).toMatchObject({ food: 'bone-in turkey thighs', amount: 3 });
  });

  it('degrees inside the meat are no oven', () => {
    const kinds = told('Cook at high pressure 20 minutes, quick release.', '165F in the middle.');
    expect(kinds.flat()).not.toContain('oven');
  });
});

describe('two recipes in one text', () => {
  const both = `TWO WAYS WITH LENTILS (pick one!)

Lentil Soup
Serves 4
250 g brown lentils
1 l stock
High pressure 12 minutes, natural release 10 minutes.

Lentil Salad
Serves 4
250 g puy lentils
500 ml water
High pressure 6 minutes, quick release.`;

  it('it is asked which, and they are never one dish', () => {
    const { dish, questions } = importedText(both);
    expect(shape(dish)).toEqual([['pressure', 12]]);
    expect(questions.map((q) => q.choices?.map(([, name]) => name))).toContainEqual([
      'Lentil Soup',
      'Lentil Salad',
    ]);
    const second = importRecipe(both, { pick: 1 });
    expect(second.ok && shape(second.value.dish)).toEqual([['pressure', 6]]);
  });

  it('a part with a list of its own, and not cooked by itself, is no recipe', () => {
    expect(recipesIn(both)).toHaveLength(2);
    const parts = both.replace('High pressure 12 minutes, natural release 10 minutes.', '');
    expect(recipesIn(parts)).toHaveLength(1);
  });
});

it('a list of what goes in each pot is work where it begins with work', () => {
  const { dish } = importedText(`Beef and barley, makes 12 portions

3 kg chuck, cubed
6 onions
3 l beef stock

Split between two cookers!
In each: brown half the beef in 3 batches (5 min each) in 1 tbsp oil. Half the onions, 5 min. Half of everything else. 30 min high, natural release.`);
  expect(shape(dish)).toEqual([
    ['brown', 20],
    ['pressure', 30],
  ]);
});

it('a minute that names the dish is no time, and people are counted in other languages as well', () => {
  expect(
    importedText(
      'Broccoli, the zero minute way (serves 4)\n450 g broccoli\n1 cup water\n\nHigh pressure for 0 minutes, quick release.',
    ).dish.name,
  ).toBe('Broccoli, the zero minute way');
  const soup = importedText(`Hühnersuppe mit Nudeln
Für 4 Personen
1 Suppenhuhn
1,5 l Wasser
Das Huhn mit Wasser und Salz in den Topf geben und bei hohem Druck kochen, dann die Nudeln in der Brühe kochen.`);
  expect(soup).toMatchObject({ serves: 4, language: { code: 'de' } });
});
