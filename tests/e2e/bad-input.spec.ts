import { addDish, expect, expectParts, newMeal, settled, test, typeParts } from './support';

test('a new meal keeps what was typed and says what is wrong', async ({ page }) => {
  await page.goto('/meals?new');
  await typeParts(page, 'Day', '2020-01-01');
  await page.getByLabel('How many eat?').fill('500');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByText('a name is needed')).toBeVisible();
  await expect(page.getByText('That moment is in the past')).toBeVisible();
  await expect(page.getByText('at most 200 servings')).toBeVisible();
  await expect(page.getByLabel('How many eat?')).toHaveValue('500');
  await expectParts(page, 'Day', '2020-01-01');
});

test('servings and times that cannot be are named beside the field; the plan stays', async ({
  page,
}) => {
  await page.goto('/meals/harvest-supper');
  await settled(page);
  const before = await page.getByTestId('run-sheet').textContent();
  for (const [typed, words] of [
    ['0', 'at least one person eats'],
    ['500', 'at most 200 servings'],
    ['', 'for how many is a number'],
  ] as const) {
    await page.getByLabel('people', { exact: true }).fill(typed);
    await page.getByLabel('people', { exact: true }).blur();
    await expect(page.getByText(words)).toBeVisible();
    await expect(page.getByLabel('people', { exact: true })).toHaveValue(typed);
  }
  await typeParts(page, 'Day', '2021-03-04');
  await expect(page.getByText('That is in the past')).toBeVisible();
  expect(await page.getByTestId('run-sheet').textContent()).toBe(before);
  await page.reload();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('8');
});

test('a dish that can’t be fetched is said in the list, which stays open; then it can be', async ({
  page,
}) => {
  await newMeal(page, 'Out of reach', 4);
  await page.route('**/api/plannable*', (route) => route.abort());
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await page.getByLabel('Find by name; Enter takes the first').fill('Saffron bulgur');
  // Chromium reports the request that was cut off; that is what is tried here.
  page.removeAllListeners('console');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByRole('alert')).toHaveText(
    'The server can’t be reached; try again.',
  );
  await page.unroute('**/api/plannable*');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Saffron bulgur' })).toBeVisible();
  const gone = JSON.stringify({ kind: 'bag', code: 'ZZZZ', method: null });
  const asked = (dish: string) =>
    page.request.get(`/api/plannable?dish=${encodeURIComponent(dish)}`);
  expect((await asked(gone)).status()).toBe(404);
  expect((await asked('bag-ZZZZ')).status()).toBe(422);
});

test('a second window is told instead of overwriting', async ({ page, context }) => {
  const address = await newMeal(page, 'Two windows', 4);
  await addDish(page, 'Braised red cabbage');
  await settled(page);
  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByTestId('run-sheet')).toContainText('Slice cabbage');
  await settled(other);
  await other.getByRole('button', { name: 'One more' }).click();
  await settled(other);
  await page.getByRole('button', { name: 'One fewer' }).click();
  await expect(page.getByRole('alert')).toContainText('changed in another window');
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('5');
});

test('an empty pot size is refused in Kitchen and stays as typed', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Edit Large' }).click();
  const size = page.getByLabel('Size').first();
  await size.fill('0');
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText(/holds at least 1.5 l/)).toBeVisible();
  await expect(size).toHaveValue('0');
  await size.fill('7.6');
  await page.getByRole('button', { name: 'Edit Place and habits' }).click();
  await page.getByLabel('Altitude').fill('9000');
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText(/kitchens lie below 6000 m/)).toBeVisible();
});

test('household files: broken, later, and the way back, with photos', async ({ page, request }) => {
  page.on('dialog', (d) => void d.accept());
  await page.goto('/dishes/pears-cider');
  await page.locator('input[name=photo]').setInputFiles('docs/screenshots/answers.png');
  await expect(page.getByRole('img', { name: /as it was served/ })).toBeVisible();
  await page.goto('/kitchen');
  const open = async (text: string): Promise<void> => {
    await page
      .getByLabel(/Open a household file/)
      .setInputFiles({ name: 'h.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Open it' }).click();
  };
  await open('{"format": broken');
  await expect(page.getByRole('alert')).toContainText('not readable as JSON');
  await open('{"format":"olive-clock/household@4"}');
  await expect(page.getByRole('alert')).toContainText('written by a later Olive Clock');
  const everything = await (await request.get('/household.json')).text();
  await open(everything);
  await expect(page.getByText(/dishes and \d+ meals are here now/)).toBeVisible();
  expect(await (await request.get('/household.json')).text()).toBe(everything);
  expect(JSON.parse(everything).photos).toMatchObject([{ of: 'pears-cider' }]);
  // Without photos it is smaller, and leaves them alone.
  await expect(page.getByText(/^One photo, [\d.]+ kB|^One photo, [\d.]+ MB/)).toBeVisible();
  const link = await page
    .getByRole('link', { name: 'Save it without photos' })
    .getAttribute('href');
  const small = await (await request.get(String(link))).text();
  expect(small.length).toBeLessThan(everything.length);
  await open(small);
  await expect(page.getByText(/dishes and \d+ meals are here now/)).toBeVisible();
  // What was here before comes back at one click, also where the file had next to nothing in it.
  const { format, kitchen } = JSON.parse(everything);
  await open(JSON.stringify({ format, kitchen, dishes: [], meals: [] }));
  await expect(
    page.getByText(/0 dishes and 0 meals are here now\. What was here before/),
  ).toBeVisible();
  expect(JSON.parse(await (await request.get('/household.json')).text()).dishes).toEqual([]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('region', { name: 'Copies' }).getByRole('status')).toContainText(
    /[1-9]\d* dishes and \d+ meals are here now/,
  );
  expect(await (await request.get('/household.json')).text()).toBe(everything);
  await page.goto('/dishes/pears-cider');
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('img', { name: /as it was served/ })).toHaveCount(0);
});

test('a removed cooker is noticed in the plan, and a removed meal has a page that says so', async ({
  page,
  request,
}) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  const household = (await (await request.get('/household.json')).json()) as {
    meals: { id: string; entries: { where: { cooker: string | null } }[] }[];
  };
  const meal = household.meals.find((m) => m.id === 'wednesday-for-three');
  for (const entry of meal?.entries ?? []) entry.where.cooker = 'sold';
  page.on('dialog', (d) => void d.accept());
  await page.goto('/kitchen');
  await page.getByLabel(/Open a household file/).setInputFiles({
    name: 'h.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(household)),
  });
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByText(/are here now/)).toBeVisible();
  await page.goto('/meals/wednesday-for-three');
  await expect(page.getByText(/no longer in the kitchen/).first()).toBeVisible();

  await page.goto('/meals/nowhere');
  await expect(page.getByRole('heading', { name: 'There is no such meal.' })).toBeVisible();
});

test('a write from another site is refused', async ({ request }) => {
  const answer = await request.put('/api/meals/harvest-supper', {
    headers: { origin: 'https://elsewhere.example', 'content-type': 'application/json' },
    data: {},
  });
  expect(answer.status()).toBe(403);
  const broken = await request.put('/api/meals/harvest-supper', {
    headers: { 'content-type': 'application/json' },
    data: '{oops',
  });
  expect([400, 422]).toContain(broken.status());
});
