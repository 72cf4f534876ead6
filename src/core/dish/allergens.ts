/** Which declared allergens a dish holds, and whether that is all that is known of it. */
import { allergensInName, kindOf, type Allergen } from '../food';
import type { ScaledDish, ScaledIngredient } from './scaled';

export interface Allergens {
  /** In the order of the table, each with the ingredients it comes from. */
  contains: { allergen: Allergen; from: string[] }[];
  /** Ingredients, and lines that were not read, of which nothing or not everything is known. */
  unknown: string[];
  /** Whether every ingredient is known: only then is what is not listed not in it. */
  isKnown: boolean;
}

/** What nobody has read of the text may hold anything. */
export function unreadWords({ unread }: Pick<ScaledDish['dish'], 'unread'>): string[] {
  if (unread.length === 0) return [];
  return [
    unread.length === 1
      ? 'a piece of its text that is not read'
      : `${unread.length} pieces of its text that are not read`,
  ];
}

const ANIMAL_ALLERGENS: ReadonlySet<Allergen> = new Set([
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'molluscs',
]);
/** What is made like another food holds what its label says. */
const isImitation = (food: string): boolean => /\b(?:vegan|plant[- ]based)\b/i.test(food);

/** Of what a name tells, and of what the table has of the food it is. */
export function allergensOfIngredient({
  ingredient,
  food,
}: Pick<ScaledIngredient, 'ingredient' | 'food'>): Allergen[] {
  const isFree = /\bgluten[- ]?free\b/i.test(ingredient.food);
  const all = [...(food?.allergens ?? []), ...allergensInName(ingredient.food)];
  return [...new Set(all)].filter(
    (a) =>
      !(isFree && a === 'gluten') && !(isImitation(ingredient.food) && ANIMAL_ALLERGENS.has(a)),
  );
}

/** @source Regulation (EU) No 1169/2011, Annex II, by the foods' kinds; labels come first */
export function allergensOf({ ingredients, dish }: ScaledDish): Allergens {
  const found = new Map<Allergen, string[]>();
  for (const i of ingredients)
    for (const allergen of allergensOfIngredient(i))
      found.set(allergen, [...(found.get(allergen) ?? []), i.ingredient.food]);
  const unknown = [
    ...ingredients
      .filter((i) => i.food === null || i.food.varies || isImitation(i.ingredient.food))
      .map((i) => i.ingredient.food),
    ...unreadWords(dish),
  ];
  return {
    contains: [...found].map(([allergen, from]) => ({ allergen, from })),
    unknown,
    isKnown: ingredients.length > 0 && unknown.length === 0,
  };
}

/** Ingredients that neither the table nor a rule can place: their group is asked for. */
export function unknownFoods({ ingredients }: Pick<ScaledDish, 'ingredients'>): ScaledIngredient[] {
  return ingredients.filter(
    (i) => i.ingredient.group === undefined && kindOf(i.ingredient.food) === null,
  );
}
