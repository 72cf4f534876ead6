/** A batch day packed: one label and one place for each bag, box and lunch, written before they are filled. */
import { dishKey, type Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import { boxesOf, type Meal, type MealEntry } from '$core/meal';
import { bagLater, bagThickness, FLAT_MM, needsOf, placedBoxes, servingsInBag } from '$core/menu';
import {
  boxesInFridge,
  fridgeDaysOf,
  gramsOfItem,
  kindOfDish,
  labelText,
  LITRES_PER_KG,
  lunchLabel,
  newCode,
  spotsFor,
  storeItemSchema,
  useByOf,
  type StoreItem,
} from '$core/storage';
import { dayKey, weekday } from '$core/units';
import type { Database } from './database';
import { listAllItems, putIn, takenCodes, takeOut } from './item-store';
import { allergyFacts, pack } from './pack';
import { roomsOf } from './stock-room';
import { dayPart, isOfDay } from './day-items';

/** What was packed, in order, and how many of them no freezer has room for. */
export interface PackedDay {
  codes: string[];
  withoutRoom: number;
}

/** A bag, box or lunch whose label is still to be written. */
interface ToPack {
  id: string;
  place: StoreItem['place'];
  litres: number;
  write: (spot: string | null) => Promise<string | null>;
}

/**
 * One label and one place in freezer or fridge for each bag of a batch day; those that are written already stay.
 * Freezers are filled in the kitchen’s order, each as far as it has room.
 */
export async function packDay(
  database: Database,
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  now: number,
): Promise<PackedDay> {
  const all = await listAllItems(database);
  const written = new Map(all.map((i) => [i.id, i.code]));
  const packedOn = dayKey(Math.max(now, Date.parse(meal.serveAt)), meal.zone);
  const day = { database, meal, dishes, kitchen, packedOn, now };
  const wanted = [
    ...meal.entries.flatMap((entry) => bagsOf(entry, day)),
    ...(meal.lunches ? lunchesOf(day) : boxesOfSet(day)),
  ];
  const fresh = wanted.filter((w) => !written.has(w.id));
  const frozen = fresh.filter((w) => w.place === 'freezer');
  const there = all.filter((i) => i.portions > 0);
  const spots = spotsFor(
    await roomsOf(database, kitchen, there),
    frozen.map((w) => w.litres),
  );
  const spotOf = new Map(frozen.map((w, i) => [w.id, spots[i] ?? null]));
  const codes: string[] = [];
  for (const one of wanted) {
    const code = written.get(one.id) ?? (await one.write(spotOf.get(one.id) ?? null));
    if (code) codes.push(code);
  }
  const hasFreezer = kitchen.places.some((p) => p.kind === 'freezer');
  const withoutRoom = hasFreezer ? spots.filter((s) => s === null).length : 0;
  await takeBack(database, staleOf(all, meal, wanted), now, kitchen.zone);
  return { codes, withoutRoom };
}

interface Day {
  database: Database;
  meal: Meal;
  dishes: ReadonlyMap<string, Dish>;
  kitchen: Kitchen;
  packedOn: string;
  now: number;
}

function bagsOf(entry: MealEntry, day: Day): ToPack[] {
  const { database, meal, kitchen, packedOn, now } = day;
  const dish = day.dishes.get(dishKey(entry.what.dish));
  const { bags } = entry.what;
  if (!dish || !bags) return [];
  const portions = servingsInBag(entry, meal, dish);
  const isRaw = bags.state !== 'cooked';
  const contents = isRaw ? 'kit' : 'cooked';
  const grams = portions * gramsOfItem({ contents: { kind: contents, dishId: null } }, dish);
  const later = needsOf(bagLater(dish, portions, bags, kitchen), bags);
  return Array.from({ length: bags.copies }, (_, i): ToPack => {
    const id = `${dayPart(meal.id)}${entry.id.slice(0, 30)}.${i + 1}`;
    const place: StoreItem['place'] = i < bags.inFridge ? 'fridge' : 'freezer';
    const { shape, size } = bags;
    const thicknessMm = bagThickness(bags, dish, portions, kitchen);
    return {
      id,
      place,
      litres: (grams * LITRES_PER_KG) / 1000,
      write: async (spot) => {
        const common = { id, dish, place, spot, portions, packedOn, isRaw };
        const packing = { ...common, shape, thicknessMm, size, later } as const;
        const packed = await pack(database, packing, kitchen, now);
        return packed.ok ? packed.value.code : null;
      },
    };
  });
}

/** Lunches: one box for each person and day, frozen from the day on which it would no longer keep. */
function lunchesOf(day: Day): ToPack[] {
  const { meal, dishes, kitchen, packedOn } = day;
  return placedBoxes(meal, dishes, packedOn, kitchen).map((box): ToPack => {
    // Two long names may begin alike: the place in the list tells them apart.
    const who = meal.lunches?.people.indexOf(box.person) ?? 0;
    const id = `${dayPart(meal.id)}lunch.${box.day}.${who}-${box.person.slice(0, 12)}`;
    const names = box.dishes.map((d) => d.name).join(', ');
    const about = {
      name: `${box.person}, ${weekday(box.day)}: ${names}`.slice(0, 100),
      cooking: lunchLabel(box.dishes, box.place, kitchen),
      lunch: { person: box.person, day: box.day },
    };
    const grams = boxGrams(box.dishes);
    return {
      id,
      place: box.place,
      litres: (grams * LITRES_PER_KG) / 1000,
      write: (spot) =>
        writeBox(day, { id, place: box.place, spot, portions: 1 }, box.dishes, about),
    };
  });
}

const boxGrams = (dishes: readonly Dish[]): number =>
  dishes.reduce(
    (sum, dish) => sum + gramsOfItem({ contents: { kind: 'cooked', dishId: null } }, dish),
    0,
  );

/** The boxes of a meal-prep set, a portion of each dish in each. */
function boxesOfSet(day: Day): ToPack[] {
  const { meal, dishes, kitchen } = day;
  const parts = meal.entries.flatMap((e) =>
    e.what.bags ? [] : (dishes.get(dishKey(e.what.dish)) ?? []),
  );
  const boxes = boxesOf(meal);
  if (boxes === null || parts.length === 0) return [];
  const inFridge = Math.min(boxes, boxesInFridge(parts.map(kindOfDish), kitchen));
  const places = [
    ['fridge', inFridge],
    ['freezer', boxes - inFridge],
  ] as const;
  return places.flatMap(([place, portions]): ToPack[] => {
    if (portions === 0) return [];
    const id = `${dayPart(meal.id)}boxes.${place}`;
    const name = `Box: ${parts.map((d) => d.name).join(', ')}`.slice(0, 100);
    const contents = { kind: 'cooked', dishId: null } as const;
    const cooking = labelText(
      { name, place, portions, contents, thicknessMm: FLAT_MM },
      null,
      kitchen,
    );
    return [
      {
        id,
        place,
        litres: (portions * boxGrams(parts) * LITRES_PER_KG) / 1000,
        write: (spot) => writeBox(day, { id, place, spot, portions }, parts, { name, cooking }),
      },
    ];
  });
}

/** A box with several dishes: what spoils first in it decides, and what any of them contains is in it. */
async function writeBox(
  { database, kitchen, packedOn, now }: Day,
  where: Pick<StoreItem, 'id' | 'place' | 'spot' | 'portions'>,
  dishes: readonly Dish[],
  about: Pick<StoreItem, 'name' | 'cooking'> & Pick<Partial<StoreItem>, 'lunch'>,
): Promise<string | null> {
  const kinds = dishes.map(kindOfDish);
  const first = kinds.toSorted((a, b) => fridgeDaysOf(a, kitchen) - fridgeDaysOf(b, kitchen))[0];
  const dues = kinds.map((kind) => useByOf(kind, where.place, packedOn, kitchen));
  const [due] = dues
    .flatMap((d) => (d.ok ? [d.value] : []))
    .sort((a, b) => a.useBy.localeCompare(b.useBy));
  if (!due || !first) return null;
  const facts = dishes.map(allergyFacts);
  const item = storeItemSchema.parse({
    ...where,
    ...about,
    code: newCode(await takenCodes(database), Math.random),
    contents: { kind: 'cooked', dishId: null },
    thicknessMm: FLAT_MM,
    packedOn,
    ...due,
    keepsAs: first,
    allergens: [...new Set(facts.flatMap((f) => f.allergens))],
    unknownFoods: [...new Set(facts.flatMap((f) => f.unknownFoods))],
  });
  await putIn(database, item, now);
  return item.code;
}

/** Labels that were written for the day before it was planned otherwise. */
function staleOf(all: readonly StoreItem[], meal: Meal, wanted: readonly ToPack[]): StoreItem[] {
  const now = new Set(wanted.map((w) => w.id));
  return all.filter((i) => isOfDay(i.id, meal.id) && !now.has(i.id) && i.portions > 0);
}

/** What was to be packed and is not any more is no stock; what was packed by now stays. */
async function takeBack(
  database: Database,
  stale: readonly StoreItem[],
  now: number,
  zone: string,
): Promise<void> {
  const today = dayKey(now, zone);
  for (const { id, portions, packedOn } of stale)
    if (packedOn >= today)
      await takeOut(database, id, portions, { what: 'out', note: 'planned otherwise', now });
}
