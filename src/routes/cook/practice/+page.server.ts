import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { MISHAPS } from '$core/run';
import { database } from '$lib/server/database';
import { dishesNamed, refsIn } from '$lib/server/plannable';
import { mealPlan } from '$lib/server/meal-plan';
import { readMeal } from '$lib/server/meal-store';
import { makePractice, startPractice } from '$lib/server/practice';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const id = url.searchParams.get('meal') ?? '';
  const stored = await readMeal(await database(), id);
  if (!stored)
    error(404, { message: 'There is no such meal.', remedy: 'Open Cook and choose one.' });
  return { meal: { id: stored.meal.id, name: stored.meal.name } };
};

const wishSchema = z.object({
  meal: z.string().min(1),
  speed: z.coerce
    .number('how fast is a number')
    .min(1, 'as fast as real at least')
    .max(60, 'sixty times as fast at most'),
  mishaps: z.array(z.enum(MISHAPS)),
  hands: z.enum(['me', 'itself']),
});

export const actions: Actions = {
  default: async ({ request }) => {
    const form = await request.formData();
    const wish = wishSchema.safeParse({
      meal: form.get('meal'),
      speed: form.get('speed'),
      mishaps: form.getAll('mishap'),
      hands: form.get('hands'),
    });
    if (!wish.success) return fail(422, { problem: wish.error.issues[0]?.message });
    const { meal, speed, mishaps, hands } = wish.data;
    const store = await database();
    const plan = await mealPlan(meal);
    const dishes = await dishesNamed(store, refsIn([plan.meal]));
    if (plan.schedule.cost === null) return fail(422, { problem: 'This meal has no plan yet.' });
    const evening = makePractice(plan, new Map(dishes.map((d) => [d.id, d])), {
      speed,
      mishaps,
      isByItself: hands === 'itself',
      seed: Math.floor(Math.random() * 2 ** 31),
    });
    if (!evening.ok) return fail(422, { problem: evening.problems[0]?.message });
    await startPractice(store, evening.value, speed);
    redirect(303, `/cook/${evening.value.id}`);
  },
};
