import { describe, expect, it } from 'vitest';
import { dishSchema } from '../dish';
import { editRead, importRecipe, STEP_KINDS } from './index';

const imported = importRecipe(
  'Hake pot\nServes 4\n\n500 g hake\n2 leeks\n\nSoften the leeks for 5 minutes. Add the hake. Lid on, low pressure for 2 minutes, quick release.',
);
if (!imported.ok) throw new Error(imported.problems[0]?.message);
const { dish } = imported.value;
const [hake] = dish.ingredients;
const [brown, cycle] = dish.stages;

describe('what is corrected right after reading', () => {
  it('a line of the list, read as any other', () => {
    const edited = editRead(dish, {
      of: 'ingredient',
      id: hake?.id ?? '',
      line: '1,2 kg cod loin',
    });
    expect(edited.ingredients[0]).toMatchObject({
      id: hake?.id,
      food: 'cod loin',
      amount: 1.2,
      unit: 'kg',
    });
    expect(editRead(dish, { of: 'ingredient', id: hake?.id ?? '', line: '  ' })).toEqual(dish);
  });

  it('minutes of a step and of a cycle', () => {
    const edited = [brown, cycle].reduce(
      (d, s) => editRead(d, { of: 'minutes', id: s?.id ?? '', minutes: 9 }),
      dish,
    );
    expect(edited.stages).toMatchObject([{ minutes: 9 }, { holdMinutes: 9 }]);
  });

  it.each(STEP_KINDS)('a step is %s, with its words, food and minutes', (kind) => {
    const edited = editRead(dish, { of: 'kind', id: brown?.id ?? '', kind });
    expect(dishSchema.safeParse(edited).success).toBe(true);
    expect(edited.stages[0]).toMatchObject({
      kind,
      minutes: 5,
      text: brown?.text,
      uses: brown?.uses,
    });
  });
});
