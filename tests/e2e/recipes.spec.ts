import { FOUR } from '../library/four';
import { ONE } from '../library/one';
import { THREE } from '../library/three';
import { TWO } from '../library/two';
import { expect, expectAccessible, test } from './support';

/** One of each kind that has broken a page before, and some of our own library. */
const KINDS: readonly (readonly [kind: string, text: string])[] = [
  [
    'two cycles that need the same remedy',
    `Twice in the pot\nServes 4\n\nIngredients\n800 g goat, diced\n1 cup cornstarch\n2 tbsp tomato paste\n\nMethod\nAdd the goat and the cornstarch. Pressure cook on high for 20 minutes, quick release.\nAdd the tomato paste and more cornstarch. Pressure cook on high for 5 minutes, quick release.`,
  ],
  [
    'no cycle at all',
    `Cold beans\nServes 2\n\nIngredients\n400 g cooked white beans\n1 tbsp olive oil\n\nMethod\nToss the beans with the oil. Let it rest for 10 minutes.`,
  ],
  [
    'a pan in the pot',
    `Steamed pudding\nServes 6\n\nIngredients\n150 g semolina\n600 ml milk\n1 cup water\n\nMethod\nMix semolina and milk in a pan, cover with foil, set it on the rack above the water. Pressure cook on high for 15 minutes, natural release.`,
  ],
  [
    'foods that nobody knows',
    `Zungwe pot\nServes 4\n\nIngredients\n1,2 kg zungwe\n8 mbira leaves\n2 cups broth\n\nMethod\nAdd everything. Pressure cook on high for 12 minutes, natural release.`,
  ],
  [
    'the same ingredient twice',
    `Onion on onion\nServes 4\n\nIngredients\n2 onions\n2 onions\n2 cups broth\n500 g lentils\n\nMethod\nSoften the onions for 5 minutes. Add the rest. Pressure cook on high for 10 minutes, natural release.`,
  ],
  [
    'words that are not read',
    `Told in passing\nServes 4, ready in 50 minutes\n\nIngredients\n500 g lentils\n3 cups broth\n\nMethod\nMy uncle swears by it. Add everything. Pressure cook on high for 10 minutes, natural release. The dog gets none.`,
  ],
];
// One of our own and two kinds here; a share of all of them and every kind in `npm run soak`.
const STEP = process.env.SOAK ? 4 : 60;
const ASKED = KINDS.filter((_, i) => process.env.SOAK || i % 3 === 1);
const OWN = [...ONE, ...TWO, ...THREE, ...FOUR]
  .filter((_, i) => i % STEP === 0)
  .map((r, i) => [`our own, ${i + 1}`, r.text] as const);

for (const [kind, text] of [...ASKED, ...OWN])
  test(`${kind}: read, kept, opened, planned and printed`, async ({ page }) => {
    await page.goto('/dishes/new');
    await page.getByLabel('The recipe’s text').fill(text);
    const keep = page.getByRole('button', { name: 'Keep this dish' });
    await expect(keep).toBeEnabled();
    await keep.click();
    await page.waitForURL(/\/dishes\/(?!new)[^/]+$/);
    const address = page.url();
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByRole('heading', { name: /^Ingredients for/ })).toBeVisible();
    await expectAccessible(page);
    await page.goto(`${address}/card`);
    await expect(page.getByRole('article')).toBeVisible();

    await page.goto(address);
    await page.getByRole('button', { name: 'Plan a meal with it' }).click();
    await expect(page.getByTestId('run-sheet').or(page.getByTestId('trouble')).first()).toBeVisible(
      {
        timeout: 30_000,
      },
    );
    const hasSheet = (await page.getByTestId('run-sheet').count()) > 0;
    if (hasSheet) {
      await page.goto(`${page.url()}/print`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }
  });
