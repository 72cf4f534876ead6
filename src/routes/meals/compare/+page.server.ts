import { outlookOf } from '../../../core/planner';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { planningKitchen } from '$lib/server/learned-store';
import { mealsBehind, mealsById, mealsFrom } from '$lib/server/meal-store';
import { readShelfWish } from '$lib/server/shelf';
import type { PageServerLoad } from './$types';

/** More columns than this can't be read side by side. */
const MOST = 4;
/** Of those behind so many are offered at once. */
const BEHIND = 20;

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const now = currentTime();
  const wish = readShelfWish(url.searchParams, BEHIND);
  const ids = (url.searchParams.get('ids') ?? '').split(',').filter(Boolean).slice(0, MOST);
  const [named, ahead, behind, kitchen] = await Promise.all([
    mealsById(store, ids),
    mealsFrom(store, now + 1),
    mealsBehind(store, now, wish),
    planningKitchen(store),
  ]);
  const chosen = ids.flatMap((id) => named.filter((s) => s.meal.id === id));
  // What is chosen stays among those that can be taken away again.
  const offered = new Map(
    [...[...ahead, ...chosen].map((s) => s.meal), ...behind.items].map((m) => [m.id, m]),
  );
  return {
    kitchen,
    most: MOST,
    meals: [...offered.values()].map(({ id, name, serveAt }) => ({ id, name, serveAt })),
    behind: { ...behind, items: [] },
    find: wish.find,
    variants: chosen.map(({ meal, plan }) => ({
      id: meal.id,
      name: meal.name,
      serveAt: meal.serveAt,
      dishes: Object.fromEntries(
        (plan?.compiled.meanings ?? []).map((m) => [m.entryId, m.dishName]),
      ),
      outlook: plan ? outlookOf(plan.compiled, plan.schedule) : null,
    })),
  };
};
