/** Clocks that go on and back, a leap day, midnight, a device elsewhere and one whose clock jumps. */
import type { Page } from '@playwright/test';
import { freePort, OwnServer } from './own-server';
import { addDish, settled, typeParts } from './support';
import { expect, test } from './ready';

const DAY_MS = 86_400_000;
/** So many days from now it is noon of that day or near it. */
const daysUntil = (day: string): number =>
  Math.round((Date.parse(`${day}T12:00:00Z`) - Date.now()) / DAY_MS);

const servers: OwnServer[] = [];
test.afterAll(async () => {
  for (const server of servers) await server.close();
});
test.setTimeout(60_000);

/** A server for whom it is that day. */
async function on(day: string): Promise<OwnServer> {
  const server = new OwnServer(await freePort());
  servers.push(server);
  server.seed();
  await server.start({ OLIVE_CLOCK_DAYS_AHEAD: String(daysUntil(day)) });
  return server;
}

async function supper(page: Page, server: OwnServer, day: string, time: string): Promise<void> {
  await page.goto(`${server.url}/meals?new`);
  await page.getByLabel('What is it called?').fill('Supper');
  await page.getByLabel('How many eat?').fill('4');
  await typeParts(page, 'Day', day);
  await typeParts(page, 'Serve at', time);
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Supper');
}

const calendarOf = async (page: Page, server: OwnServer): Promise<string> =>
  (await page.request.get(`${server.url}/calendar.ics`)).text();

test.describe('where clocks change in the night before', () => {
  for (const { eve, day, utc } of [
    { eve: '2027-03-27', day: '2027-03-28', utc: '20270328T153000Z' },
    { eve: '2027-10-30', day: '2027-10-31', utc: '20271031T163000Z' },
  ])
    test(`supper at half past six on ${day} is at half past six everywhere`, async ({ page }) => {
      const server = await on(eve);
      await supper(page, server, day, '18:30');
      await addDish(page, 'Beetroot');
      await settled(page);
      await expect(page.getByText('18:30').first()).toBeVisible();
      // The week has it on its day, and the calendar at the moment that this is.
      await page.goto(`${server.url}/meals`);
      await expect(page.getByRole('article').filter({ hasText: 'Supper' }).first()).toContainText(
        '18:30',
      );
      expect(await calendarOf(page, server)).toContain(utc);
    });
});

test('a leap day: supper, its soak of the evening before, and the same a week later', async ({
  page,
}) => {
  const server = await on('2028-02-28');
  await supper(page, server, '2028-02-29', '18:30');
  await settled(page);
  await expect(page.getByText('Selected Date: 29 February 2028')).toBeAttached();
  expect(await calendarOf(page, server)).toContain('20280229T163000Z');
  await page.getByRole('button', { name: 'More' }).first().click();
  await page.getByText('The same next week').click();
  await expect(page.getByText('Selected Date: 7 March 2028')).toBeAttached();
});

test('supper half an hour past midnight is begun on the day before, and says so', async ({
  page,
}) => {
  const server = await on('2027-03-20');
  await supper(page, server, '2027-03-22', '00:30');
  await addDish(page, 'Beetroot');
  await settled(page);
  await expect(page.getByText(/22 March/).first()).toBeVisible();
  await expect(page.getByText(/21 March/).first()).toBeVisible();
});

test('a device in another zone shows the household’s clock', async ({ browser }) => {
  const server = await on('2027-03-20');
  const context = await browser.newContext({ timezoneId: 'America/Los_Angeles' });
  const page = await context.newPage();
  await supper(page, server, '2027-03-21', '18:30');
  await addDish(page, 'Beetroot');
  await settled(page);
  await expect(page.getByText('18:30').first()).toBeVisible();
  expect(await calendarOf(page, server)).toContain('20270321T163000Z');
  await context.close();
});

test(
  'a device whose clock is set during the evening counts on the server’s again',
  { tag: '@soak' },
  async ({ page }) => {
    const server = await on(new Date().toISOString().slice(0, 10));
    await page.addInitScript(() => {
      const real = Date.now.bind(Date);
      const jump = { ms: 0 };
      Date.now = () => real() + jump.ms;
      Object.assign(window, { jump });
    });
    const started = await page.request.post(`${server.url}/cook?/start`, {
      form: { meal: 'harvest-supper' },
      headers: { origin: server.url, accept: 'text/html' },
      maxRedirects: 0,
    });
    await page.goto(`${server.url}${started.headers()['location'] ?? ''}`);
    /** What the dial shows, in minutes after what it showed at first. */
    const shown = async (): Promise<number> => {
      const [hours = 0, minutes = 0] = (
        (await page
          .getByText(/^\d{2}:\d{2}$/)
          .last()
          .textContent()) ?? ''
      )
        .split(':')
        .map(Number);
      return hours * 60 + minutes;
    };
    const first = await shown();
    const gone = async (): Promise<number> => ((await shown()) - first + 1440) % 1440;
    const heard = () => page.evaluate(() => localStorage.getItem('olive-clock server clock'));
    await expect.poll(heard).not.toBeNull();
    await page.evaluate(() => {
      (window as unknown as { jump: { ms: number } }).jump.ms = 3 * 3_600_000;
    });
    await expect.poll(gone).toBeGreaterThanOrEqual(180);
    // The server says its time every twenty seconds.
    await expect.poll(gone, { timeout: 30_000 }).toBeLessThan(5);
  },
);
