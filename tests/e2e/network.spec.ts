import { request as httpRequest } from 'node:http';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser } from '@playwright/test';
import { expect, test } from './ready';

/** A name that is not localhost: browsers give it a secure context only over https. */
const NAME = 'kitchen.test';
const PASSCODE = 'thyme olive clock';
const PORTS = { http: 4791, https: 4792 } as const;

let folder = '';
let env: NodeJS.ProcessEnv = {};
const servers: ChildProcess[] = [];
let browser: Browser;

async function serve(port: number, ...options: string[]): Promise<void> {
  const server = spawn('node', ['scripts/serve.mjs', ...options], {
    env: { ...env, PORT: String(port), HOST: '0.0.0.0', HOSTS: NAME },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  servers.push(server);
  await new Promise<void>((resolve, reject) => {
    server.stdout.on('data', (text: Buffer) => {
      if (text.includes('Olive Clock is at')) resolve();
    });
    server.on('exit', (code) => reject(new Error(`the server left with ${code}`)));
  });
}

/** Status of a request as any program could make it: with a name and headers of its choice. */
function ask(
  path: string,
  { method = 'GET', host = NAME, cookie = '', headers = {}, body = '' } = {},
): Promise<number> {
  return new Promise((resolve, reject) => {
    const request = httpRequest(
      {
        host: '127.0.0.1',
        port: PORTS.http,
        path,
        method,
        headers: { host: `${host}:${PORTS.http}`, cookie, ...headers },
      },
      (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      },
    );
    request.on('error', reject);
    request.end(body);
  });
}

test.describe.configure({ mode: 'serial' });

test.beforeAll(async () => {
  test.setTimeout(60_000);
  folder = mkdtempSync(join(tmpdir(), 'olive-'));
  env = { ...process.env, DATABASE_URL: `file:${join(folder, 'olive.db')}`, LOG_LEVEL: 'error' };
  spawnSync('node', ['scripts/run-ts.mjs', 'scripts/seed.ts'], { env });
  browser = await chromium.launch({
    executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      `--host-resolver-rules=MAP ${NAME} 127.0.0.1`,
      // As a device would that trusts the certificate.
      '--ignore-certificate-errors',
    ],
  });
});

test.afterAll(async () => {
  await browser.close();
  for (const server of servers) server.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

test('it does not listen on the network without a passcode', () => {
  const tried = spawnSync('node', ['scripts/serve.mjs'], {
    env: { ...env, PORT: '4793', HOST: '0.0.0.0' },
    encoding: 'utf8',
    timeout: 20_000,
  });
  expect(tried.status).toBe(1);
  expect(tried.stderr).toContain('npm run passcode');
  const short = spawnSync('node', ['scripts/run-ts.mjs', 'scripts/passcode.ts'], {
    env,
    input: 'abc\n',
    encoding: 'utf8',
  });
  expect(short.stderr).toContain('6 to 200 characters');
  const set = spawnSync('node', ['scripts/run-ts.mjs', 'scripts/passcode.ts'], {
    env,
    input: `${PASSCODE}\n`,
    encoding: 'utf8',
  });
  expect(set.stdout).toContain('The passcode is set');
});

test('over http by name: the door, brute force, and the way back from the console', async () => {
  await serve(PORTS.http);
  const context = await browser.newContext();
  const page = await context.newPage();
  const origin = `http://${NAME}:${PORTS.http}`;
  await page.goto(`${origin}/meals`);
  await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
  expect(await ask('/household.json')).toBe(401);
  expect(await ask('/api/evenings/x/stream')).toBe(401);
  expect(await ask('/..%2f..%2fetc%2fpasswd')).toBe(401);
  expect(await ask('/meals', { host: 'elsewhere.test' })).toBe(421);
  // A program that passes others on is not this machine.
  for (const name of ['x-forwarded-for', 'forwarded', 'via', 'x-real-ip', 'x-forwarded-proto']) {
    const passedOn = { host: 'localhost', headers: { [name]: '192.0.2.7' } };
    expect(await ask('/household.json', passedOn), name).toBe(401);
  }
  // Whatever watches the server need not come in.
  expect(await ask('/health')).toBe(200);

  const give = async (passcode: string): Promise<void> => {
    await page.getByLabel('Passcode').fill(passcode);
    await page.getByRole('button', { name: 'Come in' }).click();
  };
  for (let i = 0; i < 6; i++) {
    await give(`wrong ${i}`);
    await expect(page.getByRole('alert')).toContainText('not the passcode');
  }
  // Even the right one, for now.
  await give(PASSCODE);
  await expect(page.getByRole('alert')).toContainText('too many wrong passcodes');
  spawnSync('node', ['scripts/run-ts.mjs', 'scripts/passcode.ts', '--unlock'], { env });
  // Who comes in is led to a page of ours, whatever the address says.
  await page.goto(`${origin}/access?to=//elsewhere.test/meals`);
  await give(PASSCODE);
  await expect(page).toHaveURL(`${origin}/meals`);

  // A cookie that was changed by hand opens nothing.
  const [cookie] = await context.cookies();
  if (!cookie) throw new Error('no cookie was given');
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
  const own = `${cookie.name}=${cookie.value}`;
  expect(await ask('/household.json', { cookie: own })).toBe(200);
  expect(await ask('/household.json', { cookie: own.replace('full.', 'full.9') })).toBe(401);
  expect(await ask('/household.json', { cookie: own.slice(0, -2) })).toBe(401);

  // Posted from another site with the cookie, as a page elsewhere would.
  const form = { 'content-type': 'application/x-www-form-urlencoded' };
  const post = { method: 'POST', cookie: own, body: 'kitchen=%7B%7D' };
  const foreign = { ...form, origin: 'http://elsewhere.test' };
  expect(await ask('/kitchen?/save', { ...post, headers: foreign })).toBe(403);
  expect(
    await ask('/api/evenings/x/events', { ...post, headers: { 'sec-fetch-site': 'cross-site' } }),
  ).toBe(403);

  // Plain http: no service worker; Cook works all the same.
  await page.goto(`${origin}/cook`);
  expect(await page.evaluate(() => [isSecureContext, 'serviceWorker' in navigator])).toEqual([
    false,
    false,
  ]);
  await page.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page.getByRole('button', { name: 'Timer started' })).toBeVisible();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Timer started' }).click();
  await expect(page.getByRole('button', { name: 'It beeps' })).toBeVisible();
  await context.setOffline(false);

  // It is one of the devices that came in, and can be logged out from the machine itself.
  const here = await browser.newPage();
  await here.goto(`http://127.0.0.1:${PORTS.http}/kitchen`);
  const devices = here.getByTestId('devices');
  await expect(devices.getByRole('listitem')).toHaveCount(1);
  const logOut = devices.getByRole('button', { name: 'Log out: Phone at the stove' });
  // It answers once the page is alive, and is kept once the server has said so.
  await expect(async () => {
    await devices.getByLabel('Name of the device').fill('Phone at the stove');
    const kept = here.waitForResponse((r) => r.request().method() !== 'GET', { timeout: 3000 });
    await devices.getByRole('button', { name: 'Rename' }).click();
    await kept;
    await here.reload();
    await expect(logOut).toBeVisible({ timeout: 3000 });
  }).toPass();
  await logOut.click();
  await expect(here.getByText('None yet.')).toBeVisible();
  await here.close();
  expect(await ask('/household.json', { cookie: own })).toBe(401);
  await page.goto(`${origin}/meals`);
  await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
  await context.close();
});

test('a screen on the wall shows and changes nothing', async () => {
  const origin = `http://${NAME}:${PORTS.http}`;
  const here = await browser.newPage();
  await here.goto(`http://127.0.0.1:${PORTS.http}/kitchen`);
  const link = await here.getByLabel('Address for a screen that only shows').inputValue();
  expect(link).toContain('/access/screen/');
  await here.close();
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${origin}${new URL(link).pathname}`);
  await expect(page.getByRole('heading', { level: 1, name: 'Cook' })).toBeVisible();
  const [cookie] = await context.cookies();
  const own = `${cookie?.name}=${cookie?.value}`;
  expect(await ask('/household.json', { cookie: own })).toBe(200);
  expect(await ask('/api/evenings/x/events', { method: 'POST', cookie: own })).toBe(403);
  expect(await ask('/household.json', { cookie: own.replace('look.', 'full.') })).toBe(401);
  expect(await ask('/access/screen/guessed')).toBe(403);

  // An evening that runs: it is shown, says why nothing can be tapped, and a key changes nothing.
  await page.goto(`${origin}/cook`);
  const running = await page.evaluate(async () => {
    const answer = await fetch('/household.json');
    const { evenings } = (await answer.json()) as {
      evenings: { evening: { id: string; serveAt: number } }[];
    };
    return evenings.toSorted((a, b) => b.evening.serveAt - a.evening.serveAt)[0];
  });
  await page.goto(`${origin}/cook/${running?.evening.id}`);
  await expect(page.getByText('This screen is read-only.')).toBeVisible();
  await expect(
    page.getByRole('button', { name: /It beeps|Timer started|The pin has dropped|Open/ }),
  ).toHaveCount(0);
  await page.keyboard.press('d');
  await page.waitForTimeout(500);
  await expect(page.getByText(/No server|taps? (?:is|are) kept/)).toHaveCount(0);
  await context.close();
});

test('over https by name: a service worker, and the evening opens again without a server', async () => {
  test.setTimeout(90_000);
  await serve(PORTS.https, '--https');
  const context = await browser.newContext({ serviceWorkers: 'allow' });
  const page = await context.newPage();
  const origin = `https://${NAME}:${PORTS.https}`;
  await page.goto(`${origin}/cook`);
  await page.getByLabel('Passcode').fill(PASSCODE);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page).toHaveURL(`${origin}/cook`);
  const [cookie] = await context.cookies();
  expect(cookie?.secure).toBe(true);
  expect(await page.evaluate(() => isSecureContext)).toBe(true);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.getByRole('button', { name: 'Lid is on: go' }).click();
  await expect(page.getByRole('button', { name: 'Timer started' })).toBeVisible();
  // Opened before there was a worker in front of it, it is kept all the same.
  await expect(async () => {
    const isKept = await page.evaluate(async () => Boolean(await caches.match(location.href)));
    expect(isKept).toBe(true);
  }).toPass({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Timer started' }).click();
  await expect(page.getByRole('button', { name: 'It beeps' })).toBeVisible();
  await page.waitForTimeout(1000);

  servers.at(-1)?.kill('SIGKILL');
  await page.reload();
  // What was tapped after the page was loaded is known too.
  await expect(page.getByRole('button', { name: 'It beeps' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/No server/)).toBeVisible();
  await page.goto(`${origin}/bench`);
  await expect(page.getByRole('heading', { name: 'The server can’t be reached' })).toBeVisible();
  await context.close();
});
