/** Remedies of findings, done to the meal they speak of. */
import { changedEntry, type EntryChange, type Meal, type MealEntry } from '../meal';
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
        e === entry ? [] : [e.where.over === entry.id ? onItsOwn(e) : e],
      ),
    };
  const changed = changedEntry(entry, changeOf(edit, entry));
  return { ...meal, entries: meal.entries.map((e) => (e === entry ? changed : e)) };
}

const onItsOwn = (entry: MealEntry): MealEntry => changedEntry(entry, { where: { over: null } });

function changeOf(
  edit: Extract<Edit, { kind: 'servings' | 'own-cycle' | 'pack-as' }>,
  { what }: MealEntry,
): EntryChange {
  switch (edit.kind) {
    case 'servings':
      return { forWhom: { servings: edit.servings } };
    case 'own-cycle':
      return { where: { over: null, alone: true } };
    case 'pack-as':
      return { what: { bags: what.bags && { ...what.bags, state: edit.state } } };
  }
}
