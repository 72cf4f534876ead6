import { database } from '$lib/server/database';
import { listItems } from '$lib/server/item-store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ items: await listItems(await database()) });
