import { json } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { virtualReading } from '$lib/server/practice';
import type { RequestHandler } from './$types';

/** What a virtual cooker shows now, see docs/cooker-link.md. */
export const GET: RequestHandler = async ({ params }) => {
  const reading = await virtualReading(await database(), params.id, params.unit);
  return reading
    ? json(reading)
    : json({ message: 'No simulated cooker has its lid on there.' }, { status: 404 });
};
