/** What goes into a bag that is still to cook, and what stays out of it. */
import { scaleDish, type Dish, type ScaledIngredient } from '../dish';

export interface BagParts {
  /** In the order in which they should meet the pot. */
  inside: ScaledIngredient[];
  /** Goes into the pot with the bag: thin liquids, and what freezes badly. */
  withBag: ScaledIngredient[];
  /** Goes in after the first cycle. */
  after: ScaledIngredient[];
}

export interface BagContents {
  /** In the order in which they should meet the pot. */
  order: string[];
  /** Kept out and added when it is cooked or eaten. */
  staysOut: string[];
}

/** Potatoes discolour, dairy curdles, grain drinks the liquid, cheese goes grainy (common practice). */
function freezesBadly(food: ScaledIngredient['food']): boolean {
  return food !== null && (food.id === 'potato' || ['dairy', 'grain'].includes(food.group));
}

/**
 * A dish taken apart for its bag: water and broth are no use in a freezer and are added by the label
 * (common practice), but what soaks or marinates in a liquid is packed in it.
 *
 * @param servings in one bag
 */
export function bagParts(dish: Dish, servings: number): BagParts {
  const scaled = scaleDish(dish, servings);
  const first = dish.stages.findIndex((s) => s.kind === 'pressure' || s.kind === 'slow');
  const until = dish.stages.slice(0, first < 0 ? dish.stages.length : first + 1);
  const before = new Set(until.flatMap((s) => s.uses));
  const soaked = new Set(until.filter((s) => s.kind === 'soak').flatMap((s) => s.uses));
  const isAdded = ({ ingredient, food }: ScaledIngredient): boolean =>
    ingredient.scaling === 'with-pot' ||
    freezesBadly(food) ||
    (food?.form === 'thin' && ingredient.role === 'liquid' && !soaked.has(ingredient.id));
  const rank = ({ food }: ScaledIngredient): number => {
    if (food?.form === 'thin') return 0;
    if (food?.group === 'fat' || food?.group === 'seasoning') return 1;
    return food?.form === 'thick' ? 3 : 2;
  };
  const early = scaled.ingredients.filter((i) => before.has(i.ingredient.id));
  return {
    inside: early.filter((i) => !isAdded(i)).sort((a, b) => rank(a) - rank(b)),
    withBag: early.filter(isAdded),
    after: scaled.ingredients.filter((i) => !before.has(i.ingredient.id)),
  };
}

/** What goes into a bag that is still to cook, first what lies at the bottom of the pot. */
export function bagContents(dish: Dish): BagContents {
  const { inside, withBag, after } = bagParts(dish, dish.servings);
  const name = (i: ScaledIngredient): string => i.ingredient.food;
  return {
    order: inside.map(name),
    // Water is in every house: it is on the label, not among what is kept back.
    staysOut: [...withBag.filter((i) => i.food?.id !== 'water'), ...after].map(name),
  };
}
