/** The whole household at once: out as one file, in from one. */
import type { EveningRecord, Household } from '$core/exchange';
import { foodKey } from '$core/lists';
import { inWriteQueue, type Database } from './database';
import { listDishes } from './dish-store';
import { readKitchen } from './kitchen-store';
import { listMeals } from './meal-store';
import { listLarder, listPrices } from './larder-store';
import { listItems } from './item-store';
import { listEvenings, readEvening } from './evening-store';
import { allVerdicts } from './verdict-store';
import {
  dishes,
  eveningEvents,
  evenings,
  kitchens,
  larder,
  meals,
  observations,
  prices,
  storeItems,
  storeMoves,
  verdicts,
} from './schema';

export async function readHousehold(database: Database): Promise<Household> {
  const stored = await listMeals(database);
  return {
    format: 'olive-clock/household@1',
    kitchen: await readKitchen(database),
    dishes: await listDishes(database),
    meals: stored.map((s) => s.meal),
    larder: await listLarder(database),
    prices: await listPrices(database),
    stores: await listItems(database),
    evenings: await readEveningRecords(database),
    verdicts: await allVerdicts(database),
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
          updatedAt: now,
        }),
      ),
      ...household.larder.map((item) =>
        database.insert(larder).values({ food: foodKey(item.food), document: item }),
      ),
      ...household.prices.map((price) =>
        database.insert(prices).values({ food: foodKey(price.food), document: price }),
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
      ...household.stores.map((item) =>
        database.insert(storeMoves).values({
          itemId: item.id,
          at: Date.parse(`${item.packedOn}T12:00:00Z`),
          what: 'in' as const,
          portions: item.portions,
        }),
      ),
      ...eveningWrites(database, household),
    ]);
  });
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
