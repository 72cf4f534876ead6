import { addDish, expect, newMeal, settled, takeAway, test, typeParts } from './support';

test('a meal from nothing to a printed sheet', async ({ page }) => {
  const address = await newMeal(page, 'Two for lunch', 4);
  await expect(page.getByText('What are you cooking?')).toBeVisible();
  await addDish(page, 'Red lentil');
  await addDish(page, 'Warm flatbread');
  await addDish(page, 'Beetroot');

  const sheet = page.getByTestId('run-sheet');
  await expect(sheet).toContainText('Peel and cube the squash');
  await expect(sheet).toContainText('Oven on, 200 °C');
  await expect(page.getByRole('img', { name: /^Timeline from/ })).toBeVisible();
  await expect(page.getByTestId('summary')).toContainText('Start at');
  await settled(page);

  // More people: more to cut, and it takes longer.
  const prep = sheet.getByRole('listitem').filter({ hasText: 'Peel and cube the squash' });
  const minutes = async (): Promise<number> =>
    Number(/(\d+) min$/.exec((await prep.innerText()).trim())?.[1]);
  const forFew = await minutes();
  await page.getByLabel('people', { exact: true }).fill('8');
  await page.getByLabel('people', { exact: true }).blur();
  await expect(prep).toContainText('1.4 kg squash');
  expect(await minutes()).toBeGreaterThanOrEqual(2 * forFew - 1);

  // Another time moves the table.
  await typeParts(page, 'Time on the table', '19:15');
  await expect(sheet).toContainText('19:15 · on the table');
  await settled(page);

  // What was shown is what was kept.
  const before = await sheet.textContent();
  await page.goto(address);
  await expect(sheet).toContainText('19:15 · on the table');
  await settled(page);
  expect(await sheet.textContent()).toBe(before);

  await page.getByRole('link', { name: 'Print' }).click();
  await expect(page.getByRole('heading', { name: 'Two for lunch' })).toBeVisible();
  await expect(page.getByRole('table')).toContainText('Peel and cube the squash');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('the harvest supper fits one printed page', async ({ page }) => {
  await page.goto('/meals/harvest-supper/print');
  await expect(page.getByRole('table')).toContainText('Cube the lamb');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('a day is chosen from its month by the keyboard alone, and undone', async ({ page }) => {
  await page.goto('/meals/harvest-supper');
  await settled(page);
  const day = page.getByRole('group', { name: 'Day', exact: true });
  const before = (await day.getAttribute('data-value')) ?? '';
  const next = new Date(Date.parse(before) + 86_400_000).toISOString().slice(0, 10);
  const opener = page.getByRole('button', { name: 'Choose: Day' });
  await opener.focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-calendar-day][data-selected]')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(opener).toBeFocused();
  await expect(day).toHaveAttribute('data-value', next);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(day).toHaveAttribute('data-value', before);
  await settled(page);
});

test('a meal saved before its plan was made gets its plan as well', async ({ page }) => {
  await page.route('**/plan.worker*', async (route) => {
    await new Promise((go) => setTimeout(go, 1500));
    await route.continue();
  });
  await newMeal(page, 'Slow supper', 4);
  await addDish(page, 'Beetroot');
  await settled(page);
  await page.goto('/cook');
  await expect(page.getByRole('link', { name: 'Practise Slow supper' })).toBeVisible();
});

test('undo takes a change back, redo makes it again', async ({ page }) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  await page.getByRole('button', { name: 'One more' }).click();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('4');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('3');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('4');
  await page.getByRole('button', { name: 'Undo' }).click();
  await settled(page);
});

test('a dish can be fixed to a cooker, and every minute can be asked why', async ({ page }) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  const cooker = page.getByLabel('Cooker for Barley with mushrooms');
  await cooker.selectOption('Middle');
  const line = page.getByTestId('run-sheet').getByRole('button', { name: /Barley, broth, thyme/ });
  await expect(line).toContainText('Middle');
  await line.click();
  const why = page.getByTestId('why');
  await expect(why).toContainText('Coming to pressure');
  await expect(why).toContainText('1000 W (energy balance)');
  await cooker.selectOption('any cooker');
  await settled(page);
});

test('a late start is said, with the hour that can be kept', async ({ page }) => {
  const soon = new Date(Date.now() + 20 * 60_000);
  await newMeal(page, 'In a hurry', 4);
  await addDish(page, 'Lamb shoulder');
  const clock = (d: Date, part: 'day' | 'time'): string =>
    part === 'day'
      ? new Intl.DateTimeFormat('sv-SE', { timeZone: 'Europe/Athens' }).format(d)
      : new Intl.DateTimeFormat('en-GB', {
          timeZone: 'Europe/Athens',
          hour: '2-digit',
          minute: '2-digit',
          hourCycle: 'h23',
        }).format(d);
  await typeParts(page, 'Day', clock(soon, 'day'));
  await typeParts(page, 'Time on the table', clock(soon, 'time'));
  await expect(page.getByText(/can’t be met/)).toBeVisible();
  // What follows each other without a break, in words and on the timeline.
  const chain = page.getByText('What takes the time, one after another:').locator('..');
  await expect(
    chain
      .getByRole('listitem')
      .filter({ hasText: /in the / })
      .first(),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: /^Timeline .*Marked in red: 1: / })).toBeVisible();
  await page.getByRole('button', { name: /^Serve at/ }).click();
  await expect(page.getByText(/can’t be met/)).toHaveCount(0);
  await settled(page);
});

