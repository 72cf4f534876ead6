import { addDish, expect, expectAccessible, newMeal, settled, test, typeParts } from './support';

test('a dish is packed with its label, found by its code, taken out once, and put back', async ({
  page,
}) => {
  await page.goto('/freezer');
  await expect(page.getByRole('region', { name: /freezer/i })).toContainText('portions');
  await expectAccessible(page);
  const pack = page.getByRole('region', { name: 'Put in' });
  await pack.getByRole('combobox', { name: /^What/ }).selectOption({
    label: 'Duck legs with prunes, crisped',
  });
  await pack.getByLabel('Portions').fill('-2');
  await pack.getByRole('button', { name: 'Pack it' }).click();
  await expect(pack.getByRole('alert')).toContainText('More than none');
  await pack.getByRole('combobox', { name: /^What/ }).selectOption({
    label: 'Duck legs with prunes, crisped',
  });
  await pack.getByLabel('Portions').fill('3');
  await pack.getByRole('button', { name: 'Pack it' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toContainText('Duck legs with prunes');
  await expect(tape).toContainText(/Heat: .*above water, low, \d+ min frozen/);
  await expect(tape).toContainText('74 °C all through');
  const code = /^[A-Z]{4}/.exec((await tape.innerText()).trim())?.[0] ?? '';
  expect(code).not.toBe('');

  // The code in letters opens the bag as the printed one does.
  await page.goto(`/s/${code.toLowerCase()}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Duck legs');
  // With the phone at the freezer: one portion out, and back.
  await page.getByRole('button', { name: 'Take 1' }).click();
  await expect(page.getByRole('status')).toContainText('1 taken');
  await expect(page.getByText(/^2 portions,/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^3 portions,/)).toBeVisible();
  await page
    .getByRole('combobox', { name: /^to/ })
    .selectOption({ label: 'Freezer in the cellar' });
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(page.getByText(/^3 portions, Freezer in the cellar/)).toBeVisible();
  // Everything that happened to it is there; a slip of the pen is put right, and a day before it was packed is not.
  const history = page.getByRole('region', { name: 'What happened to it' });
  await expect(history.getByRole('listitem')).toHaveCount(3);
  await page.getByText('Correct it').click();
  await typeParts(page, 'Best by', '2020-01-01');
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('it can’t be due before it was packed')).toBeVisible();
  await page.getByLabel('Portions').fill('5');
  await typeParts(page, 'Best by', '2030-01-01');
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText(/^5 portions,/)).toBeVisible();
  await expect(history).toContainText('2 put in (corrected)');
  await expectAccessible(page);
  await page.goto('/freezer');
  const bag = page.getByRole('listitem').filter({ hasText: code });
  await bag.getByRole('button', { name: /^More/ }).click();
  await bag.getByRole('button', { name: 'Take all of it' }).click();
  await expect(page.getByText('Duck legs with prunes, crisped: 5 taken out.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  const row = page.getByRole('listitem').filter({ hasText: code });
  await expect(row).toContainText('5');

  await row.getByRole('button', { name: /^More/ }).click();
  await row.getByRole('button', { name: 'Throw away…' }).click();
  await row.getByRole('button', { name: 'freezer burn' }).click();
  await expect(page.getByText(/5 thrown away/)).toBeVisible();
  await page.goto('/freezer/labels');
  await expect(page.getByTestId('tape').first()).toBeVisible();
  await expectAccessible(page);
});

test('raw food is put in by its name, and is an ingredient of a dish that thaws it in time', async ({
  page,
}) => {
  await page.goto('/freezer');
  const put = page.getByRole('region', { name: 'Put in' });
  await put.getByText('Something else').click();
  await put.getByLabel('Its name').fill('nobody knows this');
  await expect(put).toContainText('it gets the shortest time: a day in the fridge');
  await put.getByLabel('Its name').fill('lamb shoulder');
  await expect(put).toContainText('Keeps as chops and roasts, raw');
  await put.getByLabel('One pack weighs').fill('some');
  await put.getByRole('button', { name: 'Put it in' }).click();
  await expect(put.getByRole('alert')).toContainText('write it as 500 g or 2 lb');
  // Nothing of what was typed is lost.
  await expect(put.getByLabel('Its name')).toHaveValue('lamb shoulder');
  await put.getByLabel('One pack weighs').fill('3 kg');
  await put.getByRole('button', { name: 'Put it in' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toContainText('1 pack of 3 kg');
  await expect(tape).toContainText('Thaw: 2 days in the fridge');
  const code = /^[A-Z]{4}/.exec((await tape.innerText()).trim())?.[0] ?? '';
  // The next one can be put in at once: what was chosen stays, what was typed of the last one is gone.
  await expect(put.getByLabel('Its name')).toHaveValue('');
  await expect(put.getByLabel('Packs')).toHaveValue('1');
  await put.getByLabel('Its name').fill('peas');
  await put.getByLabel('One pack weighs').fill('400 g');
  await put.getByRole('button', { name: 'Put it in' }).click();
  await expect(tape).toContainText('1 pack of 400 g');

  await newMeal(page, 'Lamb from the freezer', 4);
  await addDish(page, 'Lamb shoulder');
  await settled(page);
  const summary = page.locator('summary').filter({ hasText: 'about Lamb shoulder' });
  await expect(summary).toContainText('in stock:');
  await summary.click();
  const made = page.getByLabel('made from');
  const ours = made.locator('option').filter({ hasText: code });
  await made.selectOption(await ours.getAttribute('value'));
  await expect(summary).toContainText(`made from ${code}`);
  // A pack of 3 kg takes two days in the fridge, and the meal is tomorrow: cold water, and that is said.
  await expect(page.getByTestId('run-sheet')).toContainText('Thaw the lamb shoulder in cold water');
  await expect(page.getByText(/lamb shoulder: too late to thaw in the fridge/)).toBeVisible();
  await settled(page);
  // It is not bought; without the choice the list says where it lies.
  const id = page.url().split('/').at(-1) ?? '';
  await page.goto(`/lists?meals=${id}`);
  await expect(page.getByText(/lamb shoulder/)).toHaveCount(0);
});

test('a label that was printed under another address opens its page by its picture', async ({
  page,
}) => {
  await page.goto('/s/MARU');
  const picture = await page.getByTestId('tape').locator('svg').screenshot();
  await page.goto('/freezer');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByText('Scan a label').click(),
  ]);
  await chooser.setFiles({ name: 'label.png', mimeType: 'image/png', buffer: picture });
  await expect(page).toHaveURL(/\/s\/MARU$/);
  await page.goto('/freezer');
  await page
    .getByLabel('Scan a label')
    .setInputFiles({ name: 'cat.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert')).toContainText('No label found in the picture');
  // Typing the code does it too.
  await page.getByLabel('Find by name or code').fill('maru');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/s\/MARU$/);
});

test('a code that is on no bag says so', async ({ page }) => {
  await page.goto('/s/QQQQ');
  await expect(page.getByText('No bag has the code QQQQ.')).toBeVisible();
});
