import { expect, test } from '@playwright/test';
import { OwnServer } from './own-server';

/** Two programs on one database: a live evening stays in step, and writes of both are kept. */
const one = new OwnServer(4787);
const two = new OwnServer(4788, one);

test.beforeAll(async () => {
  one.seed();
  await one.start();
  await two.start();
});
test.afterAll(async () => {
  await two.close();
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
  await other.getByRole('button', { name: 'It beeps' }).click();
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
