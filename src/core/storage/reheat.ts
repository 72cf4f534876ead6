/** What lies in the freezer or fridge as a dish of a meal: heated again, or a bag that is still to cook. */
import { fault } from '../words';
import { FREEZER_C, FRIDGE_C, LONGEST_PRESSURE_MIN, TAP_C } from '../facts';
import { wholeCycle, type CycleInput } from '../cooker';
import {
  dishKey,
  dishSchema,
  KIT_WAYS,
  REHEAT_METHODS,
  scaleDish,
  type BagWay,
  type Dish,
  type DishRef,
  type Ingredient,
  type KitWay,
  type ReheatMethod,
  type ScaledIngredient,
  type Stage,
} from '../dish';
import { centreThrough } from '../doneness';
import type { Cooker, Kitchen } from '../kitchen';
import { failure, success, type Outcome } from '../reason';
import { bagParts } from './bag-contents';
import { kindOfDish } from './keeping-kind';
import { isRaw } from './contents';
import type { StoreItem } from './item';
import { gramsOfItem } from './room';
import { safeUntil } from './use-by';

/** All through, whatever it was (USDA FSIS, Leftovers and Food Safety). */
export const REHEAT_C = 74;
/** Heat that a burner brings into a pot of food, W; a stirred pot takes no more without sticking (estimates). */
const BURNER_W = 750;
/** A covered dish in the oven: heat through its surface, W/(m² K), and its depth, mm (estimates). */
const OVEN = { celsius: 170, surfaceW: 22, depthMm: 50 } as const;
/** Longest that is tried, min. */
const LONGEST_MIN = 180;
/** Thick pieces cooked from frozen take about half as long again (common practice). */
const FROZEN_FACTOR = 1.5;
/** Steam and microwaves heat it frozen; on a burner it burns, in the oven it dries (common practice). */
const FROM_FROZEN: ReadonlySet<ReheatMethod> = new Set(['microwave', 'cooker']);
/**
 * A microwave: what it gives where nobody says, W, and the share that heats the food (estimates); then it stands, so
 * that the heat gets everywhere (USDA FSIS, Cooking Safely in the Microwave Oven).
 */
const MICROWAVE = { watts: 800, share: 0.6, standMin: 2 } as const;
/** Cooked food: its heat thawed and frozen, J/(g K), its water (estimates); to melt a gram of ice, J. */
const FOOD = { heat: 3.7, frozenHeat: 1.9, water: 0.75, melting: 334 } as const;
/** Low pressure is gentle enough for what is cooked already. */
const LEVEL = 'low';

/** The way that suits it: soups and stews on a burner, the rest above water in a cooker. */
export function usualMethod(dish: Dish | null, kitchen: Kitchen): ReheatMethod {
  const isThin = dish !== null && ['soup', 'cooked-pulse'].includes(kindOfDish(dish));
  if (isThin && kitchen.burners > 0) return 'burner';
  if (kitchen.cookers.some((c) => c.levels.includes(LEVEL))) return 'cooker';
  return kitchen.oven ? 'oven' : 'burner';
}

/**
 * A bag as a dish that can be planned with others.
 *
 * @param dish what it was packed from; null where that is gone
 * @returns the dish, or what else to do with it
 */
export function dishFromBag(
  item: StoreItem,
  dish: Dish | null,
  kitchen: Kitchen,
  way: BagWay | null = null,
): Outcome<Dish> {
  const kitWay = KIT_WAYS.find((w) => w === way) ?? null;
  const method = REHEAT_METHODS.find((m) => m === way) ?? null;
  if (isRaw(item.contents)) {
    if (item.contents.kind === 'pack')
      return failure(fault('dish', 'raw-is-no-dish', { item: item.name }));
    if (dish) return success(rawDish(item, dish, kitWay));
    return failure(fault('dish', 'kit-without-dish', { item: item.name }));
  }
  return success(reheated(item, dish, kitchen, method));
}

/** The ways in which a bag can be made ready: heated, or for one that is still to cook, frozen or thawed into the pot. */
export function waysOf({ contents, place }: StoreItem, kitchen: Kitchen): BagWay[] {
  if (!isRaw(contents)) return waysToHeat(kitchen);
  return contents.kind === 'kit' && place === 'freezer' ? [...KIT_WAYS] : [];
}

