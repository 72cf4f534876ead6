import type { Page } from '@playwright/test';
import { addDish, expect, expectAccessible, newMeal, settled, test, typeParts } from './support';

/** A meal that has to be begun about now, in the kitchen's zone. */
async function soon(page: Page, name: string, minutes: number): Promise<void> {
  await newMeal(page, name, 4);
  const at = new Date(Date.now() + minutes * 60_000);
  const [day = '', time = ''] = new Intl.DateTimeFormat('sv-SE', {
    timeZone: 'Europe/Athens',
    dateStyle: 'short',
    timeStyle: 'short',
  })
    .format(at)
    .split(' ');
  await typeParts(page, 'Day', day);
  await typeParts(page, 'Time on the table', time);
  await page.keyboard.press('Tab');
  await settled(page);
}

test('an evening on two screens: one goes offline, a pot is late, a check fails, and it is planned again', async ({
  page,
  browser,
}) => {
  await soon(page, 'Live supper', 55);
  await addDish(page, 'Beetroot');
  await settled(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  const table = page.getByTestId('table');
  const before = await table.textContent();
  await expect(page.getByRole('img', { name: /^Dial/ })).toBeVisible();
  await expectAccessible(page);

  const other = await browser.newContext();
  const second = await other.newPage();
  await second.goto(page.url());
  await expect(second.getByTestId('table')).toHaveText(before ?? '');

  // Tapped here, seen there.
  const now = page.getByRole('button', { name: 'Done', exact: true }).first();
  const firstWork = page.getByText(/Scrub/).first();
  await expect(firstWork).toBeVisible();
  await page
    .getByRole('button', { name: /Done already|^Done$/ })
    .first()
    .click();
  await expect(second.getByRole('button', { name: 'Undo' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();

  // Offline: the tap counts on that screen, and arrives when the line is back.
  await other.setOffline(true);
  const lid = second.getByRole('button', { name: 'Lid is on' }).first();
  await lid.click();
  await expect(second.getByText(/No server/)).toBeVisible();
  await expect(second.getByRole('button', { name: 'Timer started' }).first()).toBeVisible();
  await other.setOffline(false);
  await expect(page.getByRole('button', { name: 'Timer started' }).first()).toBeVisible({
    timeout: 20_000,
  });

  // A pot that is late: the rest moves, and it is said in one line, with the way back.
  await page
    .getByRole('button', { name: /Something’s wrong/ })
    .first()
    .click();
  for (let i = 0; i < 4; i++)
    await page.getByRole('button', { name: 'It reports overheating' }).first().click();
  await expect(page.getByText(/scrape the bottom clean/).first()).toBeVisible();
  await expect(table).not.toHaveText(before ?? '', { timeout: 10_000 });
  // Four taps are four plans: both screens come to rest on the same one.
  await expect(async () => {
    const here = (await table.textContent()) ?? '';
    await expect(second.getByTestId('table')).toHaveText(here, { timeout: 500 });
    await page.waitForTimeout(2500);
    expect(await table.textContent()).toBe(here);
  }).toPass({ timeout: 20_000 });

  // A reload finds everything where it was.
  const late = await table.textContent();
  await page.reload();
  await expect(table).toHaveText(late ?? '');
  await expect(now.or(page.getByTestId('free'))).toBeVisible();
  await other.close();
});

test('an event of the future is refused in words, a tap sent twice counts once', async ({
  page,
}) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  const id = page.url().split('/').at(-1);
  const post = (events: unknown[]) =>
    page.request.post(`/api/evenings/${id}/events`, { data: { events } });
  const event = {
    id: 'one-tap',
    at: Date.now(),
    by: 'test',
    kind: 'done',
    step: 'hake-fennel.slice',
  };
  const future = await post([{ ...event, id: 'future', at: Date.now() + 3_600_000 }]);
  expect(future.status()).toBe(409);
  expect(JSON.stringify(await future.json())).toContain('set its clock');
  const moved = { id: 'moved', at: Date.now(), by: 'test', kind: 'corrected', of: 'one-tap' };
  expect((await post([{ ...moved, to: Date.now() + 3_600_000 }])).status()).toBe(409);
  const [a, b] = await Promise.all([post([event]), post([event])]);
  const added = [await a.json(), await b.json()].flatMap(
    (r) => (r as { events: { id: string }[] }).events,
  );
  expect(added.filter((e) => e.id === 'one-tap')).toHaveLength(1);
  // Two phones, each with its own event, at the same moment: one of them counts.
  const other = { ...event, step: 'mushroom-barley.slice' };
  const both = await Promise.all(
    ['one', 'two'].map((by) => post([{ ...other, id: `phone-${by}`, by }])),
  );
  const counted = (await Promise.all(both.map((r) => r.json()))).flatMap(
    (r) => (r as { events: { id: string }[] }).events,
  );
  expect(counted.filter((e) => e.id.startsWith('phone-'))).toHaveLength(1);
  expect((await post([{ nonsense: true }])).status()).toBe(422);
});

test('opened and not done: back under pressure, and what follows is planned later', async ({
  page,
}) => {
  await page.goto('/cook');
  const one = page.getByRole('region', { name: 'One pot, without a plan' });
  await one.getByRole('button', { name: '4 min' }).click();
  await one.getByRole('button', { name: 'Lid is on: go' }).click();
  for (const tap of ['Timer started', 'It beeps', 'The pin has dropped'])
    await page.getByRole('button', { name: tap, exact: true }).click();
  await page
    .getByRole('button', { name: /Something’s wrong/ })
    .first()
    .click();
  await page.getByRole('button', { name: '5 min back at pressure' }).click();
  await expect(page.getByTestId('free')).toBeVisible();
  const large = page.getByRole('listitem').filter({ hasText: 'Large, 4 min' }).first();
  await expect(large).toContainText('back at pressure');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(large).toContainText('pin has dropped: open');
  await expectAccessible(page);
});

test(
  'eight tabs of one browser: all of them open, and follow what is tapped in one',
  { tag: '@soak' },
  async ({ page, context }) => {
    await page.goto('/cook');
    await page.getByRole('button', { name: 'Lid is on: go' }).click();
    await expect(page.getByRole('button', { name: 'Timer started' })).toBeVisible();
    const tabs: Page[] = [];
    for (let i = 0; i < 7; i++) {
      const tab = await context.newPage();
      await tab.goto(page.url());
      await expect(tab.getByRole('button', { name: 'Timer started' })).toBeVisible();
      tabs.push(tab);
    }
    await page.getByRole('button', { name: 'Timer started' }).click();
    for (const tab of tabs)
      await expect(tab.getByRole('button', { name: 'It beeps' })).toBeVisible({ timeout: 15_000 });
    // The one that was first goes; the others still hear of each other.
    await page.close();
    const [first, ...others] = tabs;
    await first?.getByRole('button', { name: 'It beeps' }).click();
    for (const tab of others)
      await expect(
        tab.getByRole('button', { name: 'The pin has dropped', exact: true }),
      ).toBeVisible({
        timeout: 20_000,
      });
  },
);

test('a refusal is told as one: the tap stays, and nobody speaks of a missing server', async ({
  page,
}) => {
  await page.goto('/cook');
  await page.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page.getByRole('button', { name: 'Timer started' })).toBeVisible();
  await page.route('**/events', (route) =>
    route.fulfill({ status: 421, body: 'This server is not known by that name.' }),
  );
  await page.getByRole('button', { name: 'Timer started' }).click();
  await expect(page.getByText('The server doesn’t accept this screen.')).toBeVisible();
  await expect(page.getByText('One tap is kept here until then.')).toBeVisible();
  await expect(page.getByText(/No server/)).toHaveCount(0);
  await page.unroute('**/events');
  await page.getByRole('button', { name: 'It beeps' }).click();
  await expect(page.getByText('The server doesn’t accept this screen.')).toHaveCount(0);
});

test('mishaps on a phone: the tap is under the thumb, minutes are any number, a pot fails and the food moves', async ({
  browser,
  server,
}) => {
  const phone = await browser.newContext({
    ...{ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    baseURL: server.url,
  });
  const page = await phone.newPage();
  await page.goto('/cook');
  const one = page.getByRole('region', { name: 'One pot, without a plan' });
  await one.getByRole('button', { name: '20 min' }).click();
  await one.getByRole('button', { name: 'Lid is on: go' }).click();
  await page.getByRole('button', { name: 'Silent' }).click();

  // No places to wander off to; the one expected tap and the way back are within reach of a thumb.
  await expect(page.getByRole('navigation', { name: 'Places' })).toHaveCount(0);
  const bar = page.getByTestId('bar');
  const expected = bar.getByRole('button', { name: /: Timer started$/ });
  const box = await expected.boundingBox();
  expect(box?.height).toBeGreaterThanOrEqual(56);
  expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(844);
  expect(box?.y).toBeGreaterThan(700);
  await expected.click();
  await expect(bar.getByRole('button', { name: /: It beeps$/ })).toBeVisible();
  await expect(bar.getByRole('button', { name: 'Undo' })).toBeVisible();
  await expect(page.locator('#now')).toBeFocused();

  // Any number of minutes; nonsense is said, and stays where it was typed.
  await page
    .getByRole('button', { name: /Something’s wrong/ })
    .first()
    .click();
  const other = page.getByLabel(/more minutes: other minutes/);
  await other.fill('7x');
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expect(page.getByText('Whole minutes from 1 to 240.')).toBeVisible();
  await expect(other).toHaveValue('7x');
  await other.fill('45');
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expect(page.getByText(/^6[45]:\d\d$/)).toBeVisible();
  await expect(page.getByTestId('replanned')).toContainText('instead of');

  // Guests, and back again.
  const table = page.getByTestId('table');
  const before = (await table.textContent()) ?? '';
  await page.getByRole('button', { name: 'Guests later or sooner' }).click();
  await page.getByLabel('Guests later: other minutes').fill('25');
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expect(table).not.toHaveText(before);
  await bar.getByRole('button', { name: 'Undo' }).click();
  await expect(table).toHaveText(before);

  // The only pot of this one fails: it is said, and nothing is planned in it.
  await page.getByRole('button', { name: 'A pot or the oven fails' }).click();
  await page
    .getByRole('button', { name: /fails$/ })
    .last()
    .click();
  await expect(page.getByText(/Nothing that is left takes/)).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 320, height: 640 });
  await expectAccessible(page);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(320);
  await phone.close();
});

test('a screen alone plans for itself, and what it did counts once when the server is back', async ({
  browser,
  server,
}) => {
  // A page of its own: without a network the browser reports each request that fails.
  const context = await browser.newContext({ baseURL: server.url });
  const page = await context.newPage();
  await soon(page, 'Alone', 70);
  await addDish(page, 'Beetroot');
  await addDish(page, 'Green beans');
  await settled(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  await page.getByRole('button', { name: 'Silent' }).click();
  const table = page.getByTestId('table');
  const before = (await table.textContent()) ?? '';
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Guests later or sooner' }).click();
  await page.getByRole('button', { name: '30 min later' }).click();
  // Within reach of nobody, the table still moves, and what has not begun with it.
  await expect(page.getByText(/No server/)).toBeVisible();
  await expect(table).not.toHaveText(before, { timeout: 15_000 });
  const alone = (await table.textContent()) ?? '';
  await context.setOffline(false);
  await expect(page.getByText(/No server/)).toHaveCount(0, { timeout: 20_000 });
  await expect(table).toHaveText(alone);

  // A second screen, with a clock that is three minutes wrong, has the same.
  const wrong = await browser.newContext({ baseURL: server.url });
  const second = await wrong.newPage();
  await second.clock.install({ time: Date.now() + 3 * 60_000 });
  await second.goto(page.url());
  await expect(second.getByTestId('table')).toHaveText(alone);
  const id = page.url().split('/').at(-1) ?? '';
  const data = await (await page.request.get(`/cook/${id}/__data.json`)).text();
  expect(data.split('"guests"').length - 1).toBeGreaterThan(0);
  await wrong.close();
  await context.close();
});

test('a first cycle with water: each phase says what one sees, hears and does', async ({
  page,
}) => {
  await page.goto('/cook');
  const first = page.getByRole('region', { name: 'Never used a pressure cooker?' });
  await first.getByRole('button', { name: 'Simulated first' }).click();
  await expect(page.getByRole('heading', { name: 'Close it' })).toBeVisible();
  await expect(page.getByText(/valve to sealing/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Lid is on', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Time to pressure' })).toBeVisible();
  await expect(page.getByText(/the pin rises/)).toBeVisible();
});
