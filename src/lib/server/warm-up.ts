/**
 * Reads what nearly every page needs before the first page asks for it: documents are kept once they are read, and a
 * household of ten years has thousands of them. Done a few at a time, so that whoever asks meanwhile has their turn.
 */
import { asc, gt } from 'drizzle-orm';
import { dishSchema } from '$core/dish';
import { breathe } from './breathe';
import type { Database } from './database';
import { itemOf } from './item-store';
import { readFigures } from './learned-store';
import { readable } from './readable';
import { dishes, storeItems } from './schema';

/** Documents read in one go: some 10 ms of work. */
const AT_ONCE = 20;

/** @returns how many documents were read */
export async function warmUp(database: Database): Promise<number> {
  const read =
    (await inParts(
      (last) =>
        database
          .select()
          .from(dishes)
          .where(gt(dishes.id, last))
          .orderBy(asc(dishes.id))
          .limit(AT_ONCE),
      (row) => readable(dishSchema, row.document, `dish ${row.id}`),
    )) +
    (await inParts(
      (last) =>
        database
          .select()
          .from(storeItems)
          .where(gt(storeItems.id, last))
          .orderBy(asc(storeItems.id))
          .limit(AT_ONCE),
      (row) => row.portions > 0 && itemOf(row),
    ));
  // What evenings have taught is worked out from all of them: every page that plans asks for it.
  await readFigures(database);
  return read;
}

/** @param after the next rows behind that id @returns how many rows there were */
async function inParts<Row extends { id: string }>(
  after: (last: string) => Promise<Row[]>,
  use: (row: Row) => unknown,
): Promise<number> {
  let [count, last] = [0, ''];
  for (;;) {
    const rows = await after(last);
    for (const row of rows) use(row);
    count += rows.length;
    last = rows.at(-1)?.id ?? last;
    if (rows.length < AT_ONCE) return count;
    await breathe();
  }
}
