import { listEvenings } from '$lib/server/evening-store';
import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  const [evenings, kitchen] = await Promise.all([listEvenings(store), readKitchen(store)]);
  return { evenings, kitchen };
};
