import { describe, expect, it } from 'vitest';
import { parseQuantity } from '../units';
import { parseLine } from './line';

describe('ingredient lines', () => {
  it.each([
    [
      '1 (14 oz) can chickpeas, drained',
      { amount: 1, unit: 'can', food: 'chickpeas', preparation: 'drained', state: 'drained' },
    ],
    [
      '350 g lamb shoulder, cut into 5 cm cubes',
      { amount: 350, unit: 'g', food: 'lamb shoulder', preparation: 'cut into 5 cm cubes' },
    ],
    ['1 lb frozen peas', { amount: 1, unit: 'lb', food: 'peas', state: 'frozen' }],
    ['120 g dried apricots', { amount: 120, unit: 'g', food: 'dried apricots', state: 'dried' }],
    [
      '2 large onions, finely chopped',
      { amount: 2, unit: null, food: 'large onions', preparation: 'finely chopped' },
    ],
    ['salt to taste', { amount: null, food: 'salt', preparation: 'to taste' }],
    ['parsley, optional', { amount: null, food: 'parsley', optional: true }],
    ['• 2–3 tbsp olive oil', { amount: 2, amountTo: 3, unit: 'tbsp', food: 'olive oil' }],
    [
      '1 1/2 pounds boneless, skinless chicken thighs, cut up',
      { amount: 1.5, unit: 'lb', food: 'boneless skinless chicken thighs', preparation: 'cut up' },
    ],
    [
      '2 x 400 g tins chopped tomatoes',
      { amount: 2, unit: 'can', food: 'chopped tomatoes', packSize: { amount: 400, unit: 'g' } },
    ],
    ['1 heaping cup rice', { amount: 1, unit: 'cup', food: 'rice' }],
    ['1 cup chopped dill', { amount: 1, unit: 'cup', food: 'dill', preparation: 'chopped' }],
  ])('%s', (text, expected) => {
    expect(parseLine(text)).toMatchObject(expected);
  });

  it.each(['-2 cups broth', '1/0 cups broth'])('%s has no amount, and says so', (text) => {
    const line = parseLine(text);
    expect(line.amount).toBeNull();
    expect(line.because.join()).toMatch(/not a positive number/);
  });
});

describe('lines that people write', () => {
  it.each([
    ['1,2 kg zungwe', { amount: 1.2, unit: 'kg', food: 'zungwe' }],
    ['1,200 g flour', { amount: 1200, unit: 'g', food: 'flour' }],
    ['1-1/2 tsp salt', { amount: 1.5, amountTo: null, unit: 'tsp', food: 'salt' }],
    ['2-½ cups rice', { amount: 2.5, amountTo: null, unit: 'cup', food: 'rice' }],
    ['2-3 onions', { amount: 2, amountTo: 3, food: 'onions' }],
  ])('%s', (text, expected) => {
    expect(parseLine(text)).toMatchObject(expected);
  });

  it('a line made to hang a reader is read at once, and nothing of it is lost', () => {
    const long = `2 kg ${'1/'.repeat(20_000)}`;
    const { food } = parseLine(long);
    expect(food.replace(/\s/g, '').length).toBeGreaterThan(39_000);
    expect(parseQuantity('1/'.repeat(10_000))).toBeNull();
  });
});

describe('the amount behind its food', () => {
  it.each([
    ['Water – 2 ½ cups', { amount: 2.5, unit: 'cup', food: 'Water' }],
    [
      'shallot 300g, brunoise',
      { amount: 300, unit: 'g', food: 'shallot', preparation: 'brunoise' },
    ],
    [
      'pork cheek 2.5kg trimmed',
      { amount: 2.5, unit: 'kg', food: 'pork cheek', preparation: 'trimmed' },
    ],
    [
      'Green chillies – 2, slit',
      { amount: 2, unit: null, food: 'Green chillies', preparation: 'slit' },
    ],
    ['Shallots 12', { amount: 12, unit: null, food: 'Shallots' }],
    ['Makes: 4', { amount: null }],
    ['rajma quarter cup, soaked', { amount: 0.25, unit: 'cup', food: 'rajma' }],
    ['Curry leaves: 8 to 10', { amount: 8, amountTo: 10, food: 'Curry leaves' }],
    ['Marrow (ridge gourd), peeled – 2 cups / 250 g', { amount: 2, unit: 'cup', food: 'Marrow' }],
    // A thickness, a number of people and a day are no amounts.
    ['leek, in 3 cm pieces', { amount: null, food: 'leek' }],
  ])('%s', (line, expected) => {
    expect(parseLine(line)).toMatchObject(expected);
  });
});

describe('what follows the food', () => {
  it.each([
    ['two big onions chopped', 2, 'big onions', 'chopped'],
    [
      '3 Tbsp cornflour mixed with 3 Tbsp cold water',
      3,
      'cornflour',
      'mixed with 3 Tbsp cold water',
    ],
    ['1 packet okra - straight from the freezer', 1, 'okra', 'straight from the freezer'],
    ['a pound and a half of hake', 1.5, 'hake', null],
    ['1 brace partridge', 2, 'partridge', null],
    ['25 g + 25 g butter', 50, 'butter', '25 g + 25 g'],
    ['8 c + 1 1/2 c water', 9.5, 'water', '8 c + 1 1/2 c'],
    ['half a bottle of stout', 0.5, 'stout', null],
    ['2 cl walnut oil', 20, 'walnut oil', null],
  ])('%s', (line, amount, food, preparation) => {
    expect(parseLine(line)).toMatchObject({ amount, food, preparation });
  });

  it('half a stick of butter is four tablespoons', () => {
    expect(parseLine('½ stick unsalted butter')).toMatchObject({ amount: 4, unit: 'tbsp' });
  });
});

describe('dozens and halves', () => {
  it.each([
    ['half a dozen spring onions', 6, 'spring onions'],
    ['a dozen eggs', 12, 'eggs'],
    ['2 dozen mussels', 24, 'mussels'],
    ['half a lemon', 0.5, 'lemon'],
    ['half an onion', 0.5, 'onion'],
  ])('%s', (line, amount, food) => {
    expect(parseLine(line)).toMatchObject({ amount, food });
  });
});

describe('so many of the whole, of which a part goes in', () => {
  it.each([
    ['juice of 2 limes', 2, 'limes', 'juice of'],
    ['Grated zest and juice of 1 orange', 1, 'orange', 'grated zest and juice of'],
    ['the juice of half a lemon (about 2 tbsp)', 0.5, 'lemon', 'juice of, about 2 tbsp'],
    ['leaves from 4 sprigs of thyme', 4, 'sprigs of thyme', 'leaves from'],
    ['whites of 3 eggs, beaten', 3, 'eggs', 'whites of, beaten'],
  ])('%s', (line, amount, food, preparation) => {
    expect(parseLine(line)).toMatchObject({ amount, food, preparation });
  });

  it('without a number it stays one thing', () => {
    expect(parseLine('juice of lemons')).toMatchObject({ amount: null, food: 'juice of lemons' });
  });
});
