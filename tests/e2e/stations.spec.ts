import type { Page } from '@playwright/test';
import type { Problem } from '../../src/core/solve';
import { verifySchedule } from '../support/verify-schedule';
import { addDish, expect, newMeal, settled, takeAway, test, typeParts } from './support';

/**
 * Three evenings from pasted text to a schedule that an experienced cook would follow. What must come of each was
 * written down before it was first planned: order, stations, waits, minutes (common practice).
 */
interface PlanFile {
  problem: Problem;
  schedule: Parameters<typeof verifySchedule>[1] & { delay: number };
}

const BELLY = `Pork belly with cider and crackling
Serves 6

1.6 kg pork belly, skin scored, in one piece about 5 cm thick
2 onions, sliced
300 ml dry cider
200 ml chicken stock
1 tbsp salt
1 tbsp cornflour
2 tbsp water

Rub the pork with salt.
Put the onions, cider and stock in the pot and lay the belly on top, skin up.
Cook on high pressure for 50 minutes, then natural release for 15 minutes and quick release the rest.
Lift the belly onto a tray. Crisp it in the oven at 230 C for 20 minutes.
Meanwhile, strain the juices back into the pot and skim off the fat, 3 minutes. Reduce the juices on sauté for 10 minutes. Mix the cornflour with the water and stir it in, simmer 2 minutes.
Let the belly rest for 10 minutes, then carve and serve with the sauce.`;
const POSSET = `Lemon posset
Serves 6

600 ml double cream
150 g sugar
2 lemons, juice and zest

Simmer the cream and sugar in a pan on the stove for 3 minutes. Stir in the lemon juice and zest.
Pour into glasses and chill in the fridge overnight.`;
const CRUSHED = `Crushed potatoes with chives
Serves 6

1.2 kg potatoes, peeled and cut into chunks
60 g butter
2 tbsp chopped chives

Boil the potatoes in a pan of salted water on the stove for 18 minutes.
Drain, crush with the butter and fold in the chives.`;
const SLAW = `Fennel and apple salad
Serves 4

2 bulbs fennel, thinly sliced
2 apples, cored and sliced
1 lemon, juice only
3 tbsp olive oil
30 g walnuts

Slice the fennel and the apples very thinly. Toss with the lemon juice and oil.
Let it stand 15 minutes, then scatter the walnuts over.`;
const VENISON = `Venison braise with juniper
Serves 4

900 g venison shoulder, in 4 cm cubes
2 onions, chopped
2 tbsp oil
250 ml red wine
250 ml beef stock
8 juniper berries

Brown the venison in the oil in two batches, about 10 minutes. Add onions and cook 4 minutes.
Deglaze with the wine and scrape the bottom clean.
Add stock and juniper. Cook on high pressure for 30 minutes. Natural release.`;
const LENTILS = `Lentils with rice above
Serves 4

300 g green lentils
1 onion, chopped
1 tbsp oil
900 ml vegetable stock
200 g white rice
250 ml water

Soften the onion in the oil on sauté for 4 minutes. Add lentils and stock.
Stand a trivet in the pot. Put rice and water in a covered pan on the trivet.
High pressure 10 minutes, natural release 10 minutes.
Fluff the rice and season the lentils.`;
const LAMB = `Roast leg of lamb
Serves 8

2.2 kg leg of lamb, bone in
4 cloves garlic, slivered
2 tbsp olive oil

Take the lamb out of the fridge 1 hour ahead. Stud it with garlic and rub with oil.
Roast in the oven at 180 C for 1 hour 45 minutes, basting halfway.
Rest 20 minutes under foil, then carve.`;
const BEETROOT = `Warm beetroot with dill
Serves 8

1.5 kg beetroot, scrubbed
250 ml water
1 small bunch dill, chopped

Put the beetroot on a rack over the water. Cook at high pressure for 22 minutes, quick release.
Peel and slice while warm, then dress with the dill. It keeps for hours.`;
const BEANS = `Green beans with hazelnuts
Serves 8

800 g green beans, trimmed
200 ml water
40 g hazelnuts, chopped
20 g butter

Steam the beans over the water at low pressure for 1 minute. Quick release at once.
Toast the hazelnuts in the butter in a frying pan on the stove, 4 minutes. Toss with the beans and serve at once.`;

