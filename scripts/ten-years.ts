/**
 * Ten years of a household, made of the demo’s own dishes, evenings and bags over and over. Used by
 * `scripts/size-check.mjs`. Usage: DATABASE_URL=file:… node scripts/run-ts.mjs scripts/ten-years.ts [share] [file]
 * over a database with the demo in it; with a share of 0.1 it is one year, with a file it is written as JSON instead.
 */
import { writeFileSync } from 'node:fs';
import type { EveningRecord, Household, PhotoRecord } from '$core/exchange';
import { seeded } from '$core/run';
import { newCode, type StoreItem } from '$core/storage';
import { openDatabase } from '$lib/server/database';
import { readHousehold } from '$lib/server/household-read';
import { replaceHousehold } from '$lib/server/household-store';
import { refreshObservations } from '$lib/server/learned-store';

const DAY_MS = 86_400_000;
const DISHES = 2000;
const ITEMS = 5000;
/** Of them still lie there so many. */
const IN_STOCK = 2000;
const EVENINGS = 1500;
const PHOTOS = 10_000;
const PHOTO_BYTES = 15_000;
/** What tells one of many from the others in its name. */
const WORDS = [
  'thick',
  'smoky',
  'for guests',
  'with mint',
  'hot',
  'plain',
  'for the children',
  'dark',
];

const dayOf = (at: number): string => new Date(at).toISOString().slice(0, 10);
const many = <T>(count: number, make: (i: number) => T): T[] =>
  Array.from({ length: count }, (_, i) => make(i));
const taken = <T>(list: readonly T[], i: number): T => list[i % list.length] as T;

function dishesOf({ dishes }: Household, count: number): Household['dishes'] {
  return many(count, (i) => {
    const dish = taken(dishes, i);
    if (i < dishes.length) return dish;
    const name = `${dish.name}, ${taken(WORDS, Math.floor(i / dishes.length))} ${i}`;
    return { ...dish, id: `${dish.id}-${i}`.slice(-60), name };
  });
}

function itemsOf({ stores }: Household, count: number, now: number): StoreItem[] {
  const random = seeded(7);
  const codes = new Set(stores.map((s) => s.code));
  return many(count, (i) => {
    const item = taken(stores, i);
    if (i < stores.length) return item;
    const code = newCode(codes, random);
    codes.add(code);
    const packed = now - Math.floor(random() * (i < IN_STOCK ? 120 : 3600)) * DAY_MS;
    return {
      ...item,
      id: `many-${i}`,
      code,
      name: `${item.name} ${taken(WORDS, i)}`,
      portions: i < IN_STOCK ? Math.max(1, item.portions) : 0,
      packedOn: dayOf(packed),
      useBy: dayOf(packed + 180 * DAY_MS),
      since: null,
    };
  });
}

function eveningsOf({ evenings = [] }: Household, count: number): EveningRecord[] {
  return many(count, (i) => {
    const { startedAt, evening, events } = taken(evenings, i);
    if (i < evenings.length) return { startedAt, evening, events };
    const back = Math.ceil(i / evenings.length) * 14 * DAY_MS;
    return {
      startedAt: startedAt - back,
      evening: {
        ...evening,
        id: `many-${i}`,
        mealId: `many-${i}`,
        serveAt: evening.serveAt - back,
      },
      events: events.map((e) => ({ ...e, id: `${i}-${e.id}`, at: e.at - back })),
    };
  });
}

/** The meals of those evenings, as they were planned. */
function mealsOf(
  { meals, plans }: Household,
  evenings: readonly EveningRecord[],
): Pick<Household, 'meals' | 'plans'> {
  const planOf = new Map(plans.map((p) => [p.mealId, p.plan]));
  const kept = meals.filter((m) => planOf.has(m.id) && !m.batch && !m.template);
  const past = evenings
    .filter(({ evening }) => evening.mealId.startsWith('many-'))
    .map(({ evening }, i) => ({
      meal: {
        ...taken(kept, i),
        id: evening.mealId,
        name: evening.name,
        serveAt: new Date(evening.serveAt).toISOString(),
      },
      plan: planOf.get(taken(kept, i).id),
    }));
  return {
    meals: [...meals, ...past.map((p) => p.meal)],
    plans: [
      ...plans,
      ...past.flatMap(({ meal, plan }) => (plan ? [{ mealId: meal.id, plan }] : [])),
    ],
  };
}

function photosOf(
  dishes: Household['dishes'],
  evenings: EveningRecord[],
  count: number,
  now: number,
): PhotoRecord[] {
  const head = Buffer.from([0xff, 0xd8, 0xff, 0xe0]);
  const base64 = Buffer.concat([head, Buffer.alloc(PHOTO_BYTES - 4, 0x5a)]).toString('base64');
  const places = [
    ...dishes.map((d) => d.id),
    ...evenings.flatMap((e) => many(6, (i) => `${e.evening.id}/${i}`)),
  ];
  return places.slice(0, count).map((of) => ({ of, at: now, type: 'image/jpeg', base64 }));
}

const [share = '1', file] = process.argv.slice(2);
const part = (count: number): number => Math.ceil(count * Number(share));
const database = await openDatabase(process.env.DATABASE_URL);
const now = Date.now();
const demo = await readHousehold(database);
const dishes = dishesOf(demo, part(DISHES));
const evenings = eveningsOf(demo, part(EVENINGS));
const household: Household = {
  ...demo,
  ...mealsOf(demo, evenings),
  dishes,
  evenings,
  stores: itemsOf(demo, part(ITEMS), now),
  moves: undefined,
  photos: photosOf(dishes, evenings, part(PHOTOS), now),
};
if (file) writeFileSync(file, JSON.stringify(household));
else {
  await replaceHousehold(database, household, now);
  for (const { evening } of evenings) await refreshObservations(database, evening.id, now);
}
