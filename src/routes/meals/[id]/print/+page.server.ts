import { planOf, totalsOf } from '$core/plan';
import { toRunSheet } from '$core/run';
import { mealPlan } from '$lib/server/meal-plan';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const { meal, compiled, schedule, kitchen, serveAt } = await mealPlan(params.id);
  return {
    meal,
    kitchen,
    serveAt,
    totals: totalsOf(compiled.problem, schedule),
    lines: toRunSheet(planOf(compiled, schedule), kitchen, serveAt),
  };
};
