import type { Page } from '@playwright/test';
import { freePort, OwnServer } from './own-server';
import { expectAccessible, settled } from './support';
import { expect, test } from './ready';

/** An empty household, from the first page to a schedule: nobody knows anything of it but its size of pot. */
let server: OwnServer;
test.beforeEach(async () => {
  server = new OwnServer(await freePort());
  await server.start();
});
test.afterEach(() => server.close());

/** Taps and typing count; looking does not. */
class Counted {
  actions = 0;
  constructor(readonly page: Page) {}

  async tap(name: string | RegExp): Promise<void> {
    this.actions++;
    await this.page.getByRole('button', { name }).click();
  }
}

test('empty to schedule in at most eight actions', async ({ page }) => {
  await page.goto(`${server.url}/`);
  const cook = new Counted(page);
  await expectAccessible(page);
  // Without a cooker there is no kitchen, and what is missing is said where it is.
  await expect(page.getByRole('button', { name: 'Show me the plan' })).toBeDisabled();
  await expect(page.getByText('A cooker and a dish come first.')).toBeVisible();
  await page.getByRole('button', { name: /^Middle/ }).click();
  await expect(page.getByRole('button', { name: 'One Middle cooker fewer' })).toBeVisible();
  cook.actions++;
  await cook.tap('This is my kitchen');
  await expect(page.locator('[data-step=kitchen]')).toHaveAttribute('data-done', 'true');
  await cook.tap(/^Barley with mushrooms/);
  await expect(page.getByRole('checkbox', { name: 'Barley with mushrooms' })).toBeChecked();
  await cook.tap('Show me the plan');
  await expect(page.getByTestId('summary')).toContainText('Start at');
  await expect(page.getByTestId('run-sheet')).toContainText('Barley with mushrooms');
  expect(cook.actions).toBeLessThanOrEqual(8);

  // What is there is the household's own: nothing puts another in its place.
  await settled(page);
  for (const action of ['own', 'play', 'kitchen'])
    await page.request.post(`${server.url}/?/${action}`, {
      headers: { origin: server.url },
      form: { 'size-3': '2', system: 'metric', hours: '24', altitude: '0', burners: '4' },
    });
  const kept = (await (await page.request.get(`${server.url}/household.json`)).json()) as {
    kitchen: { cookers: { name: string }[] };
    dishes: { id: string }[];
  };
  expect(kept.kitchen.cookers.map((c) => c.name)).toEqual(['Middle']);
  expect(kept.dishes.map((d) => d.id)).toEqual(['mushroom-barley']);

  // From now on the first page is the meals.
  await page.goto(`${server.url}/`);
  await expect(page).toHaveURL(/\/meals$/);
});

test('a pasted recipe to schedule, with a cooker that is not there yet', async ({ page }) => {
  await page.goto(`${server.url}/`);
  await page.getByRole('link', { name: 'Paste a recipe of your own' }).click();
  await page
    .getByLabel('The recipe’s text')
    .fill(
      'Split peas with mint\nServes 4\n\n300 g green split peas\n1 onion, diced\n1 l stock\n2 tbsp chopped mint\n\nPut peas, onion and stock into the cooker. Cook at high pressure for 10 minutes, natural release. Stir in the mint.',
    );
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  // Back at the cards, with the dish chosen.
  await expect(page).toHaveURL(/\?begin/);
  await expect(page.getByText('A cooker comes first.')).toBeVisible();
  await page.getByRole('button', { name: 'This is my kitchen' }).click();
  await expect(page.getByRole('alert')).toContainText('Tap the size of each cooker');
  await page.getByRole('button', { name: /^Large/ }).click();
  await page.getByRole('button', { name: 'This is my kitchen' }).click();
  await page.getByRole('button', { name: 'Show me the plan' }).click();
  await expect(page.getByTestId('run-sheet')).toContainText('Split peas with mint');
});

test('a made-up household to look around in, and the way out of it', async ({ page }) => {
  test.setTimeout(90_000);
  await page.goto(`${server.url}/`);
  await page.getByRole('button', { name: 'Look around in it' }).click();
  await expect(page).toHaveURL(/\/meals/, { timeout: 30_000 });
  await expect(page.getByRole('link', { name: 'Harvest supper' })).toBeVisible();
  await page.getByRole('link', { name: 'Begin with your own' }).click();
  await page.getByRole('button', { name: 'Begin with my own' }).click();
  await expect(page.locator('[data-step=dish]')).toHaveAttribute('data-done', 'false');
  await page.goto(`${server.url}/meals`);
  await expect(page.getByText('there has to be a cooker and a dish')).toBeVisible();
});