test('what cannot be cooked is said with its reasons, and undone', async ({ page }) => {
  await page.goto('/meals/harvest-supper');
  await settled(page);
  // Waiting is a cost and no wall, and an oven keeps hot: it takes one small pot for everything, and no oven.
  await page.getByRole('button', { name: /^Warm flatbread/ }).click();
  await page.getByRole('button', { name: 'Take out Warm flatbread' }).click();
  await takeAway(page, 'oven');
  await takeAway(page, 'Large');
  await takeAway(page, 'Middle');
  await page.getByLabel('people', { exact: true }).fill('20');
  await page.getByLabel('people', { exact: true }).blur();
  await expect(
    page.getByRole('heading', { name: 'These can’t all be true at once' }),
  ).toBeVisible();
  await expect(page.getByText(/need the Small, one after the other/)).toBeVisible();
  await expect(page.getByText(/over the (half|two-thirds) line/).first()).toBeVisible();
  // On the timeline too: as near as one comes, with what goes over its limit.
  const nearest = page.getByRole('img', {
    name: /^Timeline .*Marked in red: 1: .*here it (?:is kept for|would be)/,
  });
  await expect(nearest).toBeVisible();
  await expect(nearest).toHaveAttribute('aria-label', /!: .*over the (half|two-thirds) line/);
  await expect(page.getByTestId('run-sheet')).toHaveCount(0);
  for (let edit = 0; edit < 5; edit++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('run-sheet')).toContainText('1.9 kg lamb shoulder');
  await settled(page);
});

test('being surer means starting earlier', async ({ page }) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  const start = async (): Promise<string> =>
    (await page.getByTestId('summary').textContent())?.match(/Start at (\d\d:\d\d)/)?.[1] ?? '';
  const sure = page.getByLabel('How sure to be on time');
  await sure.getByText('even').click();
  await settled(page);
  const even = await start();
  await sure.getByText('sure', { exact: true }).click();
  await expect.poll(start).not.toBe(even);
  await settled(page);
  expect((await start()) < even).toBe(true);
  await sure.getByText('likely').click();
  await settled(page);
});

test('what an earlier start buys is shown start by start, and planned so at one click', async ({
  page,
}) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  const summary = page.getByTestId('summary');
  const shown = /Start at (\d\d:\d\d)/.exec((await summary.textContent()) ?? '')?.[1] ?? '';
  const earlier = page.getByTestId('earlier');
  await earlier.getByRole('button', { name: 'What an earlier start buys' }).click();
  const rows = earlier.getByRole('listitem');
  await expect(rows.first()).toBeVisible();
  // The plan on the page is one of them, and the starts come ever sooner.
  await expect(rows.filter({ hasText: 'as planned' })).toContainText(shown);
  const clocks = await rows.locator('b').allTextContents();
  expect(clocks).toEqual([...clocks].sort().reverse());
  await rows.last().getByRole('button', { name: 'Plan it so' }).click();
  await settled(page);
  await expect(
    page.getByLabel('How sure to be on time').getByText('sure', { exact: true }),
  ).toHaveAttribute('aria-checked', 'true');
  await page.getByRole('button', { name: 'Undo' }).click();
  await settled(page);
});

test('exports: a calendar with alarms, and the plan with its problem', async ({
  page,
  request,
}) => {
  await page.goto('/meals/harvest-supper');
  await settled(page);
  const calendar = await (await request.get('/meals/harvest-supper/calendar.ics')).text();
  const { default: ICAL } = await import('ical.js');
  const component = new ICAL.Component(ICAL.parse(calendar) as unknown[] as never);
  const events = component.getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(25);
  expect(events.filter((e) => e.getAllSubcomponents('valarm').length > 0).length).toBeGreaterThan(
    20,
  );
  expect(calendar).toMatch(/Cube the lamb/);
  const plan = (await (await request.get('/meals/harvest-supper/plan.json')).json()) as Record<
    string,
    { format: string }
  >;
  expect(plan.problem?.format).toBe('olive-clock/problem@1');
  expect(plan.schedule?.format).toBe('olive-clock/schedule@1');
});

test('two hundred at a supper: what does not fit, and as many as the pots take at one click', async ({
  page,
}) => {
  await page.goto('/meals/wednesday-for-three');
  await settled(page);
  await page.getByLabel('people', { exact: true }).fill('200');
  await page.getByLabel('people', { exact: true }).blur();
  const ways = page.getByTestId('ways-out');
  const fewer = ways.getByRole('listitem').filter({ hasText: /^Cook for \d+/ });
  await expect(fewer).toBeVisible({ timeout: 20_000 });
  await fewer.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByLabel('people', { exact: true })).not.toHaveValue('200');
  await expect(page.getByTestId('run-sheet')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByLabel('people', { exact: true })).toHaveValue('200');
});

test('the timeline goes out to the soak of the night before', async ({ page }) => {
  await page.goto('/meals/harvest-supper');
  await expect(page.getByTestId('run-sheet')).toBeVisible();
  const soak = page.locator('[data-step="chickpeas-lemon.soak"]');
  await expect(soak).toHaveCount(0);
  await page.getByRole('button', { name: 'days before' }).click();
  await expect(soak).toBeVisible();
});