function reheated(
  item: StoreItem,
  dish: Dish | null,
  kitchen: Kitchen,
  wanted: ReheatMethod | null,
): Dish {
  const usual = usualMethod(dish, kitchen);
  const method = wanted ?? usual;
  const grams = gramsOfItem(item, dish);
  const isFrozen = item.place === 'freezer';
  const isFromFrozen = isFrozen && FROM_FROZEN.has(method);
  const servings = item.portions > 0 ? item.portions : 1;
  const ref: DishRef = { kind: 'bag', code: item.code, method: wanted };
  const bag: Ingredient = {
    id: 'bag',
    food: item.name,
    amount: Math.round(grams * servings),
    unit: 'g',
    preparation: `${item.code}, from the ${item.place}`,
    role: 'main',
    scaling: 'proportional',
    fromStore: true,
    celsius: isFromFrozen ? FREEZER_C : FRIDGE_C,
    ...(isFrozen ? { frozen: true, ...(isFromFrozen ? {} : { thaw: true }) } : {}),
  };
  const isRice = dish !== null && kindOfDish(dish) === 'cooked-rice';
  const check: Stage = {
    id: 'check',
    kind: 'finish',
    minutes: 2,
    inCooker: false,
    text: `Stir or turn; ${REHEAT_C} °C all through by the thermometer${isRice ? '; rice is heated once only, within a day of cooking (UK FSA)' : ''}`,
    uses: [],
  };
  return dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: dishKey(ref),
    ref,
    eatBy: safeUntil(item) ?? undefined,
    name: item.name,
    summary: `From the ${item.place}, packed ${item.packedOn}; ${WORDS[method]}.`,
    servings,
    ingredients: [
      bag,
      ...(method === 'cooker' ? [WATER] : []),
      // What it is made of: for those who can't eat something. Nothing of it is bought or laid out.
      ...(dish?.ingredients ?? []).map((i) => ({
        ...i,
        id: `in-${i.id}`.slice(0, 60),
        amount: null,
        unit: null,
        takes: undefined,
        fromStore: true,
      })),
    ],
    stages: [heating(item, grams * servings, method, isFromFrozen, kitchen), check],
    wait: { maxMinutes: 60, cost: 1 },
    notes: `Heated again to ${REHEAT_C} °C (USDA FSIS); never in a slow cooker.`,
  });
}

const WORDS: Readonly<Record<ReheatMethod, string>> = {
  microwave: 'heated in the microwave',
  cooker: 'heated above water in a cooker',
  burner: 'heated on a burner',
  oven: 'heated in the oven',
};

const WATER: Ingredient = {
  id: 'water',
  food: 'water',
  amount: 250,
  unit: 'ml',
  preparation: '',
  role: 'liquid',
  scaling: 'with-pot',
};

function heating(
  item: StoreItem,
  grams: number,
  method: ReheatMethod,
  isFromFrozen: boolean,
  kitchen: Kitchen,
): Stage {
  const { name } = item;
  const short = name.slice(0, 120);
  const minutes = heatMinutes(item, grams, method, isFromFrozen, kitchen);
  if (method === 'microwave')
    return {
      id: 'heat',
      kind: 'burner',
      appliance: 'microwave',
      minutes,
      attended: false,
      text: `${short} into the microwave, covered, stirred halfway; it stands ${MICROWAVE.standMin} min of that at the end`,
      uses: ['bag'],
    };
  if (method === 'burner')
    return {
      id: 'heat',
      kind: 'burner',
      minutes,
      attended: minutes <= 12,
      text: `Heat ${short} on the burner with a splash of water, stirring now and then`,
      uses: ['bag'],
    };
  if (method === 'oven')
    return {
      id: 'heat',
      kind: 'oven',
      celsius: OVEN.celsius,
      minutes,
      text: `${short} into the oven, covered`,
      uses: ['bag'],
    };
  return {
    id: 'heat',
    kind: 'pressure',
    level: LEVEL,
    holdMinutes: minutes,
    release: { kind: 'timed', minutes: 5 },
    rackMm: 25,
    tools: [],
    text: `Rack in, water below; ${short} in a covered box above it; lid on`,
    uses: ['bag', 'water'],
  };
}

/** Minutes until it is hot through; above water in a cooker, of the hold. */
function heatMinutes(
  item: Pick<StoreItem, 'name' | 'thicknessMm'>,
  grams: number,
  method: ReheatMethod,
  isFromFrozen: boolean,
  kitchen: Kitchen,
): number {
  if (method === 'microwave') {
    const watts = kitchen.appliances.find((a) => a.kind === 'microwave')?.watts ?? null;
    return microwaveMinutes(grams, isFromFrozen, watts);
  }
  if (method === 'burner')
    return Math.max(4, Math.ceil((grams * 3.7 * (REHEAT_C - FRIDGE_C)) / BURNER_W / 60));
  if (method === 'oven') {
    const area = grams / 1000 / (OVEN.depthMm / 1000) / 1050;
    const constant = (grams * 3.7) / (OVEN.surfaceW * 2 * Math.max(0.01, area));
    const seconds = constant * Math.log((OVEN.celsius - FRIDGE_C) / (OVEN.celsius - REHEAT_C));
    return Math.min(LONGEST_MIN, Math.max(15, Math.ceil(seconds / 60)));
  }
  return reheatHold(item, grams, isFromFrozen ? FREEZER_C : FRIDGE_C, kitchen);
}

