import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { defaultParameters } from '$core/cooker';
import { householdSchema } from '$core/exchange';
import type { Figure } from '$core/learn';
import { demoEvenings } from '../../demo/evenings';
import { demoHousehold } from '../../demo/household';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { startEvening } from './evening-store';
import { readHousehold } from './household-read';
import { replaceHousehold } from './household-store';
import { readKitchen } from './kitchen-store';
import {
  allObservations,
  freshFigures,
  planningKitchen,
  readFigures,
  readSetBack,
  saySteady,
  setBack,
} from './learned-store';
import { putIn, takeOut } from './item-store';
import { observations } from './schema';
import { logCharts } from './log-charts';

const NOW = Date.UTC(2026, 10, 25, 9);
const folder = mkdtempSync(join(tmpdir(), 'olive-learned-'));
let database: Database;

beforeAll(async () => {
  database = await openTestDatabase(join(folder, 'olive.db'));
  const household = householdSchema.parse(demoHousehold(NOW));
  await replaceHousehold(database, household, NOW);
  for (const { evening, events } of demoEvenings(household, NOW))
    await startEvening(database, evening, evening.serveAt, { first: events });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const weak = async (): Promise<number | undefined> =>
  (await readFigures(database)).find((f) => f.id === 'power.large')?.now;

it('evenings that were never looked at are read, and the truth behind them comes out', async () => {
  expect(await readFigures(database)).toEqual([]);
  const figures = await freshFigures(database, NOW);
  const large = figures.find((f) => f.id === 'power.large');
  // The demo's large pot comes up 16 % later than its label says.
  expect(large?.now ?? 1).toBeLessThan((large?.before ?? 0) * 0.93);
  expect(large?.now ?? 0).toBeGreaterThan((large?.before ?? 0) * 0.8);
  const hands = figures.find((f) => f.id === 'pace.all.prep');
  expect(hands?.now).toBeGreaterThan(1.1);
  expect(hands?.now).toBeLessThan(1.3);
  // Read once more, nothing counts twice.
  expect(await freshFigures(database, NOW)).toEqual(figures);
});

it('plans are reckoned with it; the kitchen itself stays as it was given', async () => {
  const [given, learned] = [await readKitchen(database), await planningKitchen(database)];
  const heat = learned.cookers.find((c) => c.id === 'large')?.heat;
  const label = given.cookers.find((c) => c.id === 'large');
  if (!heat || !label) throw new Error('no large cooker');
  expect(heat.efficiency).toBeLessThan(defaultParameters(label).efficiency);
  expect(label.heat).toBeNull();
  expect(given.learned).toBeUndefined();
  expect(learned.learned?.paces.all?.prep).toBeGreaterThan(1);
});

it('set back, a figure is gone until later evenings tell it; taken back, it is as before', async () => {
  const before = await weak();
  await setBack(database, 'power.large', NOW);
  expect(await weak()).toBeUndefined();
  expect(Object.keys(await readSetBack(database))).toEqual(['power.large']);
  await setBack(database, 'power.large', null);
  expect(await weak()).toBe(before);
});

it('a household file brought in elsewhere teaches the same there', async () => {
  const other = await openTestDatabase(join(folder, 'other.db'));
  await replaceHousehold(other, await readHousehold(database), NOW);
  expect(await allObservations(other)).toEqual([]);
  expect(await freshFigures(other, NOW)).toEqual(await readFigures(database));
});

it('charts: every way up with its filling, evenings in order, the freezer at each month’s end', async () => {
  const day = (text: string): number => Date.parse(`${text}T12:00:00Z`);
  const item = (await readHousehold(database)).stores.find((i) => i.place === 'freezer');
  if (!item) throw new Error('no item');
  await putIn(database, { ...item, id: 'x', code: 'XXXA', portions: 5 }, day('2026-11-02'));
  await takeOut(database, 'x', 2, { what: 'out', note: '', now: day('2026-11-20') });
  const charts = await logCharts(database, day('2027-01-15'));
  expect(charts.comeUps.length).toBeGreaterThan(6);
  expect(charts.comeUps.every((c) => c.kg !== null && c.kg > 0)).toBe(true);
  const days = charts.evenings.map((e) => e.day);
  expect(days).toEqual([...days].sort());
  expect(days).toHaveLength(6);
  const held = Object.fromEntries(charts.freezer.map((f) => [f.month, f.portions]));
  // Two of five are left, and in November the demo put in five packs of raw food.
  expect(held['2026-11']).toBe((held['2026-10'] ?? 0) + 3 + 5);
  // Months in which nothing moved hold what the last one did.
  expect(held['2026-12']).toBe(held['2026-11']);
  expect(held['2027-01']).toBe(held['2026-11']);
});

it('a pot that is another one since some evening: the cook is asked, and either answer is kept', async () => {
  const { now: efficiency = 1 } =
    (await readFigures(database)).find((f) => f.id === 'power.middle') ?? {};
  const seen = Array.from({ length: 16 }, (_, i) => ({
    figure: 'power.middle',
    kind: 'power',
    about: 'Middle',
    evening: `changed-${i}`,
    eveningName: `Changed ${i}`,
    at: NOW + i * 86_400_000,
    planned: 20,
    real: i < 10 ? 20 : 27,
    log: Math.log(efficiency) - (i < 10 ? 0 : 0.3) + 0.01 * (i % 3),
  }));
  for (const [i, o] of seen.entries())
    await database.insert(observations).values({ eveningId: `changed-${i}`, document: [o] });
  const middle = async (): Promise<Figure | undefined> =>
    (await readFigures(database)).find((f) => f.id === 'power.middle');
  const change = (await middle())?.change;
  expect(change?.evening).toBe('changed-10');
  await saySteady(database, 'power.middle', NOW + 30 * 86_400_000);
  expect((await middle())?.change).toBeUndefined();
  await saySteady(database, 'power.middle', null);
  await setBack(database, 'power.middle', change?.at ?? null);
  const fresh = await middle();
  expect(fresh?.evidence.map((e) => e.evening)).toEqual(seen.slice(10).map((o) => o.evening));
  expect(fresh?.change).toBeUndefined();
});
