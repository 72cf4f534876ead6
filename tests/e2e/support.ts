import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { freePort, OwnServer } from './own-server';
import { expect, test as base } from './ready';

/**
 * Each worker has a server and a demo household of its own. Every test fails on an error in the console or in
 * the server's log.
 */
export const test = base.extend<{ quiet: undefined }, { server: OwnServer }>({
  server: [
    async ({}, use) => {
      const server = new OwnServer(await freePort());
      server.seed();
      await server.start();
      await use(server);
      await server.close();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ server }, use) => use(server.url),
  quiet: [
    async ({ page, server }, use) => {
      const heard: string[] = [];
      page.on('console', (m) => {
        // Refusals are answered with 4xx on purpose, and Chromium reports each.
        if (m.type() === 'error' && !/status of (409|421|422|404)/.test(m.text()))
          heard.push(m.text());
      });
      page.on('pageerror', (e) => heard.push(e.message));
      await use(undefined);
      expect(heard).toEqual([]);
      expect(server.log).not.toMatch(/"level":50/);
    },
    { auto: true },
  ],
});
export { expect };

/** Waits until the plan on the page is the final one and saved. */
export async function settled(page: Page): Promise<void> {
  const state = page.getByTestId('save-state');
  await expect(state).toHaveAttribute('data-live', 'true');
  await expect(state).toHaveText('Saved', { timeout: 20_000 });
}

/**
 * axe's rules over the page as it stands. Its legacy mode leaves out only frames of other origins, of which there
 * are none here, and takes a fifth of the time: the report is not carried into a page of its own.
 *
 * @param rules only these, where the others were looked at already
 */
export async function expectAccessible(page: Page, rules?: string[]): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      resultTypes: ['violations'],
      ...(rules ? { runOnly: { type: 'rule', values: rules } } : {}),
    })
    .analyze();
  expect(
    violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`),
  ).toEqual([]);
}

/** Types a day (`2026-11-30`) or a time (`19:15`) into a field of parts, and leaves it. */
export async function typeParts(page: Page, label: string | RegExp, value: string): Promise<void> {
  const field = page.getByRole('group', { name: label, exact: true });
  const [first = '', second = '', third] = value.split(/[-:]/);
  const parts =
    third === undefined
      ? { hour: first, minute: second }
      : // The day last: a month may have no 31st.
        { year: first, month: second, day: third };
  for (const [part, digits] of Object.entries(parts)) {
    await field.locator(`[data-segment=${part}]`).focus();
    await page.keyboard.type(digits);
  }
  await page.keyboard.press('Enter');
}

/** What a field of parts holds. */
export async function expectParts(page: Page, label: string, value: string): Promise<void> {
  await expect(page.getByRole('group', { name: label, exact: true })).toHaveAttribute(
    'data-value',
    value,
  );
}

/** A fresh meal through the interface; returns its page's address. */
export async function newMeal(page: Page, name: string, servings: number): Promise<string> {
  await page.goto('/meals?new');
  await page.getByLabel('What is it called?').fill(name);
  await page.getByLabel('How many eat?').fill(String(servings));
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue(name);
  return page.url();
}

export async function addDish(page: Page, name: string): Promise<void> {
  // A button that is clicked before the page is alive does nothing.
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-live', 'true');
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await page.getByLabel('Find by name; Enter takes the first').fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** Says on a meal's page that a unit is taken for the whole day. */
export async function takeAway(page: Page, unit: string): Promise<void> {
  await page.getByLabel('What is not there').selectOption({ label: `the ${unit} is taken` });
  await typeParts(page, 'From', '00:01');
  await typeParts(page, 'To', '23:58');
  await page
    .getByRole('region', { name: 'That evening' })
    .getByRole('button', { name: 'Add' })
    .click();
  await expect(page.getByText(`The ${unit} is taken 00:01–23:58`)).toBeVisible();
}
