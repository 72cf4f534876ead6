import { describe, expect, it } from 'vitest';
import { importedText } from '../../../tests/support/imported';
import { scaleDish } from '../dish';
import { withToldAmounts } from './told-amounts';

/** The steps of a dish for 4, told for so many. */
function told(list: string, sentence: string, servings: number): string {
  const { dish } = importedText(
    `Pot\nServes 4\n\n${list}\n\n${sentence} High 10 minutes, natural release.`,
  );
  const scaled = withToldAmounts(scaleDish(dish, servings), 'metric');
  return scaled.dish.stages.map((s) => s.text).join(' ');
}

describe('amounts that a step names', () => {
  it.each([
    ['500 ml stock', 'Pour in 500 ml of stock.', 'Pour in 750 ml of stock.'],
    ['300 g arborio rice', 'Add three hundred grams of rice.', 'Add 450 g of rice.'],
    ['2 cups stock', 'Add 1 cup of the stock.', 'Add 355 ml of the stock.'],
    ['4 eggs', 'Add the 4 eggs.', 'Add the 6 eggs.'],
    ['2 leeks', 'Add 2 leeks, sliced.', 'Add 3 leeks, sliced.'],
    ['4 cloves garlic', 'Add 4 cloves of garlic.', 'Add 6 cloves of garlic.'],
  ])('%s: “%s” is, for six, “%s”', (line, four, six) =>
    expect(told(`${line}\n1 kg beef`, four, 6)).toContain(six),
  );

  it('of several amounts in a sentence each is its own, and one told twice is told once', () => {
    expect(
      told(
        '1 stick cinnamon\n1 l stock\n1 kg beef',
        'Add 1 stick of cinnamon and 1 litre of stock.',
        8,
      ),
    ).toContain('Add 1½ sticks of cinnamon and 2 l of stock.');
    expect(told('6 cups water\n1 kg lentils', 'Add 6 cups (1.4 l) water.', 8)).toMatch(
      /Add 2\.8\d? l water\./,
    );
  });

  it('one becomes many, and many one, in their words', () => {
    expect(told('1 onion\n1 kg beef', 'Add 1 onion.', 8)).toContain('Add 2 onions.');
    expect(told('2 onions\n1 kg beef', 'Add 2 onions.', 2)).toContain('Add 1 onion.');
  });

  it.each([
    ['minutes', '300 ml stock', 'Simmer 5 minutes with the stock.'],
    ['what it lies in', '300 ml stock', 'Put it into a 1.2 litre basin.'],
    ['how it is cut', '300 ml stock\n2 carrots', 'Cut the carrots into 3 cm pieces.'],
    ['things that are no food', '300 ml stock\n2 carrots', 'Take 2 forks.'],
    ['some of what is counted', '300 ml stock\n6 carrots', 'Add 2 carrots.'],
    ['what is done so much at a time', '2 kg veal', 'Add 500 g of the veal at a time.'],
    ['a range', '300 ml stock', 'Add 100 to 150 ml stock.'],
    ['what is said of each', '300 ml stock\n1 onion', 'Halve an onion.'],
  ])('%s stays as it is', (_, list, sentence) =>
    expect(told(`${list}\n1 kg beef`, sentence, 8)).toContain(sentence),
  );

  it('for as many as it was written for, every word stays', () =>
    expect(told('500 ml stock\n1 kg beef', 'Pour in 500ml of stock.', 4)).toContain(
      'Pour in 500ml of stock.',
    ));

  it('what grows less than the people grows less in the words', () => {
    const sentence = told('2 tsp salt\n1 kg beef\n300 ml stock', 'Add 2 tsp salt.', 8);
    expect(sentence).toMatch(/Add 3½ tsp salt|Add 1 tbsp salt/);
  });
});
