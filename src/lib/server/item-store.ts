/** Freezer and fridge. */
import { and, asc, desc, eq, gt, gte, inArray, sql, TransactionRollbackError } from 'drizzle-orm';
import type { MoveRecord } from '$core/exchange';
import { failure, problemsOf, success, type Outcome } from '$core/reason';
import {
  isIngredient,
  movedTo,
  stockWith,
  storeItemSchema,
  type KeepingRules,
  type StoreItem,
} from '$core/storage';
import { inTransaction, inWriteQueue, type Database } from './database';
import { frozen } from './interned';
import { readable } from './readable';
import { storeItems, storeMoves } from './schema';

type ItemRow = typeof storeItems.$inferSelect;

const toItem = (row: ItemRow): StoreItem | null =>
  readable(
    storeItemSchema,
    { ...(row.document as object), portions: row.portions, place: row.place },
    `item ${row.id}`,
  );

/** What documents were read as, with their portions and their place, for as long as they are kept. */
const read = new WeakMap<object, { portions: number; place: string; item: StoreItem }>();

/** The item of a row, which nobody can change, read once for as long as it is the same; null where it is none. */
export function itemOf(row: ItemRow): StoreItem | null {
  const { document, portions, place } = row;
  const isKept = typeof document === 'object' && document !== null && Object.isFrozen(document);
  const known = isKept ? read.get(document) : undefined;
  if (known?.portions === portions && known.place === place) return known.item;
  const item = toItem(row);
  if (isKept && item) read.set(document, { portions, place, item: frozen(item) });
  return item;
}

/** What is there, due first. */
export async function listItems(database: Database): Promise<StoreItem[]> {
  const rows = await database
    .select()
    .from(storeItems)
    .where(gt(storeItems.portions, 0))
    .orderBy(asc(storeItems.useBy));
  return rows.flatMap((row) => itemOf(row) ?? []);
}

/** What is an ingredient of dishes: cooked in bulk, or raw food in packs; due first. */
export async function listBulk(database: Database): Promise<StoreItem[]> {
  const rows = await database
    .select()
    .from(storeItems)
    .where(
      and(
        gt(storeItems.portions, 0),
        // Also as the first version wrote them.
        sql`(json_extract(document, '$.contents.kind') in ('bulk', 'pack') or json_extract(document, '$.bulk') is not null or json_extract(document, '$.pack') is not null)`,
      ),
    )
    .orderBy(asc(storeItems.useBy));
  return rows.flatMap((row) => itemOf(row) ?? []);
}

/** Also what is used up: a meal may still name it. */
export async function listAllItems(database: Database): Promise<StoreItem[]> {
  const rows = await database.select().from(storeItems).orderBy(asc(storeItems.useBy));
  return rows.flatMap((row) => itemOf(row) ?? []);
}

/** @returns what has that code on its label, or null */
export async function itemByCode(database: Database, code: string): Promise<StoreItem | null> {
  const [row] = await database
    .select()
    .from(storeItems)
    .where(eq(storeItems.code, code.trim().toUpperCase()));
  return row ? itemOf(row) : null;
}

/** By code; those that were never given are missing. */
export async function itemsByCode(
  database: Database,
  codes: readonly string[],
): Promise<Map<string, StoreItem>> {
  if (codes.length === 0) return new Map();
  const rows = await database
    .select()
    .from(storeItems)
    .where(inArray(storeItems.code, [...new Set(codes)]));
  return new Map(
    rows.flatMap((row) => {
      const item = itemOf(row);
      return item ? [[row.code, item] as const] : [];
    }),
  );
}

/** Codes that were ever given: an old label never opens another bag. */
export async function takenCodes(database: Database): Promise<Set<string>> {
  const rows = await database.select({ code: storeItems.code }).from(storeItems);
  return new Set(rows.map((r) => r.code));
}

