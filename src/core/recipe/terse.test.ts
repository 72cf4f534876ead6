/** Short and spoken ways to write a recipe down; all of them common practice among those who cook from notes. */
import { describe, expect, it } from 'vitest';
import { importRecipe } from './index';
import { summarise, type RecipeSummary } from './summary';

function read(text: string): RecipeSummary {
  const imported = importRecipe(text);
  if (!imported.ok) throw new Error('not read');
  return summarise(imported.value);
}
const method = (text: string): RecipeSummary =>
  read(`Pot\nServes 4\n\n1 celeriac\n2 onions\n1 cup stock\n1 cup lentils\n\n${text}\n`);
const holds = ({ cycles }: RecipeSummary): unknown[] =>
  cycles.map(({ level, holdMinutes, release }) => [
    level,
    holdMinutes,
    release.kind,
    release.minutes ?? null,
  ]);
const steps = (recipe: RecipeSummary): unknown[] =>
  recipe.steps.map(({ kind, minutes }) => [kind, minutes]);

describe('a cycle that nobody calls one', () => {
  it.each([
    [
      'Sear the celeriac 6 min. Add the stock. High 5 min, quick release.',
      6,
      ['high', 5, 'quick', null],
    ],
    [
      'Brown the onions 6 min. Add the stock. Cook on high for 12 minutes. Quick release.',
      6,
      ['high', 12, 'quick', null],
    ],
    ['Brown the onions 6 min. Stock and lentils. 45 HP / NPR.', 6, ['high', 45, 'natural', null]],
    [
      'Soften the onions 8 mins. Lentils, 300ml stock. Pressure 1 min, QR.',
      8,
      ['high', 1, 'quick', null],
    ],
    [
      'Melt the butter, onions in for 3 min. Stock, lid, 5 min high & dump the steam.',
      3,
      ['high', 5, 'quick', null],
    ],
    [
      'Toast the lentils 4 min. Stock in. Close. High for 3. Natural for 10.',
      4,
      ['high', 3, 'timed', 10],
    ],
  ])('%s', (text, browned, cycle) => {
    const found = method(text);
    expect(holds(found)).toEqual([cycle]);
    expect(steps(found)[0]).toEqual(['brown', browned]);
  });

  it('is none where a level is only that of the frying', () => {
    expect(holds(method('Sauté the onions on high for 5 minutes. Serve.'))).toEqual([]);
    expect(holds(method('Brown the onions on high heat for 5 minutes. Serve.'))).toEqual([]);
  });
});

describe('what stands at the head of a card', () => {
  const card = (head: string, closing: string): RecipeSummary =>
    read(
      `Red cabbage\n${head}\n\n1 red cabbage\n150 ml water\n1 onion\n\n1. Cook the onion 4 minutes on sauté.\n2. Add the rest. ${closing}\n3. Stir and serve.\n`,
    );

  it('is a setting for the lid that is closed below', () => {
    const found = card(
      'Serves 8 | Prep 15 min | Pressure 8 min | Release: natural 10 min',
      'Seal and cook.',
    );
    expect(found.serves).toBe(8);
    expect(holds(found)).toEqual([['high', 8, 'timed', 10]]);
    expect(steps(found).slice(0, 2)).toEqual([
      ['brown', 4],
      ['pressure', 8],
    ]);
  });

  it('only repeats what the method says itself', () => {
    const found = card('Pressure: 8 min\nServes 8', 'High pressure 9 minutes, quick release.');
    expect(holds(found)).toEqual([['high', 9, 'quick', null]]);
    expect(found.unread).toContain('Pressure: 8 min');
  });

  it('says how long all of it takes, which is no work', () => {
    const found = read(
      'Congee\nFor 4. Takes about an hour and a quarter all told.\n3/4 cup rice; 8 cups stock; 6 dried shiitake (soaked 30 min); 3 spring onions.\nRice, stock and shiitake in. High pressure 30 min. NPR 15.',
    );
    expect(found.serves).toBe(4);
    expect(found.ingredients).toHaveLength(4);
    expect(steps(found)).toEqual([['pressure', 30]]);
  });
});

