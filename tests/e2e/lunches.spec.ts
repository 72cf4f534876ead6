import type { Locator, Page } from '@playwright/test';
import { OwnServer } from './own-server';
import { addDish, settled, typeParts } from './support';
import { expect, test } from './ready';

/** A week of lunches from a bulk protein, and one of them weeks later by a clock that is set ahead. */
const AT_LEAST = 20;
const MONDAY = 1;
/** On a Monday: the rest of its week is there to move meals to. */
const DAYS_LATER =
  AT_LEAST + ((MONDAY + 7 - new Date(Date.now() + AT_LEAST * 86_400_000).getUTCDay()) % 7);
const server = new OwnServer(4794);

test.describe.configure({ mode: 'serial' });
test.use({ baseURL: server.url });
test.setTimeout(120_000);
test.beforeAll(async () => {
  server.seed();
  await server.start();
});
test.afterAll(() => server.close());

async function newMeal(page: Page, name: string, day: string, isAhead: boolean): Promise<void> {
  await page.goto('/meals?new');
  await page.getByLabel('What is it called?').fill(name);
  await page.getByLabel('How many eat?').fill('2');
  await typeParts(page, 'Day', day);
  if (isAhead) await page.getByLabel('Batch day: cook for the freezer').check();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue(name);
}
const dayAhead = (days: number): string =>
  new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

