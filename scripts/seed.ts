/** Fills an empty database with the demo household; leaves one that is in use alone. */
import { openDatabase } from '$lib/server/database';
import { listDishes } from '$lib/server/dish-store';
import { replaceHousehold } from '$lib/server/household-store';
import { listMeals, updateMeal } from '$lib/server/meal-store';
import plan from '$lib/workers/node-plan';
import { planningKitchen } from '$lib/server/learned-store';
import { cookDemoEvenings, demoAt } from '../src/demo/fill';

const database = await openDatabase(process.env.DATABASE_URL);
const isInUse = (await listDishes(database)).length + (await listMeals(database)).length > 0;
if (isInUse) console.log('The database holds a household already; it is left as it is.');
else {
  const now = Date.now();
  const household = demoAt(now);
  await replaceHousehold(database, household, now);
  await cookDemoEvenings(database, household, now);
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
