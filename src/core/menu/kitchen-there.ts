/** The kitchen of one evening: what is taken all the while is not there. */
import type { Kitchen } from '../kitchen';
import type { Meal } from '../meal';

/** A cooker that is taken from so long before the table until then is of no use, min. */
const WHOLE_EVENING_MIN = 300;

/**
 * The household's kitchen without the cookers that are taken for all of the evening; one that a dish was given stays,
 * and all of them where none would be left.
 */
export function kitchenThere(meal: Meal, kitchen: Kitchen): Kitchen {
  const serveAt = Date.parse(meal.serveAt);
  const from = serveAt - WHOLE_EVENING_MIN * 60_000;
  const isTaken = (unit: string): boolean =>
    meal.busy.some(
      (b) => b.unit === unit && Date.parse(b.from) <= from && Date.parse(b.to) >= serveAt,
    );
  const isWanted = (id: string): boolean => meal.entries.some((e) => e.where.cooker === id);
  const cookers = kitchen.cookers.filter((c) => !isTaken(c.id) || isWanted(c.id));
  return cookers.length === 0 || cookers.length === kitchen.cookers.length
    ? kitchen
    : { ...kitchen, cookers };
}
