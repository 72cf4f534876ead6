import { LibsqlServer } from '../support/libsql-server';
import { OwnServer } from './own-server';
import { expect, test } from './ready';

/** Two programs on one database: a live evening stays in step, and writes of both are kept. */
for (const where of ['a file', 'a libSQL server'] as const)
  test.describe(`two programs on ${where}`, () => {
    const [first, second] = where === 'a file' ? [4787, 4788] : [4785, 4786];
    const one = new OwnServer(first);
    const two = new OwnServer(second, one);
    const libsql = where === 'a file' ? null : new LibsqlServer(one.database, 'secret');

    test.beforeAll(async () => {
      one.seed();
      const address: Record<string, string> = libsql ? { DATABASE_URL: await libsql.start() } : {};
      await one.start(address);
      await two.start(address);
    });
    test.afterAll(async () => {
      await two.close();
      await one.stop('SIGKILL');
      await libsql?.stop();
      await one.close();
    });

    test('what is tapped at one is seen at the other', async ({ page, context }) => {
      await page.goto(`${one.url}/cook`);
      await page.getByRole('button', { name: 'Lid is on: go' }).click();
      await expect(page).toHaveURL(/\/cook\/[^/]+$/);
      const path = new URL(page.url()).pathname;
      const other = await context.newPage();
      await other.goto(`${two.url}${path}`);
      await page.getByRole('button', { name: 'Timer started' }).click();
      await expect(other.getByRole('button', { name: 'It beeps' })).toBeVisible();
      if (libsql) {
        // What is tapped while the database is away is kept by the page, and there when it is back.
        libsql.network = 'down';
        await other.getByRole('button', { name: 'It beeps' }).click();
        await expect(other.getByText(/1 to send/)).toBeVisible();
        libsql.network = 'whole';
      } else await other.getByRole('button', { name: 'It beeps' }).click();
      await expect(page.getByRole('button', { name: 'It beeps' })).toHaveCount(0);
    });

    test('writes through both at once are all kept', async ({ request }) => {
      const taps = await Promise.all(
        Array.from({ length: 20 }, (_, i) => {
          const { url } = i % 2 === 0 ? one : two;
          return request.post(`${url}/meals?/create`, {
            form: { name: `Both ${i}`, day: '2031-05-01', time: '18:30', servings: '4' },
            headers: { origin: url },
          });
        }),
      );
      expect(taps.every((r) => r.ok())).toBe(true);
      const household = (await (await request.get(`${two.url}/household.json`)).json()) as {
        meals: { name: string }[];
      };
      expect(household.meals.filter((m) => m.name.startsWith('Both '))).toHaveLength(20);
    });

    if (libsql)
      test('a database that is away is said in words, and everything goes on when it is back', async ({
        page,
        request,
      }) => {
        libsql.network = 'down';
        await page.goto(`${one.url}/freezer`);
        await expect(page.getByText('The database’s server did not answer')).toBeVisible();
        expect((await request.get(`${one.url}/health`)).status()).toBe(503);
        libsql.network = 'whole';
        await page.goto(`${one.url}/freezer`);
        await expect(page.getByRole('heading', { name: 'Freezer', level: 1 })).toBeVisible();
        expect((await request.get(`${one.url}/health`)).ok()).toBe(true);
      });
  });
