/** A batch day packed: one label and one place for each bag and box, written before they are filled. */
import { dishKey, type Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import type { Meal } from '$core/meal';
import { bagThickness, FLAT_MM } from '$core/menu';
import {
  boxesInFridge,
  fridgeDaysOf,
  kindOfDish,
  labelText,
  newCode,
  storeItemSchema,
  useByOf,
} from '$core/storage';
import { dayKey } from '$core/units';
import type { Database } from './database';
import { listAllItems, putIn, takenCodes } from './item-store';
import { allergyFacts, pack } from './pack';

/** What the ids of everything that a batch day packs begin with. */
const dayPart = (mealId: string): string => `${mealId.slice(0, 20)}.`;

/** Whether an item was labelled for this batch day. */
export const isOfDay = (itemId: string, mealId: string): boolean =>
  itemId.startsWith(dayPart(mealId));

/** The boxes of a meal-prep set, a portion of each dish in each; those that are written already stay. */
async function packBoxes(
  database: Database,
  meal: Meal,
  parts: readonly Dish[],
  kitchen: Kitchen,
  packedOn: string,
  now: number,
): Promise<string[]> {
  if (meal.boxes === null || parts.length === 0) return [];
  const kinds = parts.map(kindOfDish);
  // What spoils first in the box decides, and rice is to be eaten within a day.
  const first = kinds.toSorted((a, b) => fridgeDaysOf(a) - fridgeDaysOf(b))[0] ?? 'cooked-meat';
  const inFridge = Math.min(meal.boxes, boxesInFridge(kinds));
  const codes: string[] = [];
  for (const [place, portions] of [
    ['fridge', inFridge],
    ['freezer', meal.boxes - inFridge],
  ] as const) {
    if (portions === 0) continue;
    const dues = kinds.map((kind) => useByOf(kind, place, packedOn));
    const due = dues.flatMap((d) => (d.ok ? [d.value] : [])).sort(byUseBy)[0];
    if (!due) continue;
    const about = {
      name: `Box: ${parts.map((d) => d.name).join(', ')}`.slice(0, 100),
      place,
      portions,
      contents: { kind: 'cooked', dishId: null } as const,
      thicknessMm: FLAT_MM,
    };
    const item = storeItemSchema.parse({
      id: `${dayPart(meal.id)}boxes.${place}`,
      code: newCode(await takenCodes(database), Math.random),
      ...about,
      packedOn,
      ...due,
      keepsAs: first,
      cooking: labelText(about, null, kitchen),
      allergens: [...new Set(parts.flatMap((d) => allergyFacts(d).allergens))],
      unknownFoods: [...new Set(parts.flatMap((d) => allergyFacts(d).unknownFoods))],
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
    const dish = dishes.get(dishKey(entry.what.dish));
    if (!dish || !entry.what.bags) continue;
    for (let n = 1; n <= entry.what.bags.copies; n++) {
      const id = `${dayPart(meal.id)}${entry.id.slice(0, 30)}.${n}`;
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
          place: n <= entry.what.bags.inFridge ? 'fridge' : 'freezer',
          portions: entry.forWhom.servings ?? meal.servings,
          packedOn,
          isRaw: entry.what.bags.state !== 'cooked',
          shape: entry.what.bags.shape,
          thicknessMm: bagThickness(
            entry.what.bags,
            dish,
            entry.forWhom.servings ?? meal.servings,
            kitchen,
          ),
        },
        kitchen,
        now,
      );
      if (packed.ok) codes.push(packed.value.code);
    }
  }
  const known = [...written].filter(([id]) => id.startsWith(`${dayPart(meal.id)}boxes.`));
  if (known.length > 0) return [...codes, ...known.map(([, code]) => code)];
  const parts = meal.entries.flatMap((e) =>
    e.what.bags ? [] : (dishes.get(dishKey(e.what.dish)) ?? []),
  );
  return [...codes, ...(await packBoxes(database, meal, parts, kitchen, packedOn, now))];
}
