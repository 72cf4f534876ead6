/** One photo for each dish, and for each dish of an evening. */
import { eq, like } from 'drizzle-orm';
import { failure, success, type Outcome } from '$core/reason';
import { inWriteQueue, type Database } from './database';
import { dishPhotos } from './schema';

type ImageType = (typeof dishPhotos.$inferSelect)['type'];

const MOST_PHOTO_BYTES = 5_000_000;

/** The kind of image by its first bytes, whatever its name says; null where it is none. */
function imageType(bytes: Uint8Array): ImageType | null {
  const starts = (...signature: number[]): boolean =>
    signature.every((byte, i) => bytes[i] === byte);
  if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg';
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  const ascii = (from: number, to: number): string =>
    String.fromCharCode(...bytes.subarray(from, to));
  return ascii(0, 4) === 'RIFF' && ascii(8, 12) === 'WEBP' ? 'image/webp' : null;
}

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
  const type = imageType(bytes);
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

export async function readPhoto(
  database: Database,
  dishId: string,
): Promise<{ type: ImageType; bytes: Uint8Array<ArrayBuffer> } | null> {
  const [row] = await database.select().from(dishPhotos).where(eq(dishPhotos.dishId, dishId));
  return row ? { type: row.type, bytes: new Uint8Array(row.bytes) } : null;
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
