import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { parseHousehold, readingHousehold } from '$core/exchange';
import { demoAt } from '../../demo/fill';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { householdText, readHousehold } from './household-read';
import { replaceHousehold } from './household-store';
import { openFile, openingNow, stopOpening } from './opening';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-'));
const household = demoAt(NOW);
let count = 0;
let db: Database;
beforeEach(async () => {
  db = await openTestDatabase(join(folder, `test-${count++}.db`));
  await replaceHousehold(db, household, NOW);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function textOf(database: Database, withPhotos = true): Promise<string> {
  let text = '';
  for await (const part of householdText(database, withPhotos)) text += part;
  return text;
}

describe('the household file, piece by piece', () => {
  it('is the household, and comes in again as it went out', async () => {
    const text = await textOf(db);
    expect(JSON.parse(text)).toEqual(JSON.parse(JSON.stringify(await readHousehold(db))));
    const parsed = parseHousehold(text);
    expect(parsed.ok && parsed.value.dishes).toEqual((await readHousehold(db)).dishes);
    expect(JSON.parse(await textOf(db, false))).not.toHaveProperty('photos');
  });

  it('is checked a few documents at a time, and names what is wrong where it stands', () => {
    const many = { ...household, dishes: [...household.dishes, { name: 'no dish' }] };
    const reading = readingHousehold(many);
    const shares: number[] = [];
    for (let step = reading.next(); ; step = reading.next()) {
      if (step.done) {
        expect(step.value.ok).toBe(false);
        if (!step.value.ok)
          expect(step.value.problems[0]?.field).toBe(`dishes.${household.dishes.length}.format`);
        break;
      }
      shares.push(step.value);
    }
    expect(shares.length).toBeGreaterThan(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
  });

  it('is refused where something is in it twice, or where a list is none', () => {
    const [dish] = household.dishes;
    const twice = parseHousehold(JSON.stringify({ ...household, dishes: [dish, dish] }));
    expect(!twice.ok && twice.problems[0]?.message).toContain(`“${dish?.id}” is there twice`);
    const none = parseHousehold(JSON.stringify({ ...household, dishes: 'all of them' }));
    expect(!none.ok && none.problems[0]?.field).toBe('dishes');
  });
});

describe('opening a file', () => {
  it('says how far it is, takes no second one meanwhile, and is through in the end', async () => {
    const text = JSON.stringify({ ...household, meals: [], plans: [] });
    const opened = openFile(db, null, new Blob([text]), NOW);
    expect(openingNow()).toMatchObject({ stage: 'check' });
    const second = await openFile(db, null, new Blob([text]), NOW);
    expect(!second.ok && second.problems[0]?.message).toBe('another file is being opened');
    expect((await opened).ok).toBe(true);
    expect(openingNow()).toBeNull();
    expect((await readHousehold(db)).meals).toEqual([]);
  });

  it.each(['check', 'write'] as const)(
    'stopped while it is at %s, nothing has changed',
    async (at) => {
      const before = await readHousehold(db);
      const opened = openFile(
        db,
        null,
        new Blob([JSON.stringify({ ...household, meals: [], plans: [] })]),
        NOW,
      );
      while (openingNow()?.stage !== at) await new Promise((resolve) => setImmediate(resolve));
      expect(stopOpening()).toBe(true);
      const outcome = await opened;
      expect(!outcome.ok && outcome.problems[0]?.message).toBe(
        'it was stopped, and nothing here has changed',
      );
      expect(await readHousehold(db)).toEqual(before);
      expect(stopOpening()).toBe(false);
    },
  );
});
