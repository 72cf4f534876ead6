import { fail } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { listEvenings } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { freshFigures, resetFigures, setBack } from '$lib/server/learned-store';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [evenings, kitchen, figures, reset] = await Promise.all([
    listEvenings(store),
    readKitchen(store),
    freshFigures(store, currentTime()),
    resetFigures(store),
  ]);
  return { evenings, kitchen, figures, reset };
};

export const actions: Actions = {
  /** Forgets what evenings up to now taught of one figure; or takes that back. */
  setBack: async ({ request }) => {
    const form = await request.formData();
    const figure = String(form.get('figure') ?? '');
    if (!/^(power|loss|pace|stage|hold|wait)\.[^\n]{1,130}$/.test(figure))
      return fail(422, { problem: 'There is no such figure; reload the page.' });
    await setBack(await database(), figure, form.has('undo') ? null : currentTime());
    return { figure };
  },
};
