import { expect, test } from './support';

test.describe('Answers', () => {
  test('answers while typing, names what is wrong, and keeps the question in the address', async ({
    page,
  }) => {
    await page.goto('/answers?q=hold');
    const answer = page.getByTestId('answer');
    await expect(answer).toContainText('min');
    const before = await answer.textContent();

    await page.getByLabel('Thickest part').fill('3 cm');
    await expect(answer).not.toHaveText(before ?? '');
    await expect(page).toHaveURL(/mm=3\+cm/);
    await expect(
      page.getByRole('img', { name: /to scale in the Large: 3 cm thick/ }),
    ).toBeVisible();

    await page.getByLabel('Thickest part').fill('1000');
    await expect(answer).toContainText('no cooker takes a piece over 25 cm');
    await expect(page.getByLabel('Thickest part')).toHaveAttribute('aria-invalid', 'true');

    await page.getByLabel('Thickest part').fill('45');
    await expect(page).toHaveURL(/mm=45/);
    await page.reload();
    await expect(page.getByLabel('Thickest part')).toHaveValue('45');
    await expect(page.getByRole('group', { name: /middle of a piece/ })).toContainText('lid opens');
  });

  test('every question has an answer at once', async ({ page }) => {
    await page.goto('/answers');
    for (const button of await page
      .getByRole('navigation', { name: 'Questions' })
      .getByRole('button')
      .all()) {
      await button.click();
      await expect(page.getByTestId('answer')).not.toContainText(/;|NaN|undefined/);
      await expect(page.getByRole('heading', { name: 'Why' })).toBeVisible();
    }
  });

  test('an amount is taken as a cook writes it', async ({ page }) => {
    await page.goto('/answers?q=water&food=rice&grams=1%20lb&treated=dry');
    // 454 g take up 544 ml, and 30 ml leave as steam; shown as one would measure it.
    await expect(page.getByTestId('answer')).toHaveText('570 ml');
  });

  test('a dish’s stage asks Answers, and the answer goes back into it and out again', async ({
    page,
  }) => {
    await page.goto('/dishes/beetroot-dill');
    await page.getByRole('link', { name: 'Look this time up in Answers' }).click();
    await expect(page.getByLabel('Food')).toHaveValue('beetroot');
    await page.getByLabel('Thickest part').fill('70');
    const choice = page.getByLabel('Use it in a dish');
    const option = choice.locator('option:checked');
    await expect(option).toContainText('Beetroot');
    const before = await option.textContent();
    await page.getByRole('button', { name: 'Use it' }).click();
    await expect(option).not.toHaveText(before ?? '');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(option).toHaveText(before ?? '');
  });

  test('any question starts from a dish, and its answer goes into one', async ({ page }) => {
    await page.goto('/answers?q=fit');
    await expect(
      page.getByText('Start from a dish, and this can be written into it.'),
    ).toBeVisible();
    await page.getByLabel('Start from a dish').fill('Beetroot with dill');
    await expect(page).toHaveURL(/stage=beetroot-dill%2F/);
    await page.getByRole('button', { name: 'How to thicken it' }).click();
    const choice = page.getByLabel('Use it in a dish');
    await choice.selectOption({ label: 'Beetroot with dill' });
    await page.getByRole('button', { name: 'Use it' }).click();
    await expect(page.getByText('Written into Beetroot with dill.')).toBeVisible();
    await page.goto('/dishes/beetroot-dill');
    await expect(page.getByRole('cell', { name: /cornstarch/ })).toBeVisible();
    await page.goto('/answers?q=thicken&stage=beetroot-dill');
    await page.getByLabel('Use it in a dish').selectOption({ label: 'Beetroot with dill' });
    await page.getByRole('button', { name: 'Use it' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
  });
});

test.describe('Kitchen', () => {
  test('calibrates a cooker from typed minutes and sets it back', async ({ page }) => {
    await page.goto('/kitchen');
    const middle = page.getByRole('region', { name: 'Middle', exact: true });
    await middle.getByRole('button', { name: 'Edit Middle' }).click();
    await middle.getByText('Inner pots, socket, keys, calibration').click();
    await middle.getByRole('button', { name: 'Calibrate' }).click();
    await middle.getByLabel('Until the pin rises').fill('1');
    await middle.getByLabel('Off until it drops').fill('9');
    await expect(middle.getByText(/does not go with 1000 W/)).toBeVisible();
    await middle.getByLabel('Until the pin rises').fill('9.5');
    await expect(middle.getByText(/W reach the pot/)).toBeVisible();
    await middle.getByRole('button', { name: 'Use these for plans' }).click();
    await expect(middle.getByText(/Calibrated on/)).toBeVisible();
    await middle.getByRole('button', { name: 'Reset' }).click();
    await expect(
      middle.getByText('Assumed to heat like a usual cooker of its size.'),
    ).toBeVisible();
  });

  test('a circuit, a cook and a word on a key are kept', async ({ page }) => {
    await page.goto('/kitchen');
    const edit = page.getByRole('button', { name: 'Edit Cooks and circuits' });
    await edit.click();
    await page.getByRole('button', { name: 'Name a cook' }).click();
    await page.getByLabel('Pace, ×').fill('9');
    await page.getByRole('button', { name: 'Save the kitchen' }).click();
    await expect(page.getByText('a pace is at most 3: three times as slow')).toBeVisible();
    await page.getByLabel('Pace, ×').fill('1.2');
    await page.getByRole('button', { name: 'Save the kitchen' }).click();
    await expect(page.getByText('The kitchen is saved.')).toBeVisible();
    await page.reload();
    await expect(page.getByText('Cook 1 (pace × 1.2)')).toBeVisible();
    await edit.click();
    await expect(page.getByLabel('Pace, ×')).toHaveValue('1.2');
    await page.getByRole('button', { name: /Remove Cook 1/ }).click();
    await page.getByRole('button', { name: 'Save the kitchen' }).click();
    await expect(page.getByLabel('Pace, ×')).toHaveCount(0);
  });
});
