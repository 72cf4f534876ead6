/** Fills an empty database with the demo household; leaves one that is in use alone. */
import { openDatabase } from '$lib/server/database';
import { listDishes } from '$lib/server/dish-store';
import { replaceHousehold } from '$lib/server/household-store';
import { listMeals } from '$lib/server/meal-store';
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../src/demo/household';

const database = await openDatabase(process.env.DATABASE_URL);
const isInUse = (await listDishes(database)).length + (await listMeals(database)).length > 0;
if (isInUse) console.log('The database holds a household already; it is left as it is.');
else {
  const now = Date.now();
  await replaceHousehold(database, householdSchema.parse(demoHousehold(now)), now);
  console.log('The demo household is in place.');
}
