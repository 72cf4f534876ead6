/** Who can't eat what, and the portion that can be kept apart before it goes in. */
import { allergensOf, dietsOf, scaleDish, type Dish } from '../dish';
import type { Eater, Meal } from '../meal';
import type { EffectiveEntry } from './types';
import type { Finding } from '../reason';

/** Ingredients of a dish that somebody does not eat, with why. */
function against(dish: Dish, eater: Eater): { food: string; why: string }[] {
  const scaled = scaleDish(dish, dish.servings);
  const diets = dietsOf(scaled)
    .filter((d) => eater.diets.includes(d.diet) && d.fits === false)
    .flatMap((d) => d.because.map((food) => ({ food, why: d.diet })));
  const allergens = allergensOf(scaled)
    .contains.filter((a) => eater.allergens.includes(a.allergen))
    .flatMap((a) => a.from.map((food) => ({ food, why: `no ${a.allergen}` })));
  return [...diets, ...allergens];
}

/** @returns one note for each dish and person that don't go together, or whose labels decide */
export function looksAtEaters(meal: Meal, entries: readonly EffectiveEntry[]): Finding[] {
  return meal.eaters.flatMap((eater) =>
    entries.flatMap(({ entry, dish }): Finding[] => {
      const found = against(dish, eater);
      if (found.length > 0) {
        const foods = [...new Set(found.map((f) => f.food))];
        return [
          {
            entryId: entry.id,
            severity: 'look',
            text: `${eater.name} can’t eat ${dish.name}: ${foods.join(', ')} (${[...new Set(found.map((f) => f.why))].join(', ')}).`,
            remedy: keepApart(dish, foods),
          },
        ];
      }
      const scaled = scaleDish(dish, dish.servings);
      const unsure = dietsOf(scaled).filter((d) => eater.diets.includes(d.diet) && d.fits === null);
      const allergens = allergensOf(scaled);
      const asks = [
        ...unsure.map((d) => d.diet),
        ...(allergens.isKnown ? [] : eater.allergens.map((a) => `no ${a}`)),
      ];
      if (asks.length === 0) return [];
      const foods = [
        ...new Set([
          ...unsure.flatMap((d) => d.because),
          ...(eater.allergens.length > 0 ? allergens.unknown : []),
        ]),
      ];
      return [
        {
          entryId: entry.id,
          // A label can be read; what nobody knows may be what somebody must not eat.
          severity: allergens.isKnown ? 'info' : 'look',
          text: allergens.isKnown
            ? `For ${eater.name} (${asks.join(', ')}) the label decides in ${dish.name}: ${foods.join(', ')}.`
            : `For ${eater.name} (${asks.join(', ')}) it is not known whether ${dish.name} will do: ${foods.join(', ') || 'it has no ingredients'}.`,
          remedy: allergens.isKnown ? null : 'Say on the dish’s page what is in it.',
        },
      ];
    }),
  );
}

/** Where everything that hinders comes in after the last heat, a portion can be taken out before. */
function keepApart(dish: Dish, foods: readonly string[]): string {
  const ids = new Set(dish.ingredients.filter((i) => foods.includes(i.food)).map((i) => i.id));
  const first = dish.stages.findIndex((s) => s.uses.some((u) => ids.has(u)));
  const stage = dish.stages[first];
  const isLate =
    stage !== undefined &&
    dish.stages.slice(0, first).some((s) => s.kind === 'pressure' || s.kind === 'slow');
  return isLate
    ? `Keep a portion apart before “${stage.text}”.`
    : 'Plan something else for them, or swap it on the dish’s page.';
}
