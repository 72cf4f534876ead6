/** One photo for each dish, and for each dish of an evening. */
import { asc, eq, inArray, like, sql } from 'drizzle-orm';
import { imageTypeOf, MOST_PHOTO_BYTES, type ImageType, type PhotoRecord } from '$core/exchange';
import { failure, success, type Outcome } from '$core/reason';
import { inWriteQueue, type Database } from './database';
import { dishPhotos } from './schema';

/** Keeps a photo in place of the one before; fails where it is none, or too large. */
export async function savePhoto(
  database: Database,
  dishId: string,
  bytes: Uint8Array,
  now: number,
): Promise<Outcome<null>> {
  if (bytes.length > MOST_PHOTO_BYTES)
    return failure({
      field: 'photo',
      message: `the photo has ${Math.ceil(bytes.length / 1_000_000)} MB`,
      remedy: 'choose one of at most 5 MB',
    });
  const type = imageTypeOf(bytes);
  if (!type)
    return failure({
      field: 'photo',
      message: 'this file is no photo that a browser shows',
      remedy: 'choose a JPEG, PNG or WebP',
    });
  const row = { type, bytes: Buffer.from(bytes), updatedAt: now };
  await inWriteQueue(async () => {
    await database
      .insert(dishPhotos)
      .values({ dishId, ...row })
      .onConflictDoUpdate({ target: dishPhotos.dishId, set: row });
  });
  return success(null);
}

/** Takes the photo of a dish or an evening out. */
export async function removePhoto(database: Database, dishId: string): Promise<void> {
  await inWriteQueue(async () => {
    await database.delete(dishPhotos).where(eq(dishPhotos.dishId, dishId));
  });
}

/** When the photo was taken over, ms since the epoch; null where there is none. */
export async function photoDate(database: Database, dishId: string): Promise<number | null> {
  const [row] = await database
    .select({ updatedAt: dishPhotos.updatedAt })
    .from(dishPhotos)
    .where(eq(dishPhotos.dishId, dishId));
  return row?.updatedAt ?? null;
}

/** When the photos of these dishes were taken over, ms since the epoch, by dish; dishes without one are not in it. */
export async function photoDates(
  database: Database,
  dishIds: readonly string[],
): Promise<Map<string, number>> {
  if (dishIds.length === 0) return new Map();
  const rows = await database
    .select({ id: dishPhotos.dishId, at: dishPhotos.updatedAt })
    .from(dishPhotos)
    .where(inArray(dishPhotos.dishId, [...dishIds]));
  return new Map(rows.map((r) => [r.id, r.at]));
}

/** @returns the photo with its type, or null where there is none */
export async function readPhoto(
  database: Database,
  dishId: string,
): Promise<{ type: ImageType; bytes: Uint8Array<ArrayBuffer> } | null> {
  const [row] = await database.select().from(dishPhotos).where(eq(dishPhotos.dishId, dishId));
  return row ? { type: row.type, bytes: new Uint8Array(row.bytes) } : null;
}

/** What every photo goes by, in order. */
export async function photoIds(database: Database): Promise<string[]> {
  const rows = await database
    .select({ id: dishPhotos.dishId })
    .from(dishPhotos)
    .orderBy(asc(dishPhotos.dishId));
  return rows.map((r) => r.id);
}

/** Some photos, as the household file has them, in order. */
export async function photosById(
  database: Database,
  ids: readonly string[],
): Promise<PhotoRecord[]> {
  const rows = await database
    .select()
    .from(dishPhotos)
    .where(inArray(dishPhotos.dishId, [...ids]))
    .orderBy(asc(dishPhotos.dishId));
  return rows.map(({ dishId, updatedAt, type, bytes }) => ({
    of: dishId,
    at: updatedAt,
    type,
    base64: Buffer.from(bytes).toString('base64'),
  }));
}

/** How many photos there are, and what they weigh together, bytes. */
export async function weighPhotos(database: Database): Promise<{ count: number; bytes: number }> {
  const [row] = await database
    .select({
      count: sql<number>`count(*)`,
      bytes: sql<number>`coalesce(sum(length(${dishPhotos.bytes})), 0)`,
    })
    .from(dishPhotos);
  return row ?? { count: 0, bytes: 0 };
}

/** What a photo of a dish on one evening goes by; no dish's id has a stroke in it. */
export function eveningPhotoId(eveningId: string, entryId: string): string {
  return `${eveningId}/${entryId}`;
}

/** When photos of an evening's dishes were taken over, by entry. */
export async function eveningPhotos(
  database: Database,
  eveningId: string,
): Promise<Record<string, number>> {
  const rows = await database
    .select({ id: dishPhotos.dishId, at: dishPhotos.updatedAt })
    .from(dishPhotos)
    .where(like(dishPhotos.dishId, `${eveningId}/%`));
  return Object.fromEntries(rows.map(({ id, at }) => [id.slice(eveningId.length + 1), at]));
}

/** A photo as a browser takes it. Its address carries the date, so a new photo has a new address. */
export function photoResponse({
  type,
  bytes,
}: {
  type: ImageType;
  bytes: Uint8Array<ArrayBuffer>;
}): Response {
  return new Response(bytes, {
    headers: {
      'content-type': type,
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}

/** Takes a photo out of a form. @returns what is wrong with it, in words; null where it is kept */
export async function keepFromForm(
  database: Database,
  id: string,
  form: FormData,
  now: number,
): Promise<string | null> {
  const file = form.get('photo');
  if (!(file instanceof File) || file.size === 0)
    return 'Choose a photo: a JPEG, PNG or WebP of at most 5 MB.';
  const saved = await savePhoto(database, id, new Uint8Array(await file.arrayBuffer()), now);
  if (saved.ok) return null;
  const { message, remedy } = saved.problems[0] ?? { message: '', remedy: '' };
  return `${message}; ${remedy}.`;
}
