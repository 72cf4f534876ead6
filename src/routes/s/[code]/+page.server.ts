import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { itemByCode } from '$lib/server/item-store';
import type { PageServerLoad } from './$types';

/** Where a label's code leads. */
export const load: PageServerLoad = async ({ params }) => {
  const item = await itemByCode(await database(), params.code);
  if (!item)
    error(404, {
      message: `No bag has the code ${params.code.slice(0, 8).toUpperCase()}.`,
      remedy: 'Look at the label again, or search by name in Stores.',
    });
  return { item };
};
