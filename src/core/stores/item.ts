/** What lies in the freezer and the fridge: packed on, use by, and a code to find it again. */
import { z } from 'zod';
import type { Dish } from '../dish';
import { KEEPING, type KeepingKind } from '../food';
import { failure, success, type Outcome } from '../reason';
import { centreTarget } from '../safety';
import { scaleDish } from '../dish';
import { formatQuantity, type Quantity } from '../units';

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
    portions: z
      .number('how many portions is a number')
      .min(0, 'no fewer than no portion')
      .max(500, 'at most 500 portions in one entry; make several'),
    packedOn: day,
    useBy: day,
    /** What counts for the use-by day: safety in the fridge, quality in the freezer. */
    why: z.enum(['safety', 'quality']),
    /** For the label: how it is cooked or heated, what goes in after. */
    cooking: z.string().max(300).default(''),
    allergens: z.array(z.string()).default([]),
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

/** Entries from before bags said whether they are cooked said it in their name. */
function withState(item: unknown): unknown {
  if (typeof item !== 'object' || item === null || 'isRaw' in item) return item;
  return { ...item, isRaw: 'name' in item && /, to cook$/.test(String(item.name)) };
}

export const storeItemSchema = z.preprocess(withState, itemSchema);
export type StoreItem = z.infer<typeof storeItemSchema>;

const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';
const CODE_LENGTH = 4;
const DAYS_IN_MONTH = 30;

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

/** The kind of the keeping chart a cooked dish belongs to: by what spoils first in it. */
export function kindOfDish(dish: Dish): KeepingKind {
  const foods = scaleDish(dish, dish.servings).ingredients.flatMap((i) =>
    i.food && (i.grams ?? 0) > 0 ? [{ food: i.food, grams: i.grams ?? 0 }] : [],
  );
  const grams = (test: (f: (typeof foods)[number]['food']) => boolean): number =>
    foods.filter(({ food }) => test(food)).reduce((sum, f) => sum + f.grams, 0);
  if (grams((f) => f.id === 'rice' || f.id === 'brown-rice') > 0) return 'cooked-rice';
  if (grams((f) => ['meat', 'poultry', 'fish'].includes(f.group)) > 0) return 'cooked-meat';
  return grams((f) => f.group === 'pulse') > 0 ? 'cooked-pulse' : 'soup';
}

function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

/**
 * Use-by day of something cooked, by the shorter end of the published time.
 *
 * @source FoodSafety.gov, Cold Food Storage Chart (from memory): safety in the fridge, quality in the freezer
 */
export function useByOf(
  kind: KeepingKind,
  place: StoreItem['place'],
  packedOn: string,
): Outcome<{ useBy: string; why: StoreItem['why'] }> {
  const row = KEEPING[kind];
  if (place === 'fridge')
    return success({ useBy: addDays(packedOn, row.fridgeDays[1]), why: 'safety' });
  if (!row.freezerMonths)
    return failure({
      field: 'place',
      message: 'freezing does it no good',
      remedy: 'keep it in the fridge',
    });
  return success({
    useBy: addDays(packedOn, row.freezerMonths[1] * DAYS_IN_MONTH),
    why: 'quality',
  });
}

/** What the label says of cooking and heating. */
export function cookingOf(dish: Dish, isCooked: boolean): string {
  if (isCooked) {
    const { ingredients } = scaleDish(dish, dish.servings);
    const isRisky = ingredients.some((i) => centreTarget(i.food) !== null);
    return `Heat to 74 °C${isRisky ? ' all through' : ''}; never in a slow cooker (USDA FSIS).`;
  }
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  const pressure =
    cycle?.kind === 'pressure'
      ? `Pressure ${cycle.level}, ${cycle.holdMinutes} min, ${cycle.release.kind} release.`
      : '';
  const slow = dish.slow ? ` Slow cooker, thawed: ${dish.slow.hours} h ${dish.slow.setting}.` : '';
  const after = dish.stages
    .slice(cycle ? dish.stages.indexOf(cycle) + 1 : dish.stages.length)
    .flatMap((s) => s.uses)
    .flatMap((id) => dish.ingredients.filter((i) => i.id === id).map((i) => i.food));
  const liquid = scaleDish(dish, dish.servings)
    .ingredients.filter((i) => i.ingredient.scaling === 'with-pot' && i.quantity)
    .map((i) => `${formatQuantity(i.quantity as Quantity, 'metric')} ${i.ingredient.food}`);
  const add = liquid.length > 0 ? ` Add ${liquid.join(', ')}.` : '';
  return `${pressure}${add}${slow}${after.length > 0 ? ` After: ${[...new Set(after)].join(', ')}.` : ''}`.slice(
    0,
    300,
  );
}

/** Days until it is due; negative once that has passed. @param today `2026-11-28` */
export function daysLeft(item: Pick<StoreItem, 'useBy'>, today: string): number {
  return Math.round((Date.parse(item.useBy) - Date.parse(today)) / 86_400_000);
}

/** First in, first out: what is due first comes first, then what was packed first. */
export function byDue(a: StoreItem, b: StoreItem): number {
  return a.useBy.localeCompare(b.useBy) || a.packedOn.localeCompare(b.packedOn);
}
