/** “White wine 200”, “passata 700”: a number that counts nothing, without its unit. */
import type { Dish } from '../dish';
import type { ReadIngredient } from './ingredients';
import type { ImportQuestion } from './types';

/** Nobody counts so many glasses, and hardly so many of anything else. */
const MOST_POURED = 50;
const MOST_COUNTED = 100;

const isPoured = ({ food }: ReadIngredient): boolean =>
  food?.form === 'thin' || food?.form === 'thick';

const isBare = (read: ReadIngredient): boolean => {
  const { line, ingredient } = read;
  return (
    line.unit === null &&
    line.amount !== null &&
    line.amount >= (isPoured(read) ? MOST_POURED : MOST_COUNTED) &&
    ingredient.unit === 'piece'
  );
};

/** Taken as cooks write it where everything is metric (common practice): ml of what is poured, g of the rest. */
export const withLikelyUnits = (read: readonly ReadIngredient[]): ReadIngredient[] =>
  read.map((i) =>
    isBare(i) ? { ...i, ingredient: { ...i.ingredient, unit: isPoured(i) ? 'ml' : 'g' } } : i,
  );

/** One question for all of them: who leaves out one unit leaves out all. */
export function askAboutUnits(read: readonly ReadIngredient[], questions: ImportQuestion[]): void {
  const bare = read.filter(
    ({ line, ingredient }) =>
      line.unit === null &&
      ingredient.amount === line.amount &&
      (ingredient.unit === 'ml' || ingredient.unit === 'g'),
  );
  if (bare.length === 0) return;
  const told = bare.map((i) => `“${i.line.food} ${i.line.amount}”`);
  const [last = ''] = told.slice(-1);
  questions.push({
    id: 'units',
    about: { kind: 'units', ingredients: bare.map((i) => i.ingredient.id) },
    text: `No unit is told for ${told.length > 1 ? `${told.slice(0, -1).join(', ')} and ${last}` : last}. What is meant?`,
    taken: 'metric',
    range: [0, 0],
    unit: '',
    choices: [
      ['metric', 'g, and ml of what is poured'],
      ['piece', 'so many pieces'],
    ],
  });
}

/** The dish with the units that were chosen; null where the answer is neither of them. */
export function withUnitsChosen(dish: Dish, ids: readonly string[], answer: string): Dish | null {
  if (answer === 'metric') return dish;
  if (answer !== 'piece') return null;
  return {
    ...dish,
    ingredients: dish.ingredients.map((i) => (ids.includes(i.id) ? { ...i, unit: 'piece' } : i)),
  };
}
