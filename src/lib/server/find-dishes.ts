/** Dishes by words of their name, of what is said of them, or of what is in them. */
import { asc, or, sql, type SQL } from 'drizzle-orm';
import { dishSchema, type Dish } from '$core/dish';
import type { Database } from './database';
import { has, meant } from './find-words';
import { fillShelf, type Shelf, type ShelfWish } from './shelf';
import { readable } from './readable';
import { dishes } from './schema';

/** Whether a dish has the word in its name or among its ingredients. */
export const inDish = (word: string): SQL | undefined =>
  or(
    has(dishes.name, word),
    sql`exists (select 1 from json_each(${dishes.document}, '$.ingredients') as part where ${has(sql`json_extract(part.value, '$.food')`, word)})`,
  );

/** One page of the dishes that have every word, by name. */
export function dishShelf(database: Database, wish: ShelfWish): Promise<Shelf<Dish>> {
  const isMeant = meant(wish.find, (w) =>
    or(inDish(w), has(sql`json_extract(${dishes.document}, '$.summary')`, w)),
  );
  const counts = { all: database.$count(dishes), found: database.$count(dishes, isMeant) };
  return fillShelf(wish, counts, async (skipped) => {
    const rows = await database
      .select()
      .from(dishes)
      .where(isMeant)
      .orderBy(asc(sql`${dishes.name} collate nocase`), asc(dishes.id))
      .limit(wish.size)
      .offset(skipped);
    return rows.flatMap((row) => readable(dishSchema, row.document, `dish ${row.id}`) ?? []);
  });
}
