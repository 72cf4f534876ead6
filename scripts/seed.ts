/** Fills an empty database with the demo household; leaves one that is in use alone. */
import { openDatabase } from '$lib/server/database';
import { listDishes } from '$lib/server/dish-store';
import { replaceHousehold } from '$lib/server/household-store';
import { listMeals, updateMeal } from '$lib/server/meal-store';
import plan from '$lib/workers/node-plan';
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../src/demo/household';

const database = await openDatabase(process.env.DATABASE_URL);
const isInUse = (await listDishes(database)).length + (await listMeals(database)).length > 0;
if (isInUse) console.log('The database holds a household already; it is left as it is.');
else {
  const now = Date.now();
  const household = householdSchema.parse(demoHousehold(now));
  await replaceHousehold(database, household, now);
  const { kitchen, dishes } = household;
  for (const { meal, revision } of await listMeals(database)) {
    const answer = await plan({ meal, kitchen, dishes, now });
    if (answer.kind !== 'plan') continue;
    const { compiled, schedule } = answer;
    const saved = { format: 'olive-clock/saved-plan@1' as const, compiled, schedule };
    await updateMeal(database, { meal, plan: saved, revision }, now);
  }
  console.log('The demo household is in place.');
}
