import { fail, redirect } from '@sveltejs/kit';
import { kitchenSchema } from '$core/kitchen';
import { larderItemSchema, priceSchema } from '$core/lists';
import type { Outcome } from '$core/reason';
import { formatQuantity, parseAmount, type Unit } from '$core/units';
import { database } from '$lib/server/database';
import { removeLarderItem, saveLarderItem, savePrice } from '$lib/server/larder-store';
import { readKitchen, saveKitchen } from '$lib/server/kitchen-store';
import { listsFor } from '$lib/server/lists';
import { shopWords } from '$lib/server/shop-words';
import { planDish, planGlut } from '$lib/server/use-up';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = async ({ url }) => {
  const {
    shopping,
    useUp,
    dishes: cooked,
    prices: _,
    ...lists
  } = await listsFor(url.searchParams.get('meals'), currentTime());
  const { system } = lists.kitchen;
  return {
    ...lists,
    shopping: shopWords(shopping, cooked, lists.kitchen),
    useUp: useUp.map(({ item, days, dishes, ways }) => ({
      food: item.food,
      amount: item.amount === null ? '' : formatQuantity(amountOf(item), system),
      days,
      ways,
      dishes: dishes.map(({ id, name, servings, takes, share }) => ({
        id,
        name,
        takes: takesWords(takes ? formatQuantity(takes, system) : null, servings, share),
      })),
    })),
  };
};

const amountOf = (item: { amount: number | null; unit: Unit | null }) => ({
  amount: item.amount ?? 0,
  unit: item.unit ?? ('piece' as const),
});

/** “takes 500 g for 4, half of it” */
function takesWords(takes: string | null, servings: number, share: number | null): string {
  const some = `takes ${takes ?? 'some'} for ${servings}`;
  if (share === null) return some;
  if (share >= 0.95) return `${some}, all of it`;
  if (share >= 0.6) return `${some}, most of it`;
  if (share >= 0.4) return `${some}, half of it`;
  return share >= 0.2 ? `${some}, a part of it` : `${some}, little of it`;
}

/** The new meal's page, or why there is none. */
function opened(planned: Outcome<string>) {
  if (planned.ok) redirect(303, `/meals/${planned.value}`);
  const [problem] = planned.problems;
  return fail(409, { useUpProblem: `${problem?.message}; ${problem?.remedy}.` });
}

export const actions: Actions = {
  /** Something that is in the house, as a line: “500 g yogurt”, or “salt” for enough of it. */
  have: async ({ request }) => {
    const form = await request.formData();
    const line = String(form.get('line') ?? '').trim();
    if (/^[-−]\s*\d/.test(line))
      return fail(422, { line, problem: 'An amount is over 0; write it without the minus.' });
    const { amount, unit, rest } = parseAmount(line);
    const item = larderItemSchema.safeParse({
      food: rest || line,
      amount,
      unit: amount === null ? null : (unit ?? 'piece'),
      useBy: String(form.get('useBy') ?? '') || null,
    });
    if (!item.success) return fail(422, { line, problem: item.error.issues[0]?.message });
    await saveLarderItem(await database(), item.data);
    return { saved: item.data.food };
  },
  gone: async ({ request }) => {
    const food = String((await request.formData()).get('food') ?? '');
    await removeLarderItem(await database(), food);
    return { gone: food };
  },
  /** A meal with a dish that takes what is due. */
  planDish: async ({ request }) => {
    const form = await request.formData();
    const wanted = { food: String(form.get('food')), dishId: String(form.get('dish')) };
    return opened(await planDish(await database(), wanted, currentTime()));
  },
  /** A batch day on which a glut becomes sauce, soup base or compote. */
  planGlut: async ({ request }) => {
    const form = await request.formData();
    const wanted = {
      food: String(form.get('food')),
      kind: String(form.get('kind')),
      bags: Math.max(1, Math.trunc(Number(form.get('bags'))) || 1),
    };
    return opened(await planGlut(await database(), wanted, currentTime()));
  },
  /** What packs leave over when all is cooked is in the house from now on. */
  keepOver: async ({ request, url }) => {
    const keys = new Set((await request.formData()).getAll('key').map(String));
    const store = await database();
    const { shopping } = await listsFor(url.searchParams.get('meals'), currentTime());
    const kept: string[] = [];
    for (const { key, food, overGrams } of shopping.lines) {
      if (!keys.has(key) || overGrams === null) continue;
      const item = larderItemSchema.safeParse({ food, amount: Math.round(overGrams), unit: 'g' });
      if (!item.success) continue;
      await saveLarderItem(store, item.data);
      kept.push(food);
    }
    return { kept };
  },
  /** The shop's own order. */
  aisles: async ({ request }) => {
    const store = await database();
    const aisles = [...new Set((await request.formData()).getAll('aisle').map(String))];
    const kitchen = kitchenSchema.safeParse({ ...(await readKitchen(store)), aisles });
    if (!kitchen.success) return fail(422, { problem: 'This is no order of aisles. Try again.' });
    await saveKitchen(store, kitchen.data);
    return { ordered: true };
  },
  price: async ({ request }) => {
    const form = await request.formData();
    const price = priceSchema.safeParse({
      food: form.get('food'),
      price: Number(String(form.get('price') ?? '').replace(',', '.')),
      per: form.get('per'),
    });
    if (!price.success) return fail(422, { priceProblem: price.error.issues[0]?.message });
    await savePrice(await database(), price.data);
    return { priced: price.data.food };
  },
};
