/** The whole household at once: out as one file, in from one. */
import { eq } from 'drizzle-orm';
import {
  HOUSEHOLD_FORMAT,
  type EveningRecord,
  type Household,
  type MoveRecord,
} from '$core/exchange';
import { larderName } from '$core/lists';
import { inWriteQueue, type Database } from './database';
import { allVersions, listDishes } from './dish-store';
import { readKitchen } from './kitchen-store';
import { listMeals } from './meal-store';
import { listLarder, listPrices } from './larder-store';
import { allMoves, listAllItems } from './item-store';
import { listEvenings, readEvening } from './evening-store';
import { readSetBack, SET_BACK } from './learned-store';
import { allPhotos } from './photo-store';
import { allVerdicts } from './verdict-store';
import {
  dishes,
  dishPhotos,
  dishVersions,
  eveningEvents,
  evenings,
  kitchens,
  larder,
  meals,
  observations,
  prices,
  settings,
  storeItems,
  storeMoves,
  verdicts,
} from './schema';

/** A file up to here is opened; years of evenings are some tens of megabytes, the rest is photos. */
export const LARGEST_FILE_BYTES = 400_000_000;
/** In base64 three bytes are four. */
const MOST_PHOTO_BYTES = 240_000_000;

/** Whether photos of so many bytes are more than a household file takes. */
export function areTooManyPhotos({ bytes }: { bytes: number }): boolean {
  return bytes > MOST_PHOTO_BYTES;
}

/** @param withPhotos without them the file is small, and leaves the photos of where it is opened alone */
export async function readHousehold(database: Database, withPhotos = true): Promise<Household> {
  const stored = await listMeals(database);
  return {
    format: HOUSEHOLD_FORMAT,
    kitchen: await readKitchen(database),
    dishes: await listDishes(database),
    meals: stored.map((s) => s.meal),
    plans: stored.flatMap(({ meal, plan }) => (plan ? [{ mealId: meal.id, plan }] : [])),
    larder: await listLarder(database),
    prices: await listPrices(database),
    stores: await listAllItems(database),
    moves: await allMoves(database),
    evenings: await readEveningRecords(database),
    verdicts: await allVerdicts(database),
    versions: await allVersions(database),
    ...(withPhotos && { photos: await allPhotos(database) }),
    setBack: await readSetBack(database),
  };
}

async function readEveningRecords(database: Database): Promise<EveningRecord[]> {
  const records: EveningRecord[] = [];
  for (const { id, startedAt } of await listEvenings(database)) {
    const stored = await readEvening(database, id);
    if (stored) records.push({ startedAt, ...stored });
  }
  return records;
}

/**
 * Replaces everything with a household file's contents, all of it or nothing.
 *
 * @param now ms since the epoch
 */
export async function replaceHousehold(
  database: Database,
  household: Household,
  now: number,
): Promise<void> {
  const plans = new Map(household.plans.map((p) => [p.mealId, p.plan]));
  await inWriteQueue(async () => {
    await database.batch([
      database.delete(meals),
      database.delete(dishes),
      database.delete(kitchens),
      database.delete(larder),
      database.delete(prices),
      database.delete(storeMoves),
      database.delete(storeItems),
      database.insert(kitchens).values({ id: 1, document: household.kitchen }),
      ...household.dishes.map((dish) =>
        database
          .insert(dishes)
          .values({ id: dish.id, name: dish.name, document: dish, updatedAt: now }),
      ),
      ...household.meals.map((meal) =>
        database.insert(meals).values({
          id: meal.id,
          name: meal.name,
          serveAt: Date.parse(meal.serveAt),
          document: meal,
          plan: plans.get(meal.id) ?? null,
          updatedAt: now,
        }),
      ),
      ...household.larder.map((item) =>
        database.insert(larder).values({ food: larderName(item.food), document: item }),
      ),
      ...household.prices.map((price) =>
        database.insert(prices).values({ food: larderName(price.food), document: price }),
      ),
      ...household.stores.map((item) =>
        database.insert(storeItems).values({
          id: item.id,
          code: item.code,
          place: item.place,
          portions: item.portions,
          useBy: item.useBy,
          document: item,
        }),
      ),
      ...(household.moves ?? firstMoves(household)).map((move) =>
        database.insert(storeMoves).values(move),
      ),
      ...eveningWrites(database, household),
      ...memoryWrites(database, household),
    ]);
  });
}

/** What is in the stores was put there on the day it was packed. */
function firstMoves({ stores }: Household): MoveRecord[] {
  return stores.map((item) => ({
    itemId: item.id,
    at: Date.parse(`${item.packedOn}T12:00:00Z`),
    what: 'in',
    portions: item.portions,
    note: '',
  }));
}

/** Evenings and verdicts are replaced where the file has any of them; older files leave them alone. */
function eveningWrites(database: Database, { evenings: records, verdicts: said }: Household) {
  return [
    ...(records
      ? [
          database.delete(eveningEvents),
          database.delete(evenings),
          database.delete(observations),
          ...records.flatMap(({ evening, events, startedAt }) => [
            database.insert(evenings).values({
              id: evening.id,
              mealId: evening.mealId,
              name: evening.name,
              serveAt: evening.serveAt,
              startedAt,
              document: evening,
            }),
            ...events.map((event) =>
              database
                .insert(eveningEvents)
                .values({ id: event.id, eveningId: evening.id, document: event }),
            ),
          ]),
        ]
      : []),
    ...(said
      ? [
          database.delete(verdicts),
          ...said.map(({ eveningId, entryId, dishId, at, verdict }) =>
            database.insert(verdicts).values({ eveningId, entryId, dishId, at, document: verdict }),
          ),
        ]
      : []),
  ];
}

/** What dishes were, their photos, and figures set back: replaced where the file has any of them. */
function memoryWrites(database: Database, { versions, photos, setBack }: Household) {
  return [
    ...(versions
      ? [
          database.delete(dishVersions),
          ...versions.map(({ dish, ...rest }) =>
            database.insert(dishVersions).values({ ...rest, document: dish }),
          ),
        ]
      : []),
    ...(photos
      ? [
          database.delete(dishPhotos),
          ...photos.map(({ of, at, type, base64 }) =>
            database.insert(dishPhotos).values({
              dishId: of,
              type,
              bytes: Buffer.from(base64, 'base64'),
              updatedAt: at,
            }),
          ),
        ]
      : []),
    ...(setBack
      ? [
          database.delete(settings).where(eq(settings.key, SET_BACK)),
          database.insert(settings).values({ key: SET_BACK, value: setBack }),
        ]
      : []),
  ];
}
