import { database } from '$lib/server/database';
import { listItems } from '$lib/server/item-store';
import type { PageServerLoad } from './$types';

/** All labels, or those whose codes are asked for: a batch day's. */
export const load: PageServerLoad = async ({ url }) => {
  const asked = url.searchParams.get('codes')?.split(',').filter(Boolean);
  const items = await listItems(await database());
  return { items: asked ? items.filter((i) => asked.includes(i.code)) : items };
};
