/** The made-up household put into a database, with its past evenings and what they teach. */
import { householdSchema, type Household } from '$core/exchange';
import type { Database } from '$lib/server/database';
import { startEvening } from '$lib/server/evening-store';
import { refreshObservations } from '$lib/server/learned-store';
import { demoEvenings } from './evenings';
import { demoHousehold } from './household';

/** @param now ms since the epoch; everything in it lies around this moment */
export function demoAt(now: number): Household {
  return householdSchema.parse(demoHousehold(now));
}

/** Its past evenings, as they were cooked. */
export async function cookDemoEvenings(
  database: Database,
  household: Household,
  now: number,
): Promise<void> {
  for (const { evening, events } of demoEvenings(household, now)) {
    await startEvening(database, evening, evening.serveAt, { first: events });
    await refreshObservations(database, evening.id, now);
  }
}
