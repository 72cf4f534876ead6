import { expect, expectAccessible, settled, test } from './support';

const RECIPE = `Shanks with beans

2 lamb shanks
1 1/2 cups dried white beans, soaked
1 onion, diced
3 cups chicken broth

Brown the shanks for 10 minutes. Add onion, beans and broth.
Pressure cook on high for 45 minutes.
Simmer the sauce for 5 minutes.`;

test('a pasted recipe becomes a planned dish', async ({ page }) => {
  await page.goto('/dishes');
  await page.getByRole('link', { name: 'Add a recipe' }).click();
  await page.getByLabel('The recipe’s text').fill(RECIPE);
  await expect(page.getByText('for 4 · 4 ingredients · 5 stages')).toBeVisible();

  // What the text does not say is asked; a wrong answer is named and keeps the dish from being kept.
  await page.getByLabel('How many does it serve?').fill('none');
  await expect(page.getByText('give a number from 1 to 200')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this dish' })).toBeDisabled();
  await page.getByLabel('How many does it serve?').fill('2');
  await page.getByLabel('How is the pressure released after the 45 min?').selectOption('15');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep this dish' }).click();

  await expect(page.getByRole('heading', { level: 1, name: 'Shanks with beans' })).toBeVisible();
  await expect(page.getByText('45 min high, 15 min natural release, then quick')).toBeVisible();
  await page.getByRole('button', { name: 'Plan a meal with it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Shanks with beans');
  await expect(page.getByTestId('run-sheet')).toContainText('Brown the shanks');
  await settled(page);
});

test('half of the oil now, the rest later: in the editor, on the page, on the printed card', async ({
  page,
}) => {
  await page.goto('/dishes/white-beans-sage/edit');
  const uses = page.locator('summary', { hasText: 'Goes in:' });
  await expect(uses.nth(3)).toContainText('the rest of the olive oil');
  await uses.nth(2).click();
  await page.getByLabel('How much of olive oil in stage 3').selectOption('a quarter');
  await expect(uses.nth(2)).toContainText('a quarter of the olive oil');
  await page.getByRole('button', { name: 'Save' }).first().click();
  await expect(page.getByText('a quarter in “Fry the crumbs')).toBeVisible();
  await page.getByRole('button', { name: 'More: what else can be done with this dish' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  const card = page.getByRole('article');
  await expect(card).toContainText('a quarter of the olive oil');
  await expect(card).toContainText('9 min high · natural release');
  await expect(card).toContainText('Contains gluten');
  await expectAccessible(page);
});

test('what a piece of the text became is set right where it stands, and taken back', async ({
  page,
}) => {
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill(
      `Hake pot\nServes 4\n\n500 g hake\n2 leeks\nsaffron from the blue tin\n\nLid on, low pressure for 2 minutes, quick release.\nKeeps for a day in the fridge.`,
    );
  const text = page.getByRole('list', { name: 'The text, piece by piece' });
  await expect(text.getByRole('listitem')).toHaveCount(7);
  const saffron = text.getByRole('listitem').filter({ hasText: 'saffron' });
  const kind = saffron.getByRole('combobox');
  await expect(kind).toHaveValue('ingredient');
  const row = page.getByRole('row').filter({ hasText: 'saffron' });
  await expect(row).toBeVisible();
  // What it became is shown with it.
  await saffron.hover();
  await expect(row).toHaveClass(/bg-leaf-soft/);
  await expectAccessible(page);
  await kind.selectOption('note');
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(row).toBeVisible();

  // A line and a step are corrected in the dish itself.
  await page.getByRole('button', { name: 'Correct hake' }).click();
  await page.getByLabel('Line of hake').fill('750 g cod loin');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row').filter({ hasText: 'cod loin' })).toContainText('750 g');
  await page.getByText('Correct the steps').click();
  const minutes = page.getByLabel('Minutes of step 1');
  await expect(minutes).toHaveValue('2');
  await minutes.fill('3');
  await minutes.press('Enter');
  await expect(page.getByText('3 min low, quick release')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Undo the last correction' }).click();
  await expect(page.getByText('2 min low, quick release')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hake pot');
  await expect(page.getByRole('row').filter({ hasText: 'cod loin' }).first()).toBeVisible();
});

test('a file that holds no recipe is refused in words, and the text stays', async ({ page }) => {
  await page.goto('/dishes/new');
  await page.locator('input[type=file]').setInputFiles({
    name: 'letter.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('Dear all, see you on Sunday.'),
  });
  await expect(page.getByText(/holds no recipe/)).toBeVisible();
  await expect(page.getByLabel('The recipe’s text')).toHaveValue(/Dear all/);
});

test('a dish is changed, refused with the field named, saved, taken out and put back', async ({
  page,
}) => {
  // A dish of no meal: tests of meals share this household.
  await page.goto('/dishes/slow-plums');
  const name = (await page.getByRole('heading', { level: 1 }).textContent()) ?? '';
  await page.getByRole('link', { name: 'Change it' }).click();
  await expectAccessible(page);
  await page.getByLabel('Name', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('alert')).toContainText('a name is needed');
  await page.getByLabel('Name', { exact: true }).fill(`${name} again`);
  await page.getByLabel('Another ingredient, as a line').fill('2 tbsp walnuts, chopped');
  await page.keyboard.press('Enter');
  const added = page.getByLabel(/^Ingredient \d+$/).last();
  await expect(added).toHaveValue('2 tbsp walnuts, chopped');
  // A line is changed as text; one without any food is refused, and stays as it is typed.
  await added.fill('3 tbsp');
  await added.blur();
  await expect(page.getByText('no food is named in this line')).toBeVisible();
  await expect(added).toHaveValue('3 tbsp');
  await added.fill('3 tbsp walnuts, chopped');
  await added.blur();
  await expect(page.getByText('no food is named in this line')).toHaveCount(0);
  await page.getByRole('button', { name: 'More about walnuts' }).click();
  await expect(page.getByLabel('How walnuts scales')).toBeVisible();
  await page.getByLabel('Another stage').selectOption('rest');
  await page.getByRole('button', { name: 'Add it' }).last().click();
  await page
    .getByRole('button', { name: /Move stage \d+ up/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('heading', { level: 1, name: `${name} again` })).toBeVisible();
  await expect(page.getByRole('cell', { name: 'walnuts, chopped' })).toBeVisible();

  await page.getByRole('button', { name: 'More: what else can be done with this dish' }).click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Dishes' })).toBeVisible();
  await expect(page.getByRole('link', { name: new RegExp(`${name} again`) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: new RegExp(`${name} again`) })).toBeVisible();
});

test('a dish goes out as text and as JSON-LD', async ({ page }) => {
  const text = await page.request.get('/dishes/lamb-apricots/recipe.txt?servings=8');
  expect(await text.text()).toMatch(/Serves 8[\s\S]*1\.9 kg lamb shoulder[\s\S]*45 minutes/);
  const data = await page.request.get('/dishes/lamb-apricots/recipe.json');
  expect(await data.json()).toMatchObject({ '@type': 'Recipe', recipeYield: '4 servings' });
});

test('for twenty it says what changes, what each cooker takes, and plans it in runs', async ({
  page,
}) => {
  await page.goto('/dishes/lamb-apricots?servings=20');
  const changes = page.getByRole('region', { name: 'What changes at 20' });
  await expect(changes.getByRole('row', { name: /browning/i })).toContainText('3 rounds');
  await expect(page.getByRole('region', { name: 'How much at once?' })).toContainText(
    'Large takes up to',
  );
  await page.getByLabel('I have this much lamb shoulder').fill('plenty');
  await page.getByRole('button', { name: 'Scale to it' }).click();
  await expect(page.getByText(/Write it as an amount/)).toBeVisible();
  await page.getByLabel('I have this much lamb shoulder').fill('1.9 kg');
  await page.getByRole('button', { name: 'Scale to it' }).click();
  await expect(page.getByRole('heading', { name: 'Ingredients for 8' })).toBeVisible();
  await page.goto('/dishes/lamb-apricots?servings=20');
  await page.getByRole('button', { name: /plan 20 in 2 even runs/ }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Lamb shoulder with apricots');
  await settled(page);
});

test('cream under pressure is noticed, moved at one click, and put back', async ({ page }) => {
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill(
      'Carrots in cream\nServes 4\n\n500 g carrots\n400 ml broth\n200 ml cream\n\nPut everything into the pot. Pressure cook on high for 4 minutes, quick release.',
    );
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  const looks = page.getByRole('region', { name: 'Needs a look' });
  await expect(looks).toContainText('curdles under pressure');
  await looks.getByRole('button', { name: 'Move cream after the cycle' }).click();
  await expect(looks).toHaveCount(0);
  await expect(page.getByText('Stir in the cream', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(looks).toContainText('curdles under pressure');
});

test('a food is exchanged, the version before is kept, and one goes back to it', async ({
  page,
}) => {
  await page.goto('/dishes/mushroom-barley');
  const row = page.getByRole('row', { name: /barley/ }).first();
  await row.getByText('Use instead').click();
  await expect(row).toContainText('no gluten');
  await row.getByRole('button', { name: 'Take it' }).first().click();
  await expect(page.getByRole('cell', { name: /brown rice/ })).toBeVisible();
  const versions = page.getByRole('region', { name: 'What changed, and why' });
  await expect(versions).toContainText('brown rice instead of');
  await versions.getByRole('button', { name: 'Go back to before' }).first().click();
  await expect(page.getByRole('cell', { name: /brown rice/ })).toHaveCount(0);
});

test('a stack is offered with what it takes, kept, and planned; another is refused with the reason', async ({
  page,
}) => {
  await page.goto('/dishes/lentil-squash-soup');
  const stack = page.getByRole('region', { name: 'In one cycle with another' });
  await stack.getByLabel('The other dish', { exact: true }).selectOption('hake-fennel');
  await expect(stack.getByRole('status')).toContainText('a pot has one pressure');
  await page.goto('/dishes/mushroom-barley?servings=2');
  await stack.getByLabel('The other dish', { exact: true }).selectOption('chickpeas-lemon');
  await expect(stack.getByRole('status')).toContainText('They go together');
  await expectAccessible(page);
  await stack.getByRole('button', { name: 'Keep it as a dish' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(' over ');
  // Kept for the two it was offered for, and a cooker takes it.
  await expect(page.getByRole('heading', { name: 'Ingredients for 2' })).toBeVisible();
  await expect(page.getByText(/: fits$/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /from the top/ })).toBeVisible();
  await page.getByRole('button', { name: 'More: what else can be done with this dish' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
});

test('a photo is shown; a file that is none is refused in words', async ({ page }) => {
  await page.goto('/dishes/pears-cider');
  const input = page.locator('input[name=photo]');
  await input.setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from('no') });
  await expect(page.getByText(/no photo that a browser shows/)).toBeVisible();
  await input.setInputFiles('docs/screenshots/answers.png');
  await expect(page.getByRole('img', { name: /as it was served/ })).toBeVisible();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('img', { name: /as it was served/ })).toHaveCount(0);
});

test(
  'a photo as large as a phone’s is made smaller before it is sent',
  { tag: '@soak' },
  async ({ page }) => {
    await page.goto('/dishes/pears-cider');
    const large = await page.evaluate(async () => {
      const canvas = document.createElement('canvas');
      canvas.width = 2400;
      canvas.height = 1800;
      const context = canvas.getContext('2d');
      const image = new ImageData(canvas.width, canvas.height);
      for (let i = 0; i < image.data.length; i++)
        image.data[i] = i % 4 === 3 ? 255 : 127 * (1 + Math.sin(i * i));
      context?.putImageData(image, 0, 0);
      return canvas.toDataURL('image/png').split(',')[1] ?? '';
    });
    const buffer = Buffer.from(large, 'base64');
    // More than the server takes.
    expect(buffer.length).toBeGreaterThan(5_000_000);
    await page
      .locator('input[name=photo]')
      .setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer });
    const photo = page.getByRole('img', { name: /as it was served/ });
    await expect(photo).toBeVisible();
    await expect
      .poll(() => photo.evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight]))
      .toEqual([1600, 1200]);
    await page.getByRole('button', { name: 'Remove it' }).click();
  },
);
