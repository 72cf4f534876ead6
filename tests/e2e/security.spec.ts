import { request as httpRequest } from 'node:http';
import type { Page } from '@playwright/test';
import { OwnServer } from './own-server';
import { expect, test } from './ready';

/** What an ill-meaning page, guest or file could try, against a household of its own. */
const PORT = 4798;
const server = new OwnServer(PORT);
const EVIL = '<img src=x onerror="window.hacked=1"><script>window.hacked=1</script>';

test.use({ baseURL: server.url });
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  server.seed();
  await server.start();
});
test.afterAll(() => server.close());

/** Sent as written: a browser would tidy the address first. */
function raw(
  path: string,
  {
    method = 'GET',
    headers = {},
    body = '',
  }: { method?: string; headers?: object; body?: string } = {},
): Promise<{ status: number; text: string; headers: NodeJS.Dict<string | string[]> }> {
  return new Promise((resolve, reject) => {
    const request = httpRequest(
      { host: '127.0.0.1', port: PORT, path, method, headers: { ...headers } },
      (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () =>
          resolve({ status: response.statusCode ?? 0, text, headers: response.headers }),
        );
      },
    );
    // A server that has said no may hang up while the rest is still on its way.
    request.on('error', (error: NodeJS.ErrnoException) =>
      ['EPIPE', 'ECONNRESET'].includes(error.code ?? '')
        ? resolve({ status: 413, text: '', headers: {} })
        : reject(error),
    );
    request.end(body);
  });
}

async function expectUnharmed(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.waitForTimeout(400);
  expect(await page.evaluate(() => 'hacked' in window), path).toBe(false);
  expect(await page.locator('img[src="x"]').count(), path).toBe(0);
}

test('markup in every text field stays text, on every page', async ({ page }) => {
  const household = (await (await page.request.get('/household.json')).json()) as {
    kitchen: { cookers: { name: string }[]; tools: { name: string }[]; places: { name: string }[] };
    dishes: {
      name: string;
      summary: string;
      notes: string;
      ingredients: { food: string; preparation: string }[];
      stages: { text: string }[];
    }[];
    meals: { id: string; name: string; eaters: { name: string }[] }[];
    larder: { food: string }[];
    stores: { name: string; cooking: string }[];
    evenings: { evening: { id: string; name: string } }[];
  };
  for (const c of household.kitchen.cookers) c.name = `${c.name} ${EVIL}`.slice(0, 60);
  for (const t of household.kitchen.tools) t.name = `${t.name} ${EVIL}`.slice(0, 60);
  for (const p of household.kitchen.places) p.name = `${p.name} ${EVIL}`.slice(0, 60);
  for (const d of household.dishes) {
    d.name = `${d.name} ${EVIL}`.slice(0, 100);
    d.summary = EVIL;
    d.notes = EVIL;
    for (const i of d.ingredients) i.preparation = EVIL;
    for (const s of d.stages) s.text = `${s.text} ${EVIL}`.slice(0, 400);
  }
  for (const m of household.meals) {
    m.name = EVIL;
    for (const e of m.eaters) e.name = EVIL.slice(0, 60);
  }
  for (const l of household.larder) l.food = `${l.food} ${EVIL}`;
  for (const s of household.stores) {
    s.name = EVIL.slice(0, 100);
    s.cooking = EVIL;
  }
  for (const { evening } of household.evenings) evening.name = EVIL;
  await page.goto('/kitchen');
  page.once('dialog', (d) => void d.accept());
  await page.locator('#household-file').setInputFiles({
    name: 'evil.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(household)),
  });
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByText(/are here now/)).toBeVisible();
  const [meal] = household.meals;
  const [evening] = household.evenings;
  for (const path of [
    '/meals',
    `/meals/${meal?.id}`,
    `/meals/${meal?.id}/print`,
    '/dishes',
    '/dishes/lamb-apricots',
    '/dishes/lamb-apricots/card',
    '/dishes/lamb-apricots/edit',
    '/lists',
    '/cook',
    '/freezer',
    '/freezer/labels',
    '/freezer/week',
    '/kitchen',
    '/log',
    `/log/${evening?.evening.id}`,
    '/answers',
  ])
    await expectUnharmed(page, path);
  // As files, too: no cell begins like a formula, and a calendar line is one line.
  const csv = await (await page.request.get('/log/log.csv')).text();
  expect(csv).not.toMatch(/(^|,)[=+@]/m);
});

