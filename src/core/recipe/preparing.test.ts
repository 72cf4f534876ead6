import { describe, expect, it } from 'vitest';
import { importedText } from '../../../tests/support/imported';
import { importRecipe } from './index';
import { toText } from './export';

function read(text: string) {
  const found = importRecipe(text, { takenIds: new Set() });
  if (!found.ok) throw new Error(found.problems[0]?.message);
  return found.value.dish;
}
const LIST = 'Pheasant with prunes\nServes 4\n\nIngredients\n1 kg pheasant\n';
const COOK = 'Pressure cook on high for 20 minutes, natural release.';

describe('hands that the method leaves out', () => {
  it('are a step of their own before the first, marked as reckoned', () => {
    const { stages } = read(`${LIST}3 onions, diced\n4 carrots, sliced\n\nMethod\n1. ${COOK}`);
    expect(stages.map((s) => [s.kind, s.guessed ?? false])).toEqual([
      ['prep', true],
      ['pressure', false],
    ]);
    expect(stages[0]?.text).toContain('onions (diced)');
    expect(stages[0]).toMatchObject({ minutes: expect.any(Number) as number });
  });

  it('are none where nothing is cut, and none twice where the text has them', () => {
    expect(read(`${LIST}1 cup broth\n\nMethod\n1. ${COOK}`).stages).toHaveLength(1);
    const told = read(
      `${LIST}3 onions, diced\n\nMethod\n1. Dice the onions, 25 minutes.\n2. ${COOK}`,
    );
    expect(told.stages.filter((s) => s.kind === 'prep')).toMatchObject([{ minutes: 25 }]);
  });

  it('wait until the beans have soaked', () => {
    const { stages } = read(
      `${LIST}2 cups dried beans\n3 onions, diced\n\nMethod\n1. Soak the beans for 8 hours.\n2. ${COOK}`,
    );
    expect(stages.map((s) => s.kind)).toEqual(['soak', 'prep', 'pressure']);
  });

  it('wait until the night is over, unless what lies overnight needs them', () => {
    const night = (rub: string) =>
      read(`${LIST}2 onions, chopped\n\nMethod\n1. ${rub}\n2. ${COOK}`).stages.map((s) => s.id);
    expect(night('Rub the pheasant with salt and leave in the fridge overnight.')).toEqual([
      'prep',
      'rest',
      'prepare',
      'pressure',
    ]);
    expect(night('Rub the pheasant with the onions and leave in the fridge overnight.')[0]).toBe(
      'prep',
    );
  });

  it('shredding takes the longer, the more there is', () => {
    const last = (kg: number) =>
      read(
        `Goat\nServes 6\n\nIngredients\n${kg} kg goat shoulder\n1 cup water\n\nMethod\n1. ${COOK}\n2. Shred the goat.`,
      ).stages.at(-1);
    expect(last(4)).toMatchObject({ kind: 'finish', minutes: 16 });
    expect(last(0.5)).toMatchObject({ kind: 'finish', minutes: 3 });
  });

  it('are not written out, for the list says them: the text reads back as the same dish', () => {
    const dish = read(`${LIST}3 onions, diced\n150 g frozen peas\n\nMethod\n1. ${COOK}`);
    const text = toText(dish, 4, { system: 'metric', scale: 'C' });
    expect(text).not.toMatch(/^\d\. .*Prepare/m);
    expect(text).toMatch(/frozen peas/);
    expect(read(text).stages.map((s) => s.kind)).toEqual(dish.stages.map((s) => s.kind));
    expect(read(text).ingredients).toEqual(dish.ingredients);
  });
});

describe('what the text says to look at', () => {
  const stages = read(
    `${LIST}\nMethod\n1. ${COOK}\n2. If they are still hard, cook for another 5 minutes at high pressure.\n3. Simmer for 10 minutes. If the sauce is too thin, simmer 4 more minutes.`,
  ).stages;

  it('is a check of the step before it, with its minutes, and no step of its own', () => {
    expect(stages.map((s) => [s.kind, s.checks?.map((c) => c.minutes) ?? []])).toEqual([
      ['pressure', [5]],
      ['simmer', [4]],
    ]);
    expect(stages[0]?.checks?.[0]?.text).toMatch(/still hard/);
  });

  it('adds nothing to what the step takes, and is not shown as unread', () => {
    expect(stages[0]).toMatchObject({ holdMinutes: 20 });
    expect(stages[1]).toMatchObject({ minutes: 10 });
  });

  it('before there is any step it stands in the words of the first', () => {
    const found = importRecipe(
      `${LIST}\nMethod\n1. If it is frozen, 10 minutes more.\n2. ${COOK}`,
      { takenIds: new Set() },
    );
    const [first] = found.ok ? found.value.dish.stages : [];
    expect(first?.sentence).toMatch(/10 minutes more/);
    expect(found.ok && found.value.leftOut.join()).toMatch(/10 minutes more/);
  });
});

it('“everything but the cream” leaves the cream for later, and a jointed bird is no whole one', () => {
  const dish = read(
    'Guinea fowl\nServes 4\n\nIngredients\n1 guinea fowl, about 1.3 kg, jointed\n2 carrots, sliced\n250 ml stock\n2 tbsp cream\n\nMethod\n1. Put in everything but the cream and pressure cook on high for 14 minutes, quick release.\n2. Stir in the cream.',
  );
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  expect(cycle?.uses).not.toContain('cream');
  expect(dish.stages.at(-1)?.uses).toContain('cream');
  expect(dish.ingredients[0]?.pieceMm).toBe(45);
  expect(dish.stages[0]?.text).toBe('Prepare: guinea fowl (jointed), carrots (sliced)');
});

describe('what goes in when the pot has done its part', () => {
  const LATER = `Brisket with vegetables
Serves 6
1.5 kg brisket
2 onions, sliced
500 ml stock
800 g potatoes, peeled and cut in chunks
4 carrots, peeled, cut in chunks
2 tbsp parsley, chopped

Brown the brisket with the onions for 10 minutes. Add the stock. High pressure 75 minutes, natural release 15 minutes, then vent.
Add the potatoes and carrots. High pressure 4 minutes, quick release. Serve with the parsley.`;
  const { dish } = importedText(LATER);
  const at = (id: string) => dish.stages.find((s) => s.id === id);
  const foods = (id: string) =>
    dish.ingredients.filter((i) => at(id)?.uses.includes(i.id)).map((i) => i.food);

  it('is cut meanwhile: before the stage that takes it, and waiting for nothing', () => {
    expect(foods('prepare')).toEqual(['onions']);
    expect(foods('prepare-later')).toEqual(['potatoes', 'carrots', 'parsley']);
    expect(at('prepare-later')?.after).toEqual([]);
    expect(at('pressure-2')?.after).toEqual(['pressure', 'prepare-later']);
  });

  it('hardly any work is done with the rest', () => {
    const few = importedText(
      LATER.replace(/800 g potatoes.*\n4 carrots.*\n/, '').replace(
        'Add the potatoes and carrots. ',
        '',
      ),
    );
    expect(few.dish.stages.map((s) => s.id)).not.toContain('prepare-later');
  });

  it('neither is written out, and the text reads back as the same dish', () => {
    const text = toText(dish, dish.servings, { system: 'metric', scale: 'C' });
    expect(text).not.toMatch(/Prepare/);
    expect(importedText(text).dish.stages.map((s) => [s.id, s.after])).toEqual(
      dish.stages.map((s) => [s.id, s.after]),
    );
  });
});
