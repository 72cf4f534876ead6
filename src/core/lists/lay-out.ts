/** Laying out: everything cut and measured before the first pot is hot, and the tools for it. */
import { scaleDish, type Dish, type ScaledIngredient } from '../dish';
import { mentionedFood, productKey, type Food } from '../food';
import type { Kitchen } from '../kitchen';
import { BOXES, PACK_STAGE } from '../menu';
import type { Operation, Plan } from '../plan';
import { formatQuantity, type Quantity } from '../units';

export interface LaidOut {
  id: string;
  food: string;
  /** “3 onions: 2 diced, 1 sliced”. */
  text: string;
}

export interface LayOutGroup {
  dish: string;
  /** Minute on the plan's axis at which the dish is begun. */
  start: number;
  items: LaidOut[];
}

interface Used {
  ingredient: ScaledIngredient;
  dish: Dish;
}

/** Per dish in the order of use; nothing for what comes out of another dish. */
export function layOut(
  dishes: readonly { entryId: string; dish: Dish; servings: number }[],
  plan: Plan,
  kitchen: Kitchen,
): LayOutGroup[] {
  const startOf = (entryId: string): number =>
    Math.min(
      0,
      ...plan.operations
        .filter((o) => o.entryId === entryId && o.phase !== 'soak')
        .map((o) => o.start),
    );
  return dishes
    .map(({ entryId, dish, servings }) => {
      const order = dish.stages.flatMap((s) => s.uses);
      const rank = (i: ScaledIngredient): number => {
        const at = order.indexOf(i.ingredient.id);
        return at < 0 ? Infinity : at;
      };
      return {
        dish: dish.name,
        start: startOf(entryId),
        items: scaleDish(dish, servings)
          .ingredients.filter((i) => !i.ingredient.takes && (i.quantity || !i.ingredient.fromStore))
          .sort((a, b) => rank(a) - rank(b))
          .map((i) => ({
            id: `${entryId}.${i.ingredient.id}`,
            food: i.ingredient.food,
            text: [say(i.quantity, i, kitchen), i.ingredient.preparation]
              .filter(Boolean)
              .join(', '),
          })),
      };
    })
    .sort((a, b) => a.start - b.start);
}

function say(quantity: Quantity | null, i: ScaledIngredient, kitchen: Kitchen): string {
  const amount = quantity ? formatQuantity(quantity, kitchen.system) : '';
  return `${amount} ${i.ingredient.food}`.trim();
}

/** What several dishes need of one food, cut once: the whole amount, and how much of it how. */
export function mergedCuts(
  dishes: readonly { dish: Dish; servings: number }[],
  kitchen: Kitchen,
): LaidOut[] {
  const byFood = new Map<string, Used[]>();
  for (const { dish, servings } of dishes)
    for (const ingredient of scaleDish(dish, servings).ingredients) {
      const { takes, fromStore, preparation } = ingredient.ingredient;
      if (takes || fromStore || !preparation) continue;
      const { food, unit } = ingredient.ingredient;
      const key = productKey(food, { unit, preparation });
      byFood.set(key, [...(byFood.get(key) ?? []), { ingredient, dish }]);
    }
  return [...byFood].flatMap(([key, used]) => {
    const [first] = used;
    const unit = first?.ingredient.quantity?.unit;
    if (used.length < 2 || !first || !unit) return [];
    if (used.some((u) => u.ingredient.quantity?.unit !== unit)) return [];
    const total = used.reduce((sum, u) => sum + (u.ingredient.quantity?.amount ?? 0), 0);
    const read = (amount: number): string => formatQuantity({ amount, unit }, kitchen.system);
    const cuts = used.map(
      (u) =>
        `${read(u.ingredient.quantity?.amount ?? 0)} ${u.ingredient.ingredient.preparation} (${u.dish.name})`,
    );
    const food = first.ingredient.ingredient.food;
    return [{ id: `cut.${key}`, food, text: `${read(total)} ${food}: ${cuts.join(', ')}` }];
  });
}

