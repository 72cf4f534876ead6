/**
 * The second half of `npm run bench`: a batch day, a list of 2,000, the first view of the built application.
 * As ratios to a fixed piece of work within the same run.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { chromium } from '@playwright/test';
import { householdSchema } from '$core/exchange';
import { mealSchema, newEntry, type EntryChange } from '$core/meal';
import { compileMeal } from '$core/plan';
import { createSearch } from '$core/solve';
import { byDue, storeItemSchema } from '$core/storage';
import { openDatabase } from '$lib/server/database';
import { listItems, putIn } from '$lib/server/item-store';
import { listPicks, plannableFor } from '$lib/server/plannable';
import { storeItems } from '$lib/server/schema';
import { demoHousehold } from '../src/demo/household';
import { CheckServer } from './check-server.mjs';

const NOW = Date.now();
const LIST = 2000;
const REPEATS = 7;
/** A long search for the batch day, in the engine's work. */
const LONG_WORK = 60_000_000;
const SLICE = 100_000;

const middle = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[values.length >> 1] ?? Number.NaN;
async function timeOf(work: () => unknown): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < REPEATS; i++) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return middle(times);
}
/** Sorting and hashing that no change of the project touches. */
function fixedWork(): number {
  let sum = 0;
  for (let round = 0; round < 40; round++) {
    const values = Array.from({ length: 20_000 }, (_, i) => (i * 7919 + round) % 10_007);
    values.sort((a, b) => a - b);
    sum += values[round] ?? 0;
  }
  return sum;
}
const unit = await timeOf(fixedWork);
const row = (what: string, ms: number, more = ''): void =>
  console.log(
    `${what.padEnd(58)} ${ms.toFixed(1).padStart(9)} ${(ms / unit).toFixed(2).padStart(7)}  ${more}`,
  );
console.log(
  `fixed work: ${unit.toFixed(1)} ms\n\n${'what'.padEnd(58)} ${'ms'.padStart(9)}   ratio`,
);

batchDay();
await longList();
await firstView();

/** 16 bags of four dishes and 6 lb of dry chickpeas, which swell: half full at most. */
function batchDay(): void {
  const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));
  const bags = { copies: 4, state: 'cooked', shape: 'flat', inFridge: 0 } as const;
  const entry = (dishId: string, more: EntryChange) => newEntry(dishId, dishId, more);
  const chickpeas = dishes.find((d) => d.id === 'chickpeas-lemon');
  const pounds = (6 * 453.592) / (350 / (chickpeas?.servings ?? 4));
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'batch',
    name: 'Batch day',
    serveAt: new Date(NOW + 40 * 3_600_000).toISOString(),
    zone: kitchen.zone,
    servings: 4,
    batch: true,
    entries: [
      entry('lentil-squash-soup', { what: { bags } }),
      entry('beef-cheek-stout', { what: { bags: { ...bags, state: 'raw' } } }),
      entry('red-cabbage', { what: { bags } }),
      entry('black-bean-plantain', { what: { bags } }),
      entry('chickpeas-lemon', {
        what: { bags: { ...bags, copies: 8 } },
        forWhom: { servings: Math.ceil(pounds / 8) },
      }),
    ],
  });
  const compiled = compileMeal(meal, new Map(dishes.map((d) => [d.id, d])), kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const { problem } = compiled.value;
  const long = createSearch(problem);
  while (!long.isDone && long.work < LONG_WORK) long.advance(long.work + SLICE * 10);
  const best = long.answer();
  const search = createSearch(problem);
  const from = performance.now();
  let cost = Infinity;
  while (!search.isDone && search.work < LONG_WORK) {
    search.advance(search.work + SLICE);
    cost = search.answer().cost ?? Infinity;
    if (cost <= (best.cost ?? 0) * 1.02) break;
  }
  row(
    'batch day, 16 bags and 6 lb of chickpeas, within 2 %',
    performance.now() - from,
    `${problem.steps.length} steps; ${cost} against ${best.cost} after a long search, bound ${best.bound}`,
  );
}

