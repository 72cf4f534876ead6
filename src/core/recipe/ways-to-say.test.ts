/** Ways to say a time, a count or a condition that are easily taken for another. Facts: common practice. */
import { describe, expect, it } from 'vitest';
import { dishOf, imported, shape } from '../../../tests/support/imported';
import { importRecipe } from './index';
import { readInstructions } from './method/read';
import { parseLine } from './line';

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
    expect(read.ok && read.value.dish.stages.find((s) => s.kind === 'pressure')).toHaveProperty('inPan');
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
