/** Who can't eat what, and the portion that can be kept apart before it goes in. */
import { allergensOf, dietsOf, scaleDish, type Dish } from '../dish';
import type { Eater, Meal } from '../meal';
import type { EffectiveEntry } from './types';
import { finding, type Finding } from '../reason';

/** What of a dish somebody does not eat, by diet and by allergen. */
function against(
  dish: Dish,
  eater: Eater,
): { foods: string[]; breaks: string[]; contains: string[] } {
  const scaled = scaleDish(dish, dish.servings);
  const diets = dietsOf(scaled).filter((d) => eater.diets.includes(d.diet) && d.fits === false);
  const allergens = allergensOf(scaled).contains.filter((a) =>
    eater.allergens.includes(a.allergen),
  );
  return {
    foods: [...new Set([...diets.flatMap((d) => d.because), ...allergens.flatMap((a) => a.from)])],
    breaks: diets.map((d) => d.diet),
    contains: allergens.map((a) => a.allergen),
  };
}

/** @returns one note for each dish and person that don't go together, or whose labels decide */
export function looksAtEaters(meal: Meal, entries: readonly EffectiveEntry[]): Finding[] {
  return meal.eaters.flatMap((eater) =>
    entries.flatMap(({ entry, dish }): Finding[] => {
      const who = { eater: eater.name, dish: dish.name };
      const found = against(dish, eater);
      if (found.foods.length > 0) {
        const apartBefore = canKeepApart(dish, found.foods);
        return [finding('eater-cannot', 'look', entry.id, { ...who, ...found, apartBefore })];
      }
      const scaled = scaleDish(dish, dish.servings);
      const unsure = dietsOf(scaled).filter((d) => eater.diets.includes(d.diet) && d.fits === null);
      const allergens = allergensOf(scaled);
      const wants = unsure.map((d) => d.diet);
      const without = allergens.isKnown ? [] : eater.allergens;
      if (wants.length + without.length === 0) return [];
      const unknown = eater.allergens.length > 0 ? allergens.unknown : [];
      const foods = [...new Set([...unsure.flatMap((d) => d.because), ...unknown])];
      const values = { ...who, wants, without: [...without], foods };
      // A label can be read; what nobody knows may be what somebody must not eat.
      return allergens.isKnown
        ? [finding('eater-label', 'info', entry.id, values)]
        : [
            finding('eater-unknown', 'look', entry.id, values, [
              { kind: 'open-dish', dish: dish.id },
            ]),
          ];
    }),
  );
}

/** Where everything that hinders comes in after the last heat, the step before which a portion can be taken out. */
function canKeepApart(dish: Dish, foods: readonly string[]): string | null {
  const ids = new Set(dish.ingredients.filter((i) => foods.includes(i.food)).map((i) => i.id));
  const first = dish.stages.findIndex((s) => s.uses.some((u) => ids.has(u)));
  const stage = dish.stages[first];
  const isLate =
    stage !== undefined &&
    dish.stages.slice(0, first).some((s) => s.kind === 'pressure' || s.kind === 'slow');
  return isLate ? stage.text : null;
}
