/** A meal-prep set: protein, grain and vegetable cooked for so many boxes, and filled together. */
import { dishSchema, type Dish, type Stage } from '../dish';
import { newEntry, type MealEntry } from '../meal';
import { boxesInFridge, kindOfDish } from '../storage';
import { coolingStages, PACK_STAGE } from './batch';
import type { EffectiveEntry } from './types';

/** The id of the entry that fills the boxes, and of its dish. */
export const BOXES = 'boxes';
/** Whether a plan ends in bags and boxes instead of at the table. */
export function isBatchDay({
  meanings,
}: {
  meanings: readonly { stageId: string; entryId: string }[];
}): boolean {
  return meanings.some((m) => m.stageId === PACK_STAGE || m.entryId === BOXES);
}
/** Hands for one box: weigh in, lid, label (common practice), min. */
const FILL_MIN = 1.5;
const PRODUCT = 'for-boxes';

/** A dish of a set: cooked, spread out and cooled, and handed over to the boxes. */
function partOf(dish: Dish, servings: number): Dish {
  const last = dish.stages.at(-1);
  if (!last) return dish;
  const cooling: Stage[] = coolingStages(dish, servings, 1);
  return {
    ...dish,
    stages: [...dish.stages, ...cooling],
    wait: { maxMinutes: null, cost: 0 },
    products: [
      ...dish.products,
      { id: PRODUCT, food: dish.name, ml: 250 * servings, from: cooling.at(-1)?.id ?? last.id },
    ],
  };
}

/** The entries of a set with their dishes changed, and the one that fills the boxes. */
export function intoBoxes(parts: readonly EffectiveEntry[], boxes: number): EffectiveEntry[] {
  const cooked = parts.map((p) => ({ ...p, dish: partOf(p.dish, p.servings) }));
  const names = parts.map((p) => p.dish.name);
  const days = boxesInFridge(parts.map((p) => kindOfDish(p.dish)));
  const dish = dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: BOXES,
    name: `${boxes} ${boxes === 1 ? 'box' : 'boxes'}`,
    servings: boxes,
    ingredients: cooked.map((p, i) => ({
      id: `part-${i}`,
      food: p.dish.name.slice(0, 120),
      amount: null,
      unit: null,
      role: 'main',
      scaling: 'proportional',
      fromStore: true,
      takes: { dish: p.dish.id, product: PRODUCT },
    })),
    stages: [
      {
        id: 'fill',
        kind: 'finish',
        minutes: Math.max(1, Math.ceil(FILL_MIN * boxes)),
        inCooker: false,
        text: `Labels on first; into each box an equal part of ${names.join(', ')}; what is eaten within ${days === 1 ? 'a day (rice: UK FSA)' : `${days} days`} into the fridge, the rest into the freezer`.slice(
          0,
          400,
        ),
        uses: cooked.map((_, i) => `part-${i}`),
      },
    ],
    wait: { maxMinutes: null, cost: 0 },
  });
  const entry: MealEntry = newEntry(BOXES, BOXES);
  return [...cooked, { entry, dish, servings: boxes, dishIds: [BOXES] }];
}
