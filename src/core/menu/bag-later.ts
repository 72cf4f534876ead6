/** Whether a bag can be cooked as it is packed: room, liquid, minutes and shape, looked at while it is filled. */
import { askCooker, bestSupplied, findStays, roomFor } from '../cycle';
import { scaleDish, type Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { dishFromBag, frozenHold, storeItemSchema, type BagNeeds } from '../storage';
import { bagMeasure } from './bag-size';
import { bagThickness } from './bag-sheet';

type Bags = NonNullable<MealEntry['what']['bags']>;

export interface BagLater {
  /** Minutes under pressure from the freezer, and thawed; null where it is cooked in another way. */
  frozenMin: number | null;
  thawedMin: number | null;
  /** Water that every pot would lack, ml; 0 where the dish has enough. */
  addMl: number;
  /** Servings that the roomiest pot takes of it; null where it needs none, or takes this bag. */
  most: number | null;
  /** Flat, it does not lie down in any pot until it bends. */
  isTooWide: boolean;
  /** The width that a flat bag would have as a square, and the widest pot, mm. */
  acrossMm: number;
}

/** A square of this share of a circle’s width lies in it. */
const SQUARE_IN_CIRCLE = Math.SQRT1_2;
const SOME_DAY = '2026-01-01';

/**
 * @param servings in one bag
 * @returns null for what is cooked already: it is only heated
 */
export function bagLater(
  dish: Dish,
  servings: number,
  bags: Bags,
  kitchen: Kitchen,
): BagLater | null {
  if (bags.state === 'cooked') return null;
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  const item = storeItemSchema.parse({
    id: 'bag',
    code: 'AAAA',
    name: dish.name,
    place: 'fridge',
    contents: { kind: 'kit', dishId: null },
    portions: servings,
    packedOn: SOME_DAY,
    useBy: SOME_DAY,
    why: 'safety',
  });
  const made = dishFromBag(item, dish, kitchen);
  const acrossMm = Math.round(
    Math.sqrt(
      (bagMeasure(dish, bags.state).ml * servings * 1000) /
        bagThickness(bags, dish, servings, kitchen),
    ),
  );
  const widest = Math.max(0, ...kitchen.cookers.map((c) => c.diameterMm));
  return {
    frozenMin: cycle ? frozenHold(cycle.holdMinutes) : null,
    thawedMin: cycle?.holdMinutes ?? null,
    addMl: made.ok ? missingWater(made.value, servings, kitchen) : 0,
    most: made.ok && cycle ? tooMuch(made.value, servings, kitchen) : null,
    isTooWide: bags.shape === 'flat' && cycle !== undefined && acrossMm > widest * SQUARE_IN_CIRCLE,
    acrossMm,
  };
}

/** Water that the best supplied pot would still lack, in a measure a cook has. */
function missingWater(bag: Dish, servings: number, kitchen: Kitchen): number {
  const scaled = scaleDish(bag, servings);
  const stay = findStays(scaled.dish).find((s) => s.stages.some((x) => x.kind === 'pressure'));
  if (!stay) return 0;
  const offers = kitchen.cookers
    .map((c) => askCooker(scaled, stay.stages, c, kitchen))
    .filter((o) => o.refusals.length === 0);
  const needs = bestSupplied(offers).map((o) =>
    Math.max(0, ...[...o.topUps.values()].map((t) => t.ml)),
  );
  return needs.length > 0 ? Math.min(...needs) : 0;
}

/** The most that any pot takes of it, where that is less than the bag. */
function tooMuch(bag: Dish, servings: number, kitchen: Kitchen): number | null {
  const most = Math.max(0, ...roomFor(bag, servings, kitchen).map((r) => r.most));
  return most + 1e-9 >= servings ? null : most;
}

/** What the label of such a bag says beyond its dish. */
export function needsOf(later: BagLater | null, bags: Bags): BagNeeds {
  if (!later) return { addMl: 0, shape: '' };
  const shape =
    later.isTooWide && bags.shape === 'flat'
      ? 'Flat: thaw it until it bends into the pot, or all the way.'
      : '';
  return { addMl: later.addMl, shape };
}