/**
 * Minutes in a microwave from the fridge or the freezer to hot all through, standing included.
 *
 * @param watts as on its door; null: as is usual
 */
export function microwaveMinutes(grams: number, isFrozen: boolean, watts: number | null): number {
  const melted = isFrozen
    ? FOOD.frozenHeat * -FREEZER_C + FOOD.water * FOOD.melting
    : FOOD.heat * -FRIDGE_C;
  const joules = grams * (melted + FOOD.heat * REHEAT_C);
  const seconds = joules / ((watts ?? MICROWAVE.watts) * MICROWAVE.share);
  return Math.max(2, Math.ceil(seconds / 60)) + MICROWAVE.standMin;
}

/** How long a whole bag takes in each way that the kitchen has, the usual one first. */
export function heatingTimes(
  item: Pick<StoreItem, 'name' | 'thicknessMm' | 'portions' | 'place' | 'contents'>,
  dish: Dish | null,
  kitchen: Kitchen,
): { method: ReheatMethod; minutes: number; isFromFrozen: boolean }[] {
  const usual = usualMethod(dish, kitchen);
  const grams = gramsOfItem(item, dish) * (item.portions > 0 ? item.portions : 1);
  return waysToHeat(kitchen)
    .sort((a, b) => Number(b === usual) - Number(a === usual))
    .map((method) => {
      const isFromFrozen = item.place === 'freezer' && FROM_FROZEN.has(method);
      return {
        method,
        isFromFrozen,
        minutes: heatMinutes(item, grams, method, isFromFrozen, kitchen),
      };
    });
}

/** The ways of heating that a kitchen has. */
export function waysToHeat(kitchen: Kitchen): ReheatMethod[] {
  return REHEAT_METHODS.filter((method) => {
    if (method === 'microwave') return kitchen.appliances.some((a) => a.kind === 'microwave');
    if (method === 'burner') return kitchen.burners > 0;
    if (method === 'oven') return kitchen.oven !== null;
    return kitchen.cookers.some((c) => c.levels.includes(LEVEL));
  });
}

/**
 * The least hold after which the middle of a box is hot through, by conduction.
 *
 * @returns whole minutes at low pressure
 */
export function reheatHold(
  item: Pick<StoreItem, 'name' | 'thicknessMm'>,
  grams: number,
  startC: number,
  kitchen: Kitchen,
): number {
  const [cooker] = kitchen.cookers;
  if (!cooker) return 20;
  const { litres, watts, heat } = cooker;
  const key = JSON.stringify([
    item.name,
    item.thicknessMm,
    Math.round(grams),
    startC,
    litres,
    watts,
    heat,
    kitchen.altitudeM,
  ]);
  let hold = known.get(key);
  if (hold === undefined) {
    hold = workOutHold(item, grams, startC, cooker, kitchen);
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(key, hold);
  }
  return hold;
}

/** Holds worked out before: the stores are read for every meal, and most bags stay as they were. */
const known = new Map<string, number>();
const MOST_KNOWN = 4000;

function workOutHold(
  item: Pick<StoreItem, 'name' | 'thicknessMm'>,
  grams: number,
  startC: number,
  cooker: Cooker,
  kitchen: Kitchen,
): number {
  const input: CycleInput = {
    cooker,
    level: LEVEL,
    altitudeM: kitchen.altitudeM,
    contents: [
      { food: item.name, grams, celsius: startC, ...(startC < 0 ? { frozen: true } : {}) },
      { food: 'water', grams: 250, celsius: TAP_C },
    ],
  };
  const cut = { shape: 'slab' as const, thicknessMm: item.thicknessMm };
  const isHot = (minutes: number): boolean => {
    const cycle = wholeCycle(input, minutes, 5);
    return cycle.ok && centreThrough(cycle.value, item.name, cut, startC).openC >= REHEAT_C;
  };
  let [low, high] = [0, 1];
  while (high < LONGEST_MIN && !isHot(high)) [low, high] = [high, high * 2];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (isHot(middle)) high = middle;
    else low = middle;
  }
  return isHot(low) ? low : high;
}

