import { expect, expectAccessible, settled, test } from './support';

const PAGES = [
  '/meals',
  '/meals/harvest-supper',
  '/meals/harvest-supper/print',
  '/dishes',
  '/dishes/lamb-apricots?servings=8',
  '/kitchen',
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

for (const colorScheme of ['light', 'dark'] as const)
  test.describe(colorScheme, () => {
    test.use({ colorScheme });
    for (const path of PAGES)
      test(`${path} has no violations`, async ({ page }) => {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
        if (path === '/meals/harvest-supper') await settled(page);
        // In the dark the page is the same but for its colours.
        await expectAccessible(page, colorScheme === 'dark' ? ['color-contrast'] : undefined);
      });
  });

/** WCAG 2.2, 1.4.10 Reflow: 320 CSS pixels are 1280 at 400 %; 640 are 1280 at 200 %. */
for (const width of [640, 320])
  test(`no page is wider than a window of ${width} pixels`, async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width, height: 512 });
    for (const path of PAGES) {
      // A printed page keeps the paper's width.
      if (path.endsWith('/print') || path.endsWith('/card')) continue;
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
      await page.waitForTimeout(300);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(over, path).toBeLessThanOrEqual(0);
    }
  });

test('keyboard alone: from the list to a planned dish', async ({ page }) => {
  await page.goto('/meals');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
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

test.describe('phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('nothing is wider than the screen', async ({ page }) => {
    for (const path of PAGES) {
      await page.goto(path);
      await expect(page.locator('#main')).toBeVisible();
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(wide, path).toBeLessThanOrEqual(0);
    }
  });
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
