import { fail } from '@sveltejs/kit';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { eveningShelf } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { latenessOf } from '$lib/server/lateness';
import {
  freshFigures,
  readSteady,
  resetFigures,
  saySteady,
  setBack,
} from '$lib/server/learned-store';
import { readShelfWish } from '$lib/server/shelf';
import type { Actions, PageServerLoad } from './$types';

const ON_A_PAGE = 40;
/** Of a figure’s evenings so many are shown; all of them are in the CSV. */
const LATEST = 12;
const latestOf = <T extends { at: number }>(seen: readonly T[]): T[] =>
  seen.toSorted((a, b) => b.at - a.at).slice(0, LATEST);

export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const wish = readShelfWish(url.searchParams, ON_A_PAGE);
  const [shelf, kitchen, figures, reset, steady] = await Promise.all([
    eveningShelf(store, wish),
    readKitchen(store),
    freshFigures(store, currentTime()),
    resetFigures(store),
    readSteady(store),
  ]);
  const late = await latenessOf(
    store,
    shelf.items.map((e) => e.id),
    currentTime(),
  );
  return {
    ...{ shelf, find: wish.find, late, kitchen, reset, steady: Object.keys(steady) },
    figures: figures.map((f) => ({ ...f, evidence: latestOf(f.evidence) })),
    /** In how many evenings each was seen. */
    times: Object.fromEntries(figures.map((f) => [f.id, f.evidence.length])),
  };
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
