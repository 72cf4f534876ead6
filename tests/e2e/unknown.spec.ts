import { addDish, expect, expectAccessible, newMeal, settled, test } from './support';

/** What nobody knows is asked, remembered, and never taken for harmless. */
test('an unknown food has no hold and no days; its group is asked once and remembered', async ({
  page,
}) => {
  await page.goto('/answers?q=hold&food=grommel&mm=60&shape=sphere&grams=900&target=safe');
  await expect(page.getByTestId('answer')).toHaveText('Not known');
  await expect(page.getByText(/\d+ min$/)).toHaveCount(0);
  await expectAccessible(page);
  await page.getByLabel('grommel is').selectOption('ground meat');
  await page.getByRole('button', { name: 'Remember it' }).click();
  await expect(page.getByTestId('answer')).toContainText('min');
  await expect(page.getByText('“grommel” is ground meat, as this household said')).toBeVisible();
  await expect(page.getByText(/at least 71 °C/).first()).toBeVisible();

  // The same answer for how long it keeps, on a page that nobody told.
  await page.goto('/answers?q=keep&food=grommel&place=fridge');
  await expect(page.getByTestId('answer')).toHaveText('1 to 2 days');
});

test('a dish that is not known all through is vegan for nobody', async ({ page }) => {
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill(
      `Prummel pot\nServes 4\n\nIngredients\n1 kg prummel\n2 cups vegetable broth\n\nMethod\nIf it is shy, sing to it for 3 minutes. Add everything. Pressure cook on high for 12 minutes, natural release.`,
    );
  await expect(page.getByText('Not read: one piece of the text')).toBeVisible();
  await expect(page.getByText('“If it is shy, sing to it for 3 minutes”')).toBeVisible();
  await page.getByRole('button', { name: 'Note: If it is shy, sing to it for 3 minutes' }).click();
  await expect(page.getByText('Not read')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo the last one' }).click();
  await page.getByRole('button', { name: 'Keep this dish' }).click();

  const diets = page.getByRole('region', { name: 'Allergens and diets' });
  await expect(diets).toContainText('Not known, because of prummel');
  await expect(diets.getByText('yes', { exact: true })).toHaveCount(0);
  await page.getByText('The original recipe text').click();
  await expect(page.locator('mark')).toContainText('sing to it for 3 minutes');
  await expect(page.getByText('Add everything.', { exact: false }).last()).toBeVisible();

  // Put where it belongs, with the way back.
  await page.getByRole('button', { name: 'Step: If it is shy, sing to it for 3 minutes' }).click();
  await expect(page.getByText('Not read')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Not read: one piece of the text')).toBeVisible();

  await page.getByLabel('prummel is').selectOption('root vegetable');
  await page.getByRole('button', { name: 'Remember it' }).click();
  await expect(page.getByText(/^What is .*\?$/)).toHaveCount(0);
});

test('a hold that the text does not give, and a dish of nothing, are kept only with an answer', async ({
  page,
}) => {
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill('Mystery pot\nServes 4\nLock the lid and bring it to high pressure.\nServe.');
  const keep = page.getByRole('button', { name: 'Keep this dish' });
  await expect(keep).toBeDisabled();
  await page.getByLabel(/How long does it pressure cook/).fill('12');
  await expect(keep).toBeDisabled();
  await page.getByLabel(/No ingredient was read/).selectOption('yes');
  await expect(keep).toBeEnabled();
  await expectAccessible(page);
});

test('too little liquid is a warning with the water at one tap, and what stops a plan stops its start', async ({
  page,
}) => {
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill(
      `Dry goat\nServes 4\n\nIngredients\n900 g goat, diced\n100 ml water\n\nMethod\nAdd everything. Pressure cook on high for 35 minutes, natural release.`,
    );
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  await page.getByRole('button', { name: 'Plan a meal with it' }).click();
  await settled(page);
  await expect(page.getByTestId('run-sheet')).toContainText('more water, for this pot');
  const water = page.getByRole('button', { name: /^Add .* water to the dish$/ });
  await water.click();
  await expect(page.getByText('The water has been added to the dish.')).toBeVisible();
  await expect(water).toHaveCount(0);
  await expect(page.getByTestId('run-sheet')).not.toContainText('more water, for this pot');
});

test('what a plan stops for is in the way before the evening starts, and stays in it', async ({
  page,
}) => {
  const address = await newMeal(page, 'Far too much', 60);
  await addDish(page, 'Lamb shoulder with apricots');
  await expect(page.getByText('Stop.').first()).toBeVisible();
  await settled(page);
  await page.waitForTimeout(500);
  await page.goto('/cook');
  const card = page.getByRole('listitem').filter({ hasText: 'Far too much' });
  await card.getByRole('button', { name: /^Start cooking/ }).click();
  await expect(page.getByTestId('stops')).toContainText('Stop.');
  await expectAccessible(page);
  await expect(page.getByRole('link', { name: 'Change the plan' })).toHaveAttribute(
    'href',
    new URL(address).pathname,
  );
  await card.getByRole('button', { name: /^Start all the same/ }).click();
  await page.waitForURL(/\/cook\/[^/]+$/);
  await expect(page.getByText('Cooked in spite of a stop').first()).toBeVisible();
});

test('a bag of something nobody knows keeps as the strictest until its group is chosen', async ({
  page,
}) => {
  await page.goto('/freezer');
  const put = page.getByRole('region', { name: 'Put in' });
  await put.getByText('Something else').click();
  await put.getByLabel('Its name').fill('wumbel');
  await put.getByLabel('One pack weighs').fill('500 g');
  await put.getByLabel('Into the').selectOption({ label: 'Fridge' });
  await put.getByRole('button', { name: 'Put it in' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toContainText('Wumbel');
  const code = /^[A-Z]{4}/.exec((await tape.innerText()).trim())?.[0] ?? '';
  await page.goto(`/s/${code}`);
  await expect(page.getByText(/strictest row of the chart/)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('wumbel is').selectOption('root vegetable');
  await page.getByRole('button', { name: 'Remember it' }).click();
  await expect(page.getByText(/keeps as roots and other firm vegetables/)).toBeVisible();
  await expect(page.getByText(/^What is .*\?$/)).toHaveCount(0);
});
