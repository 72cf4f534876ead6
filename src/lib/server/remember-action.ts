/** The form action with which a page tells the household what an unknown food is. */
import { fail } from '@sveltejs/kit';
import { currentTime } from './clock';
import { database } from './database';
import { rememberFood } from './food-memory';

/**
 * Keeps the group for the household, and in every dish that has the food.
 *
 * @param request its form has `food` and `group`
 * @returns that it is remembered, or a refusal (422) in words
 */
export async function rememberAction(request: Request) {
  const form = await request.formData();
  const [food, group] = [String(form.get('food') ?? ''), String(form.get('group') ?? '')];
  const kept = await rememberFood(await database(), food, group, currentTime());
  if (kept.ok) return { remembered: true };
  return fail(422, { problem: `${kept.problems[0]?.message}; ${kept.problems[0]?.remedy}.` });
}
