import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { useAnswer } from '$core/dish';
import { dishOfStart } from '$lib/ui/answers';
import { database } from '$lib/server/database';
import { dishNames, readDish, saveDish } from '$lib/server/dish-store';
import { rememberAction } from '$lib/server/remember-action';
import { readDocument, UNREADABLE } from '$lib/server/form';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ url }) => {
  const db = await database();
  const start = url.searchParams.get('stage');
  const [kitchen, names, dish] = await Promise.all([
    readKitchen(db),
    dishNames(db),
    start ? readDish(db, dishOfStart(start)) : null,
  ]);
  return { kitchen, dish, names: [...names].map(([id, name]) => ({ id, name })) };
};

const mm = z.number('a size is a number of mm').positive().max(600);
const wanted = z.object({
  dishId: z.string(),
  partId: z.string(),
  use: z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('hold'),
      minutes: z.number('the pressure time is a number of minutes'),
    }),
    z.object({ kind: z.literal('level'), level: z.enum(['low', 'high', 'max']) }),
    z.object({
      kind: z.literal('vessel'),
      rackMm: mm.optional(),
      pan: z.object({ diameterMm: mm, heightMm: mm }).optional(),
    }),
    z.object({ kind: z.literal('liquid'), ml: z.number('the liquid is a number of ml') }),
    z.object({ kind: z.literal('thickener'), food: z.string(), grams: z.number() }),
    z.object({ kind: z.literal('note'), text: z.string().max(500) }),
  ]),
});

export const actions: Actions = {
  remember: ({ request }) => rememberAction(request),
  /** Writes an answer into a dish; gives the dish as it was, so that it can be undone. */
  use: async ({ request }) => {
    const parsed = wanted.safeParse(await readDocument(request, 'use'));
    if (!parsed.success)
      return fail(422, { problem: parsed.error.issues[0]?.message ?? UNREADABLE });
    const { dishId, partId, use } = parsed.data;
    const db = await database();
    const before = await readDish(db, dishId);
    if (!before) return fail(404, { problem: 'This dish is no longer there; choose another.' });
    const changed = useAnswer(before, partId, use);
    if (!changed.ok) {
      const { message, remedy } = changed.problems[0] ?? { message: '', remedy: '' };
      return fail(422, { problem: `${message}; ${remedy}.` });
    }
    await saveDish(db, changed.value, currentTime());
    return { before };
  },
};
