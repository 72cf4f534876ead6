import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { createClient } from '@libsql/client';
import { describe, expect, it } from 'vitest';
import { isKeptPlace, PageCache, revisionOf } from './page-cache';

const PLAIN = { takesPacked: false, has: null };
const html = (text: string, more: ResponseInit = {}): Response =>
  new Response(text, { headers: { 'content-type': 'text/html', etag: '"a"' }, ...more });

const atOnce = (make: () => Promise<Response>, revision = '1') => ({
  revision: () => revision,
  turn: () => Promise.resolve(),
  make,
});

/** A maker that says how often it was asked. */
function maker(response: () => Response = () => html('page')) {
  const made = { times: 0, make: () => Promise.resolve(response()) };
  const { make } = made;
  made.make = () => {
    made.times++;
    return make();
  };
  return made;
}

describe('a page that was made', () => {
  it('is made once for all who ask, until something changes', async () => {
    const cache = new PageCache();
    const made = maker();
    const ask = (revision: string): Promise<Response> =>
      cache.answer('/meals', PLAIN, atOnce(made.make, revision));
    const all = await Promise.all([ask('1'), ask('1'), ask('1')]);
    expect(await Promise.all(all.map((r) => r.text()))).toEqual(['page', 'page', 'page']);
    expect(made.times).toBe(1);
    await ask('1');
    expect(made.times).toBe(1);
    await ask('2');
    expect(made.times).toBe(2);
    // Nobody is shown what was before the change, even where the count came back.
    await ask('1');
    expect(made.times).toBe(3);
  });

  it('that waits for its turn is for all who ask by then, whatever has changed meanwhile', async () => {
    const cache = new PageCache();
    const made = maker();
    let [revision, begin] = ['1', (): void => undefined];
    const turn = (): Promise<void> => new Promise((resolve) => (begin = resolve));
    const ask = (): Promise<Response> =>
      cache.answer('/meals', PLAIN, { revision: () => revision, turn, make: made.make });
    const first = ask();
    revision = '2';
    const second = ask();
    begin();
    await Promise.all([first, second]);
    expect(made.times).toBe(1);
    // Begun with the second revision: one who asks after the third gets a new one.
    await ask();
    expect(made.times).toBe(1);
    revision = '3';
    const third = ask();
    begin();
    await third;
    expect(made.times).toBe(2);
  });

  it('is nobody’s who may see something else', async () => {
    const cache = new PageCache();
    const made = maker();
    await cache.answer('/meals full', PLAIN, atOnce(made.make));
    await cache.answer('/meals look', PLAIN, atOnce(made.make));
    expect(made.times).toBe(2);
  });

  it.each([
    [
      'sets a cookie',
      () => html('x', { headers: { 'content-type': 'text/html', 'set-cookie': 'a=b' } }),
    ],
    ['went wrong', () => html('x', { status: 500 })],
    ['leads elsewhere', () => html('', { status: 303 })],
    ['streams', () => html('x', { headers: { 'content-type': 'text/event-stream' } })],
  ])('is not kept where it %s', async (_, response) => {
    const cache = new PageCache();
    const made = maker(response);
    const [first] = await Promise.all(
      [1, 2].map(() => cache.answer('k', PLAIN, atOnce(made.make))),
    );
    await cache.answer('k', PLAIN, atOnce(made.make));
    expect(made.times).toBe(3);
    expect(first?.status).toBe(response().status);
  });

  it('that failed is made again', async () => {
    const cache = new PageCache();
    const fails = (): Promise<Response> => Promise.reject(new Error('disk'));
    await expect(cache.answer('k', PLAIN, atOnce(fails))).rejects.toThrow('disk');
    expect(await (await cache.answer('k', PLAIN, atOnce(maker().make))).text()).toBe('page');
  });

  it('is packed once for those who can take it, and not sent to those who have it', async () => {
    const cache = new PageCache();
    const text = 'beans '.repeat(1000);
    const made = maker(() => html(text));
    const packed = await cache.answer('k', { takesPacked: true, has: null }, atOnce(made.make));
    expect(packed.headers.get('content-encoding')).toBe('gzip');
    expect(packed.headers.get('vary')).toContain('accept-encoding');
    expect(gunzipSync(Buffer.from(await packed.arrayBuffer())).toString()).toBe(text);
    const plain = await cache.answer('k', PLAIN, atOnce(made.make));
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(await plain.text()).toBe(text);
    const tag = packed.headers.get('etag');
    const again = await cache.answer('k', { takesPacked: true, has: tag }, atOnce(made.make));
    expect([again.status, await again.text()]).toEqual([304, '']);
    const other = await cache.answer('k', { takesPacked: true, has: '"b"' }, atOnce(made.make));
    expect(other.status).toBe(200);
  });

  it('is let go where all together grow too large', async () => {
    const cache = new PageCache(3000);
    const made = maker(() => html('x'.repeat(900)));
    for (const key of ['a', 'b', 'c', 'd']) await cache.answer(key, PLAIN, atOnce(made.make));
    await cache.answer('a', PLAIN, atOnce(made.make));
    expect(made.times).toBe(5);
  });
});

describe('the revision of a household', () => {
  it('changes with every transaction, of this program and of another, and with no reading', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'revision-'));
    const url = `file:${join(folder, 'a.db')}`;
    const [own, other] = [createClient({ url }), createClient({ url })];
    await own.execute('PRAGMA journal_mode = WAL');
    await own.execute('create table t (a int)');
    const seen = new Set<string | null>();
    const look = (): number => seen.add(revisionOf(url)).size;
    expect(look()).toBe(1);
    for (let i = 0; i < 5; i++) {
      await own.execute({ sql: 'insert into t values (?)', args: [i] });
      expect(look()).toBe(2 * i + 2);
      await other.execute('update t set a = a + 1');
      expect(look()).toBe(2 * i + 3);
      await own.execute('select * from t');
      expect(look()).toBe(2 * i + 3);
    }
    own.close();
    other.close();
    rmSync(folder, { recursive: true });
  });

  it('is unknown where there is no such file: nothing is kept then', () => {
    expect(revisionOf('http://elsewhere:8080')).toBeNull();
    const folder = mkdtempSync(join(tmpdir(), 'revision-'));
    expect(revisionOf(`file:${join(folder, 'none.db')}`)).toBeNull();
    writeFileSync(join(folder, 'short.db-shm'), 'short');
    expect(revisionOf(`file:${join(folder, 'short.db')}`)).toBeNull();
    rmSync(folder, { recursive: true });
  });
});

it.each([
  ['/', true],
  ['/meals', true],
  ['/meals/abc/__data.json', true],
  ['/household.json', false],
  ['/cook', true],
  ['/cook/abc', false],
  ['/cook/practice', false],
  ['/kitchen', false],
  ['/access', false],
  ['/api/meals/a', false],
  ['/mealsandmore', false],
])('%s: kept %s', (path, isKept) => {
  expect(isKeptPlace(path)).toBe(isKept);
});