export interface ToolUse {
  tool: string;
  /** When it is first needed, minute on the plan's axis. */
  at: number;
  dishes: string[];
}

/** Small tools that a step's words ask for (common practice). */
const ASKED: readonly (readonly [RegExp, string])[] = [
  [/\bdrain/i, 'colander'],
  [/\b(?:strain|sieve|sift)/i, 'strainer'],
  [/\b(?:mash|crush)/i, 'masher'],
  [/\bwhisk\b/i, 'whisk'],
  [/\b(?:grate|zest)\b/i, 'grater'],
  [/\bpeel(?:s|ed)?\b/i, 'peeler'],
  [/\bcover(?:ed)?\b|\bfoil\b/i, 'foil'],
  [/purée|\b(?:puree|blend)\b/i, 'blender'],
  [/\b(?:skim|ladle)\b/i, 'ladle'],
  [/\b(?:carve|joint)\b/i, 'carving knife and board'],
  [/\b(?:gloves|lift)\b/i, 'heat-proof gloves'],
  [/\b(?:spread|roast|crisp)\b.*\btrays?\b|\bon(?:to)? a tray\b/i, 'oven tray'],
  [/\bweigh\b/i, 'scales'],
];
/** Raw meat is turned with tongs that touch nothing cooked (common practice). */
const TURNED = /\b(?:brown|sear|turn(?:ed)? (?:over|them|it)|turn the)\b/i;
const LIFTED = /\b(?:turn|lift|take (?:it|them|the)|shred|pull|carve|plate|slice)\b/i;
const RAW_TONGS = 'tongs for raw';
const COOKED_TONGS = 'tongs for cooked';
const FLESH: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish']);

const hasFlesh = (texts: readonly string[]): boolean =>
  texts.some((text) => FLESH.has(mentionedFood(text)?.group ?? 'baking'));

/** Which tongs a step asks for: those for raw while meat browns, others once it is cooked. */
function tongsFor({ phase, text, amounts }: Operation, wasRaw: boolean): string | null {
  if (phase === 'brown')
    return TURNED.test(text) || amounts.length > 0
      ? hasFlesh([...amounts, text])
        ? RAW_TONGS
        : 'tongs'
      : null;
  if (wasRaw && LIFTED.test(text)) return COOKED_TONGS;
  return TURNED.test(text) ? 'tongs' : null;
}

/** What is needed when: racks and pans that the plan has taken, what steps are done with, and what their words ask for. */
export function toolsFor(plan: Plan, kitchen: Kitchen): ToolUse[] {
  const uses = new Map<string, ToolUse>();
  const add = (tool: string, at: number, dish: string): void => {
    const found = uses.get(tool) ?? { tool, at, dishes: [] };
    found.at = Math.min(found.at, at);
    if (!found.dishes.includes(dish)) found.dishes.push(dish);
    uses.set(tool, found);
  };
  for (const { id, tools, start } of plan.stays) {
    const dish = plan.operations.find((o) => o.stay === id)?.dishName ?? '';
    for (const tool of tools)
      add(kitchen.tools.find((t) => t.id === tool)?.name ?? tool, start, dish);
  }
  const raw = new Set<string>();
  for (const operation of plan.operations.toSorted((a, b) => a.start - b.start)) {
    const { entryId, text, phase, isHands, caution, start, stageId, dishName: dish } = operation;
    for (const [pattern, tool] of ASKED) if (isHands && pattern.test(text)) add(tool, start, dish);
    const tongs = isHands ? tongsFor(operation, raw.has(entryId)) : null;
    if (tongs) add(tongs, start, dish);
    if (tongs === RAW_TONGS) raw.add(entryId);
    if (phase === 'oven' || phase === 'crisp') add('oven tray', start, dish);
    if (stageId === PACK_STAGE || entryId === BOXES)
      add(
        entryId === BOXES ? 'boxes, labels and a marker' : 'bags, labels and a marker',
        start,
        dish,
      );
    if (caution?.code === 'centre-temperature') add('thermometer', start, dish);
  }
  return [...uses.values()].sort((a, b) => a.at - b.at);
}
