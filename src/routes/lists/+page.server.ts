import { fail } from '@sveltejs/kit';
import { larderItemSchema, priceSchema } from '$core/lists';
import { parseAmount } from '$core/units';
import { database } from '$lib/server/database';
import { removeLarderItem, saveLarderItem, savePrice } from '$lib/server/larder-store';
import { listsFor } from '$lib/server/lists';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

export const load: PageServerLoad = ({ url }) =>
  listsFor(url.searchParams.get('meals'), currentTime());

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
