/** Who can eat a dish, as far as the kinds of its ingredients say. */
import type { Food } from '../food';
import type { ScaledDish, ScaledIngredient } from './scaled';

export const DIETS = ['vegetarian', 'vegan', 'no pork', 'no gluten', 'no milk', 'no nuts'] as const;
export type Diet = (typeof DIETS)[number];

export interface DietAnswer {
  diet: Diet;
  /** Null: it depends on what is bought, or the food is not known. */
  fits: boolean | null;
  /** The ingredients that decide it; empty where it fits. */
  because: string[];
}

const ANIMAL_FLESH = new Set(['meat', 'poultry', 'fish']);
const ANIMAL_PRODUCT = new Set(['egg', 'dairy']);
/** Made from meat or from vegetables: the label says which. */
const EITHER = new Set(['broth', 'condensed-soup']);
const PORK = /pork|bacon|ham\b|prosciutto|chorizo|lard\b|salami/i;

function isAgainst(diet: Diet, food: Food, name: string): boolean | null {
  const has = (a: Food['allergens'][number]): boolean => food.allergens.includes(a);
  switch (diet) {
    case 'vegetarian':
      if (ANIMAL_FLESH.has(food.group)) return true;
      return EITHER.has(food.id) && !/vegetable/i.test(name) ? null : false;
    case 'vegan':
      if (ANIMAL_FLESH.has(food.group) || ANIMAL_PRODUCT.has(food.group)) return true;
      if (food.id === 'honey' || has('milk') || has('egg')) return true;
      return EITHER.has(food.id) && !/vegetable/i.test(name) ? null : false;
    case 'no pork':
      if (PORK.test(name) || PORK.test(food.id)) return true;
      return food.keep === 'sausage' ? null : false;
    case 'no gluten':
      return has('gluten');
    case 'no milk':
      return has('milk');
    case 'no nuts':
      return has('nuts') || has('peanut');
  }
}

/** @returns one answer for each diet; labels of what is bought come first */
export function dietsOf({ ingredients }: Pick<ScaledDish, 'ingredients'>): DietAnswer[] {
  return DIETS.map((diet) => {
    const against: ScaledIngredient[] = [];
    const unsure: ScaledIngredient[] = [];
    for (const i of ingredients) {
      const answer = i.food ? isAgainst(diet, i.food, i.ingredient.food) : null;
      if (answer === true) against.push(i);
      else if (answer === null) unsure.push(i);
    }
    const names = (list: readonly ScaledIngredient[]): string[] => [
      ...new Set(list.map((i) => i.ingredient.food)),
    ];
    if (against.length > 0) return { diet, fits: false, because: names(against) };
    if (unsure.length > 0) return { diet, fits: null, because: names(unsure) };
    return { diet, fits: true, because: [] };
  });
}
