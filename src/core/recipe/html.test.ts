import { describe, expect, it } from 'vitest';
import { importRecipe, summarise } from './index';

function read(page: string, pick?: number) {
  const imported = importRecipe(page, pick === undefined ? {} : { pick });
  if (!imported.ok) throw new Error(imported.problems[0]?.message);
  return summarise(imported.value);
}

const STEPS = '<p>Add the stock. Lid on, high pressure for 5 minutes, quick release.</p>';
const CLUTTER = `<html><head><title>Fennel Risotto | The Tin Spoon</title></head><body>
<nav>Home · 300 recipes</nav><div class="cookie-consent">We use 12 cookies</div>
<main><h1>Fennel Risotto</h1><h2>What you’ll need</h2>
<table><tr><td>300 g</td><td>risotto rice</td></tr><tr><td>900 ml</td><td>vegetable stock</td></tr></table>
<h2>How to make it</h2>${STEPS}</main>
<aside>Oven risotto: 40 minutes</aside><section id="comments">Jo says: I gave it 7 minutes.</section></body></html>`;

describe('a saved page', () => {
  it('is read from its main part: a table is a list, what stands around it is left out', () => {
    const summary = read(CLUTTER);
    expect(summary.name).toBe('Fennel Risotto');
    expect(summary.ingredients.map((i) => [i.amount, i.unit, i.food])).toEqual([
      [300, 'g', 'risotto rice'],
      [900, 'ml', 'vegetable stock'],
    ]);
    expect(summary.steps.map((s) => s.minutes)).toEqual([5]);
    expect(summary.unread).toEqual([]);
  });

  // schema.org, Recipe, as microdata (HTML Living Standard, 5 Microdata).
  it('is read from its microdata', () => {
    const summary = read(
      `<div itemscope itemtype="https://schema.org/Recipe"><h2 itemprop="name">Millet</h2>
<span itemprop="recipeYield">4 people</span><ul><li itemprop="recipeIngredient"><b>2</b> <i>cups</i> millet</li><li itemprop="recipeIngredient">1 l stock</li></ul>
<div itemprop="recipeInstructions">${STEPS}</div></div><p>99 comments</p>`,
    );
    expect(summary).toMatchObject({ name: 'Millet', serves: 4 });
    expect(summary.ingredients[0]).toMatchObject({ amount: 2, unit: 'cup', food: 'millet' });
    expect(summary.cycles).toMatchObject([{ holdMinutes: 5 }]);
  });

  it('with two recipes asks which, and reads the one that is chosen', () => {
    const recipe = (name: string, minutes: number) =>
      `{"@type":"Recipe","name":"${name}","recipeYield":{"@type":"QuantitativeValue","value":8},"recipeIngredient":["500 g barley"],"recipeInstructions":"Pressure cook on high for ${minutes} minutes, quick release."}`;
    const page = `<script type="application/ld+json">{"@graph":[${recipe('Soup', 9)},${recipe('Loaf', 30)}]}</script>`;
    expect(read(page)).toMatchObject({ name: 'Soup', serves: 8, cycles: [{ holdMinutes: 9 }] });
    expect(read(page).questions.join()).toMatch(/more than one recipe.*Soup, Loaf/);
    expect(read(page, 1)).toMatchObject({ name: 'Loaf', cycles: [{ holdMinutes: 30 }] });
  });
});

describe('another language', () => {
  // Short texts of our own.
  it.each([
    [
      'Italian',
      'Zuppa\n250 g di farro\nCuoci il farro con la cipolla per 15 minuti, poi aggiungi il sale e l’olio nella pentola.',
    ],
    [
      'German',
      'Suppe\n250 g Graupen\nDie Zwiebel mit dem Öl und Salz in den Topf geben, dann 15 Minuten kochen und nicht umrühren.',
    ],
    [
      'French',
      'Soupe\n250 g de lentilles\nFaites cuire les lentilles avec le sel et l’huile pour 15 minutes, puis ajoutez la crème dans la cocotte.',
    ],
  ])('%s is named', (name, text) => {
    const imported = importRecipe(text);
    if (!imported.ok) throw new Error(imported.problems[0]?.message);
    const { language, dish, ingredients } = imported.value;
    expect(language.name).toBe(name);
    // The list is kept as it is; of the rest nothing is made, and nothing is lost.
    expect(ingredients.map(({ line }) => [line.amount, line.unit])).toEqual([[250, 'g']]);
    expect(dish.stages).toEqual([]);
    expect(dish.unread.join(' ')).toContain('15');
  });
});

it('ingredients of a page as named quantities and as supplies are whole', () => {
  const page = (ingredient: object): string =>
    `<script type="application/ld+json">${JSON.stringify({
      '@type': 'Recipe',
      name: 'Braised red cabbage',
      recipeIngredient: [ingredient, '2 apples, grated'],
      recipeInstructions: 'High pressure for 4 minutes, quick release.',
    })}</script>`;
  const first = (ingredient: object) => {
    const read = importRecipe(page(ingredient));
    return read.ok ? read.value.dish.ingredients[0] : null;
  };
  const cabbage = { food: 'red cabbage', amount: 1, unit: 'kg' };
  expect(
    first({ '@type': 'PropertyValue', name: 'red cabbage', value: '1', unitText: 'kg' }),
  ).toMatchObject(cabbage);
  expect(
    first({
      '@type': 'HowToSupply',
      name: 'red cabbage',
      requiredQuantity: { '@type': 'QuantitativeValue', value: 1, unitText: 'kg' },
    }),
  ).toMatchObject(cabbage);
});
