/** Remedies of findings, done to the meal they speak of. */
import type { Meal } from '../meal';
import type { Edit } from '../reason';

/**
 * @returns the meal with the remedy taken; null where it is about a dish and not about the meal, or where the entry
 *   it speaks of is no longer there
 */
export function editMeal(meal: Meal, edit: Edit): Meal | null {
  if (edit.kind === 'add-water' || edit.kind === 'open-dish') return null;
  const entry = meal.entries.find((e) => e.id === edit.entry);
  if (!entry) return null;
  if (edit.kind === 'leave-out')
    return {
      ...meal,
      entries: meal.entries.flatMap((e) =>
        e === entry ? [] : [e.over === entry.id ? { ...e, over: null } : e],
      ),
    };
  const changed =
    edit.kind === 'servings'
      ? { ...entry, servings: edit.servings }
      : edit.kind === 'own-cycle'
        ? { ...entry, over: null, alone: true }
        : { ...entry, bags: entry.bags && { ...entry.bags, state: edit.state } };
  return { ...meal, entries: meal.entries.map((e) => (e === entry ? changed : e)) };
}
