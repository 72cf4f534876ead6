import { dayKey } from '$core/units';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { readKitchen } from '$lib/server/kitchen-store';
import { freshFigures } from '$lib/server/learned-store';
import { logCharts } from '$lib/server/log-charts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
  const store = await database();
  await freshFigures(store, currentTime());
  const charts = await logCharts(store, currentTime());
  return { charts, today: dayKey(currentTime(), (await readKitchen(store)).zone) };
};
