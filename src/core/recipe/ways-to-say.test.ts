/** Ways to say a time, a count or a condition that are easily taken for another. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { dishOf, imported, shape } from '../../../tests/support/imported';
import { importRecipe, toText } from './index';
import type { ReadingStyle } from './export';
import { readInstructions } from './method/read';
import { findDurations } from './durations';
import { parseLine } from './line';
import { partNamed } from './lines/parts';
import { findYield, servingsIn } from './lines/yields';

const told = (text: string) =>
  readInstructions([text]).stages.map((s) => [
    s.kind,
    s.cycle ? s.cycle.holdMinutes : s.minutes,
    ...(s.cycle ? [s.cycle.level, s.cycle.release.kind] : []),
  ]);

describe('times that are not what they seem', () => {
  it('“at least 2 hours and up to 2 days” waits two hours', () => {
    const stages = told(
      'Cook at high pressure for 9 minutes, quick release. Chill at least 2 hours and up to 2 days.',
    );
    expect(stages.at(-1)).toEqual(['rest', 120]);
    expect(stages).toHaveLength(2);
  });

  it('minutes for each side and “in total” behind them are one time', () => {
    expect(told('Brown the pork 2 minutes per side (about 8 minutes total).')).toEqual([
      ['brown', 8],
    ]);
    expect(told('Brown the pork 2 minutes per side.')).toEqual([['brown', 4]]);
  });

  it('“if it doesn’t, … wait 5 minutes” is looked at, and no step of every evening', () => {
    const { stages } = readInstructions([
      'High pressure 3 minutes, quick release. The middle should read 145°F; if it doesn’t, put the lid back on and wait 5 minutes. Rest 10 minutes.',
    ]);
    expect(stages.map((s) => [s.kind, s.minutes])).toContainEqual(['rest', 10]);
    expect(stages.map((s) => s.minutes)).not.toContain(15);
    expect(stages.flatMap((s) => s.checks ?? [])).toMatchObject([{ minutes: 5 }]);
  });

  it('a level with its release in the same breath', () => {
    expect(told('Potatoes in, 8 min high w/ QR, mash.')[0]).toEqual([
      'pressure',
      8,
      'high',
      'quick',
    ]);
  });

  it('“natural - took ours 25 min” tells how long it takes, and vents nothing', () => {
    expect(told('60 min high, natural - took ours 25 min to drop.')).toEqual([
      ['pressure', 60, 'high', 'natural'],
    ]);
  });

  it('whistles are a hold that nobody knows', () => {
    const stove =
      'Pressure cook the beans for 5 whistles, then 15 minutes on a low flame. Let the pressure go by itself.';
    expect(told(stove)).toEqual([['pressure', NaN, null, 'natural']]);
    expect(told(`${stove} In the electric cooker it is 25 minutes on high.`)).toEqual([
      ['pressure', 25, 'high', 'natural'],
    ]);
    const asked = imported('1 cup chickpeas\n3 cups water', stove).questions;
    expect(asked.map((q) => q.text).join()).toMatch(/how long/i);
  });

  it('“brown well all over” is work, and “until brown all over” how it looks', () => {
    expect(
      told('Season, brown well all over in dripping, 2 at a time, 4 min a side.')[0]?.[0],
    ).toBe('brown');
    expect(told('Bake at 200 °C until puffed and brown all over, 20 min.')).toEqual([['oven', 20]]);
  });
});

describe('what goes in, and what it goes into', () => {
  it('a basin that was filled some sentences before its rack is a pan in the pot', () => {
    const method =
      'Beat all of it.\nFill a greased 1.2 l pudding basin. Smooth it. Cover with paper and foil. Tie with string. Trivet, 750 ml boiling water. High pressure 35 min, natural release.';
    expect(shape(dishOf('110 g butter\n2 eggs\n150 g flour', method)).join()).toMatch(/pressure/);
    const read = importRecipe(`Sponge\nserves 6\n\n110 g butter\n2 eggs\n150 g flour\n\n${method}`);
    expect(read.ok && read.value.dish.stages.find((s) => s.kind === 'pressure')).toHaveProperty(
      'inPan',
    );
  });

  it.each([
    ['pearl barley, a mug (200g)', 200, 'g', 'pearl barley'],
    ['a big 28 ounce can of crushed tomatoes', 1, 'can', 'crushed tomatoes'],
    ['2 eggplants (1 kg)', 2, null, 'eggplants'],
  ])('“%s”: %s %s %s', (line, amount, unit, food) => {
    expect(parseLine(line)).toMatchObject({ amount, unit, food });
  });

  it('what each weighs is no second food', () => {
    const read = importRecipe(
      'so you start with two big eggplants, about a pound each, cut in one inch chunks. quarter cup of oil. high pressure four minutes, quick release. serves like six with rice.',
    );
    if (!read.ok) throw new Error('unread');
    expect(read.value.dish.ingredients.map((i) => i.food).join()).toMatch(/eggplants/);
    expect(read.value.dish.ingredients.map((i) => i.food)).not.toContain('each');
    expect(read.value.dish.servings).toBe(6);
  });
});

describe('lines', () => {
  it('that count up without a stop are steps; a list that counts is none', () => {
    const read = importRecipe(
      'Pork\nServes 4\n\n680 g pork\n180 ml cider\n\n1 Pat the pork dry.\n2 Brown it on sauté for 8 minutes. Add the cider.\n3 High pressure 3 minutes, quick release.\n4 Slice and serve.',
    );
    if (!read.ok) throw new Error('unread');
    expect(read.value.dish.stages.map((s) => s.text).join(' ')).not.toMatch(/\b[1-4] [PBHS]/);
    const list = importRecipe(
      'Stew\nServes 4\n\n1 Onion\n2 Carrots\n3 Tomatoes\n\nHigh pressure 3 minutes, quick release.',
    );
    expect(list.ok && list.value.dish.ingredients.map((i) => i.amount)).toEqual([1, 2, 3]);
  });

  it('talk that tells of work is work', () => {
    const read = importRecipe(
      'for 8 you want 2.4kg beef cheeks. I do them Friday: season, brown well, 4 min a side. Pour over 500 ml stock. 60 min high, natural release.',
    );
    if (!read.ok) throw new Error('unread');
    expect(read.value.dish.servings).toBe(8);
    expect(read.value.dish.stages.map((s) => s.kind)).toContain('brown');
  });
});

describe('sums, fractions and letters', () => {
  it('“12 min per 500 g = 43 min” is 43 minutes', () => {
    expect(told('12 min per 500g on high = 43 min. leave till pin drops (30 min ish)')).toEqual([
      ['pressure', 43, 'high', 'natural'],
    ]);
  });

  it.each([
    ['saute 4/5 mins', [4, 5]],
    ['simmer 2/3 mins', [2, 3]],
    ['simmer for 1/2 minute', [0.5, null]],
    ['roast for 3/4 hour', [45, null]],
  ])('“%s”: %j', (text, [from, to]) => {
    expect(findDurations(text)).toMatchObject([{ from, to }]);
  });

  it('how long it takes to come down was told, and what cools later is no release', () => {
    expect(
      told(
        'High pressure 35 min. Natural release completely, about 30 min. Leave jars to cool before opening (1 hour).',
      ),
    ).toEqual([
      ['pressure', 35, 'high', 'natural'],
      ['rest', 60],
    ]);
  });

  it('lettered lines are steps', () => {
    const stages = shape(
      dishOf(
        '1 kg beef cheeks\n500 ml stock',
        'a) brown the beef 8 min\nb) stock in. 45 min high. quick release\nc) oven 200 C, 10 min',
      ),
    );
    expect(stages.filter(([kind]) => kind !== 'finish')).toEqual([
      ['brown', 8],
      ['pressure', 45],
      ['oven', 10],
    ]);
  });

  it('“roast” on a tray behind a heated oven is in it', () => {
    const [stage] = dishOf(
      '2 lb squash\n1 tbsp oil',
      'Heat oven to 425°F. Toss the squash with the oil on a rimmed sheet; roast, stirring once, 25 to 30 minutes. High pressure 20 minutes, quick release.',
    ).stages.filter((s) => s.kind === 'oven');
    expect(stage).toMatchObject({ minutes: 25, celsius: 218 });
  });

  it('“Do ahead: … can be cooked 3 days ahead” is a note, and no days of waiting', () => {
    const minutes = dishOf(
      '1 cup farro\n3 cups water',
      'High pressure 20 minutes; quick release.\nDo ahead: Farro can be cooked 3 days ahead; cover and chill. Squash 1 day.',
    ).stages.map((s) => ('minutes' in s ? s.minutes : 0));
    expect(Math.max(...minutes)).toBeLessThan(60);
  });

  it.each([
    ['Gammon, 1.8kg unsmoked joint', 1.8, 'kg', 'Gammon'],
    ['Glaze: 3 tbsp marmalade', 3, 'tbsp', 'marmalade'],
    ['Rice: jasmine, 200 g', 200, 'g', 'Rice'],
    ['4 x hake fillets', 4, null, 'hake fillets'],
  ])('“%s”: %s %s %s', (line, amount, unit, food) => {
    expect(parseLine(line)).toMatchObject({ amount, unit, food });
  });

  it.each([
    ['Makes about 6 cups; 4 main-dish servings', '4'],
    ['does 8 + sandwiches', '8'],
  ])('“%s” serves %s', (text, people) => {
    expect(findYield(text)).toContain(people);
  });
});

describe('the other way, and what a cake is cut into', () => {
  it('“the rice button is fine too, about 12 min” is no second cycle', () => {
    const method =
      'Everything in the pot.\nPressure: High 4 min, NPR 10.\n(Rice button is fine too - about 12 min.)\nFluff.';
    expect(
      shape(dishOf('2 cups rice\n2 cups water', method)).filter(([k]) => k === 'pressure'),
    ).toEqual([['pressure', 4]]);
  });

  it.each([
    ['Makes one 7-inch cake (8 slices)', 8],
    ['Makes one 7-inch cake', null],
    ['Cuts into 10 squares', 10],
  ])('“%s”: %s', (text, people) => {
    expect(servingsIn(findYield(text))).toBe(people);
    const read = importRecipe(
      `Plum cake\n\n${text}\n\n30 g butter\n2 eggs\n5 plums\n\nHigh pressure 50 min, natural release.`,
    );
    if (!read.ok) throw new Error('unread');
    expect(read.value.questions.some((q) => /how many/i.test(q.text))).toBe(people === null);
    expect(read.value.dish.ingredients).toHaveLength(3);
  });

  it.each([
    ['2 carrots, 2 celery stalks, chopped', ['carrots', 'celery stalks']],
    ['1 cinnamon stick; 2 strips lemon peel', ['cinnamon stick', 'strips lemon peel']],
    ['6 carrots, 2 cm dice', ['carrots']],
  ])('“%s” is %j', (line, wanted) => {
    const { ingredients } = dishOf(`${line}\n500 ml stock`, 'High pressure 4 min, quick release.');
    expect(ingredients.slice(0, -1).map((i) => i.food)).toEqual(wanted);
  });

  it('“3 hours before you eat” is a wait, and no work of three hours', () => {
    const method = 'High pressure 8 min, quick release. Toss in the butter 3 hours before you eat.';
    expect(shape(dishOf('500 g beans\n40 g butter', method)).at(-1)).toEqual(['rest', 180]);
  });
});

describe('a garnish beside the pot', () => {
  const text =
    'Soup\nServes 4\n\n750 g celeriac\n1 l stock\n12 sage leaves\n3 tbsp oil\n\n1. Celeriac and stock in. High pressure 10 minutes.\n2. Meanwhile, heat the oil in a small frying pan. Fry the sage leaves a few at a time for 10 seconds.\n3. Release the pressure. Blend. Top with the sage.';
  const stagesOf = (given: string) => {
    const read = importRecipe(given);
    if (!read.ok) throw new Error('unread');
    return read.value.dish;
  };

  it('waits for nothing of the pot, and still does when the text goes out and comes back', () => {
    const dish = stagesOf(text);
    const fry = dish.stages.find((s) => s.kind === 'burner');
    expect(fry?.after).toEqual([]);
    const again = stagesOf(toText(dish, 4, { system: 'metric', scale: 'C' } as ReadingStyle));
    expect(again.stages.find((s) => s.kind === 'burner')?.after).toEqual([]);
  });
});

describe('what is listed for a part of the dish', () => {
  const soup = importRecipe(
    'Soup\nServes 4\n\nIngredients\nFor the soup\n750 g celeriac\n1 l stock\nFor the dressing\n3 tbsp olive oil\n2 tbsp lemon juice\n1 tsp salt\n\nMethod\n1. Celeriac and stock in. High pressure 10 minutes, quick release.\n2. Blend the soup.\n3. Whisk the dressing ingredients and spoon over.',
  );
  const usesOf = (words: RegExp): string[] => {
    if (!soup.ok) throw new Error('unread');
    return soup.value.dish.stages.filter((s) => words.test(s.text)).flatMap((s) => s.uses);
  };

  it('goes in where that part is made', () => {
    expect(usesOf(/dressing/)).toEqual(
      expect.arrayContaining(['olive-oil', 'lemon-juice', 'salt']),
    );
    expect(usesOf(/High pressure/)).toEqual(['celeriac', 'broth']);
  });

  it('and not once more where what was made is only blended', () => {
    expect(usesOf(/^Blend/)).toEqual(['olive-oil', 'lemon-juice', 'salt']);
  });

  it.each([
    ['For the lemon dressing:', 'lemon dressing'],
    ['To make the glaze', 'glaze'],
    ['Ingredients', ''],
    ['To serve', ''],
    ['Big pot', ''],
  ])('“%s” heads “%s”', (heading, part) => {
    expect(partNamed(heading)).toBe(part);
  });
});

it('“also cooked at high pressure” is no other way', () => {
  expect(told('The barley is also cooked at high pressure for 20 minutes, quick release.')).toEqual(
    [['pressure', 20, 'high', 'quick']],
  );
});