describe('several things on one line', () => {
  it('are ingredients between strokes, behind the word for them', () => {
    const found = read(
      'Soup\nIngredients: 2 turkey thighs (600 g each) / 250 g haricot beans, soaked overnight / 2 leeks / sage\nMethod: all in. 25 mins high pressure. Quick release.\nServes 4',
    );
    expect(found.ingredients.map((i) => [i.amount, i.food])).toEqual([
      [2, 'turkey thighs'],
      [250, 'haricot beans'],
      [2, 'leeks'],
      [null, 'sage'],
    ]);
  });

  it('leave a title with strokes whole', () => {
    expect(read('BEETROOT / BARLEY\n3 kg beetroot\n1 kg barley\nHigh pressure 20 min.').name).toBe(
      'BEETROOT / BARLEY',
    );
  });

  it('are told without a comma', () => {
    const found = read(
      'Pot\nServes 4\na cup of pearl barley four carrots and a quart of beef stock\nlid on thirty five minutes on high\nnatural release',
    );
    expect(found.ingredients.map((i) => [i.amount, i.food])).toEqual([
      [1, 'pearl barley'],
      [4, 'carrots'],
      [1, 'beef stock'],
    ]);
  });
});

describe('measures that are no number', () => {
  const line = (text: string): unknown => {
    const [found] = read(
      `Pot\nServes 2\n\n${text}\n1 cup rice\n\nHigh pressure 4 min.`,
    ).ingredients;
    return [found?.amount, found?.unit, found?.food, found?.preparation];
  };
  it.each([
    ['1 big glug of olive oil', [null, null, 'olive oil', 'a big glug']],
    ['a few curry leaves', [null, null, 'curry leaves', 'a few']],
    ['1 blorp of coconut milk (say 250 ml)', [250, 'ml', 'coconut milk', 'a blorp, say 250 ml']],
    ['1 blorp of coconut milk', [null, null, 'coconut milk', 'a blorp']],
    ['2 cubes of vegetable stock', [2, null, 'cubes of vegetable stock', null]],
    ['tablespoon butter', [1, 'tbsp', 'butter', null]],
    ['1 squash ~1.5 kg, halved', [1, null, 'squash', '1.5 kg, halved']],
  ])('%s', (text, expected) => {
    expect(line(text)).toEqual(expected);
  });
});

describe('times that are no work', () => {
  it('say when, and not how long', () => {
    const found = method(
      'High pressure 25 minutes, quick release. About 20 minutes before the lamb is done, rinse the lentils. Serve.',
    );
    expect(found.steps.every((s) => s.minutes !== 20)).toBe(true);
    expect(
      steps(method('High pressure 9 min, quick release. Stand 5 minutes before serving.')),
    ).toContainEqual(['rest', 5]);
  });

  it('are the most that it may take', () => {
    const chilled = method(
      'High pressure 6 min, QR. Pour into cups; chill 2 hours or up to 3 days.',
    );
    expect(steps(chilled).at(-1)).toEqual(['rest', 120]);
    const kept = method('High pressure 6 min, QR. Blend 3 min. Hold at 65C max 2h.');
    expect(kept.steps.every((s) => s.minutes !== 120)).toBe(true);
    expect(kept.ingredients.every((i) => i.amount !== 65)).toBe(true);
  });

  it('belong to nobody’s hands: rising, and a start that is put off', () => {
    const found = method('Knead 8 min. Prove 1 hr. High pressure 6 min, QR.');
    expect(found.steps.find((s) => s.minutes === 60)?.kind).toBe('rest');
    const late = method('All in. Delay start 7 hours. High pressure 6 min, QR.');
    expect(late.steps.find((s) => s.minutes === 420)?.kind).toBe('soak');
  });
});

describe('what is done, and where', () => {
  it('is not what is told to be left undone', () => {
    const found = method('High pressure 5 min, QR. Stir in the cream. Don’t let it boil.');
    expect(found.steps.map((s) => s.kind)).toEqual(['pressure', 'finish']);
  });
  it.each([
    [
      'Cook the bacon until crisp, about 7 minutes. Stock in. High pressure 5 min, QR.',
      'brown',
      7,
      'cooker',
    ],
    [
      'High pressure 5 min, QR. Roast the leeks with salt and oil at 220°C for 15 min.',
      'oven',
      15,
      'oven',
    ],
    [
      'High pressure 5 min, QR. Char on a very hot grill pan 2 mins each side.',
      'burner',
      4,
      'burner',
    ],
    ['Steam in the basket (valve open, no pressure) 12 min.', 'simmer', 12, 'cooker'],
    ['High pressure 5 min, QR. Fish in, lid back on, no heat, 6 minutes.', 'rest', 6, 'counter'],
    [
      'Soften the gelatine in cold water for 5 minutes. High pressure 5 min, QR.',
      'soak',
      5,
      'counter',
    ],
    [
      'High pressure 5 min, QR. Whisk the yolks in on sauté until it coats a spoon, 3 minutes.',
      'simmer',
      3,
      'cooker',
    ],
  ])('%s', (text, kind, minutes, place) => {
    expect(method(text).steps.find((s) => s.minutes === minutes)).toMatchObject({ kind, place });
  });

  it('is told once, by the stage that takes the minutes', () => {
    const found = method(
      'High pressure 14 minutes, natural release. Meanwhile wilt the onions in a frying pan, 6 minutes. Once released, brown the celeriac under a hot grill for 4 minutes.',
    );
    for (const words of ['wilt the onions', 'under a hot grill'])
      expect(found.steps.filter((s) => s.text.includes(words))).toHaveLength(1);
  });
});

