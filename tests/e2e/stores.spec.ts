import { expect, expectAccessible, test } from './support';

test('a dish is packed with its label, found by its code, taken out once, and put back', async ({
  page,
}) => {
  await page.goto('/stores');
  await expect(page.getByRole('region', { name: /freezer/i })).toContainText('portions');
  await expectAccessible(page);
  const pack = page.getByRole('region', { name: 'Pack a dish' });
  await pack.getByLabel('What').selectOption({ label: 'Duck legs with prunes, crisped' });
  await pack.getByLabel('Portions').fill('-2');
  await pack.getByRole('button', { name: 'Pack it' }).click();
  await expect(pack.getByRole('alert')).toContainText('More than none');
  await pack.getByLabel('What').selectOption({ label: 'Duck legs with prunes, crisped' });
  await pack.getByLabel('Portions').fill('3');
  await pack.getByRole('button', { name: 'Pack it' }).click();
  const tape = page.getByTestId('tape');
  await expect(tape).toContainText('Duck legs with prunes');
  await expect(tape).toContainText('Heat to 74 °C');
  const code = /[A-Z]{4}$/.exec((await tape.innerText()).trim())?.[0] ?? '';
  expect(code).not.toBe('');

  // The code in letters opens the bag as the printed one does.
  await page.goto(`/s/${code.toLowerCase()}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Duck legs');
  // With the phone at the freezer: one portion out, and back.
  await page.getByRole('button', { name: 'Take 1' }).click();
  await expect(page.getByRole('status')).toContainText('1 taken');
  await expect(page.getByText(/^2 portions,/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^3 portions,/)).toBeVisible();
  await page.getByLabel('or move it to').selectOption({ label: 'Freezer in the cellar' });
  await page.getByRole('button', { name: 'Move' }).click();
  await expect(page.getByText(/^3 portions, Freezer in the cellar/)).toBeVisible();
  await expectAccessible(page);
  await page.goto('/stores');
  await page.getByRole('button', { name: 'All of Duck legs with prunes, crisped' }).click();
  await expect(page.getByText('Duck legs with prunes, crisped: 3 taken out.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  const row = page.getByRole('listitem').filter({ hasText: code });
  await expect(row).toContainText('3');

  await row.getByRole('button', { name: 'Throw away' }).click();
  await row.getByRole('button', { name: 'freezer burn' }).click();
  await expect(page.getByText(/3 thrown away/)).toBeVisible();
  await page.goto('/stores/labels');
  await expect(page.getByTestId('tape').first()).toBeVisible();
  await expectAccessible(page);
});

test('a code that is on no bag says so', async ({ page }) => {
  await page.goto('/s/QQQQ');
  await expect(page.getByText('No bag has the code QQQQ.')).toBeVisible();
});
