import { expect, test } from '@playwright/test';
import { freePort, OwnServer } from './own-server';

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
