import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { ADDITIONS } from '$core/planner';
import { sayTried, verdictOn } from '$core/words';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { tryMeal } from '$lib/server/kitchen-trial';
import type { RequestHandler } from './$types';

const askedSchema = z.object({ meal: z.string().min(1), with: z.enum(ADDITIONS) });

/** One meal with one thing more in the kitchen: `?meal=ID&with=middle`. Nothing is kept of it. */
export const GET: RequestHandler = async ({ url }) => {
  const asked = askedSchema.safeParse(Object.fromEntries(url.searchParams));
  if (!asked.success)
    return json({ message: `Give a meal and one of: ${ADDITIONS.join(', ')}.` }, { status: 422 });
  const tried = await tryMeal(await database(), asked.data.meal, asked.data.with, currentTime());
  return tried
    ? json({ changes: sayTried(tried), verdict: verdictOn(tried) })
    : json({ message: 'There is no such meal; it may have been removed.' }, { status: 404 });
};
