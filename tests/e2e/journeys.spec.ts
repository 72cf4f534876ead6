import type { Page } from '@playwright/test';
import { OwnServer } from './own-server';
import { addDish, expectAccessible, settled, typeParts } from './support';
import { expect, ready, test } from './ready';

/**
 * Afternoons for the weeks to come, with figures that were written down before: lunches by person and day, three
 * kilos of chickpeas by the cup, a glut of tomatoes, and two shoppers with one list.
 */
const DAY_MS = 86_400_000;
/** The date where the browser is (playwright.config), which is another one than here for some hours of each day. */
const dayAhead = (days: number): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: 'Europe/Athens' }).format(
    Date.now() + days * DAY_MS,
  );
/** Days until the next Sunday, a day away at least. */
const SUNDAY = ((7 - new Date(dayAhead(0)).getUTCDay() + 6) % 7) + 1;

const server = new OwnServer(4796);
test.describe.configure({ mode: 'serial' });
test.setTimeout(120_000);
test.beforeAll(async () => {
  server.seed();
  await server.start();
});
test.afterAll(() => server.close());
test.use({ baseURL: server.url });

async function newDay(page: Page, name: string, day: string, isAhead: boolean): Promise<void> {
  await page.goto('/meals?new');
  await page.getByLabel('What is it called?').fill(name);
  await typeParts(page, 'Day', day);
  if (isAhead) await page.getByLabel('Batch day: cook for the freezer').check();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue(name);
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-live', 'true');
}

/** Noon so many days on, for the page and the server. */
async function goTo(page: Page, days: number): Promise<void> {
  const ahead = (Date.parse(`${dayAhead(days)}T10:00Z`) - Date.now()) / DAY_MS;
  await server.start({ OLIVE_CLOCK_DAYS_AHEAD: String(ahead) });
  await page.clock.setSystemTime(Date.now() + ahead * DAY_MS);
}

test('lunches for two for a week: in the fridge until Wednesday, frozen from then, moved down the evening before', async ({
  page,
}) => {
  await newDay(page, 'Lunches for two', dayAhead(SUNDAY), true);
  await page.getByRole('button', { name: 'Plan lunches' }).click();
  const card = page.getByRole('region', { name: 'Lunches for the week' });
  await card.getByLabel('for, with commas between').fill('Ana, Ben, Ana');
  await page.keyboard.press('Tab');
  await expect(card.getByRole('alert')).toContainText('two have the same name');
  await card.getByLabel('for, with commas between').fill('Ana, Ben');
  await page.keyboard.press('Tab');
  for (const name of ['Saffron', 'Lamb shoulder']) await addDish(page, name);
  // The lamb not on Friday.
  await card.getByLabel('Lamb shoulder with apricots on Fri').uncheck();
  await settled(page);
  await expect(card).toContainText('10 boxes');
  await expect(card.getByRole('row', { name: /until then/ })).toContainText(
    'fridgefridgefridgefrozenfrozen',
  );
  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText('Mon, Tue, Wed into the fridge, Thu, Fri into the freezer');
  await expect(sheet).toContainText('under 21 °C within two hours');
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Write the labels' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toHaveCount(10);
  await expect(tape.filter({ hasText: '1 lunch · fridge' })).toHaveCount(6);
  await expect(tape.filter({ hasText: '1 lunch · freezer' })).toHaveCount(4);
  await expect(tape.filter({ hasText: /^Ana, Mon|Ana, Mon/ })).toHaveCount(1);
  await expect(tape.filter({ hasText: 'Lamb shoulder' })).toHaveCount(8);
  await expect(tape.first()).toContainText(/Microwave: \d+ min/);

  // On Wednesday, Thursday's two go down at one tap.
  await goTo(page, SUNDAY + 3);
  await page.goto('/freezer');
  const down = page.getByRole('region', { name: 'Down into the fridge this evening' });
  await expect(down.getByRole('listitem')).toHaveText([/^Ana, Thu/, /^Ben, Thu/]);
  await down.getByRole('button', { name: 'Moved down' }).click();
  await expect(down).toHaveCount(0);
  const calendar = (await (await page.request.get('/calendar.ics')).text()).replace(
    /\r\n[ \t]/g,
    '',
  );
  // Friday's are still to be moved, on Thursday evening, with an alarm.
  expect(calendar.match(/SUMMARY:Tomorrow’s lunches/g)).toHaveLength(1);
  expect(calendar).toMatch(/Tomorrow’s lunches[\s\S]*?BEGIN:VALARM/);
  await server.start();
  await page.clock.setSystemTime(Date.now());
});

