/** What goes into each bag of a batch day, how it is shaped, and how long it freezes and thaws. */
import { FREEZER_C, FRIDGE_C } from '../facts';
import { compositionOf, mainIngredient, scaleDish, type Dish, type ScaledDish } from '../dish';
import { cookingYield } from '../food';
import type { Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { bagContents, freezesInADay } from '../storage';
import { freezingTime, thawingTime } from '../thermal';
import { formatQuantity, UNITS } from '../units';
import { bagMeasure } from './bag-size';
import { keptBack } from './batch';
import { finding, type Finding } from '../reason';

export interface BagSheet {
  name: string;
  copies: number;
  state: NonNullable<MealEntry['what']['bags']>['state'];
  /** One bag: what meets the pot first comes first. */
  contents: { food: string; amount: string; cut: string }[];
  staysOut: string[];
  /** Made once for all bags and divided: sauces, marinades, spices. Empty where there is one bag. */
  madeOnce: { food: string; amount: string }[];
  /** How long it may lie in its marinade, min; null where it does not. */
  marinade: { least: number; most: number | null } | null;
  gramsEach: number;
  mlEach: number;
  /** What becomes of the main food's weight; null where nothing is cooked before it is packed. */
  yields: string | null;
  /** Cooked in bulk: what one bag is in a dish that asks for the raw food. */
  standsFor: string | null;
  shapes: BagShapeTimes[];
}

export interface BagShapeTimes {
  shape: 'flat' | 'mound';
  thicknessMm: number;
  acrossMm: number | null;
  freezeHours: number | null;
  thawHours: number | null;
}

/** Flat bags dry through fastest; this thick they still stack (common practice), mm. */
export const FLAT_MM = 40;
/** A mound is to drop into the liner, frozen hard: so much narrower than it, mm. */
const MOUND_SPARE_MM = 25;
const USUAL_LINER_MM = 220;
/** Thinner is a flat bag; higher takes days to thaw (common practice), mm. */
const LOWEST_MM = 15;
const HIGHEST_MM = 70;

/** A mound for the smallest liner in which it is not too high, or else for the widest. */
export function moundFor(ml: number, kitchen: Kitchen): { acrossMm: number; heightMm: number } {
  const liners = kitchen.cookers.map((c) => c.diameterMm).sort((a, b) => a - b);
  const mounds = (liners.length > 0 ? liners : [USUAL_LINER_MM]).map((mm) => {
    const acrossMm = mm - MOUND_SPARE_MM;
    const heightMm = (ml * 1000) / ((Math.PI / 4) * acrossMm ** 2);
    return { acrossMm, heightMm: Math.max(LOWEST_MM, Math.round(heightMm)) };
  });
  const widest = mounds.at(-1) as (typeof mounds)[number];
  return mounds.find((m) => m.heightMm <= HIGHEST_MM) ?? widest;
}

/** @param servings in one bag */
export function bagSheet(
  dish: Dish,
  servings: number,
  bags: NonNullable<MealEntry['what']['bags']>,
  kitchen: Kitchen,
): BagSheet {
  const scaled = scaleDish(dish, servings);
  const { order, staysOut } = bagContents(dish);
  const read = (amount: number | undefined, unit: Parameters<typeof formatQuantity>[0]['unit']) =>
    amount === undefined ? '' : formatQuantity({ amount, unit }, kitchen.system);
  const inBag = scaled.ingredients
    .filter((i) => order.includes(i.ingredient.food))
    .sort((a, b) => order.indexOf(a.ingredient.food) - order.indexOf(b.ingredient.food));
  const contents = inBag.map((i) => ({
    food: i.ingredient.food,
    amount: i.quantity ? read(i.quantity.amount, i.quantity.unit) : 'to taste',
    // A cut of meat is named as it is cut: a cheek in chunks is another bag than a whole one.
    cut: i.ingredient.preparation,
  }));
  const isCooked = bags.state === 'cooked';
  const one = bagMeasure(dish, bags.state);
  const [gramsEach, mlEach] = [one.grams * servings, one.ml * servings];
  const soak = dish.stages.find((s) => s.kind === 'soak' && s.maxMinutes !== undefined);
  return {
    name: dish.name,
    copies: bags.copies,
    state: bags.state,
    contents: isCooked ? [] : contents,
    staysOut: isCooked ? keptBack(dish) : staysOut,
    madeOnce:
      bags.copies > 1 && !isCooked
        ? inBag
            .filter(
              (i) => i.quantity && (i.food?.form !== 'solid' || i.ingredient.role === 'seasoning'),
            )
            .map((i) => ({
              food: i.ingredient.food,
              amount: i.quantity ? read(i.quantity.amount * bags.copies, i.quantity.unit) : '',
            }))
        : [],
    marinade: soak?.kind === 'soak' ? { least: soak.minutes, most: soak.maxMinutes ?? null } : null,
    gramsEach,
    mlEach,
    yields: isCooked ? yieldWords(dish, servings * bags.copies, kitchen) : null,
    standsFor: isCooked && dish.bulk ? standsFor(dish, servings, kitchen) : null,
    shapes: shapesOf(scaled, gramsEach, mlEach, isCooked, kitchen),
  };
}

function shapesOf(
  scaled: ScaledDish,
  grams: number,
  ml: number,
  isCooked: boolean,
  kitchen: Kitchen,
): BagShapeTimes[] {
  const mound = moundFor(ml, kitchen);
  const composition = compositionOf(scaled);
  const own = { food: scaled.dish.name, ...(composition ? { composition } : {}) };
  const times = (thicknessMm: number): Pick<BagShapeTimes, 'freezeHours' | 'thawHours'> => {
    const bag = { ...own, shape: 'slab' as const, thicknessMm };
    return {
      freezeHours: freezingTime({ ...bag, fromC: isCooked ? FRIDGE_C : 10, airC: FREEZER_C }).hours,
      thawHours: thawingTime({ ...bag, fromC: FREEZER_C, airC: FRIDGE_C, grams, method: 'air' })
        .hours,
    };
  };
  return [
    { shape: 'flat', thicknessMm: FLAT_MM, acrossMm: null, ...times(FLAT_MM) },
    {
      shape: 'mound',
      thicknessMm: mound.heightMm,
      acrossMm: mound.acrossMm,
      ...times(mound.heightMm),
    },
  ];
}

function yieldWords(dish: Dish, servings: number, kitchen: Kitchen): string | null {
  const main = mainIngredient(scaleDish(dish, servings));
  if (!main?.food || !main.grams) return null;
  const { factor, source } = cookingYield(main.food);
  const read = (grams: number): string =>
    formatQuantity({ amount: grams, unit: 'g' }, kitchen.system);
  return `${read(main.grams)} ${main.ingredient.food} come to about ${read(main.grams * factor)} cooked (${source})`;
}

/** Cooked food is frozen within its days in the fridge. */
const LONGEST_FREEZING_DAYS = 3;

/** A bag in cups, and the raw weight that it stands for: two cups of crumbled meat are a pound raw. */
function standsFor(dish: Dish, servings: number, kitchen: Kitchen): string | null {
  const main = mainIngredient(scaleDish(dish, servings));
  if (!main?.food || !main.grams) return null;
  const { ml } = bagMeasure(dish, 'cooked');
  const cups = formatQuantity({ amount: (ml * servings) / UNITS.cup.size, unit: 'cup' }, 'us');
  const raw = formatQuantity({ amount: main.grams, unit: 'g' }, kitchen.system);
  return `a bag is about ${cups} and stands for ${raw} ${main.ingredient.food}, raw`;
}

/** A freezer takes only so much at once: more of it warms what lies there and freezes slowly. */
export function freezerNotes(
  bags: readonly { dish: Dish; servings: number; copies: number; state: BagSheet['state'] }[],
  kitchen: Kitchen,
): Finding[] {
  const kg = bags.reduce(
    (sum, b) => sum + (bagMeasure(b.dish, b.state).grams * b.servings * b.copies) / 1000,
    0,
  );
  const most = freezesInADay(kitchen);
  if (kg === 0) return [];
  if (most === 0) return [finding('no-freezer', 'look', null, {})];
  if (kg <= most) return [];
  const days = Math.ceil(kg / most);
  return [
    finding('freezer-slow', 'look', null, {
      kg,
      kgADay: most,
      days,
      mostDays: LONGEST_FREEZING_DAYS,
    }),
  ];
}

/** How thick a filled bag is, mm: a flat one as usual, a mound as high as its volume makes it. */
export function bagThickness(
  bags: NonNullable<MealEntry['what']['bags']>,
  dish: Dish,
  servings: number,
  kitchen: Kitchen,
): number {
  if (bags.shape === 'flat') return FLAT_MM;
  const { shapes } = bagSheet(dish, servings, bags, kitchen);
  const mound = shapes.find((s) => s.shape === 'mound')?.thicknessMm ?? FLAT_MM;
  return Math.min(200, Math.max(5, mound));
}
