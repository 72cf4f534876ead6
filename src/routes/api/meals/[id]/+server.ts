import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { mealSchema } from '$core/meal';
import { database } from '$lib/server/database';
import { readMeal, updateMeal } from '$lib/server/meal-store';
import { savedPlanSchema } from '$core/plan';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

const bodySchema = z.object({
  meal: mealSchema,
  plan: savedPlanSchema.nullable(),
  revision: z.int(),
});

export const PUT: RequestHandler = async ({ request, params }) => {
  const text = await request.text();
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return json(
      { message: 'Not saved: what was sent is not JSON. Reload the page.' },
      { status: 400 },
    );
  }
  const body = bodySchema.safeParse(data);
  if (!body.success) {
    const issue = body.error.issues[0];
    return json(
      { message: `Not saved: ${issue?.path.join('.')}: ${issue?.message}.` },
      { status: 422 },
    );
  }
  if (body.data.meal.id !== params.id)
    return json({ message: 'Not saved: this is another meal’s page. Reload it.' }, { status: 422 });
  const store = await database();
  const revision = await updateMeal(store, body.data, currentTime());
  if (revision !== null) return json({ revision });
  const gone = (await readMeal(store, params.id)) === null;
  return json(
    {
      message: gone
        ? 'Not saved: this meal has been removed in another window.'
        : 'Not saved: this meal was changed in another window. Reload to see that change; what you did here is not stored.',
    },
    { status: 409 },
  );
};
