/** A meal-prep set: protein, grain and vegetable cooked for so many boxes, and filled together. */
import { dishSchema, type Dish, type Stage } from '../dish';
import { daysOf, newEntry, type Meal, type MealEntry } from '../meal';
import { boxesInFridge, daysBetween, kindOfDish, type KeepingRules } from '../storage';
import { dayKey, weekday } from '../units';
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

/** What goes where: equal parts for a set; for lunches each day's dishes, and until which day boxes stand in the fridge. */
function fillWords(
  parts: readonly EffectiveEntry[],
  meal: Pick<Meal, 'lunches' | 'serveAt' | 'zone'>,
  rules: KeepingRules,
): string {
  const days = boxesInFridge(
    parts.map((p) => kindOfDish(p.dish)),
    rules,
  );
  const { lunches } = meal;
  if (!lunches)
    return `into each box an equal part of ${parts.map((p) => p.dish.name).join(', ')}; what is eaten within ${days === 1 ? 'a day (rice: UK FSA)' : `${days} days`} into the fridge, the rest into the freezer`;
  const packedOn = dayKey(Date.parse(meal.serveAt), meal.zone);
  const own = (id: string): string => {
    const eaten = daysOf(lunches, id);
    return eaten.length === lunches.days.length ? '' : ` (${eaten.map(weekday).join(', ')})`;
  };
  const foods = parts.map((p) => `${p.dish.name}${own(p.entry.id)}`).join(', ');
  const fresh = lunches.days.filter((d) => daysBetween(packedOn, d) <= days);
  const frozen = lunches.days.filter((d) => !fresh.includes(d));
  const places = [
    fresh.length > 0 ? `${fresh.map(weekday).join(', ')} into the fridge` : '',
    frozen.length > 0 ? `${frozen.map(weekday).join(', ')} into the freezer` : '',
  ].filter(Boolean);
  return `a portion of ${foods} into each box of ${lunches.people.join(', ')}; ${places.join(', ')}`;
}

/**
 * The entries of a set with their dishes changed, and the one that fills the boxes.
 *
 * @param rules of the household, where they are stricter than the published ones
 */
export function intoBoxes(
  parts: readonly EffectiveEntry[],
  boxes: number,
  meal: Pick<Meal, 'lunches' | 'serveAt' | 'zone'>,
  rules: KeepingRules,
): EffectiveEntry[] {
  const cooked = parts.map((p) => ({ ...p, dish: partOf(p.dish, p.servings) }));
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
        text: `Labels on first; ${fillWords(parts, meal, rules)}`.slice(0, 400),
        uses: cooked.map((_, i) => `part-${i}`),
      },
    ],
    wait: { maxMinutes: null, cost: 0 },
  });
  const entry: MealEntry = newEntry(BOXES, BOXES);
  return [...cooked, { entry, dish, servings: boxes, dishIds: [BOXES] }];
}
