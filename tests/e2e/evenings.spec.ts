import type { Page } from '@playwright/test';
import type { Problem } from '../../src/core/solve';
import { verifySchedule } from '../support/verify-schedule';
import { addDish, expect, expectAccessible, newMeal, settled, takeAway, test } from './support';

/** Five evenings of our own, each from an empty meal to the printed sheet. */
interface PlanFile {
  problem: Problem;
  schedule: Parameters<typeof verifySchedule>[1];
}

/** The plan as it was saved keeps every rule of the contract; its sheet has a line for each dish. */
async function checkPlan(page: Page, dishes: readonly RegExp[]): Promise<PlanFile> {
  await settled(page);
  const url = page.url();
  const file = (await (await page.request.get(`${url}/plan.json`)).json()) as PlanFile;
  expect(verifySchedule(file.problem, file.schedule)).toEqual([]);
  await page.goto(`${url}/print`);
  for (const dish of dishes)
    await expect(page.getByRole('row').filter({ hasText: dish }).first()).toBeVisible();
  await expect(page.getByRole('cell', { name: 'On the table' })).toBeVisible();
  await page.goto(url);
  return file;
}

/** Opens a meal until its plan is stored. */
async function planned(page: Page, id: string): Promise<void> {
  const meal = await page.context().newPage();
  await meal.goto(`/meals/${id}`);
  await expect(async () => {
    await page.goto(`/meals/compare?ids=${id}`);
    await expect(page.getByRole('row', { name: /Hands/ })).toContainText('min', { timeout: 500 });
  }).toPass({ timeout: 30_000 });
  await meal.close();
}

test('a weeknight with one cooker: one after the other, with a rinse between', async ({ page }) => {
  await newMeal(page, 'Weeknight', 6);
  await takeAway(page, 'Large');
  await takeAway(page, 'Small');
  for (const dish of ['Saffron bulgur', 'Braised red cabbage', 'Warm flatbread'])
    await addDish(page, dish);
  const { schedule } = await checkPlan(page, [/Saffron bulgur/, /red cabbage/, /flatbread/]);
  const pots = schedule.blocks.filter((b) => ['large', 'middle', 'small'].includes(b.unit));
  expect(new Set(pots.map((b) => b.unit))).toEqual(new Set(['middle']));
  await expect(page.getByTestId('run-sheet')).toContainText('rinse it');
});

test(
  'a supper for eight on three cookers: who can’t eat what, and who cooks',
  { tag: '@soak' },
  async ({ page }) => {
    await newMeal(page, 'Supper for eight', 8);
    for (const dish of ['Lamb shoulder', 'Chickpeas with lemon', 'Saffron bulgur', 'Beetroot'])
      await addDish(page, dish);
    const who = page.getByRole('region', { name: 'Who eats' });
    for (const [name, portions] of [
      ['Ada', '2'],
      ['Ben', '1.5'],
    ] as const) {
      await who.getByLabel('Name of somebody who eats').fill(name);
      await who.getByRole('button', { name: 'Add' }).click();
      await who.getByLabel(`Appetite of ${name}`).selectOption(portions);
    }
    await expect(page.getByLabel('How many eat')).toHaveCount(0);
    await who.getByText('eats everything').first().click();
    await who.getByRole('checkbox', { name: 'vegetarian' }).first().check();
    await expect(page.getByText(/Ada can’t eat Lamb shoulder/)).toBeVisible();
    await page.getByLabel('Pairs of hands').selectOption('2');
    await checkPlan(page, [/Lamb/, /Chickpeas/, /bulgur/, /Beetroot/]);
    await expect(page.getByTestId('run-sheet')).toContainText('Second cook');
    await expectAccessible(page);
  },
);

test(
  'a party of twelve from one cooker with stove and oven: what is over the line has fixes',
  { tag: '@soak' },
  async ({ page }) => {
    await newMeal(page, 'Party of twelve', 12);
    await takeAway(page, 'Middle');
    await takeAway(page, 'Small');
    for (const dish of ['Lamb shoulder', 'Braised red cabbage', 'Warm flatbread'])
      await addDish(page, dish);
    const ways = page.getByTestId('ways-out');
    await expect(ways.getByRole('button', { name: 'Do it' }).first()).toBeVisible({
      timeout: 30_000,
    });
    await ways.getByRole('button', { name: 'Side by side' }).click();
    await expect(ways.getByRole('row', { name: /Longest free/ })).toBeVisible();
    await ways.getByRole('button', { name: 'As a list' }).click();
    const way = ways.getByRole('listitem').filter({ hasText: 'even runs' }).first();
    await expect(way).toContainText(/fits|sooner|on time/);
    await way.getByRole('button', { name: 'Do it' }).click();
    await expect(way).toHaveCount(0);
    await page.getByTitle('Undo (Ctrl+Z)').click();
    await way.getByRole('button', { name: 'Do it' }).click();
    await checkPlan(page, [/Lamb/, /flatbread/, /red cabbage/]);
  },
);

test('two courses for two: the second comes later, one step is moved and let go again', async ({
  page,
}) => {
  await newMeal(page, 'Two courses', 2);
  await addDish(page, 'Red lentil');
  await addDish(page, 'Hake on fennel');
  await page.getByLabel('When Hake on fennel comes').selectOption('30');
  await checkPlan(page, [/lentil/, /Hake/]);
  const line = page.getByTestId('run-sheet').getByRole('button', { name: /Slice the fennel/ });
  await line.click();
  const why = page.getByTestId('why');
  const before = await line.textContent();
  await why.getByRole('button', { name: '5 min earlier' }).click();
  await expect(line).not.toHaveText(before ?? '');
  await settled(page);
  await why.getByRole('button', { name: 'Let the plan move it' }).click();
  await expect(why.getByRole('button', { name: 'Let the plan move it' })).toHaveCount(0);
  await settled(page);
});