/** Puts something into freezer or fridge, and writes down that it was. @param now ms since the epoch */
export async function putIn(database: Database, item: StoreItem, now: number): Promise<void> {
  const document = storeItemSchema.parse(item);
  const { id, code, place, portions, useBy } = document;
  await inWriteQueue(async () => {
    await database.batch([
      database.insert(storeItems).values({ id, code, place, portions, useBy, document }),
      database.insert(storeMoves).values({ itemId: id, at: now, what: 'in', portions }),
    ]);
  });
}

/**
 * Takes portions out, or throws them away, if there are that many.
 *
 * @returns what is left; null where there were fewer
 */
export async function takeOut(
  database: Database,
  id: string,
  portions: number,
  move: { what: 'out' | 'thrown'; note: string; now: number },
): Promise<number | null> {
  return inWriteQueue(() =>
    inTransaction(database, async (tx) => {
      const [row] = await tx
        .update(storeItems)
        .set({ portions: sql`${storeItems.portions} - ${portions}` })
        .where(and(eq(storeItems.id, id), gte(storeItems.portions, portions)))
        .returning({ left: storeItems.portions });
      if (!row) return null;
      await tx
        .insert(storeMoves)
        .values({ itemId: id, at: move.now, what: move.what, portions, note: move.note });
      return row.left;
    }),
  );
}

/**
 * Takes portions of a food that lies there in several bags, due first; of a bag that is a dish, from itself.
 *
 * @returns what is left of all; null where there were fewer, and then nothing is taken
 */
export async function takeOfStock(
  database: Database,
  id: string,
  portions: number,
  move: { what: 'out'; note: string; now: number },
): Promise<number | null> {
  const [row] = await database.select().from(storeItems).where(eq(storeItems.id, id));
  if (!row) return null;
  const item = itemOf(row);
  if (!item) return null;
  if (!isIngredient(item.contents)) return takeOut(database, id, portions, move);
  // Read and taken in one turn, so that of many at once each finds what the one before has left.
  return inWriteQueue(async () => {
    const { codes, portions: all } = stockWith(item, await listBulk(database));
    if (all < portions) return null;
    const bags = await itemsByCode(database, codes);
    return inTransaction(database, async (tx) => {
      let wanted = portions;
      for (const code of codes) {
        const bag = bags.get(code);
        const some = Math.min(wanted, bag?.portions ?? 0);
        if (!bag || some <= 0) continue;
        const rows = await tx
          .update(storeItems)
          .set({ portions: sql`${storeItems.portions} - ${some}` })
          .where(and(eq(storeItems.id, bag.id), gte(storeItems.portions, some)))
          .returning({ left: storeItems.portions });
        if (rows.length === 0) return tx.rollback();
        await tx.insert(storeMoves).values({
          itemId: bag.id,
          at: move.now,
          what: move.what,
          portions: some,
          note: move.note,
        });
        wanted -= some;
      }
      return all - portions;
    });
  }).catch((error: unknown) => {
    // Another program on the same database has taken some of it meanwhile.
    if (error instanceof TransactionRollbackError) return null;
    throw error;
  });
}

/** Puts back what was just taken out. */
export async function putBack(
  database: Database,
  id: string,
  portions: number,
  now: number,
): Promise<void> {
  await inWriteQueue(async () => {
    await database.batch([
      database
        .update(storeItems)
        .set({ portions: sql`${storeItems.portions} + ${portions}` })
        .where(eq(storeItems.id, id)),
      database
        .insert(storeMoves)
        .values({ itemId: id, at: now, what: 'in', portions, note: 'put back' }),
    ]);
  });
}

export interface Correction {
  name: string;
  portions: number;
  /** `2026-11-28` */
  useBy: string;
  /** What the screen showed when it was corrected. */
  was: number;
}

/** Writes a document that goes by another row of the keeping chart; its number stays. */
export async function rewriteItem(database: Database, item: StoreItem): Promise<void> {
  const document = storeItemSchema.parse(item);
  await inWriteQueue(async () => {
    await database
      .update(storeItems)
      .set({ useBy: document.useBy, document })
      .where(eq(storeItems.id, document.id));
  });
}

