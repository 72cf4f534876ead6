import { fail } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { listEvenings } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { latenessOf } from '$lib/server/lateness';
import {
  freshFigures,
  readSteady,
  resetFigures,
  saySteady,
  setBack,
} from '$lib/server/learned-store';
import type { Actions, PageServerLoad } from './$types';

/** How they came out is told of the latest; each evening’s own page tells it of any. */
const MOST_RECKONED = 60;

export const load: PageServerLoad = async () => {
  const store = await database();
  const [evenings, kitchen, figures, reset, steady] = await Promise.all([
    listEvenings(store),
    readKitchen(store),
    freshFigures(store, currentTime()),
    resetFigures(store),
    readSteady(store),
  ]);
  const late = await latenessOf(
    store,
    evenings.slice(0, MOST_RECKONED).map((e) => e.id),
    currentTime(),
  );
  return { evenings, late, kitchen, figures, reset, steady: Object.keys(steady) };
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
