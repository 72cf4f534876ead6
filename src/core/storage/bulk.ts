/** Food cooked in bulk as an ingredient of other dishes: what it saves them. */
import { fault } from '../words';
import {
  cansOf,
  dishKey,
  dishSchema,
  mainIngredient,
  type Dish,
  type DishRef,
  type Ingredient,
  type ScaledIngredient,
  type Stage,
} from '../dish';
import { cookingYield, findFood, foodById, productKey, type Food } from '../food';
import { failure, success, type Outcome } from '../reason';
import { toFraction } from '../units';
import { asWritten } from './as-written';
import type { Contents } from './contents';
import type { StoreItem } from './item';
import type { Stock } from './stock';
import { safeUntil } from './use-by';

/** Share of a stage's solid weight above which it is that food's own stage. */
const OWN_SHARE = 0.6;
/** To heat what is cooked already through, min (estimate for a pan on a burner). */
const HEAT_MIN = 8;
/** Stages that cooked food has behind it. */
const SAVED = new Set<Stage['kind']>(['prep', 'soak', 'brown', 'pressure', 'simmer']);

/**
 * What a dish's only main food comes to as stock: its id and the raw weight of one portion.
 *
 * @returns null where the dish is not said to be cooked in bulk, or has no food of the table to stand for
 */
export function bulkFrom(dish: Dish): Extract<Contents, { kind: 'bulk' }> | null {
  if (!dish.bulk) return null;
  const main = mainIngredient(asWritten(dish));
  if (!main?.food || !main.grams) return null;
  return {
    kind: 'bulk',
    dishId: dish.id,
    food: main.food.id,
    rawGrams: main.grams / dish.servings,
  };
}

/** They may cook once more in what they go into; pulses and grain would drink none of its liquid. */
const GOES_IN_COOKED: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'vegetable']);
/** A can of pulses, drained (common practice; the label decides), g. */
const DRAINED_CAN_G = 250;
/** Bought as something else, and the same food cooked down. */
const COOKED_DOWN: Readonly<Record<string, string>> = { passata: 'tomato' };
const READY = /^(?:canned|cooked|boiled|shredded|roasted) (.+)$/;

/** What of a dish a food cooked in bulk stands for. */
interface Asked {
  ingredient: Ingredient;
  food: Food;
  /** It is asked for cooked already, or out of a can. */
  isReady: boolean;
  cookedGrams: number;
  rawGrams: number;
  /** What it takes the place of. */
  words: string;
}

/**
 * Whether what was cooked in bulk takes the place of a food that is asked for: raw, out of a can, or cooked.
 *
 * @param key of the product that is asked for
 * @param own its row of the table
 * @param bulkFood id of the food that was cooked
 */
export function isStoodFor(
  key: string,
  own: Food | null,
  bulkFood: string,
): 'raw' | 'ready' | null {
  if (COOKED_DOWN[own?.id ?? ''] === bulkFood) return 'ready';
  const ready = READY.exec(key)?.[1];
  if (ready === undefined) return own?.id === bulkFood ? 'raw' : null;
  return [ready, `${ready}s`].some((n) => findFood(n)?.id === bulkFood) ? 'ready' : null;
}

/**
 * What a dish takes of a food that was cooked in bulk, as it is written: the size of a bag for it.
 *
 * @returns g cooked; null where it takes none
 */
export function cookedGramsFor(dish: Dish, bulkFood: string): number | null {
  return askedIn(asWritten(dish).ingredients, bulkFood)?.cookedGrams ?? null;
}

/** The first ingredient that asks for that food: raw, out of a can, or cooked. */
function askedIn(ingredients: readonly ScaledIngredient[], foodId: string): Asked | null {
  const food = foodById(foodId);
  if (!food) return null;
  const { factor } = cookingYield(food);
  for (const scaled of ingredients) {
    const { ingredient, food: own, quantity, grams } = scaled;
    if (!quantity || !grams || ingredient.fromStore) continue;
    const { unit, preparation } = ingredient;
    const key = productKey(ingredient.food, { unit, preparation });
    const stoodFor = isStoodFor(key, own, foodId);
    if (stoodFor === null) continue;
    if (stoodFor === 'raw') {
      const words = `${Math.round(grams)} g raw`;
      const cookedGrams = grams * factor;
      return { ingredient, food, isReady: false, cookedGrams, rawGrams: grams, words };
    }
    const cans = cansOf(scaled);
    const isDrained = cans !== null && food.group === 'pulse';
    const cookedGrams = isDrained ? cans * DRAINED_CAN_G : grams;
    const rawGrams = cookedGrams / factor;
    const words =
      cans !== null
        ? `${toFraction(cans)} ${cans > 1 ? 'cans' : 'can'}`
        : `${Math.round(cookedGrams)} g of it`;
    return { ingredient, food, isReady: true, cookedGrams, rawGrams, words };
  }
  return null;
}

