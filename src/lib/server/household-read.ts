/**
 * The whole household on its way out: as one document, or as the text of its file, which is written as it is read.
 * Years of evenings and photos are never in memory at once for that, and others are answered in between.
 */
import { asc, desc } from 'drizzle-orm';
import {
  HOUSEHOLD_FORMAT,
  type EveningRecord,
  type Household,
  type PhotoRecord,
} from '$core/exchange';
import { breathe } from './breathe';
import type { Database } from './database';
import { allVersions, listDishes } from './dish-store';
import { listEvenings, readEvening } from './evening-store';
import { allMoves, listAllItems } from './item-store';
import { readKitchen } from './kitchen-store';
import { listLarder, listPrices } from './larder-store';
import { readSetBack } from './learned-store';
import { mealsById, type StoredMeal } from './meal-store';
import { photoIds, photosById } from './photo-store';
import { meals } from './schema';
import { allVerdicts } from './verdict-store';

/** So many are read, or written, before somebody else has a turn. */
const AT_ONCE = 20;

/** Lists of the household, by their key. */
type ListKey = {
  [K in keyof Household]-?: NonNullable<Household[K]> extends readonly unknown[] ? K : never;
}[keyof Household];
type Member<K extends ListKey> = NonNullable<Household[K]>[number];
type Source<T> = AsyncIterable<T> | Promise<readonly T[]>;
type Lists = { [K in ListKey]?: () => Source<Member<K>> };

/** What goes by ids, some at a time. */
async function* bySome<T>(
  ids: readonly string[],
  read: (some: readonly string[]) => Promise<readonly T[]>,
): AsyncGenerator<T> {
  for (let i = 0; i < ids.length; i += AT_ONCE) {
    yield* await read(ids.slice(i, i + AT_ONCE));
    await breathe();
  }
}

async function* storedMeals(database: Database): AsyncGenerator<StoredMeal> {
  const rows = await database
    .select({ id: meals.id })
    .from(meals)
    .orderBy(desc(meals.serveAt), asc(meals.id));
  yield* bySome(
    rows.map((r) => r.id),
    async (ids) => {
      const byId = new Map((await mealsById(database, ids)).map((s) => [s.meal.id, s]));
      return ids.flatMap((id) => byId.get(id) ?? []);
    },
  );
}

async function* mealPlans(database: Database): AsyncGenerator<Household['plans'][number]> {
  for await (const { meal, plan } of storedMeals(database))
    if (plan) yield { mealId: meal.id, plan };
}

async function* mealDocuments(database: Database): AsyncGenerator<Household['meals'][number]> {
  for await (const { meal } of storedMeals(database)) yield meal;
}

async function* eveningRecords(database: Database): AsyncGenerator<EveningRecord> {
  const listed = await listEvenings(database);
  const startedAt = new Map(listed.map((e) => [e.id, e.startedAt]));
  yield* bySome(
    listed.map((e) => e.id),
    async (ids) => {
      const stored = await Promise.all(
        ids.map(async (id) => ({ id, found: await readEvening(database, id) })),
      );
      return stored.flatMap(({ id, found }) =>
        found ? [{ startedAt: startedAt.get(id) ?? 0, ...found }] : [],
      );
    },
  );
}

async function* photoRecords(database: Database): AsyncGenerator<PhotoRecord> {
  yield* bySome(await photoIds(database), (ids) => photosById(database, ids));
}

/** @param withPhotos without them the file is small, and leaves the photos of where it is opened alone */
function listsOf(database: Database, withPhotos: boolean): Lists {
  return {
    dishes: () => listDishes(database),
    meals: () => mealDocuments(database),
    plans: () => mealPlans(database),
    larder: () => listLarder(database),
    prices: () => listPrices(database),
    stores: () => listAllItems(database),
    moves: () => allMoves(database),
    evenings: () => eveningRecords(database),
    verdicts: () => allVerdicts(database),
    versions: () => allVersions(database),
    ...(withPhotos && { photos: () => photoRecords(database) }),
  };
}

async function* membersOf(source: Source<unknown>): AsyncGenerator<unknown> {
  yield* await source;
}

/** The household as one document. @param withPhotos as in `householdText` */
export async function readHousehold(database: Database, withPhotos = true): Promise<Household> {
  const lists: Record<string, unknown[]> = {};
  for (const [key, source] of Object.entries(listsOf(database, withPhotos))) {
    const members: unknown[] = [];
    for await (const member of membersOf(source())) members.push(member);
    lists[key] = members;
  }
  return {
    format: HOUSEHOLD_FORMAT,
    kitchen: await readKitchen(database),
    ...(lists as Pick<Household, ListKey>),
    setBack: await readSetBack(database),
  };
}

/**
 * The household file piece by piece, a document on each line.
 *
 * @param withPhotos without them the file is small, and leaves the photos of where it is opened alone
 */
export async function* householdText(
  database: Database,
  withPhotos: boolean,
): AsyncGenerator<string> {
  yield `{"format": ${JSON.stringify(HOUSEHOLD_FORMAT)},\n"kitchen": ${JSON.stringify(await readKitchen(database))}`;
  for (const [key, source] of Object.entries(listsOf(database, withPhotos))) {
    yield `,\n${JSON.stringify(key)}: [`;
    let count = 0;
    for await (const member of membersOf(source())) {
      yield `${count > 0 ? ',' : ''}\n${JSON.stringify(member)}`;
      count++;
      if (count % AT_ONCE === 0) await breathe();
    }
    yield ']';
  }
  yield `,\n"setBack": ${JSON.stringify(await readSetBack(database))}}\n`;
}
