import { addDish, expect, expectAccessible, newMeal, settled, test } from './support';

test(
  'a practice with an open valve: noticed, told, planned again, and accounted for',
  { tag: '@soak' },
  async ({ page }) => {
    test.setTimeout(120_000);
    await newMeal(page, 'Trial supper', 4);
    await addDish(page, 'Beetroot');
    await settled(page);
    await page.goto('/cook');
    await page.getByRole('link', { name: 'Practise Trial supper' }).click();
    await page.getByText('A valve is left open').click();
    await page.getByText('60×').click();
    await page.getByText('Simulated: I watch').click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Begin the practice' }).click();
    await expect(page).toHaveURL(/\/cook\//);
    await expect(page.getByTestId('practice')).toContainText('simulated cookers');

    // A pot shows what it does; the protocol says the same.
    await expect(page.getByTestId('reading').first()).toContainText('°C', { timeout: 40_000 });
    const id = page.url().split('/').at(-1) ?? '';
    const evening = await page.request.get(`/api/evenings/${id}/pots/nowhere`);
    expect(evening.status()).toBe(404);

    // The clock stands when it is stopped.
    await page.getByRole('button', { name: 'Stop' }).click();
    const dial = page.getByRole('img', { name: /^Dial/ });
    await expect(page.getByText('The clock is stopped.')).toBeVisible();
    // The minute that was under way when it was stopped may still be shown.
    await expect(async () => {
      const stood = await dial.getAttribute('aria-label');
      await page.waitForTimeout(1500);
      expect(await dial.getAttribute('aria-label')).toBe(stood);
    }).toPass();
    await page.getByRole('button', { name: '60×' }).click();

    const link = page.getByRole('link', { name: 'How it went' });
    await expect(link).toBeVisible({ timeout: 100_000 });
    await link.click();
    await expect(page.getByText(/On the table, /)).toBeVisible();
    await expect(page.getByText(/an open valve costs the whole time to pressure/)).toBeVisible();
    await expect(page.getByText(/the valve was open/)).toBeVisible();
    await expectAccessible(page);
  },
);

test('one pot without a plan, in three taps; a cooker that reports for itself is believed', async ({
  page,
}) => {
  await page.goto('/cook');
  const one = page.getByRole('region', { name: 'One pot, without a plan' });
  await one.getByText('Middle').click();
  await one.getByRole('button', { name: '8 min' }).click();
  await one.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  await expect(page.getByText('coming to pressure').first()).toBeVisible();

  const id = page.url().split('/').at(-1) ?? '';
  const at = Date.now();
  const reading = {
    format: 'olive-clock/reading@1',
    cooker: 'middle',
    at,
    phase: 'counting',
    since: at - 1000,
    minutesLeft: 8,
  };
  const send = (readings: unknown[]) =>
    page.request.post(`/api/evenings/${id}/readings`, { data: { readings } });
  const first = (await (await send([reading])).json()) as { events: { kind: string }[] };
  expect(first.events.map((e) => e.kind)).toContain('done');
  await expect(page.getByRole('button', { name: 'It beeps' }).first()).toBeVisible();
  const again = (await (await send([reading])).json()) as { events: unknown[] };
  expect(again.events).toEqual([]);
  const wrong = await send([{ ...reading, phase: 'dancing' }]);
  expect(wrong.status()).toBe(422);
  expect(JSON.stringify(await wrong.json())).toContain('phase');
});

test('a real evening: its clock can’t be set; pause, away, guests sooner, a step of another dish', async ({
  page,
}) => {
  await page.goto('/cook');
  const one = page.getByRole('region', { name: 'One pot, without a plan' });
  await one.getByLabel('minutes').fill('9999');
  await one.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page.getByText('whole number of minutes from 0 to 480')).toBeVisible();
  await one.getByLabel('minutes').fill('20');
  await one.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page).toHaveURL(/\/cook\//);
  const id = page.url().split('/').at(-1) ?? '';
  const post = (event: object) =>
    page.request.post(`/api/evenings/${id}/events`, {
      data: { events: [{ id: crypto.randomUUID(), at: Date.now(), by: 'test', ...event }] },
    });
  expect((await post({ kind: 'paced', speed: 5, real: Date.now() })).status()).toBe(409);
  const strange = await post({ kind: 'done', step: 'a-dish-that-is-gone.cook' });
  expect(strange.status()).toBe(409);
  expect(JSON.stringify(await strange.json())).toContain('not in this evening');

  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('nothing is called out')).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).first().click();
  await expect(page.getByText('nothing is called out')).toHaveCount(0);
  await page.getByRole('button', { name: 'I am away' }).click();
  await page.getByRole('button', { name: '10 min', exact: true }).click();
  await expect(page.getByText('A cook is away until')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('A cook is away until')).toHaveCount(0);
});