/** Pastes a recipe, keeps it, and puts it into the meal. */
async function paste(page: Page, text: string): Promise<void> {
  await page.goto('/dishes/new');
  await page.getByLabel('The recipe’s text').fill(text);
  const keep = page.getByRole('button', { name: 'Keep this dish' });
  await expect(keep).toBeEnabled();
  await keep.click();
  await page.waitForURL(/\/dishes\/(?!new)[^/]+$/);
}

/** The plan as it was saved, with times by the ends of the steps' ids: dish by its first word, stage, phase. */
async function planOf(page: Page) {
  await settled(page);
  const file = (await (await page.request.get(`${page.url()}/plan.json`)).json()) as PlanFile;
  expect(verifySchedule(file.problem, file.schedule)).toEqual([]);
  const step = (dish: string, end: string): { start: number; end: number; unit: string | null } => {
    const found = file.schedule.steps.find(
      (s) => s.id.startsWith(dish) && s.id.endsWith(`.${end}`),
    );
    if (!found) throw new Error(`${dish} has no ${end}: ${file.schedule.steps.map((s) => s.id)}`);
    const block = file.problem.steps.find((s) => s.id === found.id)?.block;
    return { ...found, unit: file.schedule.blocks.find((b) => b.id === block)?.unit ?? null };
  };
  const has = (dish: string, end: string): boolean =>
    file.schedule.steps.some((s) => s.id.startsWith(dish) && s.id.endsWith(`.${end}`));
  return { ...file, step, has };
}

test('a stack and a braise in two pots with a salad', { tag: '@soak' }, async ({ page }) => {
  for (const text of [VENISON, LENTILS, SLAW]) await paste(page, text);
  await newMeal(page, 'Two pots', 4);
  await takeAway(page, 'Small');
  for (const dish of ['Venison braise', 'Lentils with rice', 'Fennel and apple'])
    await addDish(page, dish);
  const { step, schedule } = await planOf(page);
  expect(schedule.delay).toBe(0);
  const braise = step('venison', 'pressure.hold');
  const stack = step('lentils', 'pressure.hold');
  // Each has a pot of its own; the patient dish starts first, and both are open within a quarter of an hour.
  expect(new Set([braise.unit, stack.unit])).toEqual(new Set(['large', 'middle']));
  expect(braise.end - braise.start).toBe(30);
  expect(braise.start).toBeLessThan(stack.start);
  expect(
    Math.abs(step('venison', 'pressure.open').end - step('lentils', 'pressure.open').end),
  ).toBeLessThanOrEqual(15);
  // The salad is cut while the pots work by themselves, stands its quarter of an hour, and gets its nuts at the end.
  const rest = step('fennel', 'rest');
  expect(rest.end - rest.start).toBe(15);
  expect(step('fennel', 'prep').start).toBeGreaterThan(step('venison', 'loosen').end);
  expect(step('fennel', 'finish').start).toBeGreaterThanOrEqual(rest.end);
});

