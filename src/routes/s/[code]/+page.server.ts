import { error, fail } from '@sveltejs/kit';
import { dayKey } from '$core/units';
import { scaleDish, unknownFoods } from '$core/dish';
import { KEEPING } from '$core/food';
import { readDish } from '$lib/server/dish-store';
import { dishIdOf, isRaw, keepsAs, placeOfItem, type StoreItem } from '$core/storage';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import {
  correctItem,
  itemByCode,
  moveItem,
  movesOf,
  putBack,
  takeOut,
} from '$lib/server/item-store';
import { chooseGroup } from '$lib/server/item-group';
import { readKitchen } from '$lib/server/kitchen-store';
import type { Actions, PageServerLoad } from './$types';

/** Where a label's code leads. */
export const load: PageServerLoad = async ({ params }) => {
  const store = await database();
  const [item, kitchen] = await Promise.all([itemByCode(store, params.code), readKitchen(store)]);
  if (!item)
    error(404, {
      message: `No bag has the code ${params.code.slice(0, 8).toUpperCase()}.`,
      remedy: 'Look at the label again, or search by name in Freezer.',
    });
  const keeping = keepsAs(item.keepsAs, item.place);
  const { contents } = item;
  const dishId = dishIdOf(contents);
  const dish = dishId ? await readDish(store, dishId) : null;
  return {
    item,
    /** Foods whose group decides how long it keeps, and that nobody has said. */
    asks:
      item.keepsAs !== 'unknown'
        ? []
        : contents.kind === 'pack'
          ? [contents.food]
          : dish
            ? unknownFoods(scaleDish(dish, dish.servings)).map((i) => i.ingredient.food)
            : [],
    kitchen,
    moves: await movesOf(store, item.id),
    keeping: keepingWords(item, keeping.because),
    place: placeOfItem(item, kitchen.places)?.name ?? item.place,
    places: kitchen.places.filter((p) => p.id !== placeOfItem(item, kitchen.places)?.id),
  };
};

/** The rule that its day goes by, and what counts against it. */
function keepingWords(item: StoreItem, because: readonly string[]): string[] {
  return [
    ...because.map((line) => line),
    ...(item.fridgeDaysBefore > 0 && item.place === 'freezer'
      ? [
          `It stood ${item.fridgeDaysBefore === 1 ? 'a day' : `${item.fridgeDaysBefore} days`} in the fridge before it was frozen: that counts when it is thawed.`,
        ]
      : []),
    ...(item.place === 'freezer' &&
    isRaw(item.contents) &&
    KEEPING[item.keepsAs].fridgeWhy === 'safety'
      ? ['Thawed in the fridge, it is cooked within its days there (USDA FSIS, The Big Thaw).']
      : []),
  ];
}

const GONE = 'There are fewer: somebody has taken some. Look again.';

export const actions: Actions = {
  take: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const item = await itemByCode(store, params.code);
    const portions = Number(form.get('portions'));
    if (!item || !(portions > 0))
      return fail(422, { problem: 'How many portions? More than none.' });
    const what = form.get('what') === 'thrown' ? ('thrown' as const) : ('out' as const);
    const note = String(form.get('note') ?? '').slice(0, 200);
    const left = await takeOut(store, item.id, portions, { what, note, now: currentTime() });
    return left === null ? fail(409, { problem: GONE }) : { taken: portions };
  },
  /** What it is, where nobody knew: its own days count from then on. */
  remember: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const item = await itemByCode(store, params.code);
    if (!item) return fail(404, { problem: GONE });
    const [food, group] = [String(form.get('food') ?? ''), String(form.get('group') ?? '')];
    const chosen = await chooseGroup(store, item, food, group, currentTime());
    if (chosen.ok) return { remembered: true };
    return fail(422, { problem: `${chosen.problems[0]?.message}; ${chosen.problems[0]?.remedy}.` });
  },
  putBack: async ({ request, params }) => {
    const store = await database();
    const item = await itemByCode(store, params.code);
    const portions = Number((await request.formData()).get('portions'));
    if (item && portions > 0) await putBack(store, item.id, portions, currentTime());
  },
  move: async ({ request, params }) => {
    const store = await database();
    const [item, kitchen] = await Promise.all([itemByCode(store, params.code), readKitchen(store)]);
    const wanted = String((await request.formData()).get('to'));
    const place = kitchen.places.find((p) => p.id === wanted);
    if (!item || !place) return fail(422, { problem: 'Choose where it goes.' });
    const moved = await moveItem(
      store,
      item.id,
      { place: place.kind, spot: place.id },
      dayKey(currentTime(), kitchen.zone),
      currentTime(),
    );
    if (moved.ok) return { moved: place.name };
    const [problem] = moved.problems;
    return fail(409, { problem: `${problem?.message}; ${problem?.remedy}.` });
  },
  /** Name, number and day, where they were written down wrongly. */
  correct: async ({ request, params }) => {
    const form = await request.formData();
    const store = await database();
    const item = await itemByCode(store, params.code);
    if (!item) return fail(404, { problem: GONE });
    const text = (name: string): string => String(form.get(name) ?? '');
    const number = (name: string): number => (text(name) === '' ? Number.NaN : Number(text(name)));
    const corrected = await correctItem(
      store,
      item.id,
      {
        name: text('name'),
        portions: number('portions'),
        useBy: text('useBy'),
        was: number('was'),
      },
      currentTime(),
    );
    if (corrected.ok) return { corrected: true };
    return fail(422, {
      errors: Object.fromEntries(
        corrected.problems.map((p) => [p.field, `${p.message}; ${p.remedy}`] as const),
      ),
    });
  },
};