test('boxes for the week and chickpeas in bulk, from idea to labels', async ({ page }) => {
  // Plain chickpeas are said to be cooked in bulk: packed, they are an ingredient of other dishes.
  await page.goto('/dishes/new');
  await page
    .getByLabel('The recipe’s text')
    .fill(
      'Plain chickpeas\nServes 2\n\n350 g dry chickpeas\n900 ml water\n1 tsp salt\n\nSoak the chickpeas for 10 hours. Put everything into the pot. Pressure cook on high for 18 minutes, natural release.',
    );
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  await page.getByRole('link', { name: 'Change it' }).click();
  await page.getByLabel(/cooked in bulk/).check();
  await page.getByRole('button', { name: 'Save the dish' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plain chickpeas');

  await newMeal(page, 'Lunches', dayAhead(2), true);
  for (const name of ['Plain chickpeas', 'Saffron', 'Beetroot']) await addDish(page, name);
  for (const name of ['Saffron', 'Beetroot']) {
    const row = page.getByRole('listitem').filter({ hasText: `Leave out ${name}` });
    await row.locator('summary').click();
    await row.getByLabel('bags or boxes').fill('0');
    await page.keyboard.press('Tab');
  }
  await page.getByLabel(/One set of boxes/).selectOption('5');
  await settled(page);
  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText('into each box an equal part of Saffron bulgur, Beetroot');
  await expect(page.getByTestId('bag-sheet')).toContainText('come to about');
  await expect(page.getByTestId('bound')).toContainText(/can’t be shorter than|No other order/);

  await page.getByRole('button', { name: 'Write the labels' }).click();
  const tape = page.getByTestId('tape');
  // Three bags of chickpeas, three boxes for the fridge and two for the freezer.
  await expect(tape).toHaveCount(5);
  await expect(tape.filter({ hasText: 'Box: Saffron bulgur' })).toHaveCount(2);
  await expect(tape.filter({ hasText: '3 portions · fridge' })).toHaveCount(1);
  await expect(tape.filter({ hasText: '2 portions · freezer' })).toHaveCount(4);
});

test('a freezer day of four dishes and chickpeas in bulk, from idea to labels', async ({
  page,
}) => {
  await page.goto('/meals/freezer-day');
  await settled(page);
  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText('Soak the chickpeas overnight');
  await expect(sheet).toContainText('all packed');
  await expect(page.getByTestId('bound')).toContainText(/can’t be shorter than|No other order/);
  const chickpeas = page.getByTestId('bag-sheet').filter({ hasText: '16 × Chickpeas in bulk' });
  await expect(chickpeas).toContainText('stands for 175 g dry chickpeas, raw');
  await expect(page.getByText(/l go into the freezer, and \d+ l are free/)).toBeVisible();
  // Two of the soups are for the days after: they stand in the fridge.
  const soup = page.getByRole('listitem').filter({ hasText: 'Leave out Red lentil' });
  await soup.locator('summary').click();
  await soup.getByLabel('of them in the fridge').fill('2');
  await page.keyboard.press('Tab');
  await settled(page);
  await expect(sheet).toContainText('2 into the fridge, the rest into the freezer');
  await page.getByRole('button', { name: 'Write the labels' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toHaveCount(28);
  await expect(tape.filter({ hasText: 'Red lentil' }).filter({ hasText: '· fridge' })).toHaveCount(
    2,
  );
  await expect(tape.filter({ hasText: 'In dishes: one stands for 175 g' })).toHaveCount(16);
  // Dish by dish, as they are packed.
  const names = await tape.getByRole('heading').allTextContents();
  expect(new Set(names).size).toBe(5);
  expect(names).toEqual([...new Set(names)].flatMap((n) => names.filter((m) => m === n)));
});

test('weeks later a box is due, and chickpeas from the freezer save a supper its soak and its cycle', async ({
  page,
}) => {
  await server.start({ OLIVE_CLOCK_DAYS_AHEAD: String(DAYS_LATER) });
  await page.clock.setSystemTime(Date.now() + DAYS_LATER * 86_400_000);
  await page.goto('/freezer');
  await expect(page.getByRole('listitem').filter({ hasText: 'Box: Saffron' }).last()).toContainText(
    /past its day: throw it away/,
  );

  await page.goto('/freezer/week?for=2');
  const days = page.getByRole('listitem');
  await expect(days.filter({ hasText: 'from stock' }).first()).toBeVisible();
  const first = days.filter({ has: page.getByRole('button', { name: /Something else/ }) }).first();
  const before = await first.getByRole('checkbox').last().getAttribute('value');
  const text = await first.textContent();
  await first.getByRole('button', { name: /Something else/ }).click();
  await expect(first).not.toHaveText(text ?? '');
  expect(await first.getByRole('checkbox').last().getAttribute('value')).toBe(before);
  // The cook moves things: two days trade what they have.
  const names = async (): Promise<string[]> =>
    days
      .filter({ has: page.getByRole('checkbox', { checked: true }) })
      .locator('b')
      .allTextContents();
  const titles = await names();
  const moves = page
    .getByRole('combobox', { name: /^Move .* to another day/ })
    .filter({ has: page.locator('option:nth-child(2)') });
  const target = await moves.first().locator('option').nth(1).textContent();
  // By its place in the list: what is looked for by its content is another day once they have traded.
  const boxOf = async (day: Locator): Promise<Locator> => {
    const place = (await days.allTextContents()).indexOf((await day.first().textContent()) ?? '');
    return days.nth(place).getByRole('checkbox').last();
  };
  const one = await boxOf(days.filter({ has: moves }));
  const other = await boxOf(days.filter({ hasText: target ?? '' }).filter({ has: moves }));
  const nameBy = async (box: typeof one): Promise<string | null> =>
    box.locator('xpath=..').locator('b').textContent();
  const [was, there] = [await nameBy(one), await nameBy(other)];
  await moves.first().selectOption({ index: 1 });
  await expect.poll(() => nameBy(other)).toBe(was);
  await expect.poll(() => nameBy(one)).toBe(there);
  expect((await names()).toSorted()).toEqual(titles.toSorted());
  await page.getByRole('button', { name: /^Plan \d meals?$/ }).click();
  await expect(page).toHaveURL(/\/meals\?week=0/);
  // And a planned one from day to day in the week, with undo.
  const planned = page.getByRole('combobox', { name: /^Move .* to another day/ }).first();
  const day = page.getByRole('listitem').filter({ has: planned }).first();
  const before0 = (await day.textContent()) ?? '';
  const undo = page.getByRole('button', { name: 'Undo' });
  await planned.selectOption({ index: 1 });
  await undo.click();
  await expect(day).toHaveText(before0);
  // Planned once, nothing is proposed again for those days.
  await page.goto('/freezer/week?for=2');
  await expect(page.getByText('planned already').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Nothing chosen' })).toBeDisabled();

  await newMeal(page, 'Out of the freezer', dayAhead(DAYS_LATER + 10), false);
  await addDish(page, 'Chickpeas with');
  await settled(page);
  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText('Soak the chickpeas');
  await page.locator('summary').filter({ hasText: 'about Chickpeas' }).click();
  const made = page.getByLabel('made from');
  // The demo's own bag is there too; ours is the one packed on the lunch day.
  await expect(made.locator('option')).not.toHaveCount(1);
  const ours = made.locator('option').filter({ hasText: 'With Plain chickpeas' }).first();
  await made.selectOption(await ours.getAttribute('value'));
  await settled(page);
  await expect(sheet).not.toContainText('Soak the chickpeas');
  await expect(sheet).toContainText('to 74 °C all through');
  await expect(sheet).toContainText(/out of the freezer, into the fridge/);
});

test('two from the freezer and fresh greens are one supper, thawed in time and hot all through', async ({
  page,
}) => {
  await page.clock.setSystemTime(Date.now() + DAYS_LATER * 86_400_000);
  await newMeal(page, 'Two from the freezer', dayAhead(DAYS_LATER + 12), false);
  for (const [typed, button] of [
    ['Red lentil', /^Red lentil and squash soup.*4 portions in stock/],
    ['Beef cheek in stout, to cook', /^Beef cheek in stout, to cook.*4 portions in stock/],
  ] as const) {
    await page.getByRole('button', { name: 'Add a dish' }).click();
    await page.getByLabel('Find by name; Enter takes the first').fill(typed);
    await page.getByRole('button', { name: button }).first().click();
  }
  await addDish(page, 'Green beans');
  await settled(page);
  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText(
    /Red lentil and squash soup out of the freezer, into the fridge/,
  );
  await expect(sheet).toContainText('74 °C all through');
  // The raw bag goes into the pot frozen, with the longer hold: 75 minutes instead of 50.
  await expect(sheet).toContainText(/The bag [A-Z]{4} into the pot, liquid first/);
  await expect(sheet).toContainText('75 min');
  await expect(sheet).toContainText('Green beans with almonds');
  // What goes into the pot with the bag is bought; what is in the bag is not.
  const id = page.url().split('/').at(-1) ?? '';
  await page.goto(`/lists?meals=${id}`);
  await expect(page.getByRole('checkbox', { name: /stout/ }).first()).toBeVisible();
  await expect(page.getByText(/ g beef cheek| kg beef cheek/)).toHaveCount(0);
});