/** As the stores page reads, finds and sorts them, against a search that no index helps. */
async function longList(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'olive-list-'));
  const database = await openDatabase(`file:${join(folder, 'olive.db')}`);
  const letters = 'ABCDEFGHJKLMNPQRSTUVWXYZ';
  for (let i = 0; i < LIST; i++)
    await putIn(
      database,
      storeItemSchema.parse({
        id: `item-${i}`,
        code: [i, i / 24, i / 576, i / 13_824].map((n) => letters[Math.floor(n) % 24]).join(''),
        name: `Stew number ${(i * 7919) % LIST}`,
        place: i % 3 === 0 ? 'fridge' : 'freezer',
        portions: 1 + (i % 6),
        packedOn: '2026-10-01',
        useBy: `2027-0${1 + (i % 9)}-1${i % 9}`,
        why: 'quality',
      }),
      NOW,
    );
  const items = await listItems(database);
  row('2,000 items: read, due first', await timeOf(() => listItems(database)));
  row(
    '2,000 items: find and sort, as typing does',
    await timeOf(() => items.filter((i) => i.name.toLowerCase().includes('77')).sort(byDue)),
  );
  row('2,000 items: what a meal can take', await timeOf(() => listPicks(database)));
  row(
    '2,000 items: a bag as a dish, its ways with it',
    await timeOf(() =>
      plannableFor(database, [{ kind: 'bag', code: items[0]?.code ?? '', method: null }]),
    ),
  );
  row(
    '2,000 items: due in one place, by the index',
    await timeOf(() =>
      database.all(
        sql`select id from ${storeItems} where place = 'fridge' and use_by < '2027-03-01' order by use_by`,
      ),
    ),
  );
  row(
    'the same out of the documents, without one',
    await timeOf(() =>
      database.all(
        sql`select id from ${storeItems} where json_extract(document, '$.place') = 'fridge' and json_extract(document, '$.useBy') < '2027-03-01' order by json_extract(document, '$.useBy')`,
      ),
    ),
  );
  rmSync(folder, { recursive: true, force: true });
}

/** From the request to the first byte, to the page that is there, to the page that answers. */
async function firstView(): Promise<void> {
  const server = new CheckServer(4786);
  server.seed();
  await server.start();
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  for (const path of ['/meals', '/meals/harvest-supper', '/cook', '/freezer']) {
    const times = { first: [] as number[], there: [] as number[], live: [] as number[] };
    for (let i = 0; i < REPEATS; i++) {
      const page = await browser.newPage();
      await page.goto(`${server.origin}${path}`);
      await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
      const seen = await page.evaluate(() => {
        const [entry] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
        return {
          first: entry?.responseStart ?? 0,
          there: entry?.domContentLoadedEventEnd ?? 0,
          live: performance.getEntriesByName('ready')[0]?.startTime ?? 0,
        };
      });
      times.first.push(seen.first);
      times.there.push(seen.there);
      times.live.push(seen.live);
      await page.close();
    }
    row(`first view of ${path}: first byte`, middle(times.first));
    row(`first view of ${path}: there`, middle(times.there));
    row(`first view of ${path}: answers`, middle(times.live));
  }
  await browser.close();
  await tapToPlan(server.origin);
  await server.close();
}

/** From a tap on a live evening to the new plan of the rest, over the network of this machine. */
async function tapToPlan(origin: string): Promise<void> {
  const started = await fetch(`${origin}/cook?/start`, {
    method: 'POST',
    body: new URLSearchParams({ meal: 'harvest-supper' }),
    headers: { origin, accept: 'text/html' },
    redirect: 'manual',
  });
  const evening = started.headers.get('location')?.split('/').at(-1) ?? '';
  let count = 0;
  const ms = await timeOf(() =>
    fetch(`${origin}/api/evenings/${evening}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        events: [
          {
            id: `bench-${count}`,
            at: Date.now(),
            by: 'bench',
            kind: 'guests',
            minutes: count++ % 2 === 0 ? 2 : -2,
          },
        ],
      }),
    }).then((response) => response.json()),
  );
  row('a tap on a live supper to its new plan', ms);
}
