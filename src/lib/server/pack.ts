/** Packing: an entry in the stores with its code, its use-by day and what its label says. */
import { allergensOf, scaleDish, type Dish } from '$core/dish';
import type { Meal } from '$core/meal';
import type { Outcome, Problem } from '$core/reason';
import {
  cookingOf,
  kindOfDish,
  newCode,
  storeItemSchema,
  useByOf,
  type StoreItem,
} from '$core/stores';
import { dayKey } from '$core/units';
import type { Database } from './database';
import { putIn, takenCodes, listAllItems } from './item-store';

export interface Packing {
  id?: string;
  dish: Dish;
  place: StoreItem['place'];
  portions: number;
  /** `2026-11-28` */
  packedOn: string;
  isRaw: boolean;
  thicknessMm?: number;
}

/** @returns what was packed, or what is wrong with it, by field */
export async function pack(
  database: Database,
  { dish, place, portions, packedOn, isRaw, thicknessMm = 40, id = crypto.randomUUID() }: Packing,
  now: number,
): Promise<Outcome<StoreItem>> {
  const due = useByOf(kindOfDish(dish), place, packedOn);
  if (!due.ok) return due;
  const item = storeItemSchema.safeParse({
    id,
    code: newCode(await takenCodes(database), Math.random),
    name: (isRaw ? `${dish.name}, to cook` : dish.name).slice(0, 100),
    dishId: dish.id,
    place,
    portions,
    packedOn,
    ...due.value,
    isRaw,
    thicknessMm,
    cooking: cookingOf(dish, !isRaw),
    allergens: allergensOf(scaleDish(dish, dish.servings)).contains.map((a) => a.allergen),
  });
  if (!item.success)
    return {
      ok: false,
      problems: item.error.issues.map((issue): Problem => {
        const [message = '', remedy = 'correct it'] = issue.message.split('; ');
        return { field: issue.path.join('.'), message, remedy };
      }),
    };
  await putIn(database, item.data, now);
  return { ok: true, value: item.data };
}

/**
 * One label and one place in the freezer for each bag of a batch day; those that are written already stay.
 *
 * @returns codes of the whole day
 */
export async function packDay(
  database: Database,
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  now: number,
): Promise<string[]> {
  const written = new Map((await listAllItems(database)).map((i) => [i.id, i.code]));
  const packedOn = dayKey(Math.max(now, Date.parse(meal.serveAt)), meal.zone);
  const codes: string[] = [];
  for (const entry of meal.entries) {
    const dish = dishes.get(entry.dishId);
    if (!dish || !entry.bags) continue;
    for (let n = 1; n <= entry.bags.copies; n++) {
      const id = `${meal.id.slice(0, 20)}.${entry.id.slice(0, 30)}.${n}`;
      const known = written.get(id);
      if (known) {
        codes.push(known);
        continue;
      }
      const packed = await pack(
        database,
        {
          id,
          dish,
          place: 'freezer',
          portions: entry.servings ?? meal.servings,
          packedOn,
          isRaw: entry.bags.state !== 'cooked',
        },
        now,
      );
      if (packed.ok) codes.push(packed.value.code);
    }
  }
  return codes;
}