test('a brunch in stacks: two dishes in one cycle, and a pot put elsewhere by dragging', async ({
  page,
}) => {
  await newMeal(page, 'Brunch', 2);
  await addDish(page, 'Barley with mushrooms');
  await addDish(page, 'Chickpeas with lemon');
  await page.locator('summary').filter({ hasText: 'about Chickpeas' }).click();
  await page
    .getByLabel('in one cycle, in a pan over')
    .last()
    .selectOption({ label: 'Barley with mushrooms' });
  await expect(page.getByText(/over Barley with mushrooms, in one cycle/)).toBeVisible();
  const { problem } = await checkPlan(page, [/over Barley/]);
  expect(problem.steps.filter((s) => s.id.endsWith('.hold'))).toHaveLength(1);

  // From one cooker's lane to another's.
  const pot = page.locator('svg [data-step$=".hold"]').first();
  const box = await pot.boundingBox();
  const before = await page.getByLabel('Cooker for Barley with mushrooms').inputValue();
  expect(before).toBe('');
  if (!box) throw new Error('no pot on the timeline');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height - 6);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height + 40, { steps: 5 });
  await page.mouse.move(box.x + box.width / 2, box.y + box.height + 74, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByLabel('Cooker for Barley with mushrooms')).not.toHaveValue('');
  await settled(page);
});

test('lists: bought once for two meals, ticked through a reload, and taken along as CSV', async ({
  page,
}) => {
  // Its order of work is known once it is planned.
  await planned(page, 'harvest-supper');
  await page.goto('/lists?meals=harvest-supper,wednesday-for-three');
  const onions = page.getByRole('checkbox', { name: /onions/ });
  await expect(page.getByText(/broth/).first()).toBeVisible();
  const kept = page.waitForResponse((r) => r.request().method() === 'POST');
  await onions.check();
  await kept;
  await page.reload();
  await expect(onions).toBeChecked();
  await expectAccessible(page);
  const csv = await page.request.get('/lists/shopping.csv?meals=harvest-supper');
  expect(await csv.text()).toMatch(/meat,lamb shoulder,1\.9,kg|meat,lamb shoulder,1900,g/);
  await page.getByRole('link', { name: 'Lay out' }).click();
  await expect(page.getByText('Cut once, for several dishes')).toBeVisible();
  await page.getByRole('link', { name: 'Tools' }).click();
  await expect(page.getByRole('checkbox', { name: /Low rack/ })).toBeVisible();

  await page.getByRole('link', { name: 'In the house' }).click();
  await page.getByLabel(/As a line/).fill('-3 cups yogurt');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('An amount is over 0; write it without the minus.')).toBeVisible();
  await page.getByLabel(/As a line/).fill('2 kg lamb shoulder');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('2 kg lamb shoulder')).toBeVisible();
  await page.getByRole('link', { name: 'Shopping' }).click();
  await expect(page.getByRole('checkbox', { name: /lamb shoulder/ })).toHaveCount(0);
  await page.goto('/lists?view=house');
  await page.getByRole('button', { name: /Used up.*lamb shoulder/ }).click();
  await expect(page.getByText('2 kg lamb shoulder')).toHaveCount(0);
});

test('a week, a pattern, a variant: what is made once is used again', async ({ page }) => {
  await planned(page, 'wednesday-for-three');
  await page.goto('/meals/wednesday-for-three');
  const more = page.getByRole('button', { name: /^More:/ });
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-live', 'true');
  await more.click();
  await page.getByRole('button', { name: 'A variant of it' }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Wednesday for three, variant');
  const pattern = page.getByRole('button', { name: /a pattern/i });
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-live', 'true');
  await more.click();
  await pattern.click();
  await more.click();
  await expect(pattern).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Escape');
  await expect(more).toBeFocused();
  await settled(page);
  await page.goto('/meals');
  await page.getByRole('button', { name: /Use it.*Wednesday for three, variant/ }).click();
  await expect(page.getByLabel('Name of the meal')).toHaveValue('Wednesday for three, variant');
  await settled(page);
  await page.goto('/meals?week=0');
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(7);
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Week after' }).click();
  await expect(page).toHaveURL(/week=1/);
  await page.goto('/meals/compare?ids=harvest-supper,wednesday-for-three');
  await expect(page.getByRole('row', { name: /Hands/ })).toContainText('min');
  await expectAccessible(page);
});

test('what the dish leaves open the plan settles with its reason, and the cook may settle it', async ({
  page,
}) => {
  await newMeal(page, 'Cheek alone', 4);
  await addDish(page, 'Beef cheek');
  await settled(page);
  const sheet = page.getByTestId('run-sheet');
  const reason = page.getByText(/quick-released, as the dish allows: work begins/);
  await expect(reason).toBeVisible();
  await expect(sheet).toContainText('Quick release');
  await page.locator('summary').filter({ hasText: 'about Beef cheek' }).click();
  await page.getByLabel('release').selectOption('written');
  await expect(reason).toHaveCount(0);
  await expect(sheet).not.toContainText('Quick release');
  await settled(page);
  await expectAccessible(page);
});
