import type { Page } from '@playwright/test';
import { expect, expectAccessible, settled, test } from './support';

const PAGES = [
  '/meals',
  '/meals/harvest-supper',
  '/meals/harvest-supper/print',
  '/dishes',
  '/dishes/lamb-apricots?servings=8',
  '/kitchen',
  '/kitchen/stored',
  '/answers',
  '/answers?q=hold',
  '/dishes/new',
  '/dishes/lamb-apricots/edit',
  '/meals?week=0',
  '/meals/compare',
  '/lists',
  '/lists?view=house',
  '/cook',
  '/freezer',
  '/freezer/labels',
  '/answers?q=cool',
  '/log',
  '/cook/practice?meal=harvest-supper',
  '/access',
  '/dishes/white-beans-sage/card',
  '/freezer/week',
  '/log/charts',
  '/help',
  '/log/demo-evening-3',
];

// Each page by itself, on whichever worker is free: nothing is changed here.
test.describe.configure({ mode: 'parallel' });

/** How many pixels the page is wider than its window. */
const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** A printed page keeps the paper's width. */
const isPaper = (path: string): boolean => path.endsWith('/print') || path.endsWith('/card');

for (const path of PAGES)
  test(`${path} has no violations in light or dark, and is no wider than its window`, async ({
    page,
  }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    if (path === '/meals/harvest-supper') await settled(page);
    await expectAccessible(page);
    // In the dark the page is the same but for its colours.
    await page.emulateMedia({ colorScheme: 'dark' });
    await expectAccessible(page, ['color-contrast']);
    // WCAG 2.2, 1.4.10 Reflow: 320 CSS pixels are 1280 at 400 %, 640 are 1280 at 200 %; 390 is a phone.
    for (const width of isPaper(path) ? [] : [640, 390, 320]) {
      await page.setViewportSize({ width, height: 640 });
      // A chart is drawn anew for its window a moment later.
      await expect.poll(() => overflow(page), { message: `${width}` }).toBeLessThanOrEqual(0);
    }
  });

test.describe('phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  // Loaded at that width, not only made narrow later.
  for (const path of ['/meals/harvest-supper', '/dishes/lamb-apricots', '/lists'])
    test(`${path} opens no wider than a phone`, async ({ page }) => {
      await page.goto(path);
      await expect(page.locator('#main')).toBeVisible();
      expect(await overflow(page)).toBeLessThanOrEqual(0);
    });
});

test('keyboard alone: from the list to a planned dish', async ({ page }) => {
  await page.goto('/meals');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'New meal' }).focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('What is it called?').focus();
  await page.keyboard.type('By keys');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the meal')).toHaveValue('By keys');
  await page.getByRole('button', { name: 'Add a dish' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Find by name; Enter takes the first')).toBeFocused();
  await page.keyboard.type('barley');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('run-sheet')).toContainText('Slice mushrooms and leek');
  const line = page.getByTestId('run-sheet').getByRole('button').first();
  await line.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('why')).toBeVisible();
  await settled(page);
});

test('the dish page scales and says what does not', async ({ page }) => {
  await page.goto('/dishes/lamb-apricots');
  await page.getByRole('button', { name: 'One portion more' }).click();
  await expect(page.getByRole('heading', { name: 'Ingredients for 5' })).toBeVisible();
  await page.goto('/dishes/lamb-apricots?servings=8');
  await expect(page.getByRole('row', { name: /(tsp|tbsp) salt/ }).first()).toContainText(
    'less than in proportion',
  );
  await expect(page.getByText('Small: no', { exact: true })).toBeVisible();
  await page.goto('/dishes/lamb-apricots?servings=lots');
  await expect(page.getByText(/“lots” is not one/)).toBeVisible();
});
