import { describe, expect, it } from 'vitest';
import { importedText } from '../../../tests/support/imported';
import { scaleDish } from '../dish';
import { summarise } from './summary';
import { importRecipe } from './index';
import { withToldAmounts } from './told-amounts';

/** @source Weights and Measures Act 1985 (United Kingdom), schedule 1; NIST Handbook 44, appendix C: 473.176 ml */
describe('a pint', () => {
  const SOUP = (extra: string) =>
    `Leek soup\nServes 4\n\n2 pints stock\n3 leeks\n${extra}\n\nPour in the 2 pints stock. High 5 min, quick release.`;
  const stockOf = (text: string) =>
    importedText(text).dish.ingredients.find((i) => /stock/.test(i.food));

  it.each(['2 rashers bacon', '1 tbsp cornflour', '150 ml double cream'])(
    'beside %s is 568 ml, and what was written stays beside it',
    (line) => {
      expect(stockOf(SOUP(line))).toMatchObject({ amount: 1135, unit: 'ml' });
      expect(stockOf(SOUP(line))?.preparation).toMatch(/2 British pints/);
    },
  );

  it.each(['1 cup heavy cream', '4 scallions', 'pepper', '2 rashers bacon, 1 cup cream'])(
    'beside %s stays as it is',
    (line) => expect(stockOf(SOUP(line))).toMatchObject({ amount: 2, unit: 'pint' }),
  );

  it('is a pint in what was read of the text', () => {
    const read = importRecipe(SOUP('2 rashers bacon'));
    if (!read.ok) throw new Error('not read');
    expect(summarise(read.value).ingredients[0]).toMatchObject({ amount: 2, unit: 'pint' });
  });

  it('in a step is as many, for other numbers of people, as in the list', () => {
    const { dish } = importedText(SOUP('2 rashers bacon'));
    const told = withToldAmounts(scaleDish(dish, 8), 'metric').dish.stages.map((s) => s.text);
    expect(told.join(' ')).toContain('Pour in the 2.25 l stock');
  });
});
