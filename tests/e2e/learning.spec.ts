import { OwnServer } from './own-server';
import { expectAccessible, settled } from './support';
import { expect, test } from './ready';

/** The second time is better: what evenings taught, what was said, and what becomes of it. */
const server = new OwnServer(4799);
test.use({ baseURL: server.url });
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  server.seed();
  await server.start();
});
test.afterAll(() => server.close());

test('figures show their evenings, can be set back, and that can be undone', async ({ page }) => {
  await page.goto('/log');
  const taught = page.getByRole('region', { name: 'What evenings have taught' });
  const large = taught.getByRole('listitem').filter({ hasText: 'weaker than its label says' });
  await large.locator('summary').click();
  await expect(large.getByRole('row')).not.toHaveCount(1);
  await expect(large.getByRole('link', { name: 'Lamb and bulgur' })).toBeVisible();
  await large.getByRole('button', { name: /Reset/ }).click();
  await expect(large).toHaveCount(0);
  await expect(taught.getByText('Large: heat that reaches the pot')).toBeVisible();
  await taught.getByRole('button', { name: 'Count them again' }).click();
  await expect(large).toHaveCount(1);
  await expectAccessible(page);
});

test('what is said of a dish becomes a change that is taken into its next version', async ({
  page,
}) => {
  await page.goto('/log/demo-evening-3');
  const how = page.getByRole('region', { name: 'How was it?' });
  await how
    .getByRole('group', { name: 'Bite of Beef cheek in stout' })
    .getByText('too firm')
    .click();
  const next = how.getByRole('listitem').filter({ hasText: 'Pressure cook 58 min instead of 50' });
  await expect(next).toContainText('too firm, said last time');
  await how.getByLabel('Note').first().fill('More thyme');
  await page.keyboard.press('Tab');
  await page.reload();
  await expect(how.getByLabel('Note').first()).toHaveValue('More thyme');
  await next.getByRole('button', { name: /Put it into the dish/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'taken into' })).toBeVisible();
  await page.getByRole('link', { name: 'the dish', exact: true }).click();
  await expect(page.getByText('50 min').first()).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'What changed, and why' })).toContainText(
    'Pressure cook 58 min instead of 50',
  );
});

test('what is said of a dish’s wait is kept, and goes out with the rest', async ({ page }) => {
  await page.goto('/log/demo-evening-2');
  const how = page.getByRole('region', { name: 'How was it?' });
  const wait = how.getByRole('group', {
    name: /How .* was after \d+ min of keeping warm/,
  });
  const kept = page.waitForResponse((r) => r.request().method() !== 'GET' && r.ok());
  await wait.getByText('suffered').click();
  await kept;
  await page.reload();
  await expect(wait.getByLabel('suffered')).toBeChecked();
  // A dish that came to the table at once is not asked about it.
  await expect(how.getByRole('group', { name: /How Lamb shoulder.* stood/ })).toHaveCount(0);
  expect(await (await page.request.get('/log/log.csv')).text()).toContain('its wait: suffered');
});

test('charts are drawn from what happened, and all of it goes out as CSV', async ({ page }) => {
  await page.goto('/log/charts');
  for (const name of [
    /Large takes \d+ % longer to come to pressure than planned/,
    /by what is in the pot/,
    /On time/,
    /in the freezer/,
  ])
    await expect(page.getByRole('group', { name })).toBeVisible();
  await expect(page.locator('.js-plotly-plot .point').first()).toBeVisible();
  await expectAccessible(page);
  const csv = await (await page.request.get('/log/log.csv')).text();
  expect(csv.split('\n')[0]?.trim()).toBe('day,evening,what,about,planned_min,real_min,kg,said');
  expect(csv).toMatch(/power,Large,\d+,\d+,[\d.]+/);
  expect(csv).toContain('bite too firm');
});

