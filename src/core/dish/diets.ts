/** Who can eat a dish, as far as the kinds of its ingredients say. */
import { groupChoice, withoutLikeness, type FoodClass } from '../food';
import { allergensOfIngredient, unreadWords } from './allergens';
import type { ScaledDish, ScaledIngredient } from './scaled';

export const DIETS = ['vegetarian', 'vegan', 'no pork', 'no gluten', 'no milk', 'no nuts'] as const;
export type Diet = (typeof DIETS)[number];

export interface DietAnswer {
  diet: Diet;
  /** Null: it depends on what is bought, or something in it is not known. */
  fits: boolean | null;
  /** The ingredients that decide it; empty where it fits. */
  because: string[];
}

const FLESH: ReadonlySet<FoodClass> = new Set([
  'poultry',
  'ground',
  'whole-cut',
  'game',
  'fish',
  'shellfish',
]);
/** Made from meat or from vegetables: the label says which. */
const EITHER = new Set(['broth', 'condensed-soup']);
const PORK =
  /pork|bacon|\bhams?\b|gammon|prosciutto|pancetta|lardons?|chorizo|\blard\b|salami|pepperoni|crackling/i;
/** Of an animal, whatever it is made into: broth, fat, gelatine, sauce. */
const OF_ANIMALS =
  /\b(?:chicken|beef|veal|pork|lamb|turkey|duck|goose|fish|bone|meat|ham|bacon|oyster|anchovy|shrimp|crab|clam|lobster|worcestershire)\b(?!-?less)|\b(?:lard|dripping|tallow|suet|schmaltz|gelatine?|isinglass|rennet)\b/i;
/** The label says so. */
const GLUTEN_FREE = /\bgluten[- ]?free\b/i;
const PLANT_BASED =
  /\b(?:vegan|plant[- ]based|vegetable|veggie|vegetarian|meatless|meat[- ]free|mock)\b/i;

/** From flesh, egg, milk or plants, as far as it is known. */
function comesFrom({
  ingredient,
  food,
  kind,
}: ScaledIngredient): 'flesh' | 'egg' | 'milk' | 'plant' | null {
  const chosen = ingredient.group ? groupChoice(ingredient.group)?.comesFrom : undefined;
  if (chosen) return chosen === 'unknown' ? null : chosen;
  const name = ingredient.food;
  if (PLANT_BASED.test(name)) return /\bvegetarian\b/i.test(name) ? null : 'plant';
  if (OF_ANIMALS.test(withoutLikeness(name))) return 'flesh';
  if (food?.fromFlesh) return 'flesh';
  if (food && (food.varies || EITHER.has(food.id))) return null;
  if (kind && FLESH.has(kind.class)) return 'flesh';
  if (!food) return null;
  if (food.group === 'meat' || food.group === 'poultry' || food.group === 'fish') return 'flesh';
  if (food.id === 'lard') return 'flesh';
  if (food.group === 'egg' || food.allergens.includes('egg')) return 'egg';
  return food.group === 'dairy' || food.allergens.includes('milk') ? 'milk' : 'plant';
}

function isAgainst(diet: Diet, i: ScaledIngredient): boolean | null {
  const { food, ingredient } = i;
  const allergens = allergensOfIngredient(i);
  switch (diet) {
    case 'vegetarian':
    case 'vegan': {
      const from = comesFrom(i);
      if (from === null) return null;
      if (from === 'flesh') return true;
      if (diet === 'vegetarian') return false;
      return from !== 'plant' || food?.id === 'honey' || /\bhoney\b/i.test(ingredient.food);
    }
    case 'no pork':
      if (PORK.test(ingredient.food) || PORK.test(food?.id ?? '')) return true;
      if (!food) return null;
      return food.keep === 'sausage' || food.varies || EITHER.has(food.id) ? null : false;
    case 'no gluten':
      if (allergens.includes('gluten')) return true;
      if (GLUTEN_FREE.test(ingredient.food)) return false;
      return food && !food.varies ? false : null;
    case 'no milk':
      if (allergens.includes('milk')) return true;
      return food && !food.varies ? false : null;
    case 'no nuts':
      if (allergens.includes('nuts') || allergens.includes('peanut')) return true;
      return food && !food.varies ? false : null;
  }
}

/**
 * @returns one answer for each diet; labels of what is bought come first. A dish without ingredients, or with
 *   lines that nobody has read, fits none of them for certain
 */
export function dietsOf({
  ingredients,
  dish,
}: Pick<ScaledDish, 'ingredients'> & { dish: Pick<ScaledDish['dish'], 'unread'> }): DietAnswer[] {
  const names = (list: readonly ScaledIngredient[]): string[] => [
    ...new Set(list.map((i) => i.ingredient.food)),
  ];
  return DIETS.map((diet) => {
    const answers = ingredients.map((i) => [i, isAgainst(diet, i)] as const);
    const against = answers.filter(([, a]) => a === true).map(([i]) => i);
    if (against.length > 0) return { diet, fits: false, because: names(against) };
    const unsure = [
      ...names(answers.filter(([, a]) => a === null).map(([i]) => i)),
      ...unreadWords(dish),
      ...(ingredients.length === 0 ? ['no ingredient is known'] : []),
    ];
    if (unsure.length > 0) return { diet, fits: null, because: unsure };
    return { diet, fits: true, because: [] };
  });
}
