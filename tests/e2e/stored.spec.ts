import { freePort, OwnServer } from './own-server';
import { expect, test } from './ready';

/** A household of its own, for nothing is left of it. */
let server: OwnServer;
test.beforeEach(async () => {
  server = new OwnServer(await freePort());
  server.seed();
  await server.start();
});
test.afterEach(() => server.close());

test('what is stored is shown kind by kind, and removed for good: one, then everything', async ({
  page,
}) => {
  await page.goto(`${server.url}/kitchen`);
  await page.getByRole('link', { name: /^What is stored here/ }).click();
  await expect(page.getByTestId('count-dishes')).not.toHaveText('0');
  await expect(page.getByTestId('count-stores')).not.toHaveText('0');

  // Asked first; “no” removes nothing.
  const remove = page.getByRole('button', { name: 'Remove: Freezer and fridge' });
  page.once('dialog', (dialog) => dialog.dismiss());
  await remove.click();
  await expect(page.getByTestId('count-stores')).not.toHaveText('0');
  page.once('dialog', (dialog) => dialog.accept());
  await remove.click();
  await expect(page.getByRole('status')).toHaveText('Freezer and fridge: removed.');
  await expect(page.getByTestId('count-stores')).toHaveText('0');
  await expect(remove).toBeDisabled();
  await expect(page.getByTestId('count-dishes')).not.toHaveText('0');

  const all = page.getByRole('button', { name: 'Remove everything' });
  await all.click();
  await expect(page.getByRole('alert')).toContainText('Nothing was removed');
  await page.getByLabel('Write “remove” to be sure').fill('remove');
  await all.click();
  await expect(page.getByRole('status')).toHaveText('Everything was removed.');
  for (const kind of ['kitchen', 'dishes', 'meals', 'evenings', 'copies'])
    await expect(page.getByTestId(`count-${kind}`)).toHaveText('0');
  // And it begins as on the first day.
  await page.goto(`${server.url}/`);
  await expect(page.locator('[data-step=kitchen]')).toHaveAttribute('data-done', 'false');
});

test('a household that has grown is opened, comes page by page, and is found by a word', async ({
  page,
}) => {
  const household = (await (await page.request.get(`${server.url}/household.json`)).json()) as {
    dishes: { id: string; name: string }[];
  };
  const [dish] = household.dishes;
  if (!dish) throw new Error('the demo has dishes');
  const more = Array.from({ length: 90 }, (_, i) => ({
    ...dish,
    ...{ id: `more-${i}`, name: `Dish number ${i + 1}` },
  }));
  const grown = { ...household, dishes: [...household.dishes, ...more] };
  const all = grown.dishes.length;
  await page.goto(`${server.url}/kitchen`);
  await page.locator('input[type=file][name=file]').setInputFiles({
    ...{ name: 'grown.json', mimeType: 'application/json' },
    buffer: Buffer.from(JSON.stringify(grown)),
  });
  page.once('dialog', (dialog) => dialog.accept());
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('status').filter({ hasText: `${all} dishes` })).toBeVisible();

  await page.goto(`${server.url}/dishes`);
  const pages = page.getByRole('navigation', { name: 'Pages of dishes' });
  const cards = page.getByRole('main').getByRole('listitem');
  await expect(cards).toHaveCount(48);
  await pages.getByRole('link', { name: 'Next' }).click();
  await expect(pages).toContainText(`49 to 96 of ${all}`);
  await expect(pages.getByRole('link', { name: 'Previous' })).toBeVisible();

  await page.getByLabel('Find by name or by what is in it').fill('number 77');
  await expect(cards).toHaveCount(1);
  await expect(page.getByRole('link', { name: /Dish number 77/ })).toBeVisible();
  await expect(page).toHaveURL(/find=number\+77/);
  await expect(page.getByLabel('Find by name or by what is in it')).toBeFocused();
  await expect(pages).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel('Find by name or by what is in it')).toHaveValue('number 77');
  await page.getByLabel('Find by name or by what is in it').fill('nothing has this');
  await expect(page.getByText('No dish has “nothing has this” in it.')).toBeVisible();
});
