/** What lies in the freezer and the fridge: packed on, use by, and a code to find it again. */
import { z } from 'zod';
import { KEEPING, type KeepingKind } from '../food';
import { shortDay } from '../units';
import { daysBetween } from './days';

const day = z.iso.date('a day is written as 2026-11-28');

const itemSchema = z
  .object({
    id: z.string().min(1).max(60),
    /** Short, in letters nobody mixes up; on the label. */
    code: z.string().regex(/^[A-HJ-NP-Z]{4}$/),
    name: z.string().trim().min(1, 'a name is needed; write what is in it').max(100),
    dishId: z.string().max(60).nullable().default(null),
    place: z.enum(['freezer', 'fridge'], 'a place is freezer or fridge; choose one'),
    /** Which freezer or fridge of the kitchen; null: the first of its kind. */
    spot: z.string().max(60).nullable().default(null),
    /** Cooked as an ingredient of other dishes: the food of the table, and what a portion weighed raw. */
    bulk: z
      .object({ food: z.string().min(1).max(60), rawGrams: z.number().positive().max(50_000) })
      .nullable()
      .default(null),
    /** A food as it is bought, no dish: its name, and the weight of one pack; portions are packs then. */
    pack: z
      .object({
        food: z.string().trim().min(1).max(100),
        grams: z
          .number('the weight of a pack is a number')
          .positive('a pack weighs more than nothing; give its weight')
          .max(30_000, 'at most 30 kg in a pack; make several'),
      })
      .nullable()
      .default(null),
    portions: z
      .number('how many portions is a number')
      .min(0, 'no fewer than no portion')
      .max(500, 'at most 500 portions in one entry; make several'),
    packedOn: day,
    useBy: day,
    /** What counts for the use-by day: safety in the fridge, quality in the freezer. */
    why: z.enum(['safety', 'quality']),
    /** Row of the keeping chart. */
    keepsAs: z
      .string()
      .refine((kind): kind is KeepingKind => Object.hasOwn(KEEPING, kind))
      .default('cooked-meat'),
    /** Since when it lies in this place; null: since it was packed. */
    since: day.nullable().default(null),
    /** Days it stood in a fridge before it was frozen: they count when it is thawed. */
    fridgeDaysBefore: z.number().min(0).max(60).default(0),
    /** For the label, line by line: how it is cooked or heated, what goes in after. */
    cooking: z.string().max(600).default(''),
    allergens: z.array(z.string()).default([]),
    /** What of it nobody knows, so that what is not listed may still be in it. */
    unknownFoods: z.array(z.string().max(2000)).max(300).default([]),
    /** Still to be cooked: a bag of what goes into the pot. */
    isRaw: z.boolean().default(false),
    /** Flat, or a round mound as wide as the liner, that goes into the pot frozen. */
    shape: z.enum(['flat', 'mound']).default('flat'),
    /** Of the flat bag, the mound or the food in its box. */
    thicknessMm: z
      .number('the thickness is a number of mm')
      .min(5, 'no thinner than 5 mm')
      .max(200, 'no thicker than 200 mm')
      .default(40),
  })
  .refine((item) => item.useBy >= item.packedOn, {
    path: ['useBy'],
    message: 'it can’t be due before it was packed; choose a later day',
  });

/**
 * Entries from before bags said whether they are cooked said it in their name; those that don't say what they
 * keep as are taken for what keeps shortest.
 */
function withState(item: unknown): unknown {
  if (typeof item !== 'object' || item === null) return item;
  const isRaw =
    'isRaw' in item ? item.isRaw : 'name' in item && /, to cook$/.test(String(item.name));
  return { isRaw, keepsAs: isRaw === true ? 'ground-meat' : 'cooked-meat', ...item };
}

export const storeItemSchema = z.preprocess(withState, itemSchema);
export type StoreItem = z.infer<typeof storeItemSchema>;

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';
const CODE_LENGTH = 4;

/** A code that is free. @param random from 0 up to 1 */
export function newCode(taken: ReadonlySet<string>, random: () => number): string {
  for (;;) {
    const code = Array.from(
      { length: CODE_LENGTH },
      () => LETTERS[Math.floor(random() * LETTERS.length)],
    ).join('');
    if (!taken.has(code)) return code;
  }
}

/** Days until it is due; negative once that has passed. @param today `2026-11-28` */
export function daysLeft(item: Pick<StoreItem, 'useBy'>, today: string): number {
  return daysBetween(today, item.useBy);
}

/** First in, first out: what is due first comes first, then what was packed first. */
export function byDue(a: StoreItem, b: StoreItem): number {
  return a.useBy.localeCompare(b.useBy) || a.packedOn.localeCompare(b.packedOn);
}

/** How much there is: portions of a dish, or packs of a food with their weight. */
export function amountWords({ portions, pack }: Pick<StoreItem, 'portions' | 'pack'>): string {
  if (!pack) return `${portions} ${portions === 1 ? 'portion' : 'portions'}`;
  const grams =
    pack.grams < 1000 ? `${Math.round(pack.grams)} g` : `${+(pack.grams / 1000).toFixed(2)} kg`;
  return portions === 1 ? `1 pack of ${grams}` : `${portions} packs of ${grams}`;
}

/** When it was put in; of a batch day ahead whose labels are written, when it will be. @param today `2026-11-28` */
export function packedWords({ packedOn, pack }: StoreItem, today: string): string {
  const word = packedOn > today ? 'to be packed' : pack ? 'put in' : 'packed';
  return `${word} ${shortDay(packedOn, today)}`;
}
