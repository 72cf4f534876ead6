/** Lines of a list that tell work as well, columns, and measures that look like others. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText } from '../../../tests/support/imported';
import { parseLine } from './line';

const HOLD = 'Add everything. Cook on high 10 minutes, quick release.';
const listOf = (list: string, method = HOLD) =>
  imported(list, method).dish.ingredients.map(({ amount, unit, food }) => [amount, unit, food]);

describe('an amount, a food and how it is prepared', () => {
  it.each([
    ['1 cup brown rice - wash & soak 20 mins', [1, 'cup', 'brown rice'], 20],
    ['200g chickpeas (soak overnight)', [200, 'g', 'chickpeas'], 480],
    ['Chana dal - 1 cup, soaked for 30 mins', [1, 'cup', 'Chana dal'], 30],
    ['500g yellow split peas - soak them overnight, drain', [500, 'g', 'yellow split peas'], 480],
  ] as const)('%s: is a food that is soaked before', (line, wanted, minutes) => {
    const { dish } = imported(`${line}\n1 litre water`, HOLD);
    expect(dish.ingredients.map((i) => [i.amount, i.unit, i.food])[0]).toEqual(wanted);
    expect(dish.stages[0]).toMatchObject({ kind: 'soak', minutes });
    expect(dish.stages.every((s) => s.kind !== 'brown')).toBe(true);
  });

  it('work that begins with an amount is work all the same', () => {
    const { dish } = importedText(`Leek soup
serves 4
4 leeks, sliced
750 ml stock

750 ml stock in, lid on, 6 min high, quick release.`);
    expect(dish.stages.map((s) => s.kind)).toContain('pressure');
    expect(dish.ingredients).toHaveLength(2);
  });
});

describe('columns', () => {
  it('dots lead to the amount of a food whose name begins as work does', () =>
    expect(listOf('Brown ale ............ 330 ml\nBeef shin, 4 cm dice ....... 1.1 kg')).toEqual([
      [330, 'ml', 'Brown ale'],
      [1.1, 'kg', 'Beef shin'],
    ]));
});

describe('measures that look like others', () => {
  it('“chill to 8C” are degrees and no cups', () =>
    expect(listOf('1 kg beef shin', `${HOLD} Chill to 8C within 90 min.`)).toHaveLength(1));

  it('a size in brackets is of the food before them', () =>
    expect(
      listOf('1 kg beef shin', `${HOLD} Top with puff pastry (320 g sheet), bake 35 min at 200C.`),
    ).toContainEqual([320, 'g', 'puff pastry']));

  it('“zest + juice 1 lemon” is a lemon, also behind another thing', () => {
    expect(listOf('750ml chicken stock (hot), zest + juice 1 lemon')).toEqual([
      [750, 'ml', 'chicken stock'],
      [1, 'piece', 'lemon'],
    ]);
  });

  it('split peas are no peas that were split', () => {
    expect(parseLine('200 g green split peas')).toMatchObject({ food: 'green split peas' });
    expect(parseLine('1 vanilla pod split lengthways')).toMatchObject({ food: 'vanilla pod' });
  });
});

describe('another way to the same dish', () => {
  it.each([
    'Old way - tie in a cloth and boil another hour.',
    'In regular cooker: 2 whistles on medium flame.',
    'Traditional method: simmer for 2 hours.',
  ])('%s: is a note', (words) => {
    const { dish } = imported('500 g split peas\n1.2 l water', `${HOLD}\n${words}`);
    expect(dish.stages.filter((s) => s.kind === 'simmer' || s.kind === 'burner')).toEqual([]);
    expect(dish.notes).toContain(words.slice(0, 12));
  });
});

it('a message says what it makes, with “&” and a picture behind it', () =>
  expect(
    importedText(`ok here's the lemony barley & leek pot 🍋
you need: 300g barley, 1 leek, 900ml stock
lid on, 18 mins high, quick release. serves 4`).dish.name,
  ).toBe('Lemony barley & leek pot'));
