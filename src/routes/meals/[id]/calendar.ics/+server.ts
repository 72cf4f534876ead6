import { planOf } from '$core/plan';
import { toRunSheet } from '$core/run';
import { toCalendar } from '$lib/server/calendar';
import { mealPlan } from '$lib/server/meal-plan';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const { meal, compiled, schedule, kitchen, serveAt } = await mealPlan(params.id);
  const lines = toRunSheet(planOf(compiled, schedule), kitchen, serveAt);
  return new Response(toCalendar(meal, lines, serveAt, new Date()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="olive-clock.ics"',
    },
  });
};