describe('who eats, and when it is another case', () => {
  it('is not who ate once', () => {
    const found = read(
      'Soup\nMy neighbour had three bowls last night!\n\n1 cup rice\n\nHigh pressure 4 minutes, quick release.',
    );
    expect(found.serves).toBeNull();
    expect(found.questions).toContain('How many does it serve?');
  });

  it('is no release: the minutes of a thawed piece', () => {
    const found = method('7 mins low pressure from frozen; 4 mins if thawed. Quick release.');
    expect(holds(found)).toEqual([['low', 7, 'quick', null]]);
    expect(found.unread).toContain('4 mins if thawed');
  });

  it('is no release: the slower one for those who have time', () => {
    const found = method('High 4, QR, or NPR if you have time. Grill till gold, 5-7 min.');
    expect(holds(found)).toEqual([['high', 4, 'quick', null]]);
    expect(steps(found).at(-1)).toEqual(['crisp', 5]);
  });

  it('goes on in the saucepan beside the pot', () => {
    const found = method(
      'Onions, lentils and stock in. High pressure 25 minutes, quick release. Meanwhile, in a medium saucepan, melt the butter. Whisk in the flour and cook for 1 minute. Whisk in the milk until thick, about 4 minutes. Stir into the soup.',
    );
    expect(found.steps.map(({ kind, minutes, place }) => [kind, minutes, place])).toEqual([
      ['pressure', 25, 'cooker'],
      ['burner', 5, 'burner'],
      ['finish', null, 'counter'],
    ]);
  });

  it('takes no kitchen for a food', () => {
    const found = method(
      'Heat the oil in a 6- to 8-quart electric pressure cooker. Brown the onions 5 min. High pressure 5 min, QR.',
    );
    expect(found.ingredients.map((i) => i.food)).toEqual([
      'celeriac',
      'onions',
      'stock',
      'lentils',
    ]);
  });
});

describe('a page’s own marks and habits', () => {
  it.each(['▢', '☐', '□', '●', '✓'])('%s before an ingredient is no part of it', (mark) => {
    const found = read(
      `Beans\nServes 4\n\n${mark} 6 cups water\n${mark} 1 bay leaf\n\nHigh pressure 4 min.`,
    );
    expect(found.ingredients.map((i) => [i.amount, i.food])).toEqual([
      [6, 'water'],
      [1, 'bay leaf'],
    ]);
  });

  it('the release is told after what is done beside the pot', () => {
    const found = method(
      'Lentils and stock in. High pressure 40 minutes. (If soaked, 15 minutes.) While they cook, heat oil in a skillet. Cook the onions until soft, about 8 minutes. Add the celeriac and cook 1 minute more. Once the pressure has released naturally, open the lid. Set to sauté and simmer 15 minutes.',
    );
    expect(holds(found)).toEqual([['high', 40, 'natural', null]]);
    expect(steps(found)).toEqual([
      ['pressure', 40],
      ['burner', 9],
      ['simmer', 15],
    ]);
  });

  it.each([
    ['50min hi press, natch release', ['high', 50, 'natural', null]],
    ['Low pressure 0 min / QPR.', ['low', 0, 'quick', null]],
  ])('%s', (text, cycle) => {
    expect(holds(method(`Brown the onions 3 mts. Stock in. ${text}`))).toEqual([cycle]);
  });

  it('two small loaves feed nobody knows how many', () => {
    expect(
      read('Bread\nMakes 2 small loaves\n\n1 cup rye flour\n\nHigh pressure 4 min.').serves,
    ).toBeNull();
  });
});
