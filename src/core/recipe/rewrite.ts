/** An ingredient as one line, and a line that was changed back into the ingredient: nobody fills in nine fields. */
import type { Ingredient } from '../dish';
import { failure, success, type Outcome } from '../reason';
import { toFraction, UNITS } from '../units';
import { freshId, readIngredients } from './ingredients';

/**
 * An ingredient as a recipe would say it, with its amount as it is kept.
 *
 * @example lineOf(lamb) // '950 g lamb shoulder, in 5 cm cubes'
 */
export function lineOf({ amount, unit, food, preparation, frozen }: Ingredient): string {
  const words = [
    amount === null ? '' : exactly(amount),
    amount === null || unit === null ? '' : UNITS[unit][amount > 1 ? 'many' : 'one'],
    frozen && !/\bfrozen\b/i.test(food) ? 'frozen' : '',
    food,
  ];
  return `${words.filter(Boolean).join(' ')}${preparation ? `, ${preparation}` : ''}`;
}

/** A fraction where it is exactly one, else the number. */
export function exactly(amount: number): string {
  const isFraction = [1 / 8, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4].some(
    (f) => Math.abs((amount % 1) - f) < 0.002,
  );
  return isFraction ? toFraction(amount) : String(amount);
}

/**
 * What a changed line makes of an ingredient. Only what differs in the line is changed: the rest of what is known
 * of it (its role, how it scales, where it comes from) stays.
 *
 * @param text as it stands now; where it tells of several foods, those after the first are new
 * @param taken ids of the dish
 * @returns the ingredient first; or what is wrong with the line
 */
export function rewriteIngredient(
  before: Ingredient,
  text: string,
  taken: ReadonlySet<string>,
): Outcome<Ingredient[]> {
  const [now, ...others] = readIngredients([text.trim()]).map((r) => r.ingredient);
  if (!now)
    return failure({
      field: 'ingredient',
      message: 'no food is named in this line',
      remedy: 'write it as a recipe would: 2 leeks, sliced',
    });
  const was = readIngredients([lineOf(before)])[0]?.ingredient;
  const isOther = was?.food !== now.food;
  const after: Ingredient = { ...before };
  if (was?.amount !== now.amount || was?.unit !== now.unit) {
    after.amount = now.amount;
    after.unit = now.unit;
  }
  if (isOther) {
    after.food = now.food;
    after.role = now.role;
    after.scaling = now.scaling;
    // What was said of the other food is not said of this one.
    after.group = undefined;
    after.takes = undefined;
  }
  if (was?.preparation !== now.preparation) after.preparation = now.preparation;
  if (was?.pieceMm !== now.pieceMm) after.pieceMm = now.pieceMm;
  if (was?.frozen !== now.frozen) {
    after.frozen = now.frozen;
    if (!now.frozen) after.thaw = undefined;
  }
  const ids = new Set(taken);
  return success([
    after,
    ...others.map((more) => {
      const id = freshId(more.id, ids);
      ids.add(id);
      return { ...more, id };
    }),
  ]);
}
