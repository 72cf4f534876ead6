import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { dishSchema } from '$core/dish';
import { database } from '$lib/server/database';
import { listDishes, readDish, saveDish } from '$lib/server/dish-store';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const db = await database();
  const dishes = await listDishes(db);
  return {
    kitchen: await readKitchen(db),
    /** Where a hold can be used: every stage under pressure. */
    holds: dishes.flatMap((dish) =>
      dish.stages.flatMap((stage) =>
        stage.kind === 'pressure'
          ? [
              {
                id: `${dish.id}/${stage.id}`,
                dish: dish.name,
                text: stage.text,
                minutes: stage.holdMinutes,
              },
            ]
          : [],
      ),
    ),
  };
};

const wanted = z.object({
  stage: z.string().regex(/^[^/]+\/[^/]+$/, 'choose a stage of a dish'),
  minutes: z.coerce.number('the hold is a number of minutes').int().min(0).max(480),
});

export const actions: Actions = {
  /** Writes a hold into a stage of a dish; says what stood there, so that it can be undone. */
  useHold: async ({ request }) => {
    const parsed = wanted.safeParse(Object.fromEntries(await request.formData()));
    if (!parsed.success)
      return fail(422, { problem: parsed.error.issues[0]?.message ?? 'choose a stage of a dish' });
    const [dishId = '', stageId = ''] = parsed.data.stage.split('/');
    const db = await database();
    const dish = await readDish(db, dishId);
    const stage = dish?.stages.find((s) => s.id === stageId);
    if (!dish || stage?.kind !== 'pressure')
      return fail(404, { problem: 'This dish or stage is no longer there; choose another.' });
    const before = stage.holdMinutes;
    const stages = dish.stages.map((s) =>
      s === stage ? { ...stage, holdMinutes: parsed.data.minutes } : s,
    );
    await saveDish(db, dishSchema.parse({ ...dish, stages }), Date.now());
    return { used: { ...parsed.data, before, dish: dish.name } };
  },
};