/**
 * Puts right what was written down wrongly; what changed in number is a move like any other.
 *
 * @returns what is wrong with it, by field; also where somebody has taken some in between
 */
export async function correctItem(
  database: Database,
  id: string,
  { name, portions, useBy, was }: Correction,
  now: number,
): Promise<Outcome<StoreItem>> {
  return inWriteQueue(async (): Promise<Outcome<StoreItem>> => {
    const [row] = await database.select().from(storeItems).where(eq(storeItems.id, id));
    if (!row || row.portions !== was)
      return failure({
        field: 'portions',
        message: 'somebody has taken some in the meantime',
        remedy: 'look again, and correct what is left',
      });
    const checked = storeItemSchema.safeParse({ ...itemOf(row), name, portions, useBy });
    if (!checked.success) return { ok: false, problems: problemsOf(checked.error.issues) };
    const document = checked.data;
    const more = document.portions - was;
    await database.batch([
      database
        .update(storeItems)
        .set({ portions: document.portions, useBy: document.useBy, document })
        .where(eq(storeItems.id, id)),
      ...(more === 0
        ? []
        : [
            database.insert(storeMoves).values({
              itemId: id,
              at: now,
              what: more > 0 ? 'in' : 'out',
              portions: Math.abs(more),
              note: 'corrected',
            }),
          ]),
    ]);
    return success(document);
  });
}

/** The moves of one item, the latest first. */
export async function movesOf(database: Database, id: string): Promise<MoveRecord[]> {
  const rows = await database
    .select()
    .from(storeMoves)
    .where(eq(storeMoves.itemId, id))
    .orderBy(desc(storeMoves.seq));
  return rows.map(({ seq: _, ...move }) => move);
}

/** Every move there was, in order. */
export async function allMoves(database: Database): Promise<MoveRecord[]> {
  const rows = await database.select().from(storeMoves).orderBy(asc(storeMoves.seq));
  return rows.map(({ seq: _, ...move }) => move);
}

/** The last moves with the name of what was moved, the latest first. */
export async function lastMoves(
  database: Database,
  most = 12,
): Promise<
  { seq: number; at: number; what: string; portions: number; note: string; name: string }[]
> {
  const rows = await database
    .select({ move: storeMoves, document: storeItems.document })
    .from(storeMoves)
    .innerJoin(storeItems, eq(storeItems.id, storeMoves.itemId))
    .orderBy(desc(storeMoves.seq))
    .limit(most);
  return rows.map(({ move, document }) => ({
    seq: move.seq,
    at: move.at,
    what: move.what,
    portions: move.portions,
    note: move.note,
    name: (document as { name: string }).name,
  }));
}

/** Moves an item to another place; its day becomes the one that counts there. */
export async function moveItem(
  database: Database,
  id: string,
  to: Pick<StoreItem, 'place' | 'spot'>,
  today: string,
  now: number,
  rules?: KeepingRules,
): Promise<Outcome<null>> {
  return inWriteQueue(async (): Promise<Outcome<null>> => {
    const [row] = await database.select().from(storeItems).where(eq(storeItems.id, id));
    const item = row && itemOf(row);
    if (!item || item.portions <= 0)
      return failure({
        field: 'id',
        message: 'this is no longer there',
        remedy: 'look again: somebody may have taken it out',
      });
    const moved = movedTo(item, to, today, rules);
    if (!moved.ok) return moved;
    const document = moved.value;
    if (item.place === to.place) {
      await database.update(storeItems).set({ document }).where(eq(storeItems.id, id));
      return success(null);
    }
    await database.batch([
      database
        .update(storeItems)
        .set({ place: to.place, useBy: document.useBy, document })
        .where(eq(storeItems.id, id)),
      database.insert(storeMoves).values({
        itemId: id,
        at: now,
        what: 'moved',
        portions: item.portions,
        note: `into the ${to.place}`,
      }),
    ]);
    return success(null);
  });
}
