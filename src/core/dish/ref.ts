/** Which dish is meant: one as it is written, a bag out of the freezer, or a dish made with what lies there. */
import { z } from 'zod';

/** Ways to heat what is cooked already. */
export const REHEAT_METHODS = ['microwave', 'cooker', 'burner', 'oven'] as const;
export type ReheatMethod = (typeof REHEAT_METHODS)[number];
/** Ways into the pot for a bag that is still to cook. */
export const KIT_WAYS = ['frozen', 'thawed'] as const;
export type KitWay = (typeof KIT_WAYS)[number];
const BAG_WAYS = [...REHEAT_METHODS, ...KIT_WAYS] as const;
export type BagWay = (typeof BAG_WAYS)[number];

const id = z.string().min(1).max(60);
const code = z.string().regex(/^[A-Z]{4}$/, 'a code is four capital letters');

export const dishRefSchema = z.discriminatedUnion('kind', [
  /** As it is written in the household. */
  z.object({ kind: z.literal('dish'), id }),
  /** What is in the bag or box of that code; null: heated, or cooked, in its usual way. */
  z.object({ kind: z.literal('bag'), code, method: z.enum(BAG_WAYS).nullable() }),
  /** That dish, made with what lies there under the code. */
  z.object({ kind: z.literal('bulk'), id, code }),
]);
export type DishRef = z.infer<typeof dishRefSchema>;

/** A dish by its id, as it is written. */
export function dishRef(dishId: string): DishRef {
  return { kind: 'dish', id: dishId };
}

/** The name that a dish goes by among others in lists and maps. It only ever is compared. */
export function dishKey(ref: DishRef): string {
  switch (ref.kind) {
    case 'dish':
      return ref.id;
    case 'bag':
      return ref.method ? `bag-${ref.code}.${ref.method}` : `bag-${ref.code}`;
    case 'bulk':
      return `with-${ref.code}.${ref.id}`;
  }
}

/** What a dish is: itself, unless it says that it was made of something in stock. */
export function refOf(dish: { id: string; ref?: DishRef | undefined }): DishRef {
  return dish.ref ?? dishRef(dish.id);
}

/** @returns the id of the dish as it is written; null of a bag, which is a dish by itself */
export function writtenId(ref: DishRef): string | null {
  return ref.kind === 'bag' ? null : ref.id;
}

/** @returns the code of what it is taken from; null where it is cooked from fresh */
export function codeOf(ref: DishRef): string | null {
  return ref.kind === 'dish' ? null : ref.code;
}

const BAG = /^bag-([A-Z]{4})(?:\.(cooker|burner|oven))?$/;
const WITH = /^with-([A-Z]{4})\.(.+)$/;

/** The reference that documents of the first version wrote as one name, such as `bag-MARU.oven`. */
export function refOfFirstVersion(name: string): DishRef {
  const [, bag, method] = BAG.exec(name) ?? [];
  if (bag)
    return { kind: 'bag', code: bag, method: REHEAT_METHODS.find((m) => m === method) ?? null };
  const [, bulk, dishId] = WITH.exec(name) ?? [];
  return bulk && dishId ? { kind: 'bulk', code: bulk, id: dishId } : dishRef(name);
}
