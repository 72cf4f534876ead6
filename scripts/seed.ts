/** Fills an empty database with the demo household; leaves one that is in use alone. */
import { openDatabase } from '$lib/server/database';
import { listDishes } from '$lib/server/dish-store';
import { replaceHousehold } from '$lib/server/household-store';
import { listMeals, updateMeal } from '$lib/server/meal-store';
import plan from '$lib/workers/node-plan';
import { householdSchema } from '$core/exchange';
import { startEvening } from '$lib/server/evening-store';
import { planningKitchen, refreshObservations } from '$lib/server/learned-store';
import { demoEvenings } from '../src/demo/evenings';
import { demoHousehold } from '../src/demo/household';

const database = await openDatabase(process.env.DATABASE_URL);
const isInUse = (await listDishes(database)).length + (await listMeals(database)).length > 0;
if (isInUse) console.log('The database holds a household already; it is left as it is.');
else {
  const now = Date.now();
  const household = householdSchema.parse(demoHousehold(now));
  await replaceHousehold(database, household, now);
  for (const { evening, events } of demoEvenings(household, now)) {
    await startEvening(database, evening, evening.serveAt, { first: events });
    await refreshObservations(database, evening.id, now);
  }
  const { dishes } = household;
  const kitchen = await planningKitchen(database);
  for (const { meal, revision } of await listMeals(database)) {
    const answer = await plan({ meal, kitchen, dishes, now });
    if (answer.kind !== 'plan') continue;
    const { compiled, schedule } = answer;
    const saved = { format: 'olive-clock/saved-plan@2' as const, compiled, schedule };
    await updateMeal(database, { meal, plan: saved, revision }, now);
  }
  console.log('The demo household is in place.');
}