/**
 * A dish that takes a bag of cooked food instead of the raw, canned or bought one: the stages that only cut,
 * soak, brown or cook that food are left out, and their minutes with them.
 */
export function withBulk(dish: Dish, item: StoreItem | Stock): Outcome<Dish> {
  const { contents } = item;
  if (contents.kind === 'pack') return withPack(dish, item, contents);
  const bulk = contents.kind === 'bulk' ? contents : null;
  const scaled = asWritten(dish);
  const asked = bulk && bulk.rawGrams > 0 ? askedIn(scaled.ingredients, bulk.food) : null;
  if (!bulk || !asked)
    return failure(
      fault('bulk', 'not-made-with', { item: item.name, dish: dish.name, choose: 'bag' }),
    );
  const own = asked.ingredient.id;
  const grams = new Map(
    scaled.ingredients.map((i) => [i.ingredient.id, i.food?.form === 'solid' ? (i.grams ?? 0) : 0]),
  );
  const isOwn = (stage: Stage): boolean => {
    if (!SAVED.has(stage.kind) || !stage.uses.includes(own)) return false;
    const all = stage.uses.reduce((sum, id) => sum + (grams.get(id) ?? 0), 0);
    return all > 0 && (grams.get(own) ?? 0) >= OWN_SHARE * all;
  };
  // What is asked for out of a can or cooked already has no work of its own to be saved.
  const gone = new Set(asked.isReady ? [] : dish.stages.filter(isOwn).map((s) => s.id));
  if (gone.size === 0 && !asked.isReady && !GOES_IN_COOKED.has(asked.food.group))
    return failure(
      fault('bulk', 'saves-no-work', { dish: dish.name, food: asked.ingredient.food }),
    );
  const portions = asked.rawGrams / bulk.rawGrams;
  const kept = dish.stages.filter((s) => !gone.has(s.id));
  const stages = relinked(dish.stages, gone);
  const used = new Set(kept.flatMap((s) => s.uses));
  const isHot = kept.some((s) => !['prep', 'soak', 'rest', 'finish'].includes(s.kind));
  const name = `${dish.name} (${item.code})`.slice(0, 100);
  const made = dishSchema.safeParse({
    ...dish,
    ...madeFrom(item, dish),
    eatBy: safeUntil(item) ?? undefined,
    atMost: Math.floor((dish.servings * item.portions * 2) / portions) / 2,
    name,
    summary:
      gone.size === 0
        ? `With ${item.name} from the ${item.place}.`
        : `With ${item.name}: ${gone.size === 1 ? 'one stage' : `${gone.size} stages`} less.`,
    ingredients: dish.ingredients
      .filter((i) => i.id === own || used.has(i.id) || !usedAtAll(dish, i.id))
      .map((i) =>
        i.id === own
          ? {
              ...i,
              amount: Math.max(1, Math.round(asked.cookedGrams)),
              unit: 'g',
              scaling: 'proportional',
              preparation: `cooked, ${bagWords(item, portions, dish.servings)} from the ${item.place}; as much as ${asked.words}`,
              takes: undefined,
              fromStore: true,
              ...(item.place === 'freezer' ? { frozen: true, thaw: true } : {}),
            }
          : i,
      ),
    stages: withFood(stages, own, isHot, item),
    products: dish.products.filter((p) => !gone.has(p.from)),
  });
  if (made.success) return success(made.data);
  return failure(fault('bulk', 'cannot-be-made-with', { dish: dish.name, item: item.name }));
}

