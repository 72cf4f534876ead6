/** `npm run screenshots`: one current picture of each main view, from the demo data. */
import { mkdirSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import { chromium } from '@playwright/test';
import { CheckServer } from './check-server.mjs';

const server = new CheckServer(4791);
const FOLDER = 'docs/screenshots';
const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const VIEWS = [
  { name: 'meals', path: '/meals' },
  { name: 'meal', path: '/meals/harvest-supper' },
  { name: 'meal-dark', path: '/meals/harvest-supper', dark: true },
  { name: 'meal-phone', path: '/meals/harvest-supper', viewport: PHONE },
  { name: 'meal-print', path: '/meals/harvest-supper/print' },
  { name: 'week', path: '/meals?week=0' },
  { name: 'lists', path: '/lists?meals=harvest-supper,wednesday-for-three' },
  { name: 'freezer', path: '/freezer' },
  { name: 'labels', path: '/freezer/labels' },
  { name: 'dishes', path: '/dishes' },
  { name: 'dish', path: '/dishes/lamb-apricots?servings=9' },
  { name: 'dish-new', path: '/dishes/new', act: pasteRecipe },
  { name: 'answers', path: '/answers?q=hold' },
  { name: 'kitchen', path: '/kitchen' },
  { name: 'log', path: '/log/demo-evening-3', act: judge },
  { name: 'log-charts', path: '/log/charts', act: (page) => page.waitForTimeout(2500) },
  { name: 'batch', path: '/meals/freezer-day', act: (page) => page.waitForTimeout(2500) },
  // These two change the demo's meals: they come last.
  { name: 'cook', path: '/meals/wednesday-for-three', act: startCooking },
  { name: 'meal-late', path: '/meals/harvest-supper', act: serveTooSoon },
];

const RECIPE = `Shanks with white beans

2 lamb shanks
1 1/2 cups dried white beans, soaked
1 onion, diced
3 cups vegetable broth

Brown the shanks for 10 minutes. Add onion, beans and broth.
Pressure cook on high for 45 to 50 minutes.
Simmer the sauce for 5 minutes.`;

async function pasteRecipe(page) {
  await page.getByLabel('The recipe’s text').fill(RECIPE);
  await page.getByRole('button', { name: 'Keep this dish' }).waitFor();
}

/** Sets the serving time so many minutes ahead, in the demo's zone. */
async function serveIn(page, minutes) {
  const [day, time] = new Intl.DateTimeFormat('sv-SE', {
    timeZone: 'Europe/Athens',
    dateStyle: 'short',
    timeStyle: 'short',
  })
    .format(Date.now() + minutes * 60_000)
    .split(' ');
  const type = async (name, parts) => {
    const field = page.getByRole('group', { name, exact: true });
    for (const [part, digits] of Object.entries(parts)) {
      await field.locator(`[data-segment=${part}]`).focus();
      await page.keyboard.type(digits);
    }
    await page.keyboard.press('Enter');
  };
  const [year, month, date] = day.split('-');
  const [hour, minute] = time.split(':');
  await type('Day', { year, month, day: date });
  await type('Time on the table', { hour, minute });
}

async function serveTooSoon(page) {
  await serveIn(page, 75);
  const ways = page.getByTestId('ways-out');
  await ways.getByRole('button', { name: 'Do it' }).first().waitFor();
  const why = page.getByText(/can’t be met/);
  await why.evaluate((element) => window.scrollTo(0, element.getBoundingClientRect().top - 30));
}

async function startCooking(page) {
  await serveIn(page, 62);
  await page.waitForTimeout(6000);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('img', { name: /^Dial/ }).waitFor();
}

/** Says of a dish that it was too firm, and shows what follows. */
async function judge(page) {
  await page
    .getByRole('group', { name: 'Bite of Beef cheek in stout' })
    .getByText('too firm')
    .click();
  await page.getByRole('heading', { name: 'For next time' }).waitFor();
}

mkdirSync(FOLDER, { recursive: true });
server.seed();
await server.start();
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
try {
  for (const { name, path, dark = false, viewport = DESKTOP, act } of VIEWS) {
    const context = await browser.newContext({
      viewport,
      colorScheme: dark ? 'dark' : 'light',
      locale: 'en-GB',
      timezoneId: 'Europe/Athens',
    });
    const page = await context.newPage();
    await page.goto(`${server.origin}${path}`);
    await page.locator('#main').waitFor();
    // A plan may still get better for a moment.
    await sleep(path.startsWith('/meals/') ? 2500 : 600);
    if (act) await act(page);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    await context.close();
    console.log(`${FOLDER}/${name}.png`);
  }
} finally {
  await browser.close();
  await server.close();
}
