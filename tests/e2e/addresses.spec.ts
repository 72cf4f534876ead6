import { expect, test } from './support';

test('old addresses lead on, with what they ask for', async ({ page }) => {
  await page.goto('/stores/labels?codes=ABCD');
  await expect(page).toHaveURL(/\/freezer\/labels\?codes=ABCD$/);
  await page.goto('/stores');
  await expect(page.getByRole('heading', { level: 1, name: 'Freezer' })).toBeVisible();
  await page.goto('/bench?q=cool');
  await expect(page).toHaveURL(/\/answers\?q=cool/);
  await expect(page.getByRole('heading', { level: 1, name: 'Answers' })).toBeVisible();
});
