import { addDish, expect, expectAccessible, newMeal, settled, test, typeParts } from './support';

test(
  'a freezer day: from idea to labels, into the freezer, and one bag in a supper',
  { tag: '@soak' },
  async ({ page }) => {
    test.setTimeout(120_000);
    await page.goto('/meals?new');
    await page.getByLabel('What is it called?').fill('Freezer day');
    await page.getByLabel('Batch day: cook for the freezer').check();
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByLabel('Name of the meal')).toHaveValue('Freezer day');
    await expect(page.getByText('portions in a bag')).toBeVisible();
    const day = page.url();
    for (const name of ['Red lentil', 'Beef cheek', 'Braised red', 'Barley'])
      await addDish(page, name);
    await settled(page);

    // Three bags of each; one dish raw, with what stays out said.
    const beef = page.getByRole('listitem').filter({ hasText: 'Leave out Beef cheek' });
    await beef.locator('summary').click();
    await expect(beef.getByLabel('bags or boxes')).toHaveValue('3');
    await beef.getByLabel('packed').selectOption('raw');
    await settled(page);
    const sheet = page.getByTestId('run-sheet');
    await expect(sheet).toContainText('3 bags, in this order:');
    await expect(sheet).toContainText('Into shallow boxes, 40 mm deep');
    await expectAccessible(page);

    // One shopping list for all of it.
    await page.getByRole('link', { name: 'Lists' }).last().click();
    await expect(page.getByText(/red lentils/).first()).toBeVisible();
    await page.goto(day);

    // Labels are written before filling; asked for twice, they are the same.
    await page.getByRole('button', { name: 'Write the labels' }).click();
    await expect(page).toHaveURL(/\/freezer\/labels\?codes=/);
    const address = page.url();
    await expect(page.getByTestId('tape')).toHaveCount(12);
    await expect(
      page.getByTestId('tape').filter({ hasText: 'Beef cheek in stout, to cook' }),
    ).toHaveCount(3);
    await page.goto(day);
    await page.getByRole('button', { name: 'Write the labels' }).click();
    await expect(page.getByTestId('tape')).toHaveCount(12);
    expect(new URL(page.url()).searchParams.get('codes')).toBe(
      new URL(address).searchParams.get('codes'),
    );
    const code = new URL(address).searchParams.get('codes')?.split(',')[0] ?? '';

    // They are packed on that day, and not eaten before: one row for the bags of a dish, each of them behind it.
    await page.goto('/freezer');
    const group = page
      .getByRole('listitem')
      .filter({ hasText: '3 × 4 portions' })
      .filter({ hasText: 'Beef cheek in stout, to cook' });
    await expect(group).toContainText('to be packed');
    await group.getByRole('button', { name: /^All 3 of/ }).click();
    await expect(group.getByRole('listitem')).toHaveCount(3);
    await expectAccessible(page);

    // Weeks later: a bag is a dish of a supper, with fresh vegetables beside it.
    await page.goto('/meals?new');
    await page.getByLabel('What is it called?').fill('From the freezer');
    const later = new Date(Date.now() + 5 * 86_400_000).toISOString().slice(0, 10);
    await typeParts(page, 'Day', later);
    await page.getByRole('button', { name: 'Plan it' }).click();
    await page.getByRole('button', { name: 'Add a dish' }).click();
    await page.getByLabel('Find by name; Enter takes the first').fill('Red lentil');
    await expect(page.getByText('portions in stock').first()).toBeVisible();
    await page
      .getByRole('button', { name: /Red lentil.*4 portions in stock/ })
      .first()
      .click();
    await addDish(page, 'Beetroot');
    await settled(page);
    await expect(sheet).toContainText('out of the freezer, into the fridge');
    await expect(sheet).toContainText('74 °C all through');
    const entry = page.getByRole('listitem').filter({ hasText: 'Leave out Red lentil' });
    await entry.locator('summary').click();
    await entry.getByLabel('heated').selectOption('cooker');
    await expect(sheet).toContainText('in a covered box above it');
    expect(code).toMatch(/^[A-Z]{4}$/);
    await settled(page);

    // Everything is in the calendar that other programs subscribe to.
    const calendar = await (await page.request.get('/calendar.ics')).text();
    const unfolded = calendar.replace(/\r\n[ \t]/g, '');
    expect(unfolded).toContain('SUMMARY:From the freezer');
    expect(unfolded).toContain('SUMMARY:Shop for Freezer day');
    expect(unfolded).toContain(`${code})`);

    // A sheet of bought labels: the places keep their size, whatever is written on them.
    await page.goto(address);
    await page.getByLabel('Sheet').selectOption({ label: 'A4, 8 labels of 99.1 × 67.7 mm' });
    await page.emulateMedia({ media: 'print' });
    const tape = page.getByTestId('tape').first();
    const box = await tape.locator('..').boundingBox();
    expect(box?.height).toBeCloseTo((67.7 / 25.4) * 96, 0);
    // However much is written on it, nothing is cut off; and none is too small to be read.
    for (const one of await page.getByTestId('tape').all()) {
      const [own, place] = await one.evaluate((t) => [
        t.getBoundingClientRect().height,
        t.parentElement?.clientHeight ?? 0,
      ]);
      expect(own).toBeLessThanOrEqual((place ?? 0) + 1);
    }
    await expect(page.getByText('Too much for a label')).toHaveCount(0);
  },
);

