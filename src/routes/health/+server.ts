import { json } from '@sveltejs/kit';
import { sql } from 'drizzle-orm';
import { database } from '$lib/server/database';
import { log } from '$lib/server/log';
import { diskTrouble } from '$lib/server/trouble';
import type { RequestHandler } from './$types';

/** Whether the server answers and its database does, for whatever watches it: 200 where both do, else 503. */
export const GET: RequestHandler = async () => {
  const headers = { 'cache-control': 'no-store' };
  try {
    const store = await database();
    await store.run(sql`select 1`);
    return json({ status: 'ok', upSeconds: Math.floor(process.uptime()) }, { headers });
  } catch (error) {
    log.error({ error }, 'the database does not answer');
    const message = diskTrouble(error)?.message ?? 'The database does not answer.';
    return json({ status: 'down', message }, { status: 503, headers });
  }
};
