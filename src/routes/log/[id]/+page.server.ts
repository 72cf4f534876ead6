import { error, fail } from '@sveltejs/kit';
import { codeOf } from '$core/dish';
import { accountOf, eveningNow } from '$core/run';
import { database, type Database } from '$lib/server/database';
import { dishesNamed } from '$lib/server/plannable';
import { readEvening } from '$lib/server/evening-store';
import { readKitchen } from '$lib/server/kitchen-store';
import { isIngredient, stocksOf, stockWith } from '$core/storage';
import { dayKey } from '$core/units';
import { itemsByCode, listBulk, takeOfStock } from '$lib/server/item-store';
import { eveningPhotoId, eveningPhotos, keepFromForm, removePhoto } from '$lib/server/photo-store';
import { pack } from '$lib/server/pack';
import { suggestChanges, VERDICTS, verdictSchema } from '$core/learn';
import { readMeal } from '$lib/server/meal-store';
import { reservedBy } from '$core/storage';
import { dishesById, readDish, saveDish } from '$lib/server/dish-store';
import { readFigures, refreshObservations, setBack } from '$lib/server/learned-store';
import { saveVerdict, verdictsOf, verdictsOn } from '$lib/server/verdict-store';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ params }) => {
  const store = await database();
  const [stored, kitchen] = await Promise.all([readEvening(store, params.id), readKitchen(store)]);
  if (!stored)
    error(404, { message: 'There is no such evening.', remedy: 'Look in the Log for it.' });
  const { evening, events } = stored;
  const now = eveningNow(events, currentTime());
  const { id, mealId, name, serveAt, practice } = evening;
  /** Bags that this evening used, with what is left of each. */
  const codes = new Set(evening.compiled.meanings.flatMap((m) => codeOf(m.ref) ?? []));
  const stock = await listBulk(store);
  /** Food for dishes stands for all bags that were packed alike. */
  const bags = [...(await itemsByCode(store, [...codes])).values()].map((bag) =>
    isIngredient(bag.contents) ? stockWith(bag, stock) : { ...bag, codes: [bag.code] },
  );
  const dishIds = Object.fromEntries(evening.compiled.meanings.map((m) => [m.entryId, m.dishId]));
  const refs = evening.compiled.meanings.map((m) => m.ref);
  const dishes = await dishesNamed(store, refs);
  const meal = (await readMeal(store, mealId))?.meal;
  const written = refs.flatMap((ref) => (ref.kind === 'bulk' ? ref.id : []));
  /** Portions and packs that the meal asked for, as a start for what is taken out. */
  const used = reservedBy(meal ? [meal] : [], stocksOf(stock), await dishesById(store, written));
  const usedOf = (of: readonly string[]): number | undefined =>
    of.flatMap((code) => used.get(code) ?? [])[0];
  const account = accountOf(evening, events, new Map(dishes.map((d) => [d.id, d])), now);
  if (account.isServed) await refreshObservations(store, id, currentTime());
  return {
    bags: bags.map((bag) => ({ ...bag, used: usedOf(bag.codes) ?? bag.portions })),
    dishIds,
    verdicts: Object.fromEntries(
      (await verdictsOf(store, id)).map((v) => [v.entryId, v.verdict] as const),
    ),
    photos: await eveningPhotos(store, id),
    suggestions: await suggestionsFor(store, Object.values(dishIds)),
    kitchen,
    evening: { id, mealId, name, serveAt, isPractice: practice !== undefined },
    account,
  };
};

/** What to change in the dishes of an evening, in words; the change is worked out again when it is taken. */
async function suggestionsFor(store: Database, dishIds: readonly string[]) {
  const figures = await readFigures(store);
  const all = await Promise.all(
    [...new Set(dishIds)].map(async (dishId) => {
      const dish = await readDish(store, dishId);
      if (!dish) return [];
      const said = await verdictsOn(store, dishId);
      return suggestChanges(
        dish,
        said.map((v) => v.verdict),
        figures,
      ).map(({ id, text, because }) => ({ id, dishId, dish: dish.name, text, because }));
    }),
  );
  return all.flat();
}

