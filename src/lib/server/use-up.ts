/** One tap from what is due to what is planned: a meal that takes it, or a batch day for a glut. */
import { GLUT_KINDS, glutDish, larderName, type LarderItem } from '$core/lists';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import { failure, success, type Outcome } from '$core/reason';
import { dayKey } from '$core/units';
import { dayAfter, fromFields } from '$lib/client/moments';
import type { Database } from './database';
import { dishIds, listDishes, readDish, saveDish } from './dish-store';
import { readKitchen } from './kitchen-store';
import { listLarder } from './larder-store';
import { createMeal } from './meal-store';

const SUPPER = '18:30';
/** Nothing is on the table sooner, ms. */
const LEAST_AHEAD_MS = 2 * 3_600_000;
const QUARTER_MS = 15 * 60_000;

/** Tomorrow’s supper, or today’s where it is due today; never sooner than in two hours. */
function servingBy(useBy: string | null, now: number, zone: string): string {
  const tomorrow = dayAfter(now, zone);
  const day = useBy !== null && useBy < tomorrow ? dayKey(now, zone) : tomorrow;
  const supper = Date.parse(fromFields(day, SUPPER, zone) ?? new Date(now).toISOString());
  const soonest = Math.ceil((now + LEAST_AHEAD_MS) / QUARTER_MS) * QUARTER_MS;
  return new Date(Math.max(supper, soonest)).toISOString();
}

async function dueItem(database: Database, food: string): Promise<LarderItem | null> {
  const larder = await listLarder(database);
  return larder.find((i) => larderName(i.food) === larderName(food)) ?? null;
}

const gone = (what: string): Outcome<never> =>
  failure({
    field: 'food',
    message: `${what} is no longer here`,
    remedy: 'look at the list again',
  });

/** @returns the id of the new meal, with the dish that takes what is due */
export async function planDish(
  database: Database,
  { food, dishId }: { food: string; dishId: string },
  now: number,
): Promise<Outcome<string>> {
  const [item, dish, { zone }] = await Promise.all([
    dueItem(database, food),
    readDish(database, dishId),
    readKitchen(database),
  ]);
  if (!dish) return gone('this dish');
  const meal = newMeal({
    name: dish.name,
    serveAt: servingBy(item?.useBy ?? null, now, zone),
    zone,
    servings: dish.servings,
    entries: [newEntry('first', dish.id)],
  });
  await createMeal(database, meal, now);
  return success(meal.id);
}

/** @returns the id of the new batch day, on which the glut is cooked and bagged */
export async function planGlut(
  database: Database,
  { food, kind: asked, bags }: { food: string; kind: string; bags: number },
  now: number,
): Promise<Outcome<string>> {
  const [item, taken, { zone }] = await Promise.all([
    dueItem(database, food),
    dishIds(database),
    readKitchen(database),
  ]);
  const kind = GLUT_KINDS.find((k) => k === asked);
  if (!item || !kind) return gone(food);
  let id = `${kind}-${larderName(food).replace(/[^a-z0-9]+/g, '-')}`.slice(0, 50);
  for (let n = 2; taken.has(id); n++) id = `${id.replace(/-\d+$/, '')}-${n}`;
  const fresh = glutDish(item, kind, id);
  if (!fresh) return gone(food);
  // Cooked once already, it is the same dish for another amount.
  const known = (await listDishes(database)).find((d) => d.name === fresh.name && d.bulk);
  if (!known) await saveDish(database, fresh, now);
  const dish = known ?? fresh;
  const [main, of] = [fresh.ingredients[0], dish.ingredients.find((i) => i.role === 'main')];
  const share = main?.amount && of?.amount && of.unit === main.unit ? main.amount / of.amount : 1;
  const each = Math.max(1, Math.round((2 * dish.servings * share) / bags) / 2);
  const meal = newMeal({
    name: dish.name,
    serveAt: servingBy(item.useBy, now, zone),
    zone,
    servings: each,
    batch: true,
    entries: [newEntry('first', dish.id, { what: { bags: cookedBags(bags) } })],
  });
  await createMeal(database, meal, now);
  return success(meal.id);
}

const cookedBags = (copies: number) =>
  ({ copies, state: 'cooked', shape: 'flat', inFridge: 0 }) as const;

function newMeal(
  fields: Pick<Meal, 'name' | 'serveAt' | 'zone' | 'servings' | 'entries'> & { batch?: boolean },
): Meal {
  return mealSchema.parse({ format: 'olive-clock/meal@2', id: crypto.randomUUID(), ...fields });
}
