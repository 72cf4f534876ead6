import { describe, expect, it } from 'vitest';
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
