import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { LibsqlServer } from '../../../tests/support/libsql-server';
import { demoHousehold } from '../../demo/household';
import { openDatabase, type Database } from './database';
import { listItems, movesOf, putIn, takeOut } from './item-store';
import { readSetting, writeSetting } from './settings-store';
import { diskTrouble } from './trouble';

/** The household behind a libSQL server, and what the network does to it in the middle. */
const folder = mkdtempSync(join(tmpdir(), 'olive-network-'));
const server = new LibsqlServer(join(folder, 'olive.db'), 'secret');
let url = '';
let one: Awaited<ReturnType<typeof openDatabase>>;
let two: typeof one;

beforeAll(async () => {
  url = await server.start();
  one = await openDatabase(url);
  two = await openDatabase(url);
});
afterEach(() => {
  server.network = 'whole';
});
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const [bag] = demoHousehold(Date.UTC(2026, 10, 25)).stores;
if (!bag) throw new Error('no bag');
const move = { what: 'out' as const, note: '', now: 2 };
const portionsOf = async (of: Database): Promise<number> =>
  (await listItems(of)).find((i) => i.id === bag.id)?.portions ?? 0;
const failed = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => null,
    (error: unknown) => error,
  );

describe('two programs on one libSQL server', () => {
  it('of many who take at both at once, as many get as there is', async () => {
    await putIn(one, { ...bag, portions: 5 }, 1);
    const takes = Array.from({ length: 12 }, (_, i) =>
      takeOut(i % 2 === 0 ? one : two, bag.id, 1, move),
    );
    expect((await Promise.all(takes)).filter((left) => left !== null)).toHaveLength(5);
    expect(await portionsOf(two)).toBe(0);
  });

  it('one that is gone in the middle of a change holds nobody up, and its half is not there', async () => {
    const half = one.$client.transaction('write');
    await (await half).execute("insert into settings (key, value) values ('half', '1')");
    await writeSetting(two, 'whole', 1);
    expect(await readSetting(two, 'whole', z.number())).toBe(1);
    expect(await readSetting(two, 'half', z.number())).toBeNull();
  });
});

describe('a network that fails in the middle', () => {
  it('nobody is told that it was saved, and what is there is whole', async () => {
    await putIn(one, { ...bag, id: 'bag-two', code: 'ZZZB', portions: 3 }, 1);
    for (const network of ['answers are lost', 'down'] as const) {
      server.network = network;
      const error = await failed(writeSetting(one, network, 1));
      expect(diskTrouble(error)?.message).toContain('not known whether this was saved');
    }
    server.network = 'whole';
    // What was carried out before its answer was lost is there; what never arrived is not.
    expect(await readSetting(two, 'answers are lost', z.number())).toBe(1);
    expect(await readSetting(two, 'down', z.number())).toBeNull();
    // The same programs go on as soon as it is back.
    await writeSetting(one, 'down', 2);
    expect(await readSetting(two, 'down', z.number())).toBe(2);
  });

  it('a change of several rows is there whole or not at all', async () => {
    await putIn(one, { ...bag, id: 'bag-three', code: 'ZZZC', portions: 4 }, 1);
    server.network = 'answers are lost';
    expect(await failed(takeOut(one, 'bag-three', 1, move))).toBeInstanceOf(Error);
    server.network = 'whole';
    const left = (await listItems(two)).find((i) => i.id === 'bag-three')?.portions ?? 0;
    const moves = (await movesOf(two, 'bag-three')).filter(({ what }) => what === 'out');
    expect(left).toBe(4 - moves.length);
  });

  it('a wrong token lets nobody in, and says so', async () => {
    const error = await failed(openDatabase(url.replace('secret', 'guessed')));
    expect(diskTrouble(error)?.remedy).toContain('DATABASE_URL');
  });
});
