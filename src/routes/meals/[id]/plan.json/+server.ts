import { mealPlan } from '$lib/server/meal-plan';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const { meal, compiled, schedule } = await mealPlan(params.id);
  const body = { format: 'olive-clock/plan@1', meal, problem: compiled.problem, schedule };
  return new Response(JSON.stringify(body, null, 1), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="olive-clock-plan.json"',
    },
  });
};
