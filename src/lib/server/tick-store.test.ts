import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { readTicks, saveTicks } from './tick-store';

let folder: string;
let store: Database;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'olive-ticks-'));
  store = await openTestDatabase(join(folder, 'ticks.db'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
const NOW = Date.UTC(2026, 10, 25, 9);
const tick = (key: string, isDone: boolean, at: number) => ({ key, isDone, at });

it('the later word counts, in whatever order two phones tell it', async () => {
  await saveTicks(store, 'week', [tick('rice', true, NOW - 10)], NOW);
  // A phone that was without a network tells what it took away before.
  await saveTicks(store, 'week', [tick('rice', false, NOW - 20)], NOW);
  expect(await readTicks(store, 'week')).toEqual([tick('rice', true, NOW - 10)]);
  await saveTicks(store, 'week', [tick('rice', false, NOW - 9)], NOW);
  expect(await readTicks(store, 'week')).toEqual([tick('rice', false, NOW - 9)]);
});

it('of two words of one moment the tick stands', async () => {
  await saveTicks(store, 'week', [tick('rice', false, NOW)], NOW);
  await saveTicks(store, 'week', [tick('rice', true, NOW)], NOW);
  await saveTicks(store, 'week', [tick('rice', false, NOW)], NOW);
  expect(await readTicks(store, 'week')).toEqual([tick('rice', true, NOW)]);
});

it('a clock that runs ahead has no word for ever, and lists do not mix', async () => {
  await saveTicks(store, 'week', [tick('rice', true, NOW + 3_600_000)], NOW);
  await saveTicks(store, 'week', [tick('rice', false, NOW + 1)], NOW + 1);
  expect(await readTicks(store, 'week')).toEqual([tick('rice', false, NOW + 1)]);
  expect(await readTicks(store, 'party')).toEqual([]);
});
