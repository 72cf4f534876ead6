import { database } from '$lib/server/database';
import { listDishes } from '$lib/server/dish-store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ dishes: await listDishes(await database()) });
