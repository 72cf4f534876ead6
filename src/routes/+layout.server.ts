import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import type { LayoutServerLoad } from './$types';

/** How this household reads days and times, for the fields of every page. */
export const load: LayoutServerLoad = async () => {
  const { hours, system } = await readKitchen(await database());
  return { conventions: { hours, system, locale: system === 'us' ? 'en-US' : 'en-GB' } as const };
};
