/** Dishes by words of their name, of what is said of them, or of what is in them. */
import { asc, or, sql, type SQL } from 'drizzle-orm';
import { dishSchema, type Dish } from '$core/dish';
import type { Database } from './database';
import { every, has, wordsIn } from './find-words';
import { placeOf, type Shelf, type ShelfWish } from './shelf';
import { readable } from './readable';
import { dishes } from './schema';

/** Whether a dish has the word in its name or among its ingredients. */
export const inDish = (word: string): SQL | undefined =>
  or(
    has(dishes.name, word),
    sql`exists (select 1 from json_each(${dishes.document}, '$.ingredients') as part where ${has(sql`json_extract(part.value, '$.food')`, word)})`,
  );

/** One page of the dishes that have every word, by name. */
export async function dishShelf(
  database: Database,
  { find, page, size }: ShelfWish,
): Promise<Shelf<Dish>> {
  const words = wordsIn(find);
  const isMeant =
    words.length === 0
      ? undefined
      : every(words, (w) =>
          or(inDish(w), has(sql`json_extract(${dishes.document}, '$.summary')`, w)),
        );
  const [all, found] = await Promise.all([
    database.$count(dishes),
    database.$count(dishes, isMeant),
  ]);
  const shown = placeOf(found, page, size);
  const rows = await database
    .select()
    .from(dishes)
    .where(isMeant)
    .orderBy(asc(sql`${dishes.name} collate nocase`), asc(dishes.id))
    .limit(size)
    .offset(shown.skipped);
  return {
    items: rows.flatMap((row) => readable(dishSchema, row.document, `dish ${row.id}`) ?? []),
    ...{ all, found, page: shown.page, pages: shown.pages, size },
  };
}
