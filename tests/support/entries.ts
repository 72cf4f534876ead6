/** Entries of meals in one line each, for tests. */
import { changedEntry, newEntry, type MealEntry } from '../../src/core/meal';

/** An entry's matters in one record, and the id of its dish. */
export type WrittenEntry = { dishId: string; id?: string } & Partial<
  MealEntry['what'] & MealEntry['forWhom'] & MealEntry['where'] & MealEntry['when']
>;

/** @returns the entry, under its dish's id unless another is given */
export function entryOf({ dishId, id = dishId, ...written }: WrittenEntry): MealEntry {
  const entry = newEntry(id, dishId);
  const own = (part: object): object =>
    Object.fromEntries(Object.entries(written).filter(([name]) => name in part));
  return changedEntry(entry, {
    what: own(entry.what),
    forWhom: own(entry.forWhom),
    where: own(entry.where),
    when: own(entry.when),
  });
}