test('what is left of an evening is in the fridge in two taps; a bag moves between the places', async ({
  page,
}) => {
  await newMeal(page, 'Supper with leftovers', 4);
  await addDish(page, 'Beetroot');
  await settled(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  const id = page.url().split('/').at(-1) ?? '';
  await page.request.post(`/api/evenings/${id}/events`, {
    data: { events: [{ id: `served-${id}`, at: Date.now(), by: 'test', kind: 'served' }] },
  });
  await page.goto(`/log/${id}`);
  const left = page.getByRole('region', { name: 'What is left' });
  const row = left.getByRole('listitem').first();
  await row.getByRole('button', { name: '2', exact: true }).click();
  await row.getByRole('button', { name: /^fridge/ }).click();
  const said = page.getByRole('status').filter({ hasText: 'in the fridge' });
  await expect(said).toContainText('use by');
  const code = /code ([A-Z]{4})/.exec((await said.textContent()) ?? '')?.[1] ?? '';
  await expectAccessible(page);

  await page.goto('/freezer');
  const item = page.getByRole('listitem').filter({ hasText: code });
  const moved = page
    .getByRole('region', { name: /freezer/i })
    .getByRole('listitem')
    .filter({ hasText: code });
  await item.getByRole('button', { name: /^More/ }).click();
  await item.getByRole('button', { name: 'Move to: Freezer drawers' }).click();
  await expect(moved).toBeVisible();
});

test('from now, as short as possible: the day ends when everything can be packed', async ({
  page,
}) => {
  await page.goto('/meals?new');
  await page.getByLabel('What is it called?').fill('Bags by noon');
  await page.getByLabel('How many eat?').fill('4');
  await page.getByLabel('Batch day: cook for the freezer').check();
  await page.getByRole('button', { name: 'Plan it' }).click();
  const from = page.getByRole('button', { name: 'As short as possible' });
  const more = page.getByRole('button', { name: /^More:/ });
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-live', 'true');
  await more.click();
  await expect(page.getByRole('button', { name: 'A variant of it' })).toBeVisible();
  await expect(from).toHaveCount(0);
  await page.keyboard.press('Escape');
  await addDish(page, 'Braised red cabbage');
  await settled(page);
  const at = async (): Promise<number> => {
    const fields = await Promise.all(
      ['Day', 'Time on the table'].map((name) =>
        page.getByRole('group', { name, exact: true }).getAttribute('data-value'),
      ),
    );
    return Date.parse(`${fields.join('T')}:00Z`);
  };
  const zone = { timeZone: 'Europe/Athens' } as const;
  const now = Date.parse(`${new Date().toLocaleString('sv-SE', zone).replace(' ', 'T')}Z`);
  const minutes = async (): Promise<number> => ((await at()) - now) / 60_000;
  expect(await minutes()).toBeGreaterThan(6 * 60);
  await more.click();
  await from.click();
  await expect.poll(minutes).toBeLessThan(6 * 60);
  await settled(page);
  expect(await minutes()).toBeGreaterThan(30);
  await expect(page.getByTestId('run-sheet')).toContainText('Slice cabbage');
  // Kept: not late, and one step takes it back.
  await expect(page.getByText('that can be kept')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(minutes).toBeGreaterThan(6 * 60);
  await settled(page);
  // Cooked live, it ends in bags and not at the table.
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.getByTestId('table')).toContainText('All packed');
});
