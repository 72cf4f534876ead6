/** Packing: an entry in the stores with its code, its use-by day and what its label says. */
import { allergensOf, scaleDish, type Dish, refOf, writtenId } from '$core/dish';
import { allergensInName, findFood, type KeepingKind } from '$core/food';
import { knownName, type Kitchen } from '$core/kitchen';
import type { BagSize } from '$core/meal';
import { FLAT_MM } from '$core/menu';
import { failure, problemsOf, success, type Outcome } from '$core/reason';
import {
  bulkFrom,
  isReady,
  keepingKindOf,
  kindOfDish,
  kindOfRaw,
  labelText,
  newCode,
  storeItemSchema,
  useByOf,
  type BagNeeds,
  type KeepingRules,
  type StoreItem,
} from '$core/storage';
import type { Database } from './database';
import { putIn, takenCodes } from './item-store';

interface Packed {
  id?: string;
  place: StoreItem['place'];
  portions: number;
  /** `2026-11-28` */
  packedOn: string;
  thicknessMm?: number;
  shape?: StoreItem['shape'];
  /** Which freezer or fridge; null: the first of its kind. */
  spot?: string | null;
  /** The day printed on a package, instead of the chart's. */
  useBy?: string | null;
}

export interface Packing extends Packed {
  dish: Dish;
  isRaw: boolean;
  /** As the cook measured it, where that is not in people. */
  size?: BagSize | undefined;
  /** What its later cooking will need, as it was checked. */
  later?: BagNeeds;
}

export interface FoodPacking extends Packed {
  /** As the cook calls it. */
  food: string;
  /** Of one pack. */
  grams: number;
}

/** @returns what was packed, or what is wrong with it, by field */
export async function pack(
  database: Database,
  packing: Packing,
  kitchen: Kitchen,
  now: number,
): Promise<Outcome<StoreItem>> {
  const { dish, isRaw: isKit } = packing;
  const name = (isKit ? `${dish.name}, to cook` : dish.name).slice(0, 100);
  const thicknessMm = packing.thicknessMm ?? FLAT_MM;
  // What is left of a bag is no dish of the household's.
  const dishId = writtenId(refOf(dish));
  const contents: StoreItem['contents'] = isKit
    ? { kind: 'kit', dishId }
    : (bulkFrom(dish) ?? { kind: 'cooked', dishId });
  return write(
    database,
    packing,
    isKit ? kindOfRaw(dish) : kindOfDish(dish),
    now,
    {
      name,
      contents,
      cooking: labelText({ ...packing, name, thicknessMm, contents }, dish, kitchen, packing.later),
      ...(packing.size ? { size: { ...packing.size, portions: packing.portions } } : {}),
      ...allergyFacts(dish),
    },
    kitchen,
  );
}

/** A food as it is bought, in packs, or something cooked elsewhere: by its name. */
export async function packFood(
  database: Database,
  packing: FoodPacking,
  kitchen: Kitchen,
  now: number,
): Promise<Outcome<StoreItem>> {
  const food = packing.food.trim();
  if (food === '')
    return failure({ field: 'food', message: 'a name is needed', remedy: 'write what it is' });
  const kind = keepingKindOf(knownName(kitchen, food)) ?? 'unknown';
  const about = {
    name: (food.charAt(0).toUpperCase() + food.slice(1)).slice(0, 100),
    contents: {
      kind: 'pack',
      food: food.slice(0, 100),
      grams: packing.grams,
      isRaw: !isReady(kind),
    } as const,
  };
  const thicknessMm = packing.thicknessMm ?? FLAT_MM;
  return write(
    database,
    packing,
    kind,
    now,
    {
      ...about,
      cooking: labelText({ ...packing, ...about, thicknessMm }, null, kitchen),
      allergens: [...new Set([...(findFood(food)?.allergens ?? []), ...allergensInName(food)])],
      unknownFoods: findFood(food) ? [] : [food],
    },
    kitchen,
  );
}

/** What a label says of allergens: those that are known, and what is not. */
export function allergyFacts(dish: Dish): Pick<StoreItem, 'allergens' | 'unknownFoods'> {
  const { contains, unknown, isKnown } = allergensOf(scaleDish(dish, dish.servings));
  const unnamed = isKnown || unknown.length > 0 ? unknown : ['its ingredients'];
  return { allergens: contains.map((a) => a.allergen), unknownFoods: unnamed };
}

async function write(
  database: Database,
  packing: Packed,
  kind: KeepingKind,
  now: number,
  about: Partial<StoreItem>,
  rules: KeepingRules,
): Promise<Outcome<StoreItem>> {
  const { place, portions, packedOn, id = crypto.randomUUID() } = packing;
  if (!isDay(packedOn))
    return failure({
      field: 'packedOn',
      message: 'the day it was packed is not a day',
      remedy: 'choose it again',
    });
  const due = useByOf(kind, place, packedOn, rules);
  if (!due.ok) return due;
  const code = newCode(await takenCodes(database), Math.random);
  const item = storeItemSchema.safeParse({
    id,
    code,
    place,
    portions,
    packedOn,
    ...due.value,
    ...(packing.useBy ? { useBy: packing.useBy } : {}),
    keepsAs: kind,
    thicknessMm: packing.thicknessMm ?? FLAT_MM,
    shape: packing.shape ?? 'flat',
    spot: packing.spot ?? null,
    ...about,
  });
  if (!item.success) return { ok: false, problems: problemsOf(item.error.issues) };
  await putIn(database, item.data, now);
  return success(item.data);
}

const isDay = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text));
