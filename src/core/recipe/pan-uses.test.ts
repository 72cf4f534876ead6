/** Pot-in-pot with food below: what lies in the bowl and what under it. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { scaleDish } from '../dish';
import { importedText } from '../../../tests/support/imported';

const sambar = (method: string, list = '') =>
  importedText(
    `Sambar below, rice above\nServes 3\n\nSambar\n3/4 cup toor dal\n8 shallots\n3 cups water\n\nRice\n1 cup sona masoori rice\n1 1/2 cups water\n${list}\n\nMethod\n${method}`,
  ).dish;
const panUses = (method: string) => {
  const stage = sambar(method).stages.find((s) => s.kind === 'pressure');
  return stage?.kind === 'pressure' ? stage.panUses : null;
};

describe('food in the bowl and in the pot', () => {
  it('what is named with the bowl is in it, with the water listed right behind it', () =>
    expect(
      panUses(
        'Put everything for the sambar in the inner pot. Rice and its water go in a steel bowl on the trivet. High pressure, 8 minutes. Natural release 10 minutes.',
      ),
    ).toEqual(['rice', 'water-2']));

  it('with water alone below, all of the rest is in the bowl', () =>
    expect(
      panUses(
        'Put the dal, shallots and rice in a steel bowl on the trivet, the water in the pot. High pressure, 8 minutes. Natural release.',
      ),
    ).toBeUndefined());
});

describe('one after the other', () => {
  it('simmered on once the tempering was tipped over, and not before', () => {
    const { stages } = sambar(
      'Put everything for the sambar in the pot. High pressure, 8 minutes. Natural release. Heat the ghee in a small pan, pop the mustard seeds (about 1 minute) and tip it all over the sambar. Simmer 3 minutes on sauté low.',
      '1 tbsp ghee\n1 tsp mustard seeds',
    );
    const burner = stages.findIndex((s) => s.kind === 'burner');
    const simmer = stages[burner + 1];
    expect(simmer?.kind).toBe('simmer');
    expect(simmer?.after ?? [stages[burner]?.id]).toContain(stages[burner]?.id);
  });

  it('what “you soaked half an hour” is soaked before the pot is on', () => {
    const { stages } = importedText(
      'Rice pudding\nServes 6\n\n1 litre milk\n3/4 cup broken basmati\n\nBoil the milk in the pot on sauté, stirring (10 minutes). Add the basmati which you soaked half an hour. Lid, low pressure, 12 min, NPR.',
    ).dish;
    expect(stages.map((s) => s.kind)).toEqual(['soak', 'simmer', 'pressure']);
  });

  it('what stands after a sauce was made beside the pot is what was in the pot', () => {
    const { stages } = importedText(
      'Date puddings (makes 6)\n\n180g dates\n150g flour\n2 eggs\n\nSauce\n200g sugar\n250ml cream\n\nPut the rack and 500ml water into the cooker. Stack the moulds on the rack. Cook on LOW for 25 minutes. Quick release.\nMeanwhile, stir the sauce ingredients in a small saucepan until melted, then simmer 5 minutes.\nStand puddings for 5 minutes before turning out. Serve with the hot sauce.',
    ).dish;
    const rest = stages.find((s) => s.kind === 'rest');
    const cycle = stages.find((s) => s.kind === 'pressure');
    expect(rest?.after).toEqual([cycle?.id]);
  });
});

it.each([
  ['1 drumstick, cut in 3-inch pieces', 'vegetable'],
  ['8 drumsticks', 'poultry'],
])('%s: %s', (line, group) => {
  const { ingredients } = importedText(
    `A pot\nServes 4\n\n${line}\n500 ml water\n\nHigh pressure, 8 minutes. Quick release.`,
  );
  expect(ingredients[0]?.food?.group).toBe(group);
});

it('minutes by weight with some on top hold for both of them', () => {
  const { dish } = importedText(
    'Gammon\nServes 6\n\n1.6kg gammon joint\n1 litre cider\n\nHigh pressure for 20 minutes per 500g plus 10 minutes. Natural release.',
  );
  const stage = dish.stages.find((s) => s.kind === 'pressure');
  expect(stage).toMatchObject({ holdMinutes: 74, minutesOnTop: 10 });
  const scaled = scaleDish(dish, 12).dish.stages.find((s) => s.kind === 'pressure');
  // 3.2 kg in one piece: 128 min and 10.
  expect(scaled).toMatchObject({ holdMinutes: 138 });
});
