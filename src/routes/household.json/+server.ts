import { database } from '$lib/server/database';
import { readHousehold } from '$lib/server/household-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () => {
  const household = await readHousehold(await database());
  return new Response(JSON.stringify(household, null, 1), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="olive-clock-household.json"',
    },
  });
};
