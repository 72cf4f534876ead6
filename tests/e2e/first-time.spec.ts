import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addDish, settled, typeParts } from './support';
import { expect, test } from './ready';

/** A new user's path: the demo as it is installed, a first plan, an evening, what is left, the next plan. */
const PORT = 4789;
let folder = '';
let server: ChildProcess;

test.use({ baseURL: `http://127.0.0.1:${PORT}` });

test.beforeAll(async () => {
  test.setTimeout(60_000);
  // As a fresh copy of the project would be after its build: no data of anybody.
  folder = mkdtempSync(join(tmpdir(), 'olive-new-'));
  for (const name of ['build', 'drizzle', 'scripts', 'src', 'package.json'])
    cpSync(name, join(folder, name), { recursive: true });
  symlinkSync(join(process.cwd(), 'node_modules'), join(folder, 'node_modules'));
  const { DATABASE_URL: _, ...env } = process.env;
  server = spawn(
    'sh',
    ['-c', 'node scripts/run-ts.mjs scripts/seed.ts && exec node scripts/serve.mjs'],
    {
      cwd: folder,
      env: { ...env, PORT: String(PORT), LOG_LEVEL: 'error' },
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  await new Promise<void>((resolve) => {
    server.stdout?.on('data', (text: Buffer) => {
      if (text.includes('Olive Clock is at')) resolve();
    });
  });
});
test.afterAll(() => {
  server.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

test('from the first plan to the next one', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/');
  await expect(page).toHaveURL(/\/meals/);

  // The first plan, to be begun now.
  await page.getByRole('button', { name: 'New meal' }).click();
  await page.getByLabel('What is it called?').fill('My first supper');
  const at = new Date(Date.now() + 50 * 60_000);
  const [day = '', time = ''] = new Intl.DateTimeFormat('sv-SE', {
    timeZone: 'Europe/Athens',
    dateStyle: 'short',
    timeStyle: 'short',
  })
    .format(at)
    .split(' ');
  await typeParts(page, 'Day', day);
  await typeParts(page, 'Serve at', time);
  await page.getByRole('button', { name: 'Plan it' }).click();
  await addDish(page, 'Green beans');
  await settled(page);
  await expect(page.getByTestId('summary')).toContainText('Start at');

  // Cooked by what the page says, one thing after the other.
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  const evening = page.url().split('/').at(-1) ?? '';
  for (let i = 0; i < 14; i++) {
    const next = page
      .getByRole('button', {
        name: /^(Done|Done already|Begin|Lid is on|Timer started|It beeps|Vented|Opened|Open|Begin now)$/,
      })
      .first();
    if ((await next.count()) === 0 || !(await next.isVisible())) break;
    await next.click();
    await page.waitForTimeout(150);
  }
  const table = page.getByRole('button', { name: /On the table/ }).first();
  if (await table.isVisible()) await table.click();
  else
    await page.request.post(`/api/evenings/${evening}/events`, {
      data: { events: [{ id: 'served', at: Date.now(), by: 'test', kind: 'served' }] },
    });

  // What is left goes into the fridge in two taps.
  await page.goto(`/log/${evening}`);
  const left = page.getByRole('region', { name: 'What is left' });
  await left.getByRole('button', { name: '1', exact: true }).click();
  await left.getByRole('button', { name: /^fridge/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'in the fridge' })).toBeVisible();

  // The next plan begins with it.
  await page.goto('/freezer/week?for=1');
  const tomorrow = page.getByRole('listitem').filter({ hasText: 'Green beans' }).first();
  await expect(tomorrow).toContainText('from stock');
  const others = page
    .getByRole('listitem')
    .filter({ hasNotText: 'Green beans' })
    .locator('input[name=day]');
  for (let i = 0; i < (await others.count()); i++) await others.nth(i).uncheck();
  await page.getByRole('button', { name: /^Plan 1 meal$/ }).click();
  await expect(page).toHaveURL(/week=0/);
  await page.goto('/meals');
  await page.getByRole('link', { name: /^Green beans with almonds/ }).click();
  await expect(page.getByTestId('run-sheet')).toContainText('74 °C all through');
});
