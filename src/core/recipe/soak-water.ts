/**
 * “10 cups water, divided”, of which six are for the soak and are poured off: they never see the pot, which would not
 * take all ten.
 */
import { convert, findAmounts, UNITS } from '../units';
import { freshId, type ReadIngredient } from './ingredients';
import type { FoundStage } from './types';

const SOAKS = /\b(?:soak|brine)/i;
/** What stands between an amount and its water. */
const OF_WATER =
  /^\s*(?:of )?(?:the |your )?(?:(?:cold|cool|fresh|tap|filtered|lukewarm|warm|hot) )?water\b/i;

/** How much water a step that soaks takes, in the unit of the list; null where none says. */
function soakedIn(found: readonly FoundStage[], { ingredient }: ReadIngredient): number | null {
  const unit = ingredient.unit ?? 'piece';
  for (const { kind, sentences } of found) {
    const text = sentences.join(' ');
    if (kind !== 'soak' || !SOAKS.test(text)) continue;
    for (const amount of findAmounts(text)) {
      const own = amount.unit;
      if (!own || UNITS[own].kind !== 'volume' || !OF_WATER.test(text.slice(amount.end))) continue;
      const told = convert({ amount: amount.amount, unit: own }, unit);
      if (told.ok) return told.value.amount;
    }
  }
  return null;
}

/**
 * The listed water as two, where a step soaks in a part of it.
 *
 * @param found the stages that were read
 * @returns what goes where; the list itself stays as it was written
 */
export function withSoakWater(
  ingredients: readonly ReadIngredient[],
  found: readonly FoundStage[],
): ReadIngredient[] {
  const taken = new Set(ingredients.map((i) => i.ingredient.id));
  return ingredients.flatMap((own): ReadIngredient[] => {
    const { ingredient, food, line } = own;
    const { amount, unit } = ingredient;
    if (food?.id !== 'water' || !amount || !unit || UNITS[unit].kind !== 'volume') return [own];
    const soak = soakedIn(found, own);
    if (soak === null || soak <= 0 || soak >= amount) return [own];
    const id = freshId('water', taken);
    taken.add(id);
    const rest = Number((amount - soak).toFixed(4));
    return [
      {
        ...own,
        line: { ...line, amount: soak, preparation: 'for soaking' },
        ingredient: { ...ingredient, id, amount: soak, preparation: 'for soaking' },
      },
      { ...own, line: { ...line, amount: rest }, ingredient: { ...ingredient, amount: rest } },
    ];
  });
}
