import { asc, inArray } from 'drizzle-orm';
import {
  larderItemSchema,
  larderName,
  priceSchema,
  type LarderItem,
  type Price,
} from '$core/lists';
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
    const olds = await keysOf(database, larder, document.food);
    await database.batch([
      database.delete(larder).where(inArray(larder.food, olds)),
      database.insert(larder).values({ food: larderName(document.food), document }),
    ]);
  });
}

/** Under which keys a name lies: earlier versions kept foods by the row of the table that they are. */
async function keysOf(
  database: Database,
  table: typeof larder | typeof prices,
  food: string,
): Promise<string[]> {
  const name = larderName(food);
  const rows = await database.select().from(table);
  const same = rows.filter((r) => larderName((r.document as { food: string }).food) === name);
  return [...new Set([name, ...same.map((r) => r.food)])];
}

/** Takes a food out of the house; nothing happens where it is not there. */
export async function removeLarderItem(database: Database, food: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(larder).where(inArray(larder.food, await keysOf(database, larder, food)));
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
    const olds = await keysOf(database, prices, document.food);
    await database.batch([
      database.delete(prices).where(inArray(prices.food, olds)),
      database.insert(prices).values({ food: larderName(document.food), document }),
    ]);
  });
}
