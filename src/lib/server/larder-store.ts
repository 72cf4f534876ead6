import { asc, eq } from 'drizzle-orm';
import { foodKey, larderItemSchema, priceSchema, type LarderItem, type Price } from '$core/lists';
import { readable } from './readable';
import { inWriteQueue, type Database } from './database';
import { larder, prices } from './schema';

/** @returns what is in the house, by food */
export async function listLarder(database: Database): Promise<LarderItem[]> {
  const rows = await database.select().from(larder).orderBy(asc(larder.food));
  return rows.flatMap(
    (row) => readable(larderItemSchema, row.document, `larder ${row.food}`) ?? [],
  );
}

/** Puts a food into the house; what was known of it is replaced. */
export async function saveLarderItem(database: Database, item: LarderItem): Promise<void> {
  const document = larderItemSchema.parse(item);
  await inWriteQueue(async () => {
    await database
      .insert(larder)
      .values({ food: foodKey(document.food), document })
      .onConflictDoUpdate({ target: larder.food, set: { document } });
  });
}

/** Takes a food out of the house; nothing happens where it is not there. */
export async function removeLarderItem(database: Database, food: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(larder).where(eq(larder.food, foodKey(food)));
  });
}

/** @returns what foods cost, by food */
export async function listPrices(database: Database): Promise<Price[]> {
  const rows = await database.select().from(prices).orderBy(asc(prices.food));
  return rows.flatMap((row) => readable(priceSchema, row.document, `price ${row.food}`) ?? []);
}

/** Keeps what a food costs, in place of what it cost before. */
export async function savePrice(database: Database, price: Price): Promise<void> {
  const document = priceSchema.parse(price);
  await inWriteQueue(async () => {
    await database
      .insert(prices)
      .values({ food: foodKey(document.food), document })
      .onConflictDoUpdate({ target: prices.food, set: { document } });
  });
}