/** The hold of a bag that goes into the pot frozen, whole minutes. */
export function frozenHold(minutes: number): number {
  return Math.min(LONGEST_PRESSURE_MIN, Math.ceil(minutes * FROZEN_FACTOR));
}

/** Stages that were done before it was packed. */
const DONE_BEFORE = new Set(['prep', 'soak', 'brown', 'loosen']);

/** Pieces as thick are thawed before they are cooked, where nobody says otherwise (common practice), mm. */
const THICK_MM = 60;

/**
 * Whether a frozen bag is thawed before it goes into the pot: as the meal says; else what is cooked slowly always
 * (USDA FSIS: it warms too slowly there), and thick pieces, which would be done outside and raw within.
 */
function isThawed(
  inside: readonly ScaledIngredient[],
  first: Stage | undefined,
  way: KitWay | null,
): boolean {
  if (first?.kind === 'slow') return true;
  if (way !== null) return way === 'thawed';
  return inside.some(
    (i) => i.ingredient.role === 'main' && (i.ingredient.pieceMm ?? 0) >= THICK_MM,
  );
}

/** A bag that is still to cook: its cutting and browning are done, its hold is longer from frozen. */
function rawDish(item: StoreItem, dish: Dish, way: KitWay | null): Dish {
  const first = dish.stages.findIndex((s) => s.kind === 'pressure' || s.kind === 'slow');
  const servings = item.portions > 0 ? item.portions : 1;
  const { inside, withBag } = bagParts(dish, servings);
  const inBag = new Set(inside.map((i) => i.ingredient.id));
  const withIt = withBag.map((i) => i.ingredient.id);
  const kept = dish.stages.filter((s, i) => i >= first || !DONE_BEFORE.has(s.kind));
  const ids = new Set(kept.map((s) => s.id));
  const ref: DishRef = { kind: 'bag', code: item.code, method: way };
  const isFrozen = item.place === 'freezer';
  const isThawedFirst = isFrozen && isThawed(inside, dish.stages[first], way);
  // The bag thaws as one: its heaviest ingredient stands for all that is in it.
  const [heaviest] = inside.toSorted((a, b) => (b.grams ?? 0) - (a.grams ?? 0));
  const bagGrams = inside.reduce((sum, i) => sum + (i.grams ?? 0), 0);
  const asItLies = (id: string): Partial<Ingredient> => {
    if (!isFrozen) return { fromStore: true };
    if (!isThawedFirst) return { fromStore: true, frozen: true, celsius: FREEZER_C };
    if (id !== heaviest?.ingredient.id) return { fromStore: true, celsius: FRIDGE_C };
    const packGrams = Math.min(30_000, Math.max(1, Math.round(bagGrams)));
    return {
      fromStore: true,
      frozen: true,
      thaw: true,
      celsius: FRIDGE_C,
      packGrams,
      bag: item.code,
    };
  };
  return dishSchema.parse({
    ...dish,
    id: dishKey(ref),
    ref,
    eatBy: safeUntil(item) ?? undefined,
    name: item.name,
    summary: `The bag ${item.code}, packed ${item.packedOn}${isFrozen ? (isThawedFirst ? '; thawed first' : '; cooked from frozen') : ''}.`,
    servings,
    ingredients: scaleDish(dish, servings).ingredients.map(({ ingredient, quantity }) => ({
      ...ingredient,
      amount: quantity?.amount ?? null,
      takes: undefined,
      ...(inBag.has(ingredient.id) ? asItLies(ingredient.id) : {}),
    })),
    stages: kept.map((stage, i): Stage => {
      const after = stage.after?.filter((a) => ids.has(a));
      const own: Stage = {
        ...stage,
        ...(i === 0 ? { after: [] } : after ? { after } : {}),
        uses: i === 0 ? [...new Set([...inBag, ...withIt, ...stage.uses])] : stage.uses,
        parts: undefined,
      };
      if (own.kind !== 'pressure') return own;
      const isFirst = stage.id === dish.stages[first]?.id;
      return {
        ...own,
        uses: isFirst ? [...new Set([...inBag, ...withIt, ...own.uses])] : own.uses,
        minutesPerLb: undefined,
        holdMinutes:
          isFirst && isFrozen && !isThawedFirst ? frozenHold(own.holdMinutes) : own.holdMinutes,
        text: isFirst
          ? `The bag ${item.code} into the pot, liquid first; ${own.text}`.slice(0, 400)
          : own.text,
      };
    }),
    products: [],
  });
}