test('twelve from one cooker with stove and oven, a crisp finish and a dessert of the day before; then fourteen; then sooner', async ({
  page,
}) => {
  test.slow();
  for (const text of [BELLY, CRUSHED, POSSET]) await paste(page, text);
  await newMeal(page, 'Party', 12);
  const day = new Date(Date.now() + 5 * 24 * 3_600_000).toISOString().slice(0, 10);
  await typeParts(page, 'Day', day);
  await takeAway(page, 'Large');
  await takeAway(page, 'Small');
  for (const dish of ['Pork belly', 'Crushed potatoes', 'Lemon posset']) await addDish(page, dish);
  await settled(page);
  // Said as what it is, and one click mends it.
  await expect(page.getByText(/Pork belly .* for 12/).first()).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: /: in 2 even runs/ })
    .getByRole('button', { name: 'Do it' })
    .click({ timeout: 30_000 });
  const first = await planOf(page);
  const check = ({ step, schedule }: typeof first): void => {
    expect(schedule.delay).toBe(0);
    const [one, two] = [step('pork', 'pressure.open'), step('pork', 'pressure-run-2.open')];
    expect([one.unit, two.unit]).toEqual(['middle', 'middle']);
    const later = Math.max(one.end, two.end);
    // Braised one after the other, crisped together, once; hot food is parked for two hours at most.
    const crisp = step('pork', 'crisp.bake');
    expect(crisp.unit).toBe('oven');
    expect(crisp.end - crisp.start).toBe(20);
    expect(crisp.start).toBeGreaterThanOrEqual(later);
    expect(crisp.start - Math.min(one.end, two.end)).toBeLessThanOrEqual(121);
    // The pot is not rinsed before its juices are the sauce, which reduces while the skin crisps or rests.
    const reduce = step('pork', 'simmer');
    expect(reduce.unit).toBe('middle');
    expect(reduce.start).toBeGreaterThanOrEqual(later);
    expect(reduce.start).toBeLessThan(step('pork', 'rest').end);
    // Carved last, and on the table within a quarter of an hour.
    const carved = step('pork', 'finish-2');
    expect(carved.start).toBeGreaterThanOrEqual(step('pork', 'rest').end);
    expect(-carved.end).toBeLessThanOrEqual(30);
    // The dessert was made the evening before, by ten.
    const made = step('lemon', 'burner');
    expect(made.end).toBeLessThanOrEqual(-20 * 60);
    expect(step('lemon', 'rest').end - step('lemon', 'rest').start).toBe(480);
    // Potatoes on the stove, drained just before the table.
    expect(step('crushed', 'burner').unit).toBe('burner');
    expect(-step('crushed', 'finish').end).toBeLessThanOrEqual(30);
  };
  check(first);
  await expect(page.getByTestId('run-sheet')).toContainText('Run 1 of 2');
  await expect(page.getByTestId('run-sheet')).toContainText(/then it waits 1 h/);

  await page.getByRole('button', { name: 'One more', exact: true }).click();
  await page.getByRole('button', { name: 'One more', exact: true }).click();
  const fourteen = await planOf(page);
  check(fourteen);
  await typeParts(page, 'Time on the table', '18:00');
  check(await planOf(page));
});

test('three pots and a roast', { tag: '@soak' }, async ({ page }) => {
  for (const text of [LAMB, BEETROOT, BEANS]) await paste(page, text);
  await newMeal(page, 'Roast', 8);
  for (const dish of ['Roast leg of lamb', 'Warm beetroot with dill', 'Green beans with hazelnuts'])
    await addDish(page, dish);
  const { step, schedule } = await planOf(page);
  expect(schedule.delay).toBe(0);
  // An hour out of the fridge needs no hands; the oven is hot when it goes in; it is basted halfway.
  const out = step('roast', 'rest');
  expect(out.end - out.start).toBe(60);
  const [bake, turn, bake2] = ['oven.bake', 'oven.bake-turn-1', 'oven.bake-2'].map((s) =>
    step('roast', s),
  );
  expect((bake?.end ?? 0) - (bake?.start ?? 0) + (bake2?.end ?? 0) - (bake2?.start ?? 0)).toBe(105);
  expect((turn?.start ?? 0) - (bake?.end ?? 0)).toBeLessThanOrEqual(5);
  // It rests twenty minutes and is carved after that.
  const rest = step('roast', 'rest-2');
  expect(rest.end - rest.start).toBe(20);
  expect(step('roast', 'finish').start).toBeGreaterThanOrEqual(rest.end);
  // Green beans last of all, within ten minutes of the table; beetroot keeps and comes before them.
  const beans = step('green', 'pressure.hold');
  expect(beans.end - beans.start).toBe(1);
  expect(step('warm-beetroot', 'pressure.hold').start).toBeLessThan(beans.start);
  expect(-step('green', 'finish').end).toBeLessThanOrEqual(10);
  // The nuts are toasted beside the pot, not after it has gone cold.
  expect(step('green', 'finish').start - step('green', 'pressure.open').end).toBeLessThanOrEqual(
    10,
  );
  await expect(page.getByTestId('run-sheet')).toContainText('Baste it');
});
