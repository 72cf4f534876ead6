/** What a recipe does not say: how heavy, how thick, how long it may wait; taken as usual, or asked. */
import type { Dish } from '../dish';
import { UNITS } from '../units';
import type { ReadIngredient } from './ingredients';
import type { FoundStage, ImportQuestion } from './types';

/** Weight of the heaviest main ingredient as the text gives it, g; null where it gives none. */
export function heaviestGiven(ingredients: readonly ReadIngredient[]): number | null {
  const weighed = ingredients.flatMap(({ ingredient: { role, unit, amount } }) => {
    const { kind, size } = UNITS[unit ?? 'piece'];
    return kind === 'mass' && amount !== null ? [{ role, grams: amount * size }] : [];
  });
  const mains = weighed.filter(({ role }) => role === 'main');
  const grams = (mains.length > 0 ? mains : weighed).map((w) => w.grams);
  return grams.length > 0 ? Math.max(...grams) : null;
}

/** Weight of the heaviest main ingredient, g; null where none has one. */
export function heaviest(ingredients: readonly ReadIngredient[]): number | null {
  const grams = ingredients
    .filter(({ ingredient }) => ingredient.role === 'main')
    .map(({ ingredient, food }) => {
      const unit = UNITS[ingredient.unit ?? 'piece'];
      const amount = ingredient.amount ?? 0;
      if (unit.kind === 'mass') return amount * unit.size;
      return food?.pieceG == null ? 0 : amount * food.pieceG;
    });
  const most = Math.max(0, ...grams);
  return most > 0 ? most : null;
}

/** Time follows thickness: where the text gives no time at pressure, how thick a piece is is worth a question. */
export function askAboutPieces(
  found: readonly FoundStage[],
  ingredients: readonly ReadIngredient[],
  questions: ImportQuestion[],
): void {
  if (!found.some(({ cycle }) => cycle && Number.isNaN(cycle.holdMinutes))) return;
  for (const { ingredient, food } of ingredients) {
    if (ingredient.role !== 'main' || ingredient.pieceMm !== undefined || !food) continue;
    if (food.keep === 'ground-meat' || ingredient.unit === 'slice') continue;
    questions.push({
      id: `${ingredient.id}.mm`,
      about: { kind: 'thickness', ingredient: ingredient.id },
      text: `How thick are the ${/s$/i.test(ingredient.food) ? ingredient.food : `${ingredient.food} pieces`}?`,
      taken: food.pieceMm < 20 ? `${food.pieceMm} mm` : `${food.pieceMm / 10} cm`,
      range: [2, 250],
      unit: 'cm or in',
    });
  }
}

/** How long it may wait: greens and pasta minutes, stews an hour (common practice). */
export function waitOf(
  found: readonly FoundStage[],
  ingredients: readonly ReadIngredient[],
): Dish['wait'] {
  const isFinicky = ingredients.some(
    ({ food }) => food?.id === 'pasta' || food?.group === 'fish' || food?.id === 'risotto-rice',
  );
  const hold = Math.max(0, ...found.map((s) => s.cycle?.holdMinutes ?? 0));
  if (isFinicky) return { maxMinutes: 8, cost: 3 };
  return hold >= 15 ? { maxMinutes: 90, cost: 1 } : { maxMinutes: 30, cost: 1 };
}