const pickOf = <T extends string>(form: FormData, key: string, words: readonly T[]): T | null =>
  words.find((w) => w === form.get(key)) ?? null;

export const actions: Actions = {
  /** What the cook says of a dish. */
  verdict: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const again = form.get('again');
    const verdict = verdictSchema.safeParse({
      tenderness: pickOf(form, 'tenderness', VERDICTS.tenderness),
      salt: pickOf(form, 'salt', VERDICTS.salt),
      texture: pickOf(form, 'texture', VERDICTS.texture),
      wait: pickOf(form, 'wait', VERDICTS.wait),
      again: again === null ? null : again === 'yes',
      note: String(form.get('note') ?? ''),
    });
    if (!verdict.success)
      return fail(422, { problem: `Note: ${verdict.error.issues[0]?.message}.` });
    await saveVerdict(store, {
      eveningId: params.id,
      entryId: String(form.get('entry') ?? '').slice(0, 60),
      dishId: String(form.get('dish') ?? '').slice(0, 60),
      at: currentTime(),
      verdict: verdict.data,
    });
    return { judged: true };
  },
  photo: async ({ request, params }) => {
    const form = await request.formData();
    const id = eveningPhotoId(params.id, String(form.get('entry') ?? '').slice(0, 60));
    const problem = await keepFromForm(await database(), id, form, currentTime());
    return problem === null ? { kept: true } : fail(422, { problem });
  },
  removePhoto: async ({ request, params }) => {
    const entry = String((await request.formData()).get('entry') ?? '');
    await removePhoto(await database(), eveningPhotoId(params.id, entry));
  },
  /** Takes a suggestion into the dish's next version. */
  improve: async ({ request }) => {
    const form = await request.formData();
    const store = await database();
    const dishId = String(form.get('dish') ?? '');
    const [dish, said, figures] = await Promise.all([
      readDish(store, dishId),
      verdictsOn(store, dishId),
      readFigures(store),
    ]);
    const verdicts = said.map((v) => v.verdict);
    const chosen = dish
      ? suggestChanges(dish, verdicts, figures).find((s) => s.id === form.get('suggestion'))
      : undefined;
    if (!chosen) return fail(409, { problem: 'This is in the dish already; reload the page.' });
    await saveDish(store, chosen.dish, currentTime(), `${chosen.text}: ${chosen.because}`);
    // It is in the dish now: learned further on top of the old minutes, it would count twice.
    if (chosen.figure !== null) await setBack(store, chosen.figure, currentTime());
    return { improved: chosen.text, dishId };
  },
  /** What is left of a dish, into the fridge or the freezer. */
  leftover: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const [stored, kitchen] = await Promise.all([
      readEvening(store, params.id),
      readKitchen(store),
    ]);
    const meant = stored?.evening.compiled.meanings.find((m) => m.dishId === form.get('dish'));
    const [dish] = meant ? await dishesNamed(store, [meant.ref]) : [];
    if (!dish) return fail(422, { problem: 'This dish is no longer here.' });
    const packed = await pack(
      store,
      {
        dish,
        place: form.get('place') === 'freezer' ? 'freezer' : 'fridge',
        portions: Number(form.get('portions') || Number.NaN),
        packedOn: dayKey(currentTime(), kitchen.zone),
        isRaw: false,
      },
      kitchen,
      currentTime(),
    );
    if (packed.ok) return { packed: packed.value };
    const [problem] = packed.problems;
    return fail(422, { problem: `${problem?.message}; ${problem?.remedy}.` });
  },
  /** Portions of a bag that were eaten. */
  eaten: async ({ request }) => {
    const form = await request.formData();
    const portions = Number(form.get('portions'));
    if (!(portions > 0)) return fail(422, { problem: 'How many portions? More than none.' });
    const move = { what: 'out' as const, note: 'eaten', now: currentTime() };
    const left = await takeOfStock(await database(), String(form.get('id')), portions, move);
    if (left === null)
      return fail(409, { problem: 'There are fewer: somebody has taken some. Look in Freezer.' });
    return { eaten: true };
  },
};