test(
  'three kilos of chickpeas by the cup stand for the cans of a salad six weeks later',
  { tag: '@soak' },
  async ({ page }) => {
    await page.goto('/dishes/new');
    await page
      .getByLabel('The recipe’s text')
      .fill(
        'Chickpea and fennel salad\nServes 4\n\n2 (14 oz) cans chickpeas, drained\n1 fennel bulb, sliced\n2 tbsp olive oil\n\nToss the chickpeas with the fennel and oil, 5 minutes. Serve with flatbread.',
      );
    await page.getByRole('button', { name: 'Keep this dish' }).click();
    await newDay(page, 'Chickpeas', dayAhead(2), true);
    await addDish(page, 'Chickpeas in bulk');
    await settled(page);
    const row = page.getByRole('listitem').filter({ hasText: 'Leave out Chickpeas in bulk' });
    await row.locator('summary').click();
    await row.getByLabel('each for, or of').fill('two handfuls');
    await page.keyboard.press('Tab');
    await expect(row.getByRole('alert')).toContainText('4 people, 2 cups, 1 lb or 500 g');
    await row.getByLabel('each for, or of').fill('2 cups');
    await page.keyboard.press('Tab');
    await row.getByLabel('bags or boxes').fill('19');
    await page.keyboard.press('Tab');
    await settled(page);
    // 2 cups cooked are 327 g (164 g a cup, USDA SR), of 155 g dry: nineteen of them are three kilos.
    const sheet = page.getByTestId('bag-sheet');
    await expect(sheet).toContainText('19 × Chickpeas in bulk');
    await expect(sheet).toContainText(/(?:2\.9\d?|3(?:\.0\d)?) kg dry chickpeas come to about/);
    await expect(sheet).toContainText('a bag is about 2 cups');
    await page.getByRole('button', { name: 'Write the labels' }).click();
    await expect(page.getByTestId('tape')).toHaveCount(19);
    await expect(page.getByTestId('tape').first()).toContainText('2 cups · freezer');

    await goTo(page, 44);
    await newDay(page, 'Salad', dayAhead(47), false);
    await addDish(page, 'Chickpea and fennel salad');
    await settled(page);
    const id = page.url().split('/').at(-1) ?? '';
    await page.goto(`/lists?meals=${id}`);
    const canned = page.getByRole('checkbox', { name: /2 cans of 400 g canned chickpeas/ });
    await expect(canned).toBeVisible();
    await expect(page.getByText(/or \d+ bags in the freezer/)).toBeVisible();
    await page.goto(`/meals/${id}`);
    await settled(page);
    const summary = page.locator('summary').filter({ hasText: 'about Chickpea and fennel' });
    await summary.click();
    const made = page.getByLabel('made from');
    const ours = made.locator('option').filter({ hasText: 'With Chickpeas in bulk' }).last();
    await made.selectOption(await ours.getAttribute('value'));
    await settled(page);
    await expect(page.getByTestId('run-sheet')).toContainText(
      /out of the freezer, into the fridge/,
    );
    await page.goto(`/lists?meals=${id}`);
    // Fennel and oil are in the house, chickpeas in the freezer.
    await expect(page.getByText('Nothing to buy.')).toBeVisible();
    await expect(canned).toHaveCount(0);
    await server.start();
    await page.clock.setSystemTime(Date.now());
  },
);

test('a glut of tomatoes: who takes how much of it, and all of it as sauce in bags', async ({
  page,
}) => {
  await page.goto('/lists?view=house');
  await page.getByLabel(/As a line/).fill('3 kg tomatoes');
  await typeParts(page, 'Use by', dayAhead(1));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const due = page.getByRole('listitem').filter({ hasText: '3 kg tomatoes, tomorrow' });
  await expect(due).toContainText('Tomato sauce, 3 bags for the freezer');
  const useUp = page.getByRole('region', { name: 'Use up' });
  await expect(useUp).toContainText('takes 2 for 3, all of it');
  await expectAccessible(page);
  await due.getByRole('button', { name: /^Plan it.*Tomato sauce/ }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Tomato sauce');
  await settled(page);
  await expect(page.getByTestId('bag-sheet')).toContainText('3 × Tomato sauce');
  await expect(page.getByTestId('run-sheet')).toContainText('3 kg tomatoes');
  const id = page.url().split('/').at(-1) ?? '';
  await page.goto(`/lists?meals=${id}`);
  // They are in the house.
  await expect(page.getByRole('checkbox', { name: /tomatoes/ })).toHaveCount(0);
  await expect(page.getByText(/In the house:.*tomatoes/)).toBeVisible();
});

test('two shoppers go through one list in step, also where one has no network for a while', async ({
  page,
  browser,
}) => {
  const address = `${server.url}/lists?meals=harvest-supper`;
  const context = await browser.newContext();
  const other = await context.newPage();
  await Promise.all([page.goto(address), other.goto(address)]);
  await ready(other);
  const lamb = (of: Page) => of.getByRole('checkbox', { name: /lamb shoulder/ });
  const milk = (of: Page) => of.getByRole('checkbox', { name: /milk/ });
  await lamb(page).check();
  await expect(lamb(other)).toBeChecked();
  await context.setOffline(true);
  await milk(other).check();
  await lamb(other).uncheck();
  await expect(other.getByRole('status')).toContainText('No connection');
  await expect(milk(page)).not.toBeChecked();
  await context.setOffline(false);
  await expect(milk(page)).toBeChecked({ timeout: 15_000 });
  await expect(lamb(page)).not.toBeChecked();
  await context.close();
});