/** A dish that takes a raw food from the stores: nothing of it is saved, but it is there, and thawed in time. */
function withPack(
  dish: Dish,
  item: StoreItem | Stock,
  pack: Extract<Contents, { kind: 'pack' }>,
): Outcome<Dish> {
  const food = findFood(pack.food);
  const scaled = asWritten(dish);
  const takes = food && scaled.ingredients.find((i) => i.food?.id === food.id);
  if (!takes?.grams || !pack.isRaw)
    return failure(
      fault('bulk', 'not-made-with', { item: item.name, dish: dish.name, choose: 'pack' }),
    );
  const { ingredient, grams } = takes;
  const made = dishSchema.safeParse({
    ...dish,
    ...madeFrom(item, dish),
    eatBy: safeUntil(item) ?? undefined,
    atMost: Math.floor((2 * dish.servings * item.portions * pack.grams) / grams) / 2,
    name: `${dish.name} (${item.code})`.slice(0, 100),
    summary: `With ${item.name} from the ${item.place}.`,
    ingredients: dish.ingredients.map((i) =>
      i.id === ingredient.id
        ? {
            ...i,
            preparation: `${i.preparation ? `${i.preparation}, ` : ''}${codeWords(item)} from the ${item.place}`,
            fromStore: true,
            packGrams: pack.grams,
            ...(item.place === 'freezer' ? { frozen: true, thaw: true } : {}),
          }
        : i,
    ),
  });
  if (made.success && (made.data.atMost ?? 0) > 0) return success(made.data);
  return failure(fault('bulk', 'too-little-in-stock', { item: item.name, dish: dish.name }));
}

/** What a dish made with stock is called among others. */
function madeFrom({ code }: StoreItem, dish: Dish): Pick<Dish, 'id' | 'ref'> {
  const ref: DishRef = { kind: 'bulk', id: dish.id, code };
  return { id: dishKey(ref), ref };
}

/** So many codes are named; the label on the next bag says the rest. */
const MOST_CODES = 4;

/** @example 'ZAPU, ZAPB …' */
function codeWords(item: StoreItem | Stock): string {
  const codes = 'codes' in item ? item.codes : [item.code];
  return `${codes.slice(0, MOST_CODES).join(', ')}${codes.length > MOST_CODES ? ' …' : ''}`;
}

function bagWords(item: StoreItem | Stock, portions: number, servings: number): string {
  if (!('codes' in item) || item.codes.length === 1) return `${round(portions)} × ${item.code}`;
  const bags = round(portions);
  return `${bags} ${bags === 1 ? 'bag' : 'bags'} for ${servings} (${codeWords(item)})`;
}

const round = (n: number): number => Math.round(n * 10) / 10;

function usedAtAll(dish: Dish, id: string): boolean {
  return dish.stages.some((s) => s.uses.includes(id));
}

/** What waited for a stage that is gone waits for what that stage waited for. */
function relinked(stages: readonly Stage[], gone: ReadonlySet<string>): Stage[] {
  const before = new Map(
    stages.map((s, i) => [s.id, s.after ?? (i > 0 ? [stages[i - 1]?.id ?? ''] : [])]),
  );
  const through = (id: string): string[] =>
    gone.has(id) ? (before.get(id) ?? []).flatMap(through) : [id];
  return stages
    .filter((s) => !gone.has(s.id))
    .map((s) => ({ ...s, after: [...new Set((before.get(s.id) ?? []).flatMap(through))] }));
}

/** The cooked food goes in with the first heat that is left, or is heated by itself at the end. */
function withFood(stages: readonly Stage[], own: string, isHot: boolean, item: StoreItem): Stage[] {
  if (stages.some((s) => s.uses.includes(own))) return [...stages];
  const at = isHot
    ? stages.findIndex((s) => !['prep', 'soak', 'rest', 'finish'].includes(s.kind))
    : -1;
  if (at >= 0) return stages.map((s, i) => (i === at ? { ...s, uses: [...s.uses, own] } : s));
  const last = stages.at(-1);
  const heat: Stage = {
    id: 'heat-bulk',
    kind: 'burner',
    minutes: HEAT_MIN,
    attended: true,
    text: `Heat ${item.name.slice(0, 80)} (${item.code}) with a splash of water, to 74 °C all through (USDA FSIS)`,
    uses: [own],
    after: [],
  };
  if (!last) return [heat];
  return [
    heat,
    ...stages.map((s) => (s === last ? { ...s, after: [...(s.after ?? []), heat.id] } : s)),
  ];
}
