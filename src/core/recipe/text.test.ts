import { describe, expect, it } from 'vitest';
import { fromText } from './text';

const NO_HEADINGS = `PARTRIDGE & QUINCE (for 5)
================
Prep 25 min / cook 50 min

1 brace partridge, jointed
3 rashers streaky bacon
2 quinces (about 450g), peeled

1) Brown the birds for 8 minutes.
2) Lock the lid; cook at high pressure for 14 minutes, quick release.

Keeps 2 days in the fridge.`;

const SPOKEN = `right so this feeds a crowd of nine. you need two bunches of salsify, a fistful of hazelnuts, half a bottle of perry and about 800 grams of rabbit legs, cut those up, and salt

Brown the rabbit on sauté for 6 minutes. Lid on, 22 on high, open the valve.`;

describe('what each line is', () => {
  it('without headings: title, list and steps', () => {
    const read = fromText(NO_HEADINGS);
    expect(read).toMatchObject({ name: 'PARTRIDGE & QUINCE', yieldText: 'for 5' });
    expect(read.ingredients).toHaveLength(3);
    expect(read.instructions).toHaveLength(2);
    expect(read.notes).toEqual(['Keeps 2 days in the fridge.']);
    expect(read.aside).toEqual(['Prep 25 min / cook 50 min']);
  });

  it('told in one breath: the list within the talk', () => {
    const read = fromText(SPOKEN);
    expect(read.yieldText).toBe('feeds a crowd of nine');
    expect(read.ingredients).toEqual([
      'two bunches of salsify',
      'a fistful of hazelnuts',
      'half a bottle of perry',
      'about 800 grams of rabbit legs, cut those up',
      'salt',
    ]);
    expect(read.instructions.join(' ')).toMatch(/Brown the rabbit.*22 on high/);
  });

  it('“Cook 30 min at high pressure” is a step, “Cook 50 min” is not', () => {
    const read = fromText(
      'Congee\nCook 50 min\n\nIngredients\n1 cup rice\n\nMethod\nCook 30 min @ high pressure.',
    );
    expect(read.instructions).toEqual(['Cook 30 min @ high pressure.']);
    expect(read.aside).toEqual(['Cook 50 min']);
  });

  it('what nobody knows begins a list as well, and brackets stay with it', () => {
    const { name, ingredients, instructions, yieldText } = fromText(
      'Our widgeon w/ damsons, does three\n\ntwo widgeon (abt 500g each), a fistful of damsons, 1/2 pt sloe gin, a nub of dripping and salt\n\nLid on. 18 on high, open the valve.',
    );
    expect(ingredients[0]).toBe('two widgeon (abt 500g each)');
    expect(ingredients).toHaveLength(5);
    expect(name).toBe('Our widgeon w/ damsons');
    expect(yieldText).toBe('does three');
    expect(instructions).toEqual(['Lid on. 18 on high, open the valve.']);
  });

  it('amounts told behind their foods', () => {
    const { ingredients } = fromText(
      'Dal for Sunday.\n\nWhat I use: red lentils one cup, rajma quarter cup, butter 50 grams, cream half a cup and salt. Cook it all at high pressure for 45 minutes and let the steam go by itself, that is all there is to it.',
    );
    expect(ingredients).toEqual([
      'red lentils one cup',
      'rajma quarter cup',
      'butter 50 grams',
      'cream half a cup',
      'salt',
    ]);
  });

  it.each([
    ['Makes 6 cups', ''],
    ['Yield: about 6 cups, 8 servings', '8 servings'],
    ['Serves: 6-8', 'Serves: 6-8'],
    ['Per serving: 140 kcal, 5 g fat', ''],
    ['Does six with bread.', 'Does six'],
  ])('“%s” is for “%s”', (line, expected) => {
    expect(
      fromText(
        `Bean pot\n${line}\n\nIngredients\n500 g beans\n\nMethod\nPressure cook on high for 20 minutes.`,
      ).yieldText,
    ).toBe(expected);
  });

  it('every line of a text is a piece of it, in its place', () => {
    for (const text of [NO_HEADINGS, SPOKEN]) {
      const pieces = fromText(text).pieces ?? [];
      const words = pieces.map(({ start, end }) => text.slice(start, end)).join(' ');
      for (const word of text.match(/\p{L}{3,}/gu) ?? []) expect(words).toContain(word);
      for (const [i, piece] of pieces.entries())
        expect(piece.start).toBeGreaterThanOrEqual(pieces[i - 1]?.end ?? 0);
    }
  });

  it('what somebody says that a piece is counts, and the rest is read with it', () => {
    const start = NO_HEADINGS.indexOf('Keeps 2 days');
    const read = fromText(NO_HEADINGS, new Map([[start, 'step']]));
    expect(read.notes).toEqual([]);
    expect(read.instructions.at(-1)).toBe('Keeps 2 days in the fridge.');
  });
});

it('every piece has a place of its own, also where short forms lost their stops', () => {
  const text =
    'Bean soup\n\n1# beans\n2 onions\n\nLock lid. High pressure 40 min. Nat. release (abt. 25 min.). Puree 3 c. of the soup & stir back in. Add salt. Makes abt. 2½ qts. 8 servings.\n';
  const pieces = fromText(text).pieces ?? [];
  const starts = pieces.map((p) => p.start);
  expect(new Set(starts).size).toBe(starts.length);
  expect(starts).toEqual(starts.toSorted((a, b) => a - b));
  expect(pieces.map((p) => text.slice(p.start, p.end)).find((p) => p.startsWith('Nat.'))).toMatch(
    /^Nat\. release \(abt\. 25 min\.\)/,
  );
});
