/** The whole household at once, in from one file; how it goes out is in `household-read.ts`. */
import { eq, type InferInsertModel } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Household, MoveRecord } from '$core/exchange';
import { larderName } from '$core/lists';
import { breathe } from './breathe';
import { inTransaction, inWriteQueue, type Database } from './database';
import { SET_BACK } from './learned-store';
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

/** So many rows are written at once: SQLite takes so many values in one statement with ease. */
const ROWS_AT_ONCE = 100;
/** Documents of plans, evenings and photos are long: fewer of them at once. */
const LONG_ROWS_AT_ONCE = 20;

/** Rows of one table, which are emptied first. */
interface Rows {
  table: SQLiteTable;
  rows: readonly Record<string, unknown>[];
  atOnce: number;
}

const rowsOf = <T extends SQLiteTable>(
  table: T,
  rows: readonly InferInsertModel<T>[],
  atOnce = ROWS_AT_ONCE,
): Rows => ({ table, rows, atOnce });

/**
 * Replaces everything with a household file's contents, all of it or nothing. Others read what was there until then.
 *
 * @param now ms since the epoch
 * @param onPart is told the share that is written, from 0 to 1; where it throws, nothing is replaced
 */
export async function replaceHousehold(
  database: Database,
  household: Household,
  now: number,
  onPart: (share: number) => Promise<void> = breathe,
): Promise<void> {
  const parts = [
    ...householdRows(household, now),
    ...eveningRows(household),
    ...memoryRows(household),
  ];
  const all = parts.reduce((sum, { rows }) => sum + rows.length, 0);
  await inWriteQueue(() =>
    inTransaction(database, async (tx) => {
      let done = 0;
      for (const { table, rows, atOnce } of parts) {
        await tx.delete(table);
        for (let i = 0; i < rows.length; i += atOnce) {
          const some = rows.slice(i, i + atOnce);
          await tx.insert(table).values(some);
          done += some.length;
          await onPart(done / all);
        }
      }
      if (household.setBack) {
        await tx.delete(settings).where(eq(settings.key, SET_BACK));
        await tx.insert(settings).values({ key: SET_BACK, value: household.setBack });
      }
    }),
  );
}

function householdRows(household: Household, now: number): Rows[] {
  const plans = new Map(household.plans.map((p) => [p.mealId, p.plan]));
  return [
    rowsOf(kitchens, [{ id: 1, document: household.kitchen }]),
    rowsOf(
      dishes,
      household.dishes.map((dish) => ({
        ...{ id: dish.id, name: dish.name, document: dish, updatedAt: now },
      })),
    ),
    rowsOf(
      meals,
      household.meals.map((meal) => ({
        id: meal.id,
        name: meal.name,
        serveAt: Date.parse(meal.serveAt),
        document: meal,
        plan: plans.get(meal.id) ?? null,
        updatedAt: now,
      })),
      LONG_ROWS_AT_ONCE,
    ),
    rowsOf(
      larder,
      household.larder.map((item) => ({ food: larderName(item.food), document: item })),
    ),
    rowsOf(
      prices,
      household.prices.map((price) => ({ food: larderName(price.food), document: price })),
    ),
    rowsOf(
      storeItems,
      household.stores.map((item) => ({
        id: item.id,
        code: item.code,
        place: item.place,
        portions: item.portions,
        useBy: item.useBy,
        document: item,
      })),
    ),
    rowsOf(storeMoves, household.moves ?? firstMoves(household)),
  ];
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
function eveningRows({ evenings: records, verdicts: said }: Household): Rows[] {
  return [
    ...(records
      ? [
          rowsOf(
            evenings,
            records.map(({ evening, startedAt }) => ({
              id: evening.id,
              mealId: evening.mealId,
              name: evening.name,
              serveAt: evening.serveAt,
              startedAt,
              document: evening,
            })),
            LONG_ROWS_AT_ONCE,
          ),
          rowsOf(
            eveningEvents,
            records.flatMap(({ evening, events }) =>
              events.map((event) => ({ id: event.id, eveningId: evening.id, document: event })),
            ),
          ),
          rowsOf(observations, []),
        ]
      : []),
    ...(said
      ? [
          rowsOf(
            verdicts,
            said.map(({ verdict, ...rest }) => ({ ...rest, document: verdict })),
          ),
        ]
      : []),
  ];
}

/** What dishes were, and their photos: replaced where the file has any of them. */
function memoryRows({ versions, photos }: Household): Rows[] {
  return [
    ...(versions
      ? [
          rowsOf(
            dishVersions,
            versions.map(({ dish, ...rest }) => ({ ...rest, document: dish })),
          ),
        ]
      : []),
    ...(photos
      ? [
          rowsOf(
            dishPhotos,
            photos.map(({ of, at, type, base64 }) => ({
              dishId: of,
              type,
              bytes: Buffer.from(base64, 'base64'),
              updatedAt: at,
            })),
            LONG_ROWS_AT_ONCE,
          ),
        ]
      : []),
  ];
}
