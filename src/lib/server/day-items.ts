/** What belongs to a batch day among everything that lies in freezer and fridge. */

/** What the ids of everything that a batch day packs begin with. */
export const dayPart = (mealId: string): string => `${mealId.slice(0, 20)}.`;

/** Whether an item was labelled for this batch day. */
export const isOfDay = (itemId: string, mealId: string): boolean =>
  itemId.startsWith(dayPart(mealId));
