/** What is in a bag, box or pack: the four kinds, and what each says of itself. */
import { z } from 'zod';
import { says } from '../reason';

const dishId = z.string().max(60).nullable();
const foodName = z.string().trim().min(1).max(100);

/** What lies in stock, told apart by its kind. */
export const contentsSchema = z.discriminatedUnion('kind', [
  /** A dish that is only to be heated; null: one that is not among the household's. */
  z.object({ kind: z.literal('cooked'), dishId }),
  /** A dish cut and measured, still to be cooked. */
  z.object({ kind: z.literal('kit'), dishId }),
  /** Cooked as an ingredient of other dishes: the food of the table, and what a portion weighed raw. */
  z.object({
    kind: z.literal('bulk'),
    dishId,
    food: z.string().min(1).max(60),
    rawGrams: z.number().positive().max(50_000),
  }),
  /** A food as it is bought, no dish: its name, and the weight of one pack; portions are packs then. */
  z.object({
    kind: z.literal('pack'),
    food: foodName,
    grams: z
      .number('the weight of a pack is a number')
      .positive(says('a pack weighs more than nothing', 'give its weight'))
      .max(30_000, says('at most 30 kg in a pack', 'make several')),
    isRaw: z.boolean(),
  }),
]);
export type Contents = z.infer<typeof contentsSchema>;

/** @returns the dish it was packed from; null where that is none of the household's */
export function dishIdOf(contents: Contents): string | null {
  return contents.kind === 'pack' ? null : contents.dishId;
}

/** Whether it is still to be cooked. */
export function isRaw(contents: Contents): boolean {
  return contents.kind === 'kit' || (contents.kind === 'pack' && contents.isRaw);
}

/** Whether other dishes are made with it: it is no dish by itself. */
export function isIngredient(contents: Contents): boolean {
  return contents.kind === 'bulk' || (contents.kind === 'pack' && contents.isRaw);
}

/** Items of the first version: which kind they are was told by which fields were there. */
const firstVersion = z.looseObject({
  name: z.unknown().optional(),
  dishId: z.string().nullable().default(null),
  bulk: z.object({ food: z.string(), rawGrams: z.number() }).nullable().default(null),
  pack: z.object({ food: z.string(), grams: z.number() }).nullable().default(null),
  isRaw: z.boolean().optional(),
});

/**
 * An item of the first version with its contents told apart. The oldest said that they are still to be cooked in
 * their name only; those that don't say what they keep as are taken for what keeps shortest.
 */
export function withContents(item: unknown): unknown {
  if (typeof item !== 'object' || item === null || 'contents' in item) return item;
  const read = firstVersion.safeParse(item);
  if (!read.success) return item;
  const { dishId: from, bulk, pack, isRaw: raw, ...rest } = read.data;
  const isKit = raw ?? /, to cook$/.test(String(rest.name));
  const contents = pack
    ? { kind: 'pack', ...pack, isRaw: isKit }
    : bulk && !isKit
      ? { kind: 'bulk', dishId: from, ...bulk }
      : { kind: isKit ? 'kit' : 'cooked', dishId: from };
  return { keepsAs: isKit ? 'ground-meat' : 'cooked-meat', ...rest, contents };
}
