import { outlookOf } from '../../../core/planner';
import { database } from '$lib/server/database';
import { planningKitchen } from '$lib/server/learned-store';
import { listMeals } from '$lib/server/meal-store';
import type { PageServerLoad } from './$types';

/** More columns than this can't be read side by side. */
const MOST = 4;

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const [stored, kitchen] = await Promise.all([listMeals(store), planningKitchen(store)]);
  const ids = (url.searchParams.get('ids') ?? '').split(',').filter(Boolean).slice(0, MOST);
  const chosen = ids.flatMap((id) => stored.filter((s) => s.meal.id === id));
  return {
    kitchen,
    most: MOST,
    meals: stored.map(({ meal }) => ({ id: meal.id, name: meal.name, serveAt: meal.serveAt })),
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
