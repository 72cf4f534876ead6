/** Pans that go on beside the pot, heads of texts, and things told by their size. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText, shape } from '../../../tests/support/imported';

const of = (text: string) => importedText(text).dish;

describe('a pan beside the pot', () => {
  it('what was put into a saucepan boils there, in the next sentence too', () => {
    const dish = of(`Oxtail
serves 6
1.6kg oxtail
300g dried butter beans, soaked overnight
400ml stock

1. Add the stock and oxtail. Cook at high pressure for 50 minutes, then natural release (about 25 minutes).
2. While that's happening, put the drained beans in a large saucepan with fresh water. Boil hard for 10 minutes, skim, then simmer for 40-50 minutes until creamy.
3. Lift the oxtail out, then boil the sauce on sauté for 8 minutes until glossy.`);
    expect(shape(dish)).toEqual([
      ['soak', 480],
      ['pressure', 50],
      ['burner', 50],
      ['simmer', 8],
    ]);
  });

  it('“while it’s under pressure boil the pasta” is no second cycle', () => {
    const dish = of(`Mushrooms
serves 2
400g mushrooms
150 ml stock
200g tagliatelle

Mushrooms and stock in. Lid on, 3 minutes on high, quick release.
While it's under pressure boil the pasta for 9 mins.`);
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    expect(dish.stages.find((s) => s.kind === 'burner')).toMatchObject({ minutes: 9 });
  });

  it('“in the meantime” stands behind the work, and a pan of water is on the stove', () => {
    const dish = of(`Ragù
serves 8
1kg short rib
700g passata
800g pappardelle

Rib and passata in. Lid on. High pressure, 45 min, natural release.
Sauté, 10 min, till it's thick.
Cook the pappardelle in the meantime: a very big pan of salted water needs 15 minutes to boil.`);
    expect(shape(dish).slice(-2)).toEqual([
      ['simmer', 10],
      ['burner', 15],
    ]);
  });

  it('“if the prawns aren’t pink, sauté 1 min” is for another case', () => {
    const dish = of(`Prawn rice
serves 4
300 g rice
400 g prawns
550 ml water

Rice and water in. Pressure cook 4 min high, NPR 10.
Stir in the prawns, lid back on (no heat) for 5 min; if the prawns aren't pink, sauté 2 min.`);
    expect(dish.stages.some((s) => s.kind === 'simmer' || s.kind === 'brown')).toBe(false);
    expect(dish.stages.some((s) => s.kind === 'rest')).toBe(true);
  });
});

describe('heads', () => {
  it.each(['Preparation: 25 minutes, plus overnight soaking', 'Cooking: 10 min + chilling'])(
    '%s: is a fact, and no step',
    (head) => {
      const dish = of(`Leek stew
serves 4
${head}

1 kg leeks
400 ml stock

High pressure 5 minutes, quick release.`);
      expect(shape(dish)).toEqual([['pressure', 5]]);
    },
  );

  it('where it was taken from is no ingredient', () =>
    expect(
      of(`Cider-braised belly
from the Sunday supplement

1.5kg pork belly
500ml cider

High pressure, 45 minutes. Natural release.`).ingredients.map((i) => i.food),
    ).toEqual(['pork belly', 'cider']));

  it('a name below the list, with how long it all takes, is a name', () => {
    const dish = of(`| Ingredient | Amount |
|---|---|
| Basmati rice | 300 g |
| Coconut milk | 400 ml |
| King prawns | 400 g |

**Green prawn rice** — 4 portions, ready in 30 min

1. Sauté paste 1 min. Add coconut milk and rice.
2. Pressure cook 4 min high, NPR 10.`);
    expect(dish).toMatchObject({ name: 'Green prawn rice', servings: 4 });
    expect(dish.stages.every((s) => !('minutes' in s) || s.minutes !== 30)).toBe(true);
  });

  it('what it feeds them with has to be bought', () =>
    expect(
      of(`Ragù
Feeds 8 with 800g of pappardelle

1kg short rib
700g passata

High pressure, 45 min, natural release.`).ingredients.find((i) => i.food === 'pappardelle'),
    ).toMatchObject({ amount: 800, unit: 'g' }));
});

describe('lists in talk', () => {
  it('“for the two of us I do 400 g …” counts people and then mushrooms', () =>
    expect(
      of(`Hi Jo, promised you the mushroom pot I made when you came.
For the two of us I do 400g chestnut mushrooms, a big onion, 150 ml stock and 200 g barley.
Lid on, 20 minutes on high, natural release.`),
    ).toMatchObject({
      name: 'Mushroom pot',
      servings: 2,
      ingredients: [{ amount: 400 }, {}, {}, {}],
    }));

  it('a heading, a dash, and then each thing; one of them cut into pieces', () =>
    expect(
      imported(
        'Mixed vegetables - pumpkin 1 cut into pieces, carrot 1 cup cubes, brinjal 2 small',
        'High pressure 4 minutes, quick release.',
      ).dish.ingredients.map((i) => [i.amount, i.food]),
    ).toEqual([
      [1, 'pumpkin'],
      [1, 'carrot'],
      [2, 'brinjal'],
    ]));

  it('as large as a lemon is a measure', () =>
    expect(
      imported(
        '1 cup toor dal\nTamarind - small lemon size, soaked in hot water',
        'High pressure 8 minutes, natural release.',
      ).dish.ingredients[1],
    ).toMatchObject({ food: 'Tamarind', amount: null }));
});

describe('another way to say it', () => {
  it('“porridge button or 30 min high if you haven’t got one” is a hold of half an hour', () => {
    const dish = of(`Congee
1 cup jasmine rice
8 cups chicken stock

Everything in the pot. Porridge button or 30 min high if you haven't got one. Let it come down naturally.
4 big bowls. Thickens as it sits.`);
    expect(dish.servings).toBe(4);
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({ holdMinutes: 30 });
  });

  it('a lid closed “just the heat” is a wait, and no second cycle', () => {
    const dish = of(`Rice with chicken
serves 6
2 cups rice
1 3/4 cups broth
1 cup frozen peas

Rice and broth in. Manual high 8 minutes, wait 10 minutes then release.
Scatter the peas on top, close the lid 5 min (just the heat).`);
    expect(dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    expect(dish.stages.find((s) => s.kind === 'rest')).toMatchObject({ minutes: 5 });
  });

  it('half of the soup is blended, and no food of the list', () => {
    const dish = of(`Bean soup
serves 6
1 pound dried black beans
7 cups stock

Beans and stock in. High pressure 40 minutes, natural release for 15 minutes.
Using an immersion blender, purée about half of the soup (or blend 3 cups in a blender and return it). Add the lime.`);
    expect(dish.ingredients.map((i) => i.food)).not.toContain('soup');
    expect(dish.stages.at(-1)?.text).toContain('immersion blender');
  });

  it('what is put on top is each a food, and the egg’s minutes are the egg’s', () => {
    const dish = imported(
      '1 cup rice\n2in ginger, half in slices\n2 tsp light soy, 1 tsp sesame oil\nspring onions, crispy shallots, coriander and a soft egg each to serve (6 mins from boiling)',
      'High pressure 8 minutes, natural release.',
    ).dish;
    expect(dish.ingredients.map((i) => i.food)).toEqual([
      'rice',
      '2-in piece ginger',
      'light soy',
      'sesame oil',
      'spring onions',
      'crispy shallots',
      'fresh coriander',
      'soft egg each',
    ]);
    expect(shape(dish)).toEqual([['pressure', 8]]);
  });
});

describe('what goes on beside', () => {
  it('what was boiled meanwhile is mashed when it has boiled, and not before', () => {
    const dish = of(`Sausages
Mash to serve (900g potatoes, 50g butter, splash milk)
8 fat pork sausages
1 onion, sliced
200 ml stock

1 - Brown sausages on saute, 6 mins. Onion in, 3 mins. Stock.
2 - Lid, high, 6 mins. QR.
3 - Meanwhile boil the potatoes on the hob 18 min, drain, mash with butter + milk.
4 - Sausages onto a tray, grill 5 mins.
Feeds 4`);
    expect(dish.ingredients.map((i) => i.food)).toEqual(
      expect.arrayContaining(['potatoes', 'butter', 'milk', 'fat pork sausages']),
    );
    const boiled = dish.stages.find((s) => s.kind === 'burner');
    const mashed = dish.stages.find((s) => /^drain, mash/i.test(s.text));
    // It follows the stage above it, and that is the boiling.
    expect(mashed?.after).toBeUndefined();
    expect(dish.stages.findIndex((s) => s === mashed)).toBe(
      dish.stages.findIndex((s) => s === boiled) + 1,
    );
    expect(boiled?.uses).toEqual(['potato']);
  });

  it('“drain” is of the lentils, and not of what is peeled while they cook', () => {
    const dish = of(`Salad
serves 4
500 g beetroot
200g puy lentils
600 ml water

Lentils and water in. High pressure, 6 minutes; natural release for 5 minutes, then fast. Drain.
While the lentils cook, slip the skins off the beetroot and cut into wedges.
Toss the lentils with the beetroot.`);
    const peeled = dish.stages.find((s) => /skins/.test(s.text));
    expect(peeled?.text).not.toMatch(/drain/i);
  });

  it('the sugar of the custard is none of the sponge’s', () => {
    const dish = of(`Sponge
Makes 6 portions. You need a 1.2-litre pudding basin, foil and string.

For the sponge: 175g butter; 175g caster sugar; 3 eggs; 175g self-raising flour. Custard: 500ml milk, 5 egg yolks, 60g sugar.

Beat butter and sugar for 3 minutes, beat in the eggs, fold in the flour.
Stand the basin on the trivet with 700 ml water. High pressure 35 minutes, natural release.
For the custard, heat the milk, whisk yolks and sugar, stir over low heat for 5 minutes.`);
    expect(dish.ingredients.some((i) => /basin/.test(i.food))).toBe(false);
    const sugar = dish.ingredients.find((i) => i.food === 'sugar')?.id ?? '';
    const first = dish.stages.find((s) => s.uses.includes(sugar));
    expect(first?.text).toMatch(/custard/);
  });

  it('“curry leaves 1 sprig” is a sprig of them', () =>
    expect(
      imported(
        '1 cup dal\nCurry leaves 1 sprig\nMint - a handful',
        'High pressure 8 minutes, natural release.',
      )
        .dish.ingredients.map((i) => i.food)
        .slice(1),
    ).toEqual(['sprig Curry leaves', 'handful Mint']));
});

describe('lines that look like a list', () => {
  it('what it is worth in grams is no food', () =>
    expect(
      imported(
        '8 chicken thighs\n300ml stock',
        'High pressure 8 minutes, quick release.\n\nPer serving: 456 kcals, fat 27g (11g saturated), protein 38g, carbs 9g, sugars 6g, salt 1.3g',
      ).dish.ingredients,
    ).toHaveLength(2));

  it('foods and nothing else are each a food, though nobody says how much', () =>
    expect(
      imported(
        '14 oz dried rice noodles\nBean sprouts, Thai basil, lime wedges, sliced chiles, hoisin and sriracha',
        'High pressure 8 minutes, quick release.',
      ).dish.ingredients.map((i) => i.food),
    ).toEqual([
      'rice noodles',
      'Bean sprouts',
      'Thai basil',
      'lime wedges',
      'chiles',
      'hoisin',
      'sriracha',
    ]));

  it('custard that is warmed on sauté is warmed in the pot', () => {
    const dish = of(`Pots
makes 4
300ml double cream
4 yolks

The custard: warm the cream till steaming (sauté low, 4 min), pour onto the yolks, whisking.
Low pressure 6 min, natural release 10 min.`);
    expect(dish.stages.some((s) => s.kind === 'burner')).toBe(false);
  });
});
