/** What lies in the freezer and the fridge: packed on, use by, and a code to find it again. */
import { z } from 'zod';
import { says } from '../reason';
import { KEEPING, type KeepingKind } from '../food';
import { formatQuantity, shortDay, toFraction, UNIT_NAMES, type System } from '../units';
import { contentsSchema, withContents } from './contents';
import { daysBetween } from './days';

const day = z.iso.date('a day is written as 2026-11-28');

const itemSchema = z
  .object({
    id: z.string().min(1).max(60),
    /** Short, in letters nobody mixes up; on the label. */
    code: z.string().regex(/^[A-HJ-NP-Z]{4}$/),
    name: z.string().trim().min(1, says('a name is needed', 'write what is in it')).max(100),
    place: z.enum(['freezer', 'fridge'], says('a place is freezer or fridge', 'choose one')),
    /** Which freezer or fridge of the kitchen; null: the first of its kind. */
    spot: z.string().max(60).nullable().default(null),
    contents: contentsSchema,
    portions: z
      .number('how many portions is a number')
      .min(0, 'no fewer than no portion')
      .max(500, says('at most 500 portions in one entry', 'make several')),
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
    /** Flat, or a round mound as wide as the liner, that goes into the pot frozen. */
    shape: z.enum(['flat', 'mound']).default('flat'),
    /** As the cook measured one of it: two cups, a pound; without it, it is counted in portions. */
    size: z
      .object({ amount: z.number().positive(), unit: z.enum(UNIT_NAMES), portions: z.number() })
      .optional(),
    /** A lunch: whose, and on which day. */
    lunch: z.object({ person: z.string().max(40), day }).optional(),
    /** Of the flat bag, the mound or the food in its box. */
    thicknessMm: z
      .number('the thickness is a number of mm')
      .min(5, 'no thinner than 5 mm')
      .max(200, 'no thicker than 200 mm')
      .default(40),
  })
  .refine((item) => item.useBy >= item.packedOn, {
    path: ['useBy'],
    message: says('it can’t be due before it was packed', 'choose a later day'),
  });

/** Items of the first version are brought to this one. */
export const storeItemSchema = z.preprocess(withContents, itemSchema);
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

/**
 * How much there is: portions of a dish, or packs of a food with their weight; whole bags as they were measured.
 *
 * @param system in which the household measures
 */
export function amountWords(
  { portions, contents, size, lunch }: Pick<StoreItem, 'portions' | 'contents' | 'size' | 'lunch'>,
  system: System,
): string {
  if (contents.kind === 'pack') {
    const weight = formatQuantity({ amount: contents.grams, unit: 'g' }, system);
    return portions === 1 ? `1 pack of ${weight}` : `${toFraction(portions)} packs of ${weight}`;
  }
  if (lunch && portions === 1) return '1 lunch';
  // What is left of a bag that was begun is no longer what was measured.
  if (size && size.portions === portions) {
    const own = formatQuantity({ amount: size.amount, unit: size.unit }, unitSystem(size.unit));
    return contents.kind === 'bulk' ? own : `${own}, ${portionWords(portions)}`;
  }
  return portionWords(portions);
}

/** Cups and pounds are read as they were measured, wherever the household is. */
const unitSystem = (unit: NonNullable<StoreItem['size']>['unit']): System =>
  ['g', 'kg', 'ml', 'l'].includes(unit) ? 'metric' : 'us';

function portionWords(portions: number): string {
  const about = Math.round(portions * 10) / 10;
  return `${about} ${about === 1 ? 'portion' : 'portions'}`;
}

/** When it was put in; of a batch day ahead whose labels are written, when it will be. @param today `2026-11-28` */
export function packedWords({ packedOn, contents }: StoreItem, today: string): string {
  const word = packedOn > today ? 'to be packed' : contents.kind === 'pack' ? 'put in' : 'packed';
  return `${word} ${shortDay(packedOn, today)}`;
}
