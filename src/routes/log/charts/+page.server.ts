import { dayKey } from '$core/units';
import { sayComeUps, sayFilling, sayHeld, sayLateness } from '$core/words';
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
  return {
    charts,
    titles: {
      comeUps: sayComeUps(charts.comeUps),
      filling: sayFilling(charts.comeUps),
      lateness: sayLateness(charts.evenings.map((e) => e.late)),
      held: sayHeld(charts.freezer.map((f) => f.portions)),
    },
    today: dayKey(currentTime(), (await readKitchen(store)).zone),
  };
};
