import { database } from '$lib/server/database';
import { itemsByCode, listItems } from '$lib/server/item-store';
import type { PageServerLoad } from './$types';

/** Labels made at once: more than anybody prints, and drawn without a wait. */
const MOST_AT_ONCE = 48;

/** How many of a batch day’s bags no freezer has room for. */
const fullOf = (url: URL): number =>
  Math.max(0, Math.trunc(Number(url.searchParams.get('full'))) || 0);

/** The labels whose codes are asked for, a batch day's; else those packed last, so many at a time. */
export const load: PageServerLoad = async ({ url }) => {
  const store = await database();
  const asked = url.searchParams.get('codes')?.split(',').filter(Boolean);
  if (asked) {
    const found = await itemsByCode(store, asked);
    // In the order asked for: a batch day's bags dish by dish.
    const items = [...new Set(asked)]
      .flatMap((code) => found.get(code) ?? [])
      .filter((i) => i.portions > 0);
    return { items, from: 0, of: items.length, atOnce: items.length, full: fullOf(url) };
  }
  const items = (await listItems(store)).sort((a, b) => b.packedOn.localeCompare(a.packedOn));
  const wanted = Math.trunc(Number(url.searchParams.get('from') ?? 0)) || 0;
  // Beyond the end there is the last sheet, whole.
  const lastSheet = Math.floor(Math.max(0, items.length - 1) / MOST_AT_ONCE) * MOST_AT_ONCE;
  const from = Math.min(Math.max(0, wanted), lastSheet);
  return {
    items: items.slice(from, from + MOST_AT_ONCE),
    from,
    of: items.length,
    atOnce: MOST_AT_ONCE,
    full: 0,
  };
};
