import { fail } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { listEvenings, listOutcomes } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import {
  freshFigures,
  readSteady,
  resetFigures,
  saySteady,
  setBack,
} from '$lib/server/learned-store';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [evenings, outcomes, kitchen, figures, reset, steady] = await Promise.all([
    listEvenings(store),
    listOutcomes(store),
    readKitchen(store),
    freshFigures(store, currentTime()),
    resetFigures(store),
    readSteady(store),
  ]);
  return { evenings, outcomes, kitchen, figures, reset, steady: Object.keys(steady) };
};

/** The figure that a form names; null where there can be none such. */
function figureIn(form: FormData): string | null {
  const figure = String(form.get('figure') ?? '');
  return /^(power|loss|pace|stage|hold|wait)\.[^\n]{1,130}$/.test(figure) ? figure : null;
}
const NO_FIGURE = { problem: 'There is no such figure; reload the page.' };

export const actions: Actions = {
  /** Forgets what evenings up to now, or to the moment given, taught of one figure; or takes that back. */
  setBack: async ({ request }) => {
    const form = await request.formData();
    const figure = figureIn(form);
    if (figure === null) return fail(422, NO_FIGURE);
    const from = form.has('from') ? Number(form.get('from')) : currentTime();
    if (!Number.isFinite(from)) return fail(422, NO_FIGURE);
    await setBack(await database(), figure, form.has('undo') ? null : from);
    return { figure };
  },
  /** Nothing has changed about the pot, the ring or the kitchen: all evenings count; or it is to be asked again. */
  steady: async ({ request }) => {
    const form = await request.formData();
    const figure = figureIn(form);
    if (figure === null) return fail(422, NO_FIGURE);
    await saySteady(await database(), figure, form.has('undo') ? null : currentTime());
    return { figure };
  },
};
