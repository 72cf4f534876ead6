/** Packing: an entry in the stores with its code, its use-by day and what its label says. */
import { allergensOf, scaleDish, type Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import type { Meal, MealEntry } from '$core/meal';
import { bagSheet, FLAT_MM } from '$core/plan';
import type { Outcome, Problem } from '$core/reason';
import {
  bulkFrom,
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
  shape?: StoreItem['shape'];
  /** Which freezer or fridge; null: the first of its kind. */
  spot?: string | null;
}

/** @returns what was packed, or what is wrong with it, by field */
export async function pack(
  database: Database,
  packing: Packing,
  now: number,
): Promise<Outcome<StoreItem>> {
  const { dish, place, portions, packedOn, isRaw, id = crypto.randomUUID() } = packing;
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
    thicknessMm: packing.thicknessMm ?? FLAT_MM,
    shape: packing.shape ?? 'flat',
    spot: packing.spot ?? null,
    bulk: isRaw ? null : bulkFrom(dish),
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

/** Boxes that are eaten within three days stand in the fridge; the others are frozen. */
const FRIDGE_BOXES = 3;

/** The boxes of a meal-prep set, a portion of each dish in each; those that are written already stay. */
async function packBoxes(
  database: Database,
  meal: Meal,
  parts: readonly Dish[],
  packedOn: string,
  now: number,
): Promise<string[]> {
  if (meal.boxes === null || parts.length === 0) return [];
  const inFridge = Math.min(meal.boxes, FRIDGE_BOXES);
  const codes: string[] = [];
  for (const [place, portions] of [
    ['fridge', inFridge],
    ['freezer', meal.boxes - inFridge],
  ] as const) {
    if (portions === 0) continue;
    const dues = parts.map((d) => useByOf(kindOfDish(d), place, packedOn));
    const first = dues.flatMap((d) => (d.ok ? [d.value] : [])).sort(byUseBy)[0];
    if (!first) continue;
    const item = storeItemSchema.parse({
      id: `${meal.id.slice(0, 20)}.boxes.${place}`,
      code: newCode(await takenCodes(database), Math.random),
      name: `Box: ${parts.map((d) => d.name).join(', ')}`.slice(0, 100),
      place,
      portions,
      packedOn,
      ...first,
      cooking: 'Heat to 74 °C all through; never in a slow cooker (USDA FSIS).',
      allergens: [
        ...new Set(
          parts.flatMap((d) =>
            allergensOf(scaleDish(d, d.servings)).contains.map((a) => a.allergen),
          ),
        ),
      ],
    });
    await putIn(database, item, now);
    codes.push(item.code);
  }
  return codes;
}

const byUseBy = (a: { useBy: string }, b: { useBy: string }): number =>
  a.useBy.localeCompare(b.useBy);

/**
 * One label and one place in the freezer for each bag of a batch day; those that are written already stay.
 *
 * @returns codes of the whole day
 */
export async function packDay(
  database: Database,
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
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
          shape: entry.bags.shape,
          thicknessMm: thicknessOf(entry.bags, dish, entry.servings ?? meal.servings, kitchen),
        },
        now,
      );
      if (packed.ok) codes.push(packed.value.code);
    }
  }
  const known = [...written].filter(([id]) => id.startsWith(`${meal.id.slice(0, 20)}.boxes.`));
  if (known.length > 0) return [...codes, ...known.map(([, code]) => code)];
  const parts = meal.entries.flatMap((e) => (e.bags ? [] : (dishes.get(e.dishId) ?? [])));
  return [...codes, ...(await packBoxes(database, meal, parts, packedOn, now))];
}

/** A flat bag has its usual thickness, a mound the height that its volume gives it. */
function thicknessOf(
  bags: NonNullable<MealEntry['bags']>,
  dish: Dish,
  servings: number,
  kitchen: Kitchen,
): number {
  if (bags.shape === 'flat') return FLAT_MM;
  const { shapes } = bagSheet(dish, servings, bags, kitchen);
  const mound = shapes.find((s) => s.shape === 'mound')?.thicknessMm ?? FLAT_MM;
  return Math.min(200, Math.max(5, mound));
}