test('paths that climb out, and ids that are none, open nothing', async () => {
  for (const path of [
    '/..%2f..%2fpackage.json',
    '/../../package.json',
    '/_app/..%2f..%2f..%2fpackage.json',
    '/api/photos/..%2f..%2fpackage.json',
    '/%00',
    '/dishes/..%2f..%2f..%2fetc%2fpasswd',
  ]) {
    const { status, text } = await raw(path);
    expect(status, path).toBeGreaterThanOrEqual(400);
    expect(text, path).not.toContain('"olive');
  }
  for (const path of ['/meals/nobody', '/cook/nobody', '/log/nobody', '/s/QQQQ', '/dishes/nobody'])
    expect((await raw(path)).status, path).toBe(404);
});

test('SQL in what is looked up is only a name that nobody has', async () => {
  const before = (await raw('/household.json')).text;
  for (const word of ["' OR 1=1 --", "x'; DROP TABLE dishes; --", '%27%20UNION%20SELECT%201--']) {
    const id = encodeURIComponent(word);
    expect((await raw(`/s/${id}`)).status).toBe(404);
    expect((await raw(`/dishes/${id}`)).status).toBe(404);
    expect((await raw(`/lists?meals=${id}`)).status).toBe(200);
    expect((await raw(`/freezer/labels?codes=${id}`)).status).toBe(200);
    expect((await raw(`/meals/compare?ids=${id}`)).status).toBe(200);
  }
  expect((await raw('/household.json')).text).toBe(before);
});

test('bodies that are too large, no JSON, or of the wrong shape are refused, and nothing changes', async () => {
  const before = (await raw('/household.json')).text;
  const json = { 'content-type': 'application/json', origin: server.url };
  const large = await raw('/api/meals/harvest-supper', {
    method: 'PUT',
    headers: { ...json, 'content-length': String(40_000_000) },
    body: 'x'.repeat(40_000_000),
  });
  expect(large.status).toBe(413);
  // The door itself takes a passcode and no more, before it is known who asks.
  const door = await raw('/access', {
    method: 'POST',
    headers: {
      'content-type': 'application/x-www-form-urlencoded',
      origin: server.url,
      'content-length': String(15_000_000),
    },
    body: `passcode=${'x'.repeat(14_999_991)}`,
  });
  expect(door.status).toBe(413);
  // One that doesn't say how long it is may never end.
  const endless = await raw('/api/meals/harvest-supper', {
    method: 'PUT',
    headers: { ...json, 'transfer-encoding': 'chunked' },
    body: '{}',
  });
  expect(endless.status).toBe(411);
  expect(endless.text).toContain('Content-Length');
  for (const body of ['', '{', '[]', '{"meal":{"id":"other"},"plan":null,"revision":1}', 'null'])
    expect(
      (await raw('/api/meals/harvest-supper', { method: 'PUT', headers: json, body })).status,
      body,
    ).toBeGreaterThanOrEqual(400);
  // Another meal's document under this one's id.
  const { meals } = JSON.parse(before) as { meals: { id: string }[] };
  const other = meals.find((m) => m.id !== 'harvest-supper');
  const swapped = JSON.stringify({ meal: other, plan: null, revision: 1 });
  const answer = await raw('/api/meals/harvest-supper', {
    method: 'PUT',
    headers: json,
    body: swapped,
  });
  expect(answer.status).toBeGreaterThanOrEqual(400);
  expect((await raw('/household.json')).text).toBe(before);
});

test('every answer carries the headers that keep other pages out', async () => {
  for (const path of ['/meals', '/household.json', '/api/evenings/nobody/stream', '/nowhere']) {
    const { headers } = await raw(path);
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['x-frame-options'], path).toBe('DENY');
    expect(headers['referrer-policy'], path).toBe('same-origin');
  }
  const { headers } = await raw('/meals');
  const policy = String(headers['content-security-policy']);
  expect(policy).toContain("object-src 'none'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
});

test('pages come compressed to those who can read them so, and whole to the others', async () => {
  const packed = await raw('/meals', { headers: { 'accept-encoding': 'gzip' } });
  expect(packed.headers['content-encoding']).toBe('gzip');
  const plain = await raw('/meals', { headers: { 'accept-encoding': 'identity' } });
  expect(plain.headers['content-encoding']).toBeUndefined();
  expect(plain.text).toContain('<title>Meals');
  // A line of events is told as it happens.
  const stop = new AbortController();
  const line = await fetch(`${server.url}/api/evenings/demo-evening-3/stream`, {
    headers: { 'accept-encoding': 'gzip' },
    signal: stop.signal,
  });
  expect(line.headers.get('content-type')).toContain('text/event-stream');
  expect(line.headers.get('content-encoding')).toBeNull();
  stop.abort();
});

test('says whether it is well, and keeps nothing of it', async () => {
  const health = await raw('/health');
  expect(health.status).toBe(200);
  expect(JSON.parse(health.text)).toMatchObject({ status: 'ok' });
  expect(health.headers['cache-control']).toBe('no-store');
});
