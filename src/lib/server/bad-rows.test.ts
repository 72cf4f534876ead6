/** What others wrote badly: it takes nothing else down, and breaks out of no file. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import pino from 'pino';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mealSchema } from '$core/meal';
import { storeItemSchema, type StoreItem } from '$core/storage';
import { demoHousehold } from '../../demo/household';
import { databaseTrouble } from '../../../scripts/check-database.mjs';
import { householdCalendar } from './calendar';
import { toCsv } from './csv';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { listDishes, saveDish } from './dish-store';
import { readHousehold } from './household-read';
import { log } from './log';
import { createMeal, listMeals, readMeal, unreadableMeals } from './meal-store';
import { mealsAhead } from './meals-ahead';
import { saveKitchen } from './kitchen-store';
import { dishes, meals } from './schema';
import { readWish, weekFromStock } from './stock-week';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = demoHousehold(NOW);
let folder: string;
let database: Database;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'olive-bad-'));
  database = await openTestDatabase(join(folder, 'bad.db'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const meal = (more: object = {}) =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: crypto.randomUUID(),
    name: 'Supper',
    serveAt: new Date(NOW + 86_400_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: [],
    ...more,
  });

describe('a row that can’t be read', () => {
  it('of a meal is left alone and named, and every list goes on without it', async () => {
    await createMeal(database, meal({ name: 'A good one' }), NOW);
    await database.insert(meals).values({
      id: 'broken',
      name: 'Broken supper',
      serveAt: NOW + 86_400_000,
      document: { format: 'olive-clock/meal@2', entries: 'none' },
      updatedAt: NOW,
    });
    expect((await listMeals(database)).map((m) => m.meal.name)).toEqual(['A good one']);
    expect(await mealsAhead(database, NOW)).toHaveLength(1);
    expect(await readMeal(database, 'broken')).toBeNull();
    expect((await readHousehold(database)).meals).toHaveLength(1);
    expect(await unreadableMeals(database)).toEqual([{ id: 'broken', name: 'Broken supper' }]);
  });

  it('of a dish leaves the other dishes', async () => {
    const [first] = household.dishes;
    if (!first) throw new Error('no dish');
    await saveDish(database, first, NOW);
    await database
      .insert(dishes)
      .values({ id: 'odd', name: 'Odd', document: { stages: 7 }, updatedAt: NOW });
    expect((await listDishes(database)).map((d) => d.id)).toEqual([first.id]);
  });
});

describe('names with line breaks', () => {
  const nasty = 'Stew\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nSUMMARY:Injected\u2028x';

  it('stay one line of the calendar: as many events as there are, read by another library (RFC 5545)', () => {
    const item = storeItemSchema.parse({
      id: 'i',
      code: 'ABCD',
      name: nasty.slice(0, 60),
      place: 'freezer',
      portions: 1,
      packedOn: '2026-11-20',
      useBy: '2027-01-20',
      why: 'quality',
      keepsAs: 'soup',
    });
    const text = householdCalendar(
      [{ meal: meal({ name: nasty }), plan: null, revision: 1 }],
      [item],
      new Date(NOW),
      'Europe/Athens',
    );
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');
    expect(events).toHaveLength(2);
    expect(text).not.toMatch(/^SUMMARY:Injected/m);
  });

  it('what is due on a day is one event: a few named, all of them told (common practice)', () => {
    const due = (code: string, useBy: string): StoreItem =>
      storeItemSchema.parse({
        id: code,
        code,
        name: `Soup ${code}`,
        place: 'freezer',
        portions: 1,
        packedOn: '2026-11-20',
        useBy,
        why: 'quality',
        keepsAs: 'soup',
      });
    const items = [
      ...['AAAA', 'BBBB', 'CCCC', 'DDDD', 'EEEE'].map((code) => due(code, '2027-01-20')),
      due('FFFF', '2027-01-21'),
    ];
    const text = householdCalendar([], items, new Date(NOW), 'Europe/Athens');
    const events = new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((event) => [
        event.getFirstPropertyValue('summary'),
        event.getFirstPropertyValue('description'),
      ]);
    expect(events).toEqual([
      [
        'Use Soup AAAA (freezer, AAAA), Soup BBBB (freezer, BBBB), Soup CCCC (freezer, CCCC) and 2 more',
        expect.stringMatching(/AAAA\)\n.*BBBB\)\n.*CCCC\)\n.*DDDD\)\n.*EEEE\)$/),
      ],
      ['Use Soup FFFF (freezer, FFFF)', 'Soup FFFF (freezer, FFFF)'],
    ]);
  });

  it('do not hide a formula in a cell of the CSV', () => {
    const csv = toCsv([{ a: '=1+1\nx', b: '@SUM(A1)', c: 'plain', d: '-2' }]);
    const [row] = Papa.parse<Record<string, string>>(csv, { header: true }).data;
    expect(row).toEqual({ a: "'=1+1\nx", b: "'@SUM(A1)", c: 'plain', d: "'-2" });
  });
});

it('an error in the log has its message', () => {
  let line = '';
  const to = new Writable({
    write(chunk: Buffer, _encoding, done) {
      line += chunk.toString();
      done();
    },
  });
  const serializers = log[pino.symbols.serializersSym as unknown as keyof typeof log] as never;
  pino({ serializers }, to).error({ error: new Error('the disk is full') }, 'not saved');
  expect(line).toMatch(/the disk is full/);
});

it('an empty database file is said to be empty, and is not begun anew', async () => {
  const path = join(folder, 'nothing.db');
  writeFileSync(path, '');
  expect(await databaseTrouble(`file:${path}`)).toMatch(/0 bytes.*npm run restore/s);
});

/** Clocks go back on 25 October 2026 in Europe: that day has 25 hours. */
it('a week from stock has each day once where clocks change', async () => {
  await saveKitchen(database, { ...household.kitchen, zone: 'Europe/Athens' });
  const lateOn24 = Date.parse('2026-10-24T20:30:00Z');
  const week = await weekFromStock(database, readWish(new URLSearchParams()), lateOn24);
  expect(week.days.map((d) => d.day)).toEqual([
    '2026-10-25',
    '2026-10-26',
    '2026-10-27',
    '2026-10-28',
    '2026-10-29',
    '2026-10-30',
    '2026-10-31',
  ]);
});
