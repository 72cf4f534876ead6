import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoAt } from '../../demo/fill';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { replaceHousehold } from './household-store';
import { search } from './search';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-'));
const household = demoAt(NOW);
let db: Database;
beforeAll(async () => {
  db = await openTestDatabase(join(folder, 'test.db'));
  await replaceHousehold(db, household, NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const find = async (asked: string): Promise<string[]> =>
  (await search(db, asked, household.kitchen, NOW)).map((h) => `${h.kind} ${h.name}`);

describe('one search', () => {
  it('finds dishes by name, those that begin with it first, and by what is in them', async () => {
    const found = await find('lamb');
    expect(found[0]).toBe('dish Lamb shoulder with apricots');
    expect(await find('fennel')).toContain('dish Hake on fennel');
    const [hit] = await search(db, 'saffron bulgur', household.kitchen, NOW);
    expect(hit).toMatchObject({ href: '/dishes/saffron-bulgur', detail: 'Dish' });
  });

  it('finds a bag by its code in small letters, and no bag that is gone', async () => {
    const [item] = household.stores;
    if (!item) throw new Error('no bag');
    const hits = await search(db, item.code.toLowerCase(), household.kitchen, NOW);
    expect(hits).toContainEqual(
      expect.objectContaining({ kind: 'bag', name: item.name, href: `/s/${item.code}` }),
    );
  });

  it('finds meals, answers, pages and help; all words have to be there, in any order', async () => {
    expect(await find('supper harvest')).toEqual(['meal Harvest supper']);
    expect(await find('thaw')).toContain('answer How long to thaw?');
    expect(await find('backup')).toContain('place Kitchen');
    expect(await find('lamb nonsense')).toEqual([]);
    // By a dish of theirs, each word in whichever of the two.
    expect(await find('wednesday fennel')).toEqual(['meal Wednesday for three']);
    expect(await find('bulgur')).toContain('meal Harvest supper');
  });

  it('takes % and _ for what they are, and nothing for nothing', async () => {
    expect(await find('%')).toEqual([]);
    expect(await find('l_mb')).toEqual([]);
    expect(await find('   ')).toEqual([]);
  });
});
