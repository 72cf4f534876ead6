/** Photos: what a browser shows, and how they stand in the household file. */
import { z } from 'zod';
import { says } from '../reason';

const IMAGE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export type ImageType = (typeof IMAGE_TYPES)[number];

export const MOST_PHOTO_BYTES = 5_000_000;
/** As many bytes say what kind of image it is. */
const SIGNATURE_BYTES = 12;

/** The kind of image by its first bytes, whatever its name says; null where it is none. */
export function imageTypeOf(bytes: Uint8Array): ImageType | null {
  const starts = (...signature: number[]): boolean =>
    signature.every((byte, i) => bytes[i] === byte);
  if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg';
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  const ascii = (from: number, to: number): string =>
    String.fromCharCode(...bytes.subarray(from, to));
  return ascii(0, 4) === 'RIFF' && ascii(8, 12) === 'WEBP' ? 'image/webp' : null;
}

/** The first bytes of a text in base64 (RFC 4648); null where it is none. */
function firstBytes(text: string): Uint8Array | null {
  // One pass for a strange letter: a pattern for the whole of it would remember every step back.
  if (text.length % 4 !== 0 || /[^A-Za-z0-9+/=]|=[^=]/.test(text)) return null;
  const head = text.slice(0, (SIGNATURE_BYTES / 3) * 4);
  return Uint8Array.from(atob(head), (letter) => letter.charCodeAt(0));
}

export const photoRecordSchema = z
  .object({
    /** A dish's id, or an evening's and its entry's with a stroke between. */
    of: z.string().min(1).max(200),
    /** When it was taken over, ms since the epoch. */
    at: z.int(),
    type: z.enum(IMAGE_TYPES),
    /** The image itself, in base64. */
    base64: z
      .string()
      .max(
        Math.ceil(MOST_PHOTO_BYTES / 3) * 4,
        says('a photo has at most 5 MB', 'choose a smaller one'),
      ),
  })
  .refine(
    ({ type, base64 }) => {
      const head = firstBytes(base64);
      return head !== null && imageTypeOf(head) === type;
    },
    {
      path: ['base64'],
      message: says('this is no image of its kind in base64', 'leave this photo out'),
    },
  );
export type PhotoRecord = z.infer<typeof photoRecordSchema>;