test('copies and the settings of a screen', async ({ page }) => {
  await page.goto('/kitchen');
  const copies = page.getByRole('region', { name: 'Copies' });
  await copies.getByRole('button', { name: 'Copy now' }).click();
  await expect(copies.getByRole('status')).toContainText(/olive-.*\.db is written/);
  page.on('dialog', (d) => void d.accept());
  await copies
    .getByRole('button', { name: /^Bring it back/ })
    .first()
    .click();
  await expect(copies.getByRole('status')).toContainText(/\d+ meals are here now/);
  await copies.getByLabel('kept for, days').fill('0');
  await copies.getByRole('button', { name: 'Keep this' }).click();
  await expect(copies.getByRole('alert')).toContainText('at least');
  await expect(copies.getByLabel('kept for, days')).toHaveValue('0');
  await copies.getByLabel('kept for, days').fill('30');
  await copies.getByRole('button', { name: 'Keep this' }).click();
  await expect(copies.getByRole('status')).toContainText('Kept');

  const screen = page.getByRole('region', { name: 'This screen' });
  await screen.getByLabel('Contrast').selectOption('more');
  await expect(page.locator('html')).toHaveClass(/more-contrast/);
  await expectAccessible(page);
  await page.goto('/meals');
  await expect(page.locator('html')).toHaveClass(/more-contrast/);

  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Edit Place and habits' }).click();
  await page.getByLabel('Weeks begin on').selectOption('sunday');
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('The kitchen is saved.')).toBeVisible();
  await page.goto('/meals?week=0');
  await expect(
    page.getByRole('region', { name: 'Week' }).getByRole('heading', { level: 2 }).first(),
  ).toContainText('Sunday');
});

test('what is tapped on a cook’s own screen counts as theirs, and the screen stays theirs', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Edit Cooks and circuits' }).click();
  for (const name of ['Bela', 'Cleo']) {
    await page.getByRole('button', { name: 'Name a cook' }).click();
    await page.getByLabel('Cook', { exact: true }).last().fill(name);
  }
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('The kitchen is saved.')).toBeVisible();
  await page.goto('/meals/wednesday-for-three');
  await page.getByLabel('Pairs of hands').selectOption('2');
  await settled(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const whose = page.getByRole('group', { name: 'Whose screen is this?' });
  // It answers once the page is alive.
  await expect(async () => {
    await page.getByRole('button', { name: /^This screen/ }).click();
    await expect(whose).toBeVisible({ timeout: 500 });
  }).toPass();
  await whose.getByRole('button', { name: 'Bela' }).click();
  await expect(page.getByText('teaches your own pace')).toBeVisible();
  await page.keyboard.press('Escape');
  const sent = page.waitForRequest('**/events');
  await page
    .getByRole('button', { name: /Done already|^Done$/ })
    .first()
    .click();
  const { events } = (await sent).postDataJSON() as { events: { kind: string; cook?: string }[] };
  const household = (await (await page.request.get('/household.json')).json()) as {
    kitchen: { cooks: { id: string; name: string }[] };
  };
  const bela = household.kitchen.cooks.find((c) => c.name === 'Bela');
  expect(events.find((e) => e.kind === 'done')?.cook).toBe(bela?.id);
  await page.reload();
  await page.getByRole('button', { name: /^This screen/ }).click();
  await expect(whose).toBeVisible();
  await expect(whose.getByRole('button', { name: 'Bela' })).toHaveAttribute('aria-pressed', 'true');
  await whose.getByRole('button', { name: 'Everybody' }).click();
  await expect(page.getByText('teaches your own pace')).toHaveCount(0);
});

test(
  'another pot is tried on the meals that there are, can be stopped, and is not kept',
  { tag: '@soak' },
  async ({ page }) => {
    await page.goto('/kitchen');
    const card = page.getByRole('region', { name: 'Would another pot help?' });
    const large = card.getByRole('button', { name: 'A large one' });
    await large.click();
    await expect(large).toHaveAttribute('aria-pressed', 'true');
    await card.getByRole('button', { name: 'Stop' }).click();
    await expect(card.getByRole('button', { name: 'Stop' })).toHaveCount(0);
    await card.getByRole('button', { name: 'A rice cooker' }).click();
    await expect(card.getByText(/^A rice cooker (?:helps|changes)/)).toBeVisible({
      timeout: 60_000,
    });
    await expect(card.getByRole('listitem').first()).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await expect(page.getByText('on trial')).toHaveCount(0);
    const odd = await page.request.get('/api/kitchen-trial?meal=x&with=grill');
    expect(odd.status()).toBe(422);
    expect((await page.request.get('/api/kitchen-trial?meal=nowhere&with=cook')).status()).toBe(
      404,
    );
  },
);
